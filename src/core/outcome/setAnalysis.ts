import type { Fruit } from '../fruit/fruits';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { betterSet, type BetterSet } from '../analysis/betterSet';
import { dropBracket, dropCurve, type DropBracket, type DropCurve } from '../analysis/dropCurve';
import { setByFactor, type SetGrouping, type SetOfGroup } from '../analysis/setByFactor';
import { SET_FACTORS, setFactors, setTrials, type SetTrial } from '../analysis/setTrials';
import { trialFates, type TrialFates } from '../analysis/trialFates';
import { finished, type InSteps } from '../time/inSteps';
import { countCauses, failuresOf, type Failure, type Failures } from '../diagnosis/failures';

/** By what set can be shown. */
export const SET_GROUPINGS = ['plant', 'variety', ...SET_FACTORS] as const satisfies readonly SetGrouping[];

/** All that the analysis reads: plain numbers, for the worker. */
export interface SetQuestion {
  readonly trials: readonly SetTrial[];
  readonly brackets: readonly DropBracket[];
  readonly failures: readonly Failure[];
}

/** What a season's pollinations tell. */
export interface SetAnalysis {
  /** Missing where nothing is known of any flower. */
  readonly curve?: DropCurve;
  readonly better: BetterSet;
  readonly failures: Failures;
  /** Groups of a factor of which nothing is known are none. */
  readonly by: Readonly<Record<SetGrouping, readonly SetOfGroup[]>>;
  /** Varieties that are in neither `better` nor `by`: too many of their flowers were not looked at so late. */
  readonly untold: TrialFates['untold'];
}

/**
 * What is asked of some fruits.
 *
 * @param all the season's, since those of one plant are each other's load.
 * @param asked those of which is asked.
 */
export const setQuestion = (
  ...[journal, garden, all, asked]: Parameters<typeof setQuestionInSteps>
): SetQuestion => finished(setQuestionInSteps(journal, garden, all, asked));

/** The same, with a pause after each fruit. */
export function* setQuestionInSteps(
  journal: Journal,
  garden: Garden,
  all: readonly Fruit[],
  asked: readonly Fruit[] = all,
): InSteps<SetQuestion> {
  const factorsOf = setFactors(journal, garden, all);
  const [trials, failures, brackets]: [SetTrial[], Failure[], DropBracket[]] = [[], [], []];
  for (const fruit of asked) {
    yield undefined;
    trials.push(...setTrials([fruit], factorsOf));
    failures.push(...failuresOf(journal, [fruit], factorsOf));
    for (const history of fruit.histories) {
      const bracket = dropBracket(history);
      if (bracket) brackets.push(bracket);
    }
  }
  return { trials, failures, brackets };
}

/**
 * The whole analysis.
 *
 * @example analyseSet({ trials: [], brackets: [], failures: [] }).better.enough // false
 */
export function analyseSet({ trials, brackets, failures }: SetQuestion): SetAnalysis {
  const curve = dropCurve(brackets);
  const fates = trialFates(trials);
  return {
    ...(curve && { curve }),
    better: betterSet(trials, fates),
    untold: fates.untold,
    failures: countCauses(failures),
    by: Object.fromEntries(
      SET_GROUPINGS.map((grouping) => [grouping, setByFactor(trials, grouping, fates)]),
    ) as unknown as SetAnalysis['by'],
  };
}
