import type { SetTrial } from '../analysis/setTrials';
import type { Fruit } from '../fruit/fruits';
import type { FruitHistory } from '../fruit/fruitHistory';
import type { Journal } from '../journal/journal';
import { Z95 } from '../statistics/normal';
import { diagnose, type Evidence } from './diagnose';
import { evidenceOf } from './evidenceOf';
import { NAMED_CAUSES, type NamedCause } from './likelihoods';

/** A pollinated flower that failed. */
export interface Failure {
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
      return [{ evidence, ...(cause && cause !== 'unknown' && { noted: cause }) }];
    }),
  );

/** Less than this explains none. */
const NONE = 0.5;

/**
 * What explains the failures of a season, as far as is known.
 *
 * @example countCauses([{ evidence: {}, noted: 'pest' }]).causes // [{ cause: 'pest', expected: 1, low: 1, high: 1 }]
 */
export function countCauses(failures: readonly Failure[]): Failures {
  const sums = new Map(NAMED_CAUSES.map((cause) => [cause, { expected: 0, variance: 0, sure: 0 }]));
  let open = 0;
  for (const { evidence, noted } of failures) {
    if (noted) {
      const sum = sums.get(noted)!;
      sum.expected += 1;
      sum.sure += 1;
      continue;
    }
    open += 1;
    for (const { cause, chance } of diagnose(evidence).causes) {
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
  return {
    failed: failures.length,
    noted: failures.length - open,
    causes: causes.sort((a, b) => b.expected - a.expected),
  };
}
