import { fatesAmong, type Fates } from '../fruit/fates';
import { MAX_UNKNOWN_SHARE } from '../fruit/setRates';
import { groupBy } from '../text/groupBy';
import { isUnseen, setOf, type SetTrial } from './setTrials';

/** What trials of a variety tell of those of them that nobody looked at so late. */
export interface TrialFates {
  /** Those of varieties of which enough is known. */
  readonly trials: readonly SetTrial[];
  /** Of the others, how many flowers nobody looked at so late. */
  readonly untold: readonly { readonly variety: string; readonly flowers: number }[];
  /** Of a trial that is not known: the chance that it would have been growing when it was last seen, if it failed. */
  readonly failsAfter: (trial: SetTrial) => number;
  /** Of all that are not known, of other plants: what that chance would be without the trials of a plant, if another. */
  readonly failsAfterWithout: (plant: string) => readonly (readonly [SetTrial, number])[];
}

interface Variety {
  readonly own: readonly SetTrial[];
  readonly fates: Fates;
  /** None where all of it is known. */
  readonly plants: ReadonlySet<string>;
}

/**
 * Of a variety of which nothing tells how more than a few flowers went on, no trial is used: those that failed are found by
 * any look, so that what is known of it is mostly failures.
 *
 * @example trialFates([{ ...trial, fate: { until: 4 } }]).trials // []: nobody looked at any that is older
 */
export function trialFates(all: readonly SetTrial[]): TrialFates {
  const varieties = new Map<string, Variety>();
  const untold: { variety: string; flowers: number }[] = [];
  for (const [variety, own] of groupBy(all, (trial) => trial.variety)) {
    const fates = fatesAmong(own.map(({ fate }) => fate));
    const { unseen } = setOf(own);
    if (fates.unknown <= MAX_UNKNOWN_SHARE * own.length)
      varieties.set(variety, {
        own,
        fates,
        plants: new Set(unseen > 0 ? own.map(({ plant }) => plant) : []),
      });
    else untold.push({ variety, flowers: unseen });
  }
  return {
    trials: all.filter(({ variety }) => varieties.has(variety)),
    untold,
    failsAfter: ({ variety, fate }) => varieties.get(variety)!.fates.failsAfter(fate),
    failsAfterWithout: (plant) =>
      [...varieties.values()].flatMap(({ own, plants }) => {
        if (!plants.has(plant)) return [];
        const others = own.filter((trial) => trial.plant !== plant);
        const unseen = others.filter(isUnseen);
        if (unseen.length === 0) return [];
        const { failsAfter } = fatesAmong(others.map(({ fate }) => fate));
        return unseen.map((trial) => [trial, failsAfter(trial.fate)] as const);
      }),
  };
}
