import fc from 'fast-check';
import { begin, lookedAround, YARD, type Phone } from '@testing/yard';
import type { CropId } from '../crops/catalogue';
import type { Fact } from '../journal/entry';
import { isolationOf } from '../planning/isolationOf';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import type { Grade } from './fruitPurity';
import { purityOf } from './purityOf';

/**
 * Rule 5 of evidence: a bad finding more never raises a grade, a good or neutral one never lowers it; what is dated next
 * year changes no fruit of this one; what is taken off the plan never raises one. Over random gardens.
 */

const WORST_FIRST: readonly Grade[] = ['notForSeed', 'doubtful', 'unproven', 'true'];
const DAY: Day = '2026-07-19';
const CROPS = [
  'pepo',
  'okra',
  'corn',
  'tomato',
  'bottleGourd',
  'annuum',
] as const satisfies readonly CropId[];
const time = (day: Day, hour: number): string =>
  `${day}T${String(Math.floor(hour)).padStart(2, '0')}:${String(Math.round((hour % 1) * 60)).padStart(2, '0')}:00Z`;

const described = (variety: string, crop: CropId, seedSource: string, purpose = 'seedToKeep'): Fact =>
  ({
    kind: 'variety.described',
    body: { ...{ variety, name: variety, crop, purpose, seedSource }, ownPollen: 'lastResort', traits: {} },
  }) as Fact;
const covered = (plant: string, bloom: string, sex: string, method = 'bag'): Fact =>
  ({
    kind: 'covered',
    body: {
      plant,
      day: DAY,
      method,
      blooms: [{ bloom, sex, code: bloom.startsWith('m') ? '' : `K${bloom}` }],
    },
  }) as Fact;
const pollinated = (bloom: string, plant: string, more: object = {}): Fact =>
  ({
    kind: 'pollinated',
    body: {
      ...{ bloom, plant, day: DAY, donors: [{ plant: 'v2', bloom: 'm' }], found: 'shut' },
      ...{ method: 'maleFlower', shutAgain: true, tagged: true },
      ...more,
    },
  }) as Fact;
const outside = (crop: CropId, distance: number, more: object = {}): Fact =>
  ({
    kind: 'outside.described',
    body: {
      ...{
        source: `o${distance}`,
        name: 'Field',
        crop,
        distance,
        bearing: 90,
        radius: 5,
        plants: 50,
        sure: 'seen',
      },
      ...more,
    },
  }) as Fact;
const cage = (plants: readonly string[]): Fact => ({
  kind: 'cage.set',
  body: { cage: 'c', name: 'c', plants },
});
const stocked = (day: Day, from: 'clean' | 'caught'): Fact => ({
  kind: 'cage.stocked',
  body: { cage: 'c', day, from },
});
/** The bed of a variety lies under glass from a day on. */
const glass = (variety: string, since: Day): Fact => ({
  kind: 'bed.laid',
  body: {
    ...{ bed: `bed-${variety}`, name: variety, x: 1, y: 0, length: 8, width: 1, rows: 1, turn: 0 },
    ...{ glass: true, since },
  },
});
const looked = (bloom: string, seen: string, tag?: string): Fact =>
  ({ kind: 'looked', body: { bloom, seen, ...(tag && { tag }) } }) as Fact;
const harvested = (bloom: string, tagThere: boolean, typical: boolean): Fact => ({
  kind: 'harvested',
  body: { bloom, use: 'seed', tagThere, typical },
});
const missed = (bloom: string, plant: string, why: string): Fact =>
  ({ kind: 'missed', body: { bloom, plant, round: 'r', stop: 's', why, day: DAY } }) as Fact;
const seen = (variety: string, day: Day): Fact => ({ kind: 'flowering.seen', body: { variety, day } });
const over = (variety: string, day: Day): Fact => ({ kind: 'flowering.over', body: { variety, day } });

