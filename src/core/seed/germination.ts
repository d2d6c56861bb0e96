import type { CropId } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import type { Lot } from '../journal/state';
import { wilson, type Share } from '../statistics/wilson';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { seedFactsOf } from './seedFacts';

/** Seeds that were laid out to see how many germinate. */
export interface GerminationTest {
  readonly test: string;
  readonly day: Day;
  readonly seeds: number;
  /** So many in all by each day on which they were counted, the earliest first. */
  readonly counts: readonly { readonly day: Day; readonly up: number }[];
  /** Days of the first and of the last count, by the crop. */
  readonly first: Day;
  readonly last: Day;
  /** Nothing more is counted. */
  readonly ended: boolean;
  /** The share that germinated so far. */
  readonly share: Share;
}

/**
 * The germination tests of a lot, the latest first. What came up stays up: of several counts of a day, and of those
 * before it, the highest holds. A test ends when that is said, or with a count on its last day or later.
 *
 * @example germinationTests(lot, 'tomato')[0].share.share // 0.9
 */
export function germinationTests(lot: Lot, crop: CropId): GerminationTest[] {
  const [first, last] = seedFactsOf(crop).counts.value;
  return lot['germination.begun']
    .map(({ body: { test, day, seeds } }): GerminationTest => {
      const own = lot['germination.counted'].filter(({ body }) => body.test === test);
      const counted = [...new Set(own.map(({ body }) => body.day))].sort();
      const counts = counted.map((each) => ({
        day: each,
        up: Math.min(seeds, Math.max(...own.flatMap(({ body }) => (body.day <= each ? [body.up] : [])))),
      }));
      const lastDay = addDays(day, last);
      return {
        ...{ test, day, seeds, counts, first: addDays(day, first), last: lastDay },
        ended: own.some(({ body }) => body.ended === true || body.day >= lastDay),
        share: wilson(counts.at(-1)?.up ?? 0, seeds),
      };
    })
    .sort((a, b) => (a.day < b.day ? 1 : a.day > b.day ? -1 : a.test < b.test ? 1 : -1));
}

/**
 * The latest test of a lot that has ended; `undefined` where none has.
 *
 * @example endedTest(journal, seedLot)?.share.share // 0.9
 */
export const endedTest = (
  journal: Journal,
  { lot, crop }: { readonly lot: string; readonly crop: CropId | undefined },
): GerminationTest | undefined => {
  const raw = journal.all('lot').get(lot);
  return raw && crop ? germinationTests(raw, crop).find(({ ended }) => ended) : undefined;
};

/** How what germinated stands against what seed that is sold has to reach. */
export type GerminationStands = 'above' | 'maybe' | 'below';

/**
 * Is a share above a least one, as far as so few seeds can tell?
 *
 * @example standsAgainst(wilson(18, 20), 0.75) // 'maybe': 70 to 97 %
 */
export const standsAgainst = ({ low, high }: Share, least: number): GerminationStands =>
  low >= least ? 'above' : high < least ? 'below' : 'maybe';

/** Half as often as its seed keeps at the least: our default. */
const TESTED_AGAIN = 0.5;
const DAYS_A_YEAR = 365;

/**
 * The day from which a lot is tested again: after half of the years for which such seed keeps at the least, one year at the
 * soonest. Our default.
 *
 * @example retestOn('annuum', '2026-03-01') // '2027-03-01'
 */
export function retestOn(crop: CropId, tested: Day): Day {
  const [least] = seedFactsOf(crop).keeps.value;
  return addDays(tested, DAYS_A_YEAR * Math.max(1, Math.floor(least * TESTED_AGAIN)));
}
