import { amendAsOne, amendOrRecord, strikesOf } from '../journal/amend';
import type { PollinationMethod } from '../crops/crop';
import type { Fact } from '../journal/entry';
import type { Journal } from '../journal/journal';
import type { Donor } from '../journal/kinds/stops';
import { type BudCount, walkId } from '../journal/kinds/walk';
import { countedUnpollinated } from '../journal/pollinations';
import { dealtFacts } from '../trial/deal';
import type { OpenPlant } from './openNow';
import { cohortOfVisit } from './cohortOfVisit';

/** What was seen and done at one plant. */
export interface OpenVisit {
  readonly open: BudCount;
  /** How many of the females got pollen; all, where nothing else is said. */
  readonly pollinated?: number;
  readonly method: PollinationMethod;
  /** Plants whose pollen was used; none is named of what came from elsewhere. */
  readonly fathers: readonly string[];
  /** The females were closing already: tried all the same. */
  readonly closing?: boolean;
  /** A male was past its best. */
  readonly faded?: boolean;
  /** All of them were left to the insects, for a trial. */
  readonly left?: boolean;
}

/**
 * The facts of a visit: what is open, how many females were pollinated, and how many got no pollen. A visit that is put
 * right amends the entries it made; females put right to none take the pollination back.
 *
 * @example openVisitFacts(journal, here, { open: { female: 0, male: 3 }, ...rest }).map(({ kind }) => kind) // ['counted']
 */
export function openVisitFacts(
  journal: Journal,
  { plant: { plant }, variety, day, tried }: OpenPlant,
  { open, method, fathers, closing = false, faded = false, left = false, ...visit }: OpenVisit,
): Fact[] {
  const done = left ? 0 : (visit.pollinated ?? open.female);
  const walk = journal.all('walk').get(walkId(plant, day));
  const bloom = cohortOfVisit(plant, variety, day);
  const pollinated = {
    bloom,
    plant,
    count: done,
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
  const why = left ? 'leftToInsects' : 'noPollen';
  return [
    amendOrRecord('counted', { plant, day, open }, walk?.countedEntry),
    ...(tried && open.female > 0 ? dealtFacts(journal, day, [{ bloom, plant, ...tried }]) : []),
    // The count is put right as a whole: one entry says it all.
    ...amendAsOne('pollinated', done > 0 ? pollinated : undefined, before?.countedBy ?? []),
    ...(done > 0 ? [] : strikesOf(again.map(({ entry }) => entry))),
    ...amendAsOne(
      'missed',
      done < open.female ? { bloom, plant, count: open.female - done, why } : undefined,
      countedUnpollinated(before).map(({ entry }) => entry),
    ),
  ];
}

/**
 * The facts that on some plants no flower was open.
 *
 * @example noneOpenFacts([]) // []
 */
export const noneOpenFacts = (plants: readonly OpenPlant[]): Fact[] =>
  plants.map(({ plant: { plant }, day }) => ({
    kind: 'counted',
    body: { plant, day, open: { female: 0, male: 0 } },
  }));

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
