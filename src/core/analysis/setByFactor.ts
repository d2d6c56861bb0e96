import { believedShare, sharesAmong, type BelievedShare } from '../statistics/sharesAmong';
import { clusteredWilson, designEffect, wilson, type Share } from '../statistics/wilson';
import { byName } from '../text/byName';
import { groupBy } from '../text/groupBy';
import { setOf, type SetFactor, type SetTrial } from './setTrials';

/** By what set is shown. */
export type SetGrouping = SetFactor | 'variety' | 'plant';

/** How many of a group set: as counted, and as believed, drawn towards the other groups the more the fewer it has. */
export interface SetOfGroup {
  /** A number of a factor that is counted (the last one holds all that is more), else a name or an id. */
  readonly level: number | string;
  readonly plants: number;
  readonly counted: Share;
  readonly believed: BelievedShare;
}

/** What is counted, and the level that holds all that is more. */
export const LAST_LEVEL = { hour: 4, males: 3, load: 3 } as const satisfies Partial<
  Record<SetGrouping, number>
>;
const isCounted = (by: SetGrouping): by is keyof typeof LAST_LEVEL => by in LAST_LEVEL;

/**
 * The group of a trial; `undefined` where it is not known.
 *
 * @example levelOf(trial, 'hour') // 1: in the second hour after opening
 */
function levelOf(trial: SetTrial, by: SetGrouping): number | string | undefined {
  if (by === 'variety' || by === 'plant') return trial[by];
  const value = trial.factors[by];
  if (typeof value !== 'number') return value;
  // Before the middle of opening counts as its first hour.
  return isCounted(by) ? Math.min(Math.max(0, Math.floor(value)), LAST_LEVEL[by]) : value;
}

/**
 * Set of each group, groups in the order of their levels: counted with Wilson's interval, plants as clusters, and
 * believed by the beta-binomial model of `sharesAmong`, in which trials of one plant count as fewer.
 *
 * @example setByFactor(trials, 'males').map(({ level }) => level) // [1, 2, 3]
 */
export function setByFactor(trials: readonly SetTrial[], by: SetGrouping): SetOfGroup[] {
  const levels = [...groupBy(trials, (trial) => levelOf(trial, by))]
    .flatMap(([level, own]) => (level === undefined ? [] : [{ level, own }]))
    .sort((a, b) => compareLevels(a.level, b.level));
  const counts = levels.map(({ level, own }) => {
    const plants = [...groupBy(own, ({ plant }) => plant).values()].map(setOf);
    const { hits, of } = setOf(own);
    // A plant's own rate is about that plant's luck: its flowers count each for itself.
    const effect = by === 'plant' ? 1 : designEffect(plants);
    const counted = by === 'plant' ? wilson(hits, of) : clusteredWilson(plants);
    return { level, plants: plants.length, counted, fewer: { hits: hits / effect, of: of / effect } };
  });
  const { each } = sharesAmong(counts.map(({ fewer }) => fewer));
  // Of hundreds of plants many have the same counts.
  const believed = new Map([...new Set(each)].map((belief) => [belief, believedShare(belief)]));
  return counts.map(({ level, plants, counted }, i) => ({
    ...{ level, plants, counted },
    believed: believed.get(each[i]!)!,
  }));
}

const compareLevels = (a: number | string, b: number | string): number =>
  typeof a === 'number' && typeof b === 'number' ? a - b : byName(String(a), String(b));