interface Said {
  readonly day: Day;
  readonly hour: number;
  readonly facts: readonly Fact[];
}
const said = (day: Day, hour: number, ...facts: Fact[]): Said => ({ day, hour, facts });
const EVE = addDays(DAY, -1);

/** How the flower, its male and its garden may have been. */
const histories = (crop: CropId): readonly (readonly Said[])[] => [
  [said(EVE, 17, covered('v1', 'f', 'female')), said(EVE, 17, covered('v2', 'm', 'male'))],
  [said(EVE, 17, covered('v1', 'f', 'female', 'none')), said(EVE, 17, covered('v2', 'm', 'male', 'none'))],
  [said(DAY, 9, covered('v1', 'f', 'female')), said(EVE, 17, covered('v2', 'm', 'male'))],
  [said('2026-07-10', 9, cage(['v1', 'v2', 'v3']))],
  [said(DAY, 3, cage(['v1', 'v2', 'v3']))],
  [said('2026-07-10', 9, cage(['v1', 'v2', 'v3'])), said('2026-07-11', 9, stocked('2026-07-11', 'clean'))],
  [said('2026-07-10', 9, cage(['v1', 'v2', 'w1'])), said('2026-07-11', 9, stocked('2026-07-11', 'clean'))],
  [said('2026-06-01', 9, glass('v', '2026-06-01'))],
  [said(DAY, 3, { kind: 'weather.noted', body: { day: DAY, dawnC: 5, maxC: 17, rain: 'long' } })],
  [said('2026-07-01', 9, ...lookedAround(crop, '2026-07-10'))],
  [said('2026-07-01', 9, outside(crop, 3000))],
  [said('2026-07-01', 9, outside(crop, 40, { flowering: { from: '2026-08-20', to: '2026-09-01' } }))],
  [said('2026-06-01', 9, seen('w', '2026-06-01')), said('2026-06-20', 9, over('w', '2026-06-20'))],
  [said('2026-08-20', 9, seen('w', '2026-08-20'))],
  [said(DAY, 4, pollinated('g', 'v3'))],
  [said('2026-07-24', 9, looked('f', 'growing', 'there'))],
];

/** Findings that speak against the seed of f. */
const bad = (crop: CropId): readonly Said[] => [
  said(DAY, 8, missed('f', 'v1', 'hole')),
  said(DAY, 8, missed('f', 'v1', 'insect')),
  said(DAY, 8, missed('f', 'v1', 'open')),
  said(DAY, 9, pollinated('f', 'v1', { application: 2, donors: [] })),
  said(DAY, 9, pollinated('f', 'v1', { application: 2, donors: [{ plant: 'w1', bloom: 'mw' }] })),
  said(DAY, 9, pollinated('f', 'v1', { application: 2, found: 'torn' })),
  said(DAY, 9, pollinated('f', 'v1', { application: 2, shutAgain: false })),
  said('2026-07-25', 9, looked('f', 'unsure', 'gone')),
  said('2026-07-25', 9, looked('f', 'unsure', 'hardToRead')),
  said('2026-07-26', 9, {
    kind: 'retagged',
    body: { bloom: 'f', code: 'Kg', was: 'swapped', other: 'g' },
  }),
  said(EVE, 10, stocked(EVE, 'caught')),
  said('2026-08-01', 9, { kind: 'plant.removed', body: { plant: 'v2', why: 'offType' } }),
  said('2026-08-01', 9, { kind: 'plant.removed', body: { plant: 'v3', why: 'offType' } }),
  said('2026-08-01', 9, { kind: 'plant.removed', body: { plant: 'v1', why: 'offType' } }),
  said('2026-08-01', 9, {
    kind: 'plant.noted',
    body: { plant: 'v2', health: 'sound', trueness: 'doubtful' },
  }),
  said('2026-08-02', 9, outside(crop, 15)),
  said('2026-08-02', 9, outside(crop, 200)),
  said('2026-08-02', 9, described('v', crop, 'f1')),
  said('2026-08-03', 9, described('v', crop, 'openGarden')),
  said('2026-08-02', 9, { kind: 'cage.opened', body: { cage: 'c', day: DAY } }),
  said(DAY, 10, { kind: 'counted', body: { plant: 'w1', day: DAY, open: { female: 1, male: 3 } } }),
  said(DAY, 10, seen('w', DAY)),
  said(DAY, 3, { kind: 'rowPollinated', body: { day: DAY, plants: ['w1', 'v3'], method: 'brush' } }),
  said('2026-07-24', 5, covered('v3', 'f2', 'female'), {
    kind: 'pollinated',
    body: { ...(pollinated('f2', 'v3').body as never as object), day: '2026-07-25' } as never,
  }),
  said('2026-09-20', 9, harvested('f', false, true)),
  said('2026-09-20', 9, harvested('f', false, false)),
];

