import { carryingMethodsFor, cropOf, isPollinatedOpen } from '../crops/catalogue';
import { wantsSeed } from '../crops/variety';
import { believedSet, type BelievedSet } from '../fruit/believedSet';
import type { FruitHistory } from '../fruit/fruitHistory';
import type { Journal } from '../journal/journal';
import type { TrialComparison, TrialWay } from '../journal/kinds/trial';
import type { Variety } from '../journal/state';
import { techniqueOf, usualTechnique } from '../outing/technique';
import { pairsFor } from '../statistics/pairedPower';
import { groupBy } from '../text/groupBy';
import { daysBetween } from '../time/calendar';
import type { Day } from '../time/types';

/** Two ways that can be tried against each other on a variety. */
export interface PossibleTrial {
  readonly compares: TrialComparison;
  readonly ways: readonly [TrialWay, TrialWay];
}

/**
 * What can be tried on a variety, as it is worked: for seed on its rounds, to eat where open flowers are pollinated. Not
 * of one that is only crossed or kept to its own pollen. The number of males is known where they are picked; who eats
 * the fruit may take her own plant's pollen, or leave her to the insects.
 *
 * @example possibleTrials(journal, squashForSeed).map(({ compares }) => compares) // ['males', 'method', 'hours']
 */
export function possibleTrials(journal: Journal, variety: Variety): PossibleTrial[] {
  const crop = cropOf(variety.crop);
  const isOpen = variety.purpose === 'eat' && isPollinatedOpen(crop);
  const forSeed = wantsSeed(variety.purpose) && crop.protocols.seed?.collect !== undefined;
  if (!isOpen && !forSeed) return [];
  const meant = { mother: variety.variety, father: variety.variety, purpose: variety.purpose };
  const { males, method } = techniqueOf(journal, meant);
  const tools = [method, usualTechnique(crop, meant).method, ...carryingMethodsFor(crop)];
  const other = tools.find((each) => each !== method);
  const trials: (PossibleTrial | false)[] = [
    forSeed && {
      compares: 'males',
      ways: males === 1 ? [{ males: 1 }, { males: 2 }] : [{ males: 1 }, { males }],
    },
    other !== undefined && { compares: 'method', ways: [{ method }, { method: other }] },
    isOpen && { compares: 'pollen', ways: [{ pollen: 'own' }, { pollen: 'others' }] },
    { compares: 'hours', ways: [{ hours: 'early' }, { hours: 'late' }] },
    isOpen && { compares: 'insects', ways: [{ insects: true }, {}] },
  ];
  return trials.filter((trial) => trial !== false);
}

/** Differences that one may ask a trial to show. */
export const TRIAL_DIFFERENCES = [0.2, 0.3, 0.4] as const;

/** A trial shows a difference that is there with this chance [common practice]. */
const TRIAL_POWER = 0.8;

export interface TrialSize {
  /** Missing where no garden has as many. */
  readonly pairs?: number;
  /** What is expected to set as it is worked now. */
  readonly expected: BelievedSet;
  /** About how many mornings, as many as flower now; missing where none was pollinated lately. */
  readonly mornings?: number;
}

/** What was pollinated so many days ago or later tells how many flowers there will be, days. Our default. */
const LATELY_DAYS = 14;

/**
 * How large a trial has to be that shows a difference, if it is there.
 *
 * @param histories of its pollinated flowers so far.
 * @param difference between the two shares, 0 to 1.
 * @example trialSize(journal, melon, [], '2026-07-19', 0.3).pairs // 47: where one in five sets
 */
export function trialSize(
  variety: Pick<Variety, 'crop'>,
  histories: readonly FruitHistory[],
  today: Day,
  difference: number,
): TrialSize {
  const expected = believedSet(variety.crop, histories);
  const one = expected.share.share;
  // Where most set already the other way can only be worse.
  const other = one + difference <= 1 ? one + difference : Math.max(0, one - difference);
  const pairs = pairsFor({ one, other }, TRIAL_POWER);
  const lately = histories.filter(
    ({ followed, since }) => followed === 'pollinated' && daysBetween(since, today) < LATELY_DAYS,
  );
  const days = groupBy(lately, ({ since }) => since).size;
  return {
    expected,
    ...(pairs !== undefined && { pairs }),
    ...(pairs !== undefined && days > 0 && { mornings: Math.ceil((2 * pairs) / (lately.length / days)) }),
  };
}
