import type { SetTrial } from '../analysis/setTrials';
import { cropOf, type CropId } from '../crops/catalogue';
import type { Fruit } from '../fruit/fruits';
import type { FruitHistory } from '../fruit/fruitHistory';
import type { Journal } from '../journal/journal';
import { Z95 } from '../statistics/normal';
import { diagnose, type Evidence } from './diagnose';
import { evidenceOf } from './evidenceOf';
import { failureTableOf } from './failureTableOf';
import { NAMED_CAUSES, type NamedCause } from './tables/failureTable';

/** A pollinated flower that failed. */
export interface Failure {
  readonly crop: CropId;
  readonly evidence: Evidence;
  /** As the grower noted it. */
  readonly noted?: NamedCause;
}

/** How many of some failures a cause explains. */
export interface CauseCount {
  readonly cause: NamedCause;
  /** Expected: what was noted counts in full, of the others each by its chance. */
  readonly expected: number;
  /** From so many to so many with 95 %, for what nobody noted. */
  readonly low: number;
  readonly high: number;
}

export interface Failures {
  readonly failed: number;
  /** Of how many the grower named a cause. */
  readonly noted: number;
  /** The most first; those that explain none are left out. */
  readonly causes: readonly CauseCount[];
  /** Where all are of one crop. */
  readonly crop?: CropId;
}

/**
 * The pollinated flowers of some fruits that failed.
 *
 * @param factorsOf as `setFactors` gives it.
 */
export const failuresOf = (
  journal: Journal,
  fruits: readonly Fruit[],
  factorsOf: (fruit: Fruit, history: FruitHistory) => SetTrial['factors'] | undefined,
): Failure[] =>
  fruits.flatMap((fruit) =>
    fruit.histories.flatMap((history): Failure[] => {
      if (history.failed === undefined || history.followed !== 'pollinated') return [];
      const { cause } = history;
      const evidence = evidenceOf(journal, { ...fruit, history }, factorsOf(fruit, history));
      return [{ crop: fruit.variety.crop, evidence, ...(cause && cause !== 'unknown' && { noted: cause }) }];
    }),
  );

/** Less than this explains none. */
const NONE = 0.5;

/**
 * What explains the failures of a season, as far as is known.
 *
 * @example countCauses([{ crop: 'melon', evidence: {}, noted: 'pest' }]).causes // [{ cause: 'pest', expected: 1, … }]
 */
export function countCauses(failures: readonly Failure[]): Failures {
  const sums = new Map(NAMED_CAUSES.map((cause) => [cause, { expected: 0, variance: 0, sure: 0 }]));
  let open = 0;
  for (const { crop, evidence, noted } of failures) {
    if (noted) {
      const sum = sums.get(noted)!;
      sum.expected += 1;
      sum.sure += 1;
      continue;
    }
    open += 1;
    for (const { cause, chance } of diagnose(evidence, failureTableOf(cropOf(crop).flower)).causes) {
      const sum = sums.get(cause)!;
      sum.expected += chance;
      // Whether a fruit failed for a cause is a coin of that chance: the number is a sum of such coins.
      sum.variance += chance * (1 - chance);
    }
  }
  const causes = [...sums].flatMap(([cause, { expected, variance, sure }]): CauseCount[] => {
    if (expected < NONE) return [];
    const wide = Z95 * Math.sqrt(variance);
    return [
      {
        ...{ cause, expected },
        low: Math.max(sure, expected - wide),
        high: Math.min(sure + open, expected + wide),
      },
    ];
  });
  const crops = new Set(failures.map(({ crop }) => crop));
  const [only] = crops;
  return {
    failed: failures.length,
    noted: failures.length - open,
    causes: causes.sort((a, b) => b.expected - a.expected),
    ...(crops.size === 1 && only && { crop: only }),
  };
}
