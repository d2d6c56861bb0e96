import { rulerTicks, sizeAt } from './rulerTicks';

test('a ruler of 10 cm names each centimetre and has its millimetres where there is room', () => {
  const ticks = rulerTicks({ width: 350, most: 100, whole: 10 });
  expect(ticks.flatMap(({ name }) => name ?? [])).toEqual([
    '0',
    '1',
    '2',
    '3',
    '4',
    '5',
    '6',
    '7',
    '8',
    '9',
    '10',
  ]);
  expect(ticks.at(-1)).toMatchObject({ mm: 100, x: 350 });
  for (let i = 1; i < ticks.length; i += 1) expect(ticks[i]!.x - ticks[i - 1]!.x).toBeGreaterThanOrEqual(5);
});

test('in inches it names whole ones, parted into halves, quarters and so on', () => {
  const ticks = rulerTicks({ width: 350, most: 100, whole: 25.4 });
  expect(ticks.flatMap(({ name }) => name ?? [])).toEqual(['0', '1', '2', '3']);
  const inch = ticks.findIndex(({ name }) => name === '1');
  expect(Math.log2(inch) % 1).toBe(0);
});

test('a long ruler names every so many, and no two names touch', () => {
  const named = rulerTicks({ width: 320, most: 1000, whole: 10 }).filter(({ name }) => name !== undefined);
  expect(named.length).toBeGreaterThan(5);
  for (let i = 1; i < named.length; i += 1) expect(named[i]!.x - named[i - 1]!.x).toBeGreaterThanOrEqual(22);
});

test('the size under a finger is within the ruler, to a millimetre', () => {
  expect(sizeAt(150, { width: 300, most: 100 })).toBe(50);
  expect(sizeAt(-3, { width: 300, most: 100 })).toBe(1);
  expect(sizeAt(400, { width: 300, most: 100 })).toBe(100);
});
