import fc from 'fast-check';
import { begin, type Phone } from '@testing/yard';
import type { BudCount } from '../journal/kinds/walk';
import { addDays } from '../time/calendar';
import { spread, surplusBlossoms } from './surplus';

const DAY = '2026-07-19';
const EVENING = '2026-07-18T18:00:00Z';
const DAWN = '2026-07-19T04:30:00Z';

const garden = (): Phone =>
  begin([
    { variety: 'eat', crop: 'pepo', purpose: 'eat', plants: ['a', 'b', 'c'] },
    { variety: 'keep', crop: 'maxima', plants: ['k', 'l'] },
    { variety: 'melon', crop: 'melon', purpose: 'eat', plants: ['m'] },
  ]);
const counted = (phone: Phone, plant: string, open: BudCount): unknown =>
  phone.say(DAWN, { kind: 'counted', body: { plant, day: DAY, open } });
const scouted = (phone: Phone, plant: string, eve: BudCount): unknown =>
  phone.say(EVENING, { kind: 'scouted', body: { plant, day: DAY, eve, green: { female: 0, male: 0 } } });
const covered = (phone: Phone, plant: string, females: number, males: number): unknown =>
  phone.say(EVENING, {
    kind: 'covered',
    body: {
      ...({ plant, day: DAY, method: 'tape' } as const),
      blooms: [
        ...Array.from({ length: females }, (_, i) => ({
          bloom: `${plant}f${i}`,
          sex: 'female' as const,
          code: `K${plant}${i}`,
        })),
        ...Array.from({ length: males }, (_, i) => ({
          bloom: `${plant}m${i}`,
          sex: 'male' as const,
          code: '',
        })),
      ],
    },
  });
const of = (phone: Phone, variety: string) =>
  surplusBlossoms(phone.journal, DAY).find((each) => each.variety.variety === variety)!;
const picks = (phone: Phone, variety: string): string[] =>
  of(phone, variety).plants.map(({ plant, pick, males }) => `${plant.plant} ${pick}/${males}`);

test('only of crops whose blossoms are eaten, and nothing of plants nobody looked at', () => {
  const phone = garden();
  expect(surplusBlossoms(phone.journal, DAY).map(({ variety }) => variety.variety)).toEqual(['eat', 'keep']);
  expect(of(phone, 'eat')).toMatchObject({ surplus: 0, plants: [], unseen: 3 });
  expect(surplusBlossoms(begin([]).journal, DAY)).toEqual([]);
});

// Two males a female to eat, three for seed (our defaults among the schools).
test('after two males for each female, from as many plants as can be', () => {
  const phone = garden();
  counted(phone, 'a', { female: 1, male: 4 });
  counted(phone, 'b', { female: 1, male: 3 });
  counted(phone, 'c', { female: 0, male: 1 });
  expect(of(phone, 'eat')).toMatchObject({ needed: 4, forUncounted: 0, surplus: 4, unseen: 0 });
  expect(picks(phone, 'eat')).toEqual(['a 2/4', 'b 2/3', 'c 0/1']);
});

test('females of a plant nobody counted are allowed for; those that got pollen want none any more', () => {
  const phone = garden();
  counted(phone, 'a', { female: 1, male: 4 });
  counted(phone, 'b', { female: 0, male: 3 });
  expect(of(phone, 'eat')).toMatchObject({ needed: 4, forUncounted: 2, surplus: 3, unseen: 1 });
  phone.say('2026-07-19T05:00:00Z', {
    kind: 'pollinated',
    body: {
      ...{
        bloom: `a|${DAY}|flower|female`,
        plant: 'a',
        count: 1,
        after: [],
        donors: [{ plant: 'b', bloom: '' }],
      },
      ...({ found: 'open', method: 'maleFlower', shutAgain: false, tagged: false } as const),
    },
  });
  expect(of(phone, 'eat')).toMatchObject({ needed: 2, surplus: 5 });
});

test('never one that is marked, nor one that a marked female still wants', () => {
  const phone = garden();
  scouted(phone, 'k', { female: 1, male: 5 });
  scouted(phone, 'l', { female: 0, male: 2 });
  covered(phone, 'k', 1, 0);
  covered(phone, 'l', 0, 1);
  // She wants three; one is marked for her.
  expect(of(phone, 'keep')).toMatchObject({ needed: 2, surplus: 4 });
  expect(picks(phone, 'keep')).toEqual(['k 4/5', 'l 0/1']);
});

test('what was picked is gone, for the day it was of', () => {
  const phone = garden();
  for (const plant of ['a', 'b', 'c']) counted(phone, plant, { female: 0, male: 3 });
  const pick = (day: string): unknown =>
    phone.say(DAWN, {
      kind: 'blossoms.picked',
      body: { pick: day, day, use: 'eat', of: [{ plant: 'a', count: 2 }], unsprayed: true },
    });
  pick(addDays(DAY, -1));
  expect(of(phone, 'eat').surplus).toBe(9);
  pick(DAY);
  expect(picks(phone, 'eat')).toEqual(['a 1/1', 'b 3/3', 'c 3/3']);
});

test('plants that may be diseased are left out', () => {
  const phone = garden();
  for (const plant of ['a', 'b', 'c']) counted(phone, plant, { female: 0, male: 3 });
  phone.say(DAWN, { kind: 'plant.noted', body: { plant: 'b', health: 'suspect', trueness: 'typical' } });
  expect(of(phone, 'eat')).toMatchObject({ surplus: 6, suspect: 1, unseen: 0 });
});

test('kept are as many as are wanted or there are, and no plant gives two before each gave one', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(9), { maxLength: 12 }), fc.nat(60), (of, keep) => {
      const kept = spread(of, keep);
      const all = of.reduce((sum, count) => sum + count, 0);
      expect(kept.reduce((sum, count) => sum + count, 0)).toBe(Math.min(keep, all));
      kept.forEach((count, i) => {
        expect(count).toBeLessThanOrEqual(of[i]!);
        // One with more to give gives at least as many, but for the turn that is not finished.
        kept.forEach((other, j) => {
          if (count < of[i]!) expect(other).toBeLessThanOrEqual(count + 1);
          else expect(j).toBeGreaterThanOrEqual(0);
        });
      });
    }),
  );
});
