import { cornersInARow, freeBedNames, freeCorner } from './bedRows';

const FOUR = Array.from({ length: 4 }, () => ({ length: 10, width: 1.2 }));

test('four beds of ten metres side by side, with paths of half a metre', () => {
  const corners = cornersInARow(FOUR, { path: 0.5, arrangement: 'sideBySide', from: { x: 1, y: 1 } });
  expect(corners).toEqual([
    { x: 1, y: 1 },
    { x: 1, y: 2.7 },
    { x: 1, y: 4.4 },
    { x: 1, y: 6.1 },
  ]);
});

test('one behind the other they lie along their rows, each after the length of the last', () => {
  const beds = [
    { length: 3, width: 1 },
    { length: 5, width: 1 },
    { length: 1, width: 1 },
  ];
  const corners = cornersInARow(beds, { path: 1, arrangement: 'endToEnd', from: { x: 0, y: 2 } });
  expect(corners).toEqual([
    { x: 0, y: 2 },
    { x: 4, y: 2 },
    { x: 10, y: 2 },
  ]);
});

test('new beds lie beyond those there are, and have names that are free', () => {
  const bed = { x: 1, y: 2, length: 4, width: 1.5, rows: 1, turn: 0 };
  expect(freeCorner([bed], 0.5)).toEqual({ x: 1, y: 4 });
  expect(freeCorner([], 0.5)).toEqual({ x: 1, y: 1 });
  expect(freeBedNames(['a', 'C'], 3)).toEqual(['B', 'D', 'E']);
  const many = freeBedNames(['1'], 40);
  expect(new Set(many).size).toBe(40);
  expect(many).not.toContain('1');
});
