import fc from 'fast-check';
import { begin, type Phone } from '@testing/yard';
import type { BlossomPrice } from '../journal/kinds/blossom';
import { blossomMoney } from './blossomMoney';
import { blossomSeason } from './blossomSeason';

const BOTH: BlossomPrice = { piece: 0.5, inCase: 12, case: 5, currency: '€' };

test('in full cases, the rest by the piece', () => {
  expect(blossomMoney(27, BOTH)).toEqual({ cases: 2, pieces: 3, money: 11.5, unpriced: 0 });
  expect(blossomMoney(24, BOTH)).toEqual({ cases: 2, pieces: 0, money: 10, unpriced: 0 });
  expect(blossomMoney(27, { piece: 0.1, currency: '' })).toEqual({
    cases: 0,
    pieces: 27,
    money: 2.7,
    unpriced: 0,
  });
  // What is left of cases has no price where none is told for one.
  expect(blossomMoney(27, { inCase: 12, case: 5, currency: '' })).toEqual({
    ...{ cases: 2, pieces: 3, money: 10, unpriced: 3 },
  });
  expect(blossomMoney(5)).toEqual({ cases: 0, pieces: 5, money: 0, unpriced: 5 });
  expect(blossomMoney(0, BOTH)).toEqual({ cases: 0, pieces: 0, money: 0, unpriced: 0 });
});

test('cases and pieces are all there is, and the money is right to the cent', () => {
  const cents = fc.nat(999);
  fc.assert(
    fc.property(
      fc.nat(5000),
      cents,
      fc.integer({ min: 2, max: 99 }),
      cents,
      (count, piece, inCase, ofCase) => {
        const { cases, pieces, money } = blossomMoney(count, {
          ...{ piece: piece / 100, inCase, case: ofCase / 100 },
        });
        expect(cases * inCase + pieces).toBe(count);
        expect(pieces).toBeLessThan(inCase);
        expect(Math.round(money * 100)).toBe(cases * ofCase + pieces * piece);
      },
    ),
  );
});

test('what was sold counts at the price of its day, whatever it is now', () => {
  const phone: Phone = begin([{ variety: 'v', crop: 'pepo', purpose: 'eat', plants: ['p'] }]);
  const pick = (id: string, day: string, count: number, price?: BlossomPrice): unknown =>
    phone.say(`${day}T05:00:00Z`, {
      kind: 'blossoms.picked',
      body: {
        ...{
          pick: id,
          day,
          use: id === 'own' ? 'eat' : 'sell',
          of: [{ plant: 'p', count }],
          unsprayed: true,
        },
        ...(price && { price }),
      },
    });
  pick('one', '2026-07-10', 12, BOTH);
  pick('two', '2026-07-11', 4, { piece: 0.25, currency: '€' });
  pick('own', '2026-07-12', 3);
  pick('free', '2026-07-13', 2);
  pick('before', '2025-07-13', 90, BOTH);
  phone.say('2026-07-14T05:00:00Z', { kind: 'blossoms.priced', body: { piece: 9, currency: '€' } });
  const season = blossomSeason(phone.journal, {
    season: 's',
    name: '2026',
    from: '2026-01-01',
    to: '2026-12-31',
  });
  expect(season).toMatchObject({ eaten: 3, sold: 18, unpriced: 2 });
  expect([...season.money]).toEqual([['€', 6]]);
  expect(season.picks.map(({ pick: id }) => id)).toEqual(['free', 'own', 'two', 'one']);
});
