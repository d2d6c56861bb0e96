import fc from 'fast-check';
import { extracted } from '@testing/seedFruit';
import { begin, type Phone } from '@testing/yard';
import { CROP_IDS, type CropId } from '../crops/catalogue';
import { wilson } from '../statistics/wilson';
import type { Day } from '../time/types';
import { drawerLife, LONGEST_YEARS } from './drawerLife';
import { germinationTests, retestOn, standsAgainst } from './germination';
import { seedFactsOf } from './seedFacts';
import { chanceOfPlants, germinationBelief, seedsToSow } from './seedsToSow';

// First and final counts, days: International Rules for Seed Testing (ISTA), as the handbook has them, from memory.
test.each<[CropId, number, number]>([
  ['cucumber', 4, 8],
  ['pepo', 4, 8],
  ['maxima', 4, 8],
  ['moschata', 4, 8],
  ['melon', 4, 8],
  ['corn', 4, 7],
  ['tomato', 5, 14],
  ['watermelon', 5, 14],
  ['annuum', 7, 14],
  ['aubergine', 7, 14],
])('germination of %s is counted on days %i and %i', (crop, first, last) => {
  expect(seedFactsOf(crop).counts.value).toEqual([first, last]);
});

// Minimum germination of vegetable seed in interstate commerce: 7 CFR 201.31, from memory.
test.each<[CropId, number]>([
  ['cucumber', 0.8],
  ['tomato', 0.75],
  ['pepo', 0.75],
  ['melon', 0.75],
  ['corn', 0.75],
  ['watermelon', 0.7],
  ['aubergine', 0.6],
  ['annuum', 0.55],
])('of seed of %s that is sold %d has to germinate', (crop, least) => {
  expect(seedFactsOf(crop).minimum?.value).toBe(least);
});

test('every crop has its seed work, with spans that run from less to more', () => {
  for (const crop of CROP_IDS) {
    const { cure, dry, thousandGrams, counts, keeps, ferment } = seedFactsOf(crop);
    for (const { value } of [cure, dry, thousandGrams, counts, keeps, ...(ferment ? [ferment] : [])])
      expect([crop, value[0] <= value[1]]).toEqual([crop, true]);
  }
});

function tested(...counts: readonly (readonly [Day, number])[]): Phone {
  const phone = begin([{ variety: 'v', crop: 'tomato', plants: ['v1'] }]);
  phone.say('2026-10-20T09:00:00Z', extracted('l', '2026-10-20', [{ bloom: 'f1' }]), {
    kind: 'germination.begun',
    body: { lot: 'l', test: 't', day: '2027-02-01', seeds: 20 },
  });
  for (const [day, up] of counts)
    phone.say(`${day}T09:00:00Z`, { kind: 'germination.counted', body: { lot: 'l', test: 't', day, up } });
  return phone;
}
const only = ({ journal }: Phone) => germinationTests(journal.all('lot').get('l')!, 'tomato')[0]!;

test('what came up stays up; a test ends with a count on its last day', () => {
  const early = only(tested(['2027-02-06', 9]));
  expect(early).toMatchObject({ first: '2027-02-06', last: '2027-02-15', ended: false });
  const whole = only(tested(['2027-02-15', 18], ['2027-02-06', 9], ['2027-02-10', 7]));
  expect(whole.counts.map(({ up }) => up)).toEqual([9, 9, 18]);
  expect(whole.ended).toBe(true);
  expect(whole.share.share).toBe(0.9);
  expect(only(tested(['2027-02-15', 40])).share.share).toBe(1);
});

test('few seeds cannot tell whether a lot is good enough', () => {
  expect(standsAgainst(wilson(18, 20), 0.75)).toBe('maybe');
  expect(standsAgainst(wilson(95, 100), 0.75)).toBe('above');
  expect(standsAgainst(wilson(50, 100), 0.75)).toBe('below');
});

test('a lot is tested again after half of the time it keeps, after a year at the soonest; our default', () => {
  expect(retestOn('annuum', '2026-03-01')).toBe('2027-03-01');
  expect(retestOn('cucumber', '2026-03-01')).toBe('2028-02-29');
});

/** Pólya's urn, drawn seed by seed: each that comes up makes it likelier that the next one does. */
function byUrn(sown: number, wanted: number, up: number, not: number): number {
  let chances = [1];
  for (let drawn = 0; drawn < sown; drawn += 1) {
    const next = Array.from({ length: drawn + 2 }, () => 0);
    chances.forEach((chance, k) => {
      const share = (up + k) / (up + not + drawn);
      next[k + 1]! += chance * share;
      next[k]! += chance * (1 - share);
    });
    chances = next;
  }
  return chances.slice(wanted).reduce((sum, chance) => sum + chance, 0);
}

test('the chance of so many plants is that of Pólya’s urn (the beta-binomial distribution)', () => {
  expect(chanceOfPlants(2, 2, { up: 1, not: 1 })).toBeCloseTo(1 / 3, 12);
  const amount = fc.integer({ min: 1, max: 60 });
  fc.assert(
    fc.property(
      amount,
      amount,
      fc.double({ min: 0.2, max: 40, noNaN: true }),
      fc.double({ min: 0.2, max: 40, noNaN: true }),
      (sown, wanted, up, not) => {
        expect(chanceOfPlants(sown, wanted, { up, not })).toBeCloseTo(byUrn(sown, wanted, up, not), 9);
      },
    ),
  );
});

test('the fewest seeds are enough, and one less is not; nothing is promised of dead seed', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 80 }), fc.integer({ min: 0, max: 50 }), (wanted, up) => {
      const belief = germinationBelief(0.75, { up, of: 50 });
      const sown = seedsToSow(wanted, 0.9, belief);
      if (sown === undefined) return;
      expect(chanceOfPlants(sown, wanted, belief)).toBeGreaterThanOrEqual(0.9);
      if (sown > wanted) expect(chanceOfPlants(sown - 1, wanted, belief)).toBeLessThan(0.9);
    }),
  );
  expect(seedsToSow(50, 0.99, { up: 0.1, not: 200 })).toBeUndefined();
});

// Harrington 1972, from memory: each 5 °C and each per cent of water less double the life of seed.
test('seed keeps longer cold and dry; damp cold does not keep it', () => {
  expect(drawerLife('tomato', {})).toEqual([4, 8]);
  expect(drawerLife('annuum', { store: 'fridge', packing: 'sealed' })).toEqual([16, LONGEST_YEARS]);
  expect(drawerLife('annuum', { store: 'room', packing: 'desiccant' })).toEqual([8, 16]);
  expect(drawerLife('annuum', { store: 'fridge', packing: 'paper' })).toEqual([2, 4]);
  expect(drawerLife('annuum', { store: 'freezer', packing: 'desiccant' })).toEqual([
    LONGEST_YEARS,
    LONGEST_YEARS,
  ]);
});
