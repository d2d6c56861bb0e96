import { growthGeometry } from './growth';

const BAND = [
  { day: 2, low: 40, high: 40 },
  { day: 5, low: 60, high: 110 },
  { day: 8, low: 80, high: 170 },
];

test('sizes lie within the picture, larger ones higher, later days further right', () => {
  const points = [
    { day: 2, mm: 40 },
    { day: 5, mm: 200 },
  ];
  const { points: drawn, base, left, right, sizes, days } = growthGeometry(points, BAND, 350, 10);
  expect(drawn[1]!.y).toBeLessThan(drawn[0]!.y);
  for (const { x, y } of drawn) {
    expect(x).toBeGreaterThanOrEqual(left);
    expect(x).toBeLessThanOrEqual(right);
    expect(y).toBeGreaterThanOrEqual(0);
    expect(y).toBeLessThanOrEqual(base);
  }
  expect(sizes.every(({ mm }) => mm % 10 === 0)).toBe(true);
  expect(days.every(({ day }) => Number.isInteger(day))).toBe(true);
});

test('in inches the sizes named are whole ones, or parts of one', () => {
  const { sizes } = growthGeometry([], BAND, 350, 25.4);
  expect(sizes.length).toBeGreaterThan(2);
  for (const { mm } of sizes)
    expect(Math.abs((mm / 25.4) * 2 - Math.round((mm / 25.4) * 2))).toBeLessThan(1e-9);
});
