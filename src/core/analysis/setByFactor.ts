import { believedShare, sharesAmong, type BelievedShare } from '../statistics/sharesAmong';
import { clusteredWilson, designEffect, wilson, type Share } from '../statistics/wilson';
import { byName } from '../text/byName';
import { groupBy } from '../text/groupBy';
import { isUnseen, setOf, type SetCounts, type SetFactor, type SetTrial } from './setTrials';
import { trialFates, type TrialFates } from './trialFates';

/** By what set is shown. */
export type SetGrouping = SetFactor | 'variety' | 'plant';

/** How many of a group set: as counted, and as believed, drawn towards the other groups the more the fewer it has. */
export interface SetOfGroup {
  /** A number of a factor that is counted (the last one holds all that is more), else a name or an id. */
  readonly level: number | string;
  readonly plants: number;
  /** Of those that are known; its share counts those too that nobody looked at again. */
  readonly counted: Share;
  /** So many are not known. */
  readonly unseen: number;
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
 * Set of each group of which any is known, groups in the order of their levels: counted with Wilson's interval, plants as
 * clusters, and believed by the beta-binomial model of `sharesAmong`, in which trials of one plant count as fewer.
 *
 * @example setByFactor(trials, 'males').map(({ level }) => level) // [1, 2, 3]
 */
export function setByFactor(
  all: readonly SetTrial[],
  by: SetGrouping,
  { trials, failsAfter }: TrialFates = trialFates(all),
): SetOfGroup[] {
  const levels = [...groupBy(trials, (trial) => levelOf(trial, by))]
    .flatMap(([level, own]) => {
      const set = setOf(own);
      return level === undefined || set.of === 0 ? [] : [{ level, own, set }];
    })
    .sort((a, b) => compareLevels(a.level, b.level));
  const counts = levels.map(({ level, own, set }) => {
    const plants = [...groupBy(own, ({ plant }) => plant).values()].map(setOf);
    const { share, effective } = shareOf(set, own.filter(isUnseen).map(failsAfter));
    // A plant's own rate is about that plant's luck: its flowers count each for itself.
    const counted =
      by === 'plant'
        ? { ...wilson(share * effective, effective), hits: set.hits, of: set.of }
        : clusteredWilson(plants, { share, effective });
    const trials = effective / (by === 'plant' ? 1 : designEffect(plants));
    return {
      ...{ level, counted, plants: plants.length, unseen: set.unseen },
      fewer: { hits: share * trials, of: trials },
    };
  });
  const { each } = sharesAmong(counts.map(({ fewer }) => fewer));
  // Of hundreds of plants many have the same counts.
  const believed = new Map([...new Set(each)].map((belief) => [belief, believedShare(belief)]));
  return counts.map(({ fewer: _, ...group }, i) => ({
    ...group,
    believed: believed.get(each[i]!)!,
  }));
}

const compareLevels = (a: number | string, b: number | string): number =>
  typeof a === 'number' && typeof b === 'number' ? a - b : byName(String(a), String(b));

const MAX_ROUNDS = 200;
const STILL = 1e-6;

/**
 * The share of a group that sets, and how many flowers that were all looked at say as much. One that nobody looked at again
 * grew on, or it is one of those that fail so late, as failures of its variety do: the likeliest share by the EM algorithm
 * [Dempster, Laird & Rubin 1977; a mixture cure model: Farewell 1982, Biometrics 38, 1041–1046], its information by Louis
 * [1982, Journal of the Royal Statistical Society B 44, 226–233].
 *
 * @param late of each that nobody looked at again, the chance that it would have been growing then if it failed.
 */
function shareOf(
  { hits, of }: SetCounts,
  late: readonly number[],
): { readonly share: number; readonly effective: number } {
  const all = of + late.length;
  if (late.length === 0) return { share: hits / of, effective: of };
  const chanceAt = (share: number, after: number): number => share / (share + (1 - share) * after);
  // Between none and all nothing moves.
  let share = (hits + 0.5) / (of + 1);
  for (let round = 0; round < MAX_ROUNDS; round += 1) {
    const next = late.reduce((sum, after) => sum + chanceAt(share, after), hits) / all;
    const moved = Math.abs(next - share);
    share = next;
    if (moved < STILL || share === 0 || share === 1) break;
  }
  if (share === 0 || share === 1) return { share, effective: of };
  const missing = late.reduce((sum, after) => {
    const chance = chanceAt(share, after);
    return sum + (chance * (1 - chance)) / (share * (1 - share));
  }, 0);
  return { share, effective: Math.max(1, all - missing) };
}
