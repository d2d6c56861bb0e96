import fc from 'fast-check';
import { extracted, growSeedFruit, sownFrom } from '@testing/seedFruit';
import { begin, YARD, type Phone } from '@testing/yard';
import type { SeedSource } from '../crops/variety';
import { Journal } from '../journal/journal';
import type { Day } from '../time/types';
import { GRADES_BEST_FIRST } from '../journal/kinds/grades';
import { lotPurity, type GradedPart } from './lotPurity';
import { purityOf } from './purityOf';

const part = (id: string, share: number, grade: GradedPart['grade']): GradedPart => ({ id, share, grade });

test('a lot is as good as its weakest fruit, and says what to keep apart so that the rest grades higher', () => {
  expect(lotPurity([part('a', 0.5, 'true'), part('b', 0.3, 'unproven'), part('c', 0.2, 'doubtful')])).toEqual(
    {
      grade: 'doubtful',
      shares: { true: 0.5, unproven: 0.3, doubtful: 0.2, notForSeed: 0 },
      apart: [
        { ids: ['b', 'c'], grade: 'true', share: 0.5 },
        { ids: ['c'], grade: 'unproven', share: 0.8 },
      ],
      offTypes: [0, 0.5 * 0.01 + 0.3 * 0.2 + 0.2 * 0.5],
    },
  );
  expect(lotPurity([])).toBeUndefined();
  expect(lotPurity([part('a', 0, 'true')])).toBeUndefined();
});

test('what goes into a lot never makes it better, and what is kept apart leaves what is promised', () => {
  const parts = fc.array(
    fc.record({
      id: fc.uuid(),
      share: fc.double({ min: 0.01, max: 1, noNaN: true }),
      grade: fc.constantFrom(...GRADES_BEST_FIRST),
    }),
    { minLength: 1, maxLength: 12 },
  );
  fc.assert(
    fc.property(parts, parts, (some, more) => {
      const [before, after] = [lotPurity(some)!, lotPurity([...some, ...more])!];
      const rank = (grade: GradedPart['grade']): number => GRADES_BEST_FIRST.indexOf(grade);
      expect(rank(after.grade)).toBeGreaterThanOrEqual(rank(before.grade));
      for (const { ids, grade } of after.apart)
        expect(lotPurity([...some, ...more].filter(({ id }) => !ids.includes(id)))?.grade).toBe(grade);
    }),
  );
});

/** A fruit of the second year, whose mother was sown from a lot of the first. */
function twoYears(first: { readonly covered: boolean }, source: SeedSource = 'ownGuarded'): Phone {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['v1', 'v2'] }]);
  growSeedFruit(phone, {
    ...{ bloom: 'f', plant: 'v1', fathers: ['v2'], day: '2026-07-19', picked: '2026-09-20' },
    ...first,
  });
  phone.say('2026-10-20T09:00:00Z', extracted('l', '2026-10-20', [{ bloom: 'f' }]));
  phone.say(
    '2027-05-10T09:00:00Z',
    ...sownFrom('l', {
      ...{ year: 2027, variety: 'v', seedSource: source, bed: 'bed-v' },
      plants: ['w1', 'w2'],
    }),
  );
  growSeedFruit(phone, { bloom: 'g', plant: 'w1', fathers: ['w2'], day: '2027-07-19', picked: '2027-09-20' });
  return phone;
}
const sourceOf = ({ journal }: Phone, bloom = 'g'): string | undefined =>
  purityOf(journal, YARD, journal.all('bloom').get(bloom)!)?.chain.find(({ link }) => link === 'seedSource')
    ?.reasons[0]?.code;

test('a plant is as true as the lot it was sown from: by the fruit that gave the seed', () => {
  expect(sourceOf(twoYears({ covered: true }))).toBe('seed.ownGuarded');
  expect(sourceOf(twoYears({ covered: false }))).toBe('seed.openGarden');
  // What was said at the sowing is not made better by its lot.
  expect(sourceOf(twoYears({ covered: true }, 'openGarden'))).toBe('seed.openGarden');
});

test('what is found later of the fruit that gave the seed reaches its grandchildren', () => {
  const phone = twoYears({ covered: true });
  phone.say('2027-08-01T09:00:00Z', {
    kind: 'plant.noted',
    body: { plant: 'v2', health: 'sound', trueness: 'doubtful' },
  });
  expect(sourceOf(phone)).toBe('seed.openGarden');
});

test('where last year’s entries are not here, what was said at the sowing stands', () => {
  const { journal } = twoYears({ covered: false });
  const without = new Journal();
  without.add(
    [...journal.entries()].filter(
      (entry) =>
        entry.at > '2026-10-01' || ['bed.laid', 'garden.described', 'variety.described'].includes(entry.kind),
    ),
  );
  expect(purityOf(without, YARD, without.all('bloom').get('g')!)?.chain[0]?.reasons[0]?.code).toBe(
    'seed.ownGuarded',
  );
});

test('seed that is put into the jar after the sowing says nothing of what was sown', () => {
  const phone = twoYears({ covered: true });
  const day: Day = '2027-07-21';
  growSeedFruit(phone, {
    bloom: 'bad',
    plant: 'w2',
    fathers: ['w1'],
    day,
    picked: '2027-09-20',
    covered: false,
  });
  phone.say('2027-10-20T09:00:00Z', extracted('l', '2027-10-20', [{ bloom: 'bad' }]));
  expect(sourceOf(phone)).toBe('seed.ownGuarded');
});

test('what is sown from the seed of a cross, or of its offspring, counts as sown from an F1', () => {
  const phone = begin([
    { variety: 'v', crop: 'pepo', plants: ['v1', 'v2'] },
    { variety: 'w', crop: 'pepo', plants: ['o1'] },
  ]);
  growSeedFruit(phone, { bloom: 'x', plant: 'v1', fathers: ['o1'], day: '2026-07-19', picked: '2026-09-20' });
  phone.say('2026-10-20T09:00:00Z', extracted('f1', '2026-10-20', [{ bloom: 'x' }]));
  const sow = (year: number, lot: string, plants: readonly string[]): void =>
    void phone.say(
      `${year}-05-10T09:00:00Z`,
      ...sownFrom(lot, { year, variety: 'v', seedSource: 'unknown', plants, bed: 'bed-v' }),
    );
  sow(2027, 'f1', ['x1', 'x2']);
  growSeedFruit(phone, { bloom: 'g', plant: 'x1', fathers: ['x2'], day: '2027-07-19', picked: '2027-09-20' });
  phone.say('2027-10-20T09:00:00Z', extracted('f2', '2027-10-20', [{ bloom: 'g' }]));
  sow(2028, 'f2', ['y1', 'y2']);
  growSeedFruit(phone, { bloom: 'h', plant: 'y1', fathers: ['y2'], day: '2028-07-19', picked: '2028-09-20' });
  expect([sourceOf(phone, 'g'), sourceOf(phone, 'h')]).toEqual(['seed.f1', 'seed.f1']);
});