/** Findings that speak for it, or say nothing of it. */
const good = (crop: CropId): readonly Said[] => [
  said('2026-08-02', 9, ...lookedAround(crop, '2026-07-20')),
  said('2026-07-25', 9, looked('f', 'growing', 'there')),
  said('2026-07-25', 9, looked('f', 'yellowing')),
  said('2026-08-01', 9, { kind: 'plant.noted', body: { plant: 'v1', health: 'sound', trueness: 'typical' } }),
  said('2026-08-01', 9, { kind: 'plant.removed', body: { plant: 'w1', why: 'died' } }),
  said('2026-08-02', 9, outside(crop, 90_000)),
  said('2026-08-02', 9, outside('lettuce', 10)),
  said('2026-07-16', 9, over('w', '2026-06-30')),
  said('2026-08-12', 9, seen('v', '2026-08-12')),
  said('2026-09-20', 9, harvested('f', true, true)),
  said('2026-10-20', 9, {
    kind: 'plants.ended',
    body: { plants: ['v1', 'v2', 'v3', 'w1'], day: '2026-10-20' },
  }),
  said('2026-08-02', 9, {
    kind: 'mating.set',
    body: {
      ...{ mating: 'x', mother: 'v', father: 'w', purpose: 'seedForFun' },
      ownPollen: 'never',
      from: DAY,
    } as never,
  }),
];

const NEXT = '2027-07-19';
/** What is done next year, and says nothing of this one. */
const nextYear = (crop: CropId): readonly Said[] => [
  said(NEXT, 9, outside(crop, 15)),
  said(NEXT, 9, described('v', crop, 'f1', 'eat')),
  said(NEXT, 9, described('w', crop, 'f1')),
  said(NEXT, 9, ...lookedAround(crop, NEXT)),
  said(NEXT, 9, cage(['v1', 'w1'])),
  said(NEXT, 9, stocked(NEXT, 'caught')),
  said(NEXT, 9, glass('v', NEXT), glass('w', NEXT)),
  said(NEXT, 9, { kind: 'ways.set', body: { of: 'v', selfed: true } }),
  said(NEXT, 9, {
    kind: 'fruit.counted',
    body: { bloom: 'v1||truss|perfect|1', plant: 'v1', day: NEXT, growing: 1, of: 2 },
  }),
  said(NEXT, 9, seen('w', NEXT), over('w', addDays(NEXT, 9))),
  said(NEXT, 9, { kind: 'counted', body: { plant: 'w1', day: NEXT, open: { female: 1, male: 3 } } }),
  said(NEXT, 9, {
    kind: 'plants.set',
    body: { bed: 'bed-v', row: 1, variety: 'w', plants: [{ plant: 'w9', place: 9 }] },
  }),
  said(NEXT, 9, { kind: 'plan.removed', body: { what: 'variety', id: 'w' } }),
  said(NEXT, 9, { kind: 'plan.removed', body: { what: 'variety', id: 'v' } }),
  said(NEXT, 9, {
    kind: 'plants.set',
    body: { bed: 'bed-v', row: 1, variety: 'w', plants: [{ plant: 'v2', place: 2 }] },
  }),
  said(NEXT, 9, { kind: 'plant.removed', body: { plant: 'v2', why: 'died' } }),
];

