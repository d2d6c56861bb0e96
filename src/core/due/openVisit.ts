import { amendAsOne, amendOrRecord, strikesOf } from '../journal/amend';
import type { PollinationMethod } from '../crops/crop';
import type { Fact } from '../journal/entry';
import type { Journal } from '../journal/journal';
import type { Donor } from '../journal/kinds/stops';
import { type BudCount, walkId } from '../journal/kinds/walk';
import type { OpenPlant } from './openNow';
import { cohortOfVisit } from './cohortOfVisit';

/** What was seen and done at one plant. */
export interface OpenVisit {
  readonly open: BudCount;
  readonly method: PollinationMethod;
  /** Plants whose pollen was used. */
  readonly fathers: readonly string[];
  /** The females were closing already: tried all the same. */
  readonly closing?: boolean;
  /** A male was past its best. */
  readonly faded?: boolean;
}

/**
 * The facts of a visit: what is open, and that the females were pollinated. A visit that is put right amends the
 * entries it made; females put right to none take the pollination back.
 *
 * @example openVisitFacts(journal, here, { open: { female: 0, male: 3 }, ...rest }).map(({ kind }) => kind) // ['counted']
 */
export function openVisitFacts(
  journal: Journal,
  { plant: { plant }, variety, day }: OpenPlant,
  { open, method, fathers, closing = false, faded = false }: OpenVisit,
): Fact[] {
  const walk = journal.all('walk').get(walkId(plant, day));
  const bloom = cohortOfVisit(plant, variety, day);
  const pollinated = {
    bloom,
    plant,
    count: open.female,
    after: [],
    donors: donorsFrom(fathers),
    found: closing ? 'wilted' : 'open',
    method,
    ...(faded && ({ faded: true } as const)),
    shutAgain: false,
    tagged: false,
  } as const;
  const before = journal.all('bloom').get(bloom);
  // Who finds that there was none had none to come back to either.
  const again = before?.laterPollinations.filter(({ application }) => application > 1) ?? [];
  return [
    amendOrRecord('counted', { plant, day, open }, walk?.countedEntry),
    // The count is put right as a whole: one entry says it all.
    ...amendAsOne('pollinated', open.female > 0 ? pollinated : undefined, before?.countedBy ?? []),
    ...(open.female > 0 ? [] : strikesOf(again.map(({ entry }) => entry))),
  ];
}

/**
 * The fact that the females of a visit got pollen once more.
 *
 * @param fathers plants whose pollen was used.
 * @example secondTimeFacts(here, ['p1'], 'maleFlower')[0].kind // 'pollinated'
 */
export const secondTimeFacts = (
  { plant: { plant }, variety, day }: OpenPlant,
  fathers: readonly string[],
  method: PollinationMethod,
): Fact[] => [
  {
    kind: 'pollinated',
    body: {
      bloom: cohortOfVisit(plant, variety, day),
      plant,
      application: 2,
      donors: donorsFrom(fathers),
      found: 'open',
      method,
      shutAgain: false,
      tagged: false,
    },
  },
];

const donorsFrom = (plants: readonly string[]): Donor[] => plants.map((plant) => ({ plant, bloom: '' }));
