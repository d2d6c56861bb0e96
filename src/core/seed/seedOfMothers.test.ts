import { extracted, growSeedFruit } from '@testing/seedFruit';
import { begin } from '@testing/yard';
import { seedLot } from './seedLot';
import { seedOfMothers } from './seedOfMothers';

test('a plant with seed in two lots is one mother; of a stand each fruit is of another', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['A', 'B'] }]);
  phone.say('2026-06-01T09:00:00Z', {
    kind: 'plants.set',
    body: { bed: 'bed-v', row: 1, variety: 'v', plants: [{ plant: 'S', place: 9, count: 20 }] },
  });
  const fruits = [
    ['f1', 'A'],
    ['f2', 'A'],
    ['f3', 'S'],
    ['f4', 'S'],
  ] as const;
  for (const [bloom, plant] of fruits)
    growSeedFruit(phone, { bloom, plant, fathers: ['B'], day: '2026-07-19', picked: '2026-09-20' });
  const take = (lot: string, ...blooms: string[]): void =>
    void phone.say(
      '2026-10-20T09:00:00Z',
      extracted(
        lot,
        '2026-10-20',
        blooms.map((bloom) => ({ bloom })),
      ),
      { kind: 'lot.measured', body: { lot, day: '2026-10-21', seeds: 60 } },
    );
  take('one', 'f1', 'f3');
  take('other', 'f2', 'f4');
  const of = (lot: string) => {
    const seed = seedOfMothers(phone.journal, seedLot(phone.journal, phone.journal.all('lot').get(lot)!)!);
    return seed && { seeds: seed.seeds, mothers: [...seed.mothers].sort() };
  };
  expect(of('one')).toEqual({
    seeds: 60,
    mothers: [
      ['A', 0.5],
      ['S f3', 0.5],
    ],
  });
  expect(of('other')?.mothers).toEqual([
    ['A', 0.5],
    ['S f4', 0.5],
  ]);
  phone.say('2026-10-22T09:00:00Z', {
    kind: 'lot.used',
    body: { lot: 'one', day: '2026-10-22', how: 'given', seeds: 60 },
  });
  expect(of('one')).toBeUndefined();
});