/** What is taken off the plan. */
const OFF: readonly Said[] = [
  said('2026-10-03', 9, { kind: 'plan.removed', body: { what: 'variety', id: 'w' } }),
  said('2026-10-03', 9, { kind: 'plan.removed', body: { what: 'bed', id: 'bed-w' } }),
  said('2026-10-03', 9, { kind: 'plan.removed', body: { what: 'outside', id: 'o40' } }),
  said('2026-10-03', 9, { kind: 'plan.removed', body: { what: 'outside', id: 'o3000' } }),
  said('2026-10-03', 9, { kind: 'plant.removed', body: { plant: 'w1', why: 'other' } }),
  said('2026-10-03', 9, { kind: 'plant.removed', body: { plant: 'v3', why: 'other' } }),
];

function garden(crop: CropId, alone: boolean, all: readonly Said[]): Phone {
  const phone = begin([
    { variety: 'v', crop, plants: ['v1', 'v2', 'v3'] },
    ...(alone ? [] : [{ variety: 'w', crop, plants: ['w1'] }]),
  ]);
  phone.say('2026-05-02T09:00:00Z', described('v', crop, 'ownGuarded'));
  for (const { day, hour, facts } of all) phone.say(time(day, hour), ...facts);
  return phone;
}

const purity = ({ journal }: Phone) =>
  purityOf(journal, YARD, journal.all('bloom').get('f')!, { isolationOf: isolationOf(journal, YARD) })!;
const gradeOf = (phone: Phone): number => WORST_FIRST.indexOf(purity(phone).grade);

const RUNS = Number(process.env['PROPERTY_RUNS'] ?? 150);

/** A garden with a flower f, some history, and one thing more of a list. */
const cases = (more: (crop: CropId) => readonly Said[]) =>
  fc
    .record({
      crop: fc.constantFrom(...CROPS),
      alone: fc.boolean(),
      how: fc.constantFrom(
        {},
        { found: 'open', shutAgain: false, method: 'brush' },
        { found: 'wilted' },
        {
          donors: [{ plant: 'v1', bloom: 'f' }],
          method: 'shakeInBag',
        },
      ),
    })
    .chain(({ crop, alone, how }) =>
      fc.record({
        crop: fc.constant(crop),
        alone: fc.constant(alone),
        before: fc
          .subarray([...histories(crop)])
          .map((some) => [said(DAY, 4.5, pollinated('f', 'v1', how)), ...some.flat()]),
        more: fc.constantFrom(...more(crop)),
        others: fc.subarray([...bad(crop), ...good(crop)], { maxLength: 3 }),
      }),
    );

const compared = (
  more: (crop: CropId) => readonly Said[],
  compare: (before: Phone, after: Phone) => void,
): void => {
  fc.assert(
    fc.property(cases(more), ({ crop, alone, before, more: one, others }) => {
      const all = [...before, ...others].sort((a, b) => (a.day + a.hour < b.day + b.hour ? -1 : 1));
      compare(garden(crop, alone, all), garden(crop, alone, [...all, one]));
    }),
    { numRuns: RUNS },
  );
};

test('a bad finding more never raises a grade', () => {
  compared(bad, (before, after) => expect(gradeOf(after)).toBeLessThanOrEqual(gradeOf(before)));
});

test('a good or neutral finding more never lowers a grade', () => {
  compared(good, (before, after) => expect(gradeOf(after)).toBeGreaterThanOrEqual(gradeOf(before)));
});

test('what is dated next year changes nothing', () => {
  compared(nextYear, (before, after) => expect(purity(after)).toEqual(purity(before)));
});

test('taking something off the plan never raises a grade', () => {
  compared(
    () => OFF,
    (before, after) => expect(gradeOf(after)).toBeLessThanOrEqual(gradeOf(before)),
  );
});
