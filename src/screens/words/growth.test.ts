import { formatFor } from '../format/format';
import { sayGrowth } from './growth';

const f = formatFor('Europe/London', 'metric', 'h24', 'en-GB');
const sizes = [
  { day: 0, mm: 25 },
  { day: 4, mm: 27 },
];
const judged = {
  ...{ state: 'stopped' as const, since: 0, times: 1.08, usual: [1.9, 5] as const },
  reasons: [{ code: 'olderFruit' as const, params: {} }],
};

test('says what it did, what is usual, why, and what to do while it is there', () => {
  const growth = { measured: 'length' as const, sizes, band: [], judged };
  expect(sayGrowth(growth, { onPlant: true }, f)).toEqual([
    'It has stopped growing: 2.7 cm on day 4, 1.1 times as long as on day 0; 1.9 to 5 times is usual.',
    'Older fruit swells on the same plant and takes from it.',
    'Most that stop so early drop: look at its flower end and its stalk, and do not count on it.',
  ]);
  expect(sayGrowth(growth, { onPlant: false }, f)).toHaveLength(2);
});

test('one size says how large it is, in inches where the grower measures in those', () => {
  const once = { measured: 'across' as const, sizes: [{ day: 3, mm: 51 }], band: [] };
  const inches = formatFor('Europe/London', 'imperial', 'h24', 'en-GB');
  expect(sayGrowth(once, { onPlant: true }, inches)).toEqual([
    '2 in across on day 3. Measured once more, it shows how it grows.',
  ]);
});
