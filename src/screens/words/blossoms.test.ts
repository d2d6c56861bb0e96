import type { BlossomSeason } from '@/core/blossoms/blossomSeason';
import type { VarietyBlossoms } from '@/core/blossoms/surplus';
import { formatFor } from '../format/format';
import { sayBlossoms, sayBlossomSeason, sayPrice, saySold } from './blossoms';

const f = formatFor('Europe/London', 'metric', 'h24', 'en-GB');

const view = (more: Partial<VarietyBlossoms>, males: readonly number[] = [3, 1]): VarietyBlossoms => ({
  ...{
    variety: {} as VarietyBlossoms['variety'],
    needed: 0,
    forUncounted: 0,
    surplus: 4,
    unseen: 0,
    suspect: 0,
  },
  plants: males.map((each) => ({ plant: {} as never, males: each, pick: each })),
  ...more,
});

test('how many there are, can be picked and stay, and why', () => {
  expect(sayBlossoms(view({}), f)).toBe('4 males: 4 can be picked.');
  expect(sayBlossoms(view({ needed: 1, surplus: 3 }), f)).toBe(
    '4 males: 3 can be picked, 1 stays for pollen.',
  );
  expect(sayBlossoms(view({ needed: 6, forUncounted: 2, surplus: 0, unseen: 1, suspect: 1 }), f)).toBe(
    '4 males: 0 can be picked, 4 stay for pollen, 2 of these for females that nobody has counted. 6 are wanted for pollen. Nobody has looked at 1 plant of it: nothing is picked there. 1 plant that may be diseased is left out.',
  );
  expect(sayBlossoms(view({ surplus: 0, unseen: 3 }, []), f)).toBe(
    'No male to pick. Nobody has looked at 3 plants of it: nothing is picked there.',
  );
});

test('what they come to, as the grower writes money', () => {
  const price = { piece: 0.5, inCase: 12, case: 5, currency: '€' };
  expect(sayPrice(price, f)).toBe('0.5 € each, 5 € for a case of 12');
  expect(sayPrice({ piece: 2, currency: '' }, f)).toBe('2 each');
  expect(saySold({ cases: 2, pieces: 3, money: 11.5, unpriced: 0 }, price, f)).toBe(
    '2 cases of 12 and 3 pieces: 11.5 €',
  );
  expect(saySold({ cases: 1, pieces: 3, money: 5, unpriced: 3 }, price, f)).toBe(
    '1 case of 12 and 3 pieces: 5 €, 3 without a price',
  );
  expect(saySold({ cases: 0, pieces: 3, money: 0, unpriced: 3 }, { currency: '' }, f)).toBe(
    '3 pieces: no price yet',
  );
});

test('what a season brought', () => {
  const season: BlossomSeason = { picks: [], eaten: 3, sold: 18, money: new Map([['€', 6]]), unpriced: 2 };
  expect(sayBlossomSeason(season, f)).toBe('3 eaten, 18 sold for 6 €, 2 of them without a price.');
  expect(sayBlossomSeason({ ...season, sold: 0, unpriced: 0 }, f)).toBe('3 eaten.');
  expect(sayBlossomSeason({ ...season, eaten: 0, money: new Map() }, f)).toBe(
    '18 sold, 2 of them without a price.',
  );
});
