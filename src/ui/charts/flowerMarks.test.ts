import fc from 'fast-check';
import { flowerMarksGeometry, type MarkRow } from './flowerMarks';

const rows = fc.array(
  fc.record({
    name: fc.string(),
    days: fc.array(
      fc.record({
        day: fc.integer({ min: 0, max: 59 }),
        counts: fc.array(fc.integer({ min: 0, max: 40 }), { minLength: 4, maxLength: 4 }),
      }),
      { maxLength: 20 },
    ),
  }),
  { minLength: 1, maxLength: 6 },
);

test('every flower is drawn within the picture and within its row, whatever their number', () => {
  fc.assert(
    fc.property(rows, fc.integer({ min: 260, max: 900 }), (of, width) => {
      const { height, rows: drawn } = flowerMarksGeometry(of, 60, width);
      for (const { marks, nameY, base } of drawn)
        for (const mark of marks) {
          expect(mark.x).toBeGreaterThanOrEqual(0);
          expect(mark.x + mark.width).toBeLessThanOrEqual(width);
          expect(mark.y).toBeGreaterThanOrEqual(nameY);
          expect(mark.y + mark.height).toBeLessThanOrEqual(base + 0.01);
          expect(base).toBeLessThanOrEqual(height);
        }
    }),
  );
});

test('few flowers are a mark each; of many the marks of one kind become one', () => {
  const of = (count: number): MarkRow[] => [{ name: 'a', days: [{ day: 0, counts: [count, 1, 0, 0] }] }];
  expect(flowerMarksGeometry(of(3), 10, 350).rows[0]!.marks).toHaveLength(4);
  expect(flowerMarksGeometry(of(300), 10, 350).rows[0]!.marks).toHaveLength(2);
});
