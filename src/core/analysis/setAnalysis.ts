import type { Fruit } from '../fruit/fruits';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { betterSet, type BetterSet } from './betterSet';
import { dropBracket, dropCurve, type DropBracket, type DropCurve } from './dropCurve';
import { setByFactor, type SetGrouping, type SetOfGroup } from './setByFactor';
import { SET_FACTORS, setTrials, type SetTrial } from './setTrials';

/** By what set can be shown. */
export const SET_GROUPINGS = ['plant', 'variety', ...SET_FACTORS] as const satisfies readonly SetGrouping[];

/** All that the analysis reads: plain numbers, for the worker. */
export interface SetQuestion {
  readonly trials: readonly SetTrial[];
  readonly brackets: readonly DropBracket[];
}

/** What a season's pollinations tell. */
export interface SetAnalysis {
  /** Missing where nothing is known of any flower. */
  readonly curve?: DropCurve;
  readonly better: BetterSet;
  /** Groups of a factor of which nothing is known are none. */
  readonly by: Readonly<Record<SetGrouping, readonly SetOfGroup[]>>;
}

/**
 * What is asked of some fruits.
 *
 * @param all the season's, since those of one plant are each other's load.
 * @param about those of which is asked; without it all.
 */
export function setQuestion(
  journal: Journal,
  garden: Garden,
  all: readonly Fruit[],
  about: (fruit: Fruit) => boolean = () => true,
): SetQuestion {
  const asked = all.filter(about);
  const varieties = new Set(asked.map(({ variety }) => variety.variety));
  return {
    trials: setTrials(journal, garden, all).filter(({ variety }) => varieties.has(variety)),
    brackets: asked.flatMap(({ histories }) => histories.flatMap((history) => dropBracket(history) ?? [])),
  };
}

/**
 * The whole analysis.
 *
 * @example analyseSet({ trials: [], brackets: [] }).better.enough // false
 */
export function analyseSet({ trials, brackets }: SetQuestion): SetAnalysis {
  const curve = dropCurve(brackets);
  return {
    ...(curve && { curve }),
    better: betterSet(trials),
    by: Object.fromEntries(
      SET_GROUPINGS.map((grouping) => [grouping, setByFactor(trials, grouping)]),
    ) as unknown as SetAnalysis['by'],
  };
}
