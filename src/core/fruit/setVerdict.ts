import type { FruitHistory } from './fruitHistory';

/** Why a pollinated flower is not in a rate's denominator. */
export type LeftOut = 'notYetDue' | 'notLookedAt' | 'thinned' | 'lost';

export type Verdict = 'yes' | 'no' | LeftOut;

/** What ended without being eaten says nothing of the days after that. */
export const leftOutAs = ({ how }: Pick<NonNullable<FruitHistory['ended']>, 'how'>): Verdict =>
  how === 'eaten' ? 'yes' : how === 'thinned' ? 'thinned' : 'lost';

/** The day that decides whether it set, and whether it was kept. */
export const setDay = ({ looks }: FruitHistory): number => looks.set.value[0];
export const keptDay = ({ looks }: FruitHistory): number => looks.kept.value;

/**
 * Was the fruit growing on that day of its life? One taken off on that day or later was there; one picked to eat
 * before it counts as if it were.
 */
export function verdictByDay(history: FruitHistory, day: number): Verdict {
  // What is picked young is not counted before what fails young.
  if (history.age < day)
    return history.ended && history.ended.how !== 'eaten' ? leftOutAs(history.ended) : 'notYetDue';
  if (history.lastGrowing >= day || history.harvested !== undefined) return 'yes';
  if (history.failed !== undefined) return 'no';
  if (history.ended) {
    const wasSeen = history.ended.how !== 'unseen' && history.ended.day >= day;
    return wasSeen ? 'yes' : leftOutAs(history.ended);
  }
  return 'notLookedAt';
}

/**
 * Was it growing on the day of its set look?
 *
 * @returns `undefined` where nobody can say, or not yet.
 * @example hasSet({ ...history, age: 9, lastGrowing: 8 }) // true
 */
export function hasSet(history: FruitHistory): boolean | undefined {
  const verdict = verdictByDay(history, setDay(history));
  return verdict === 'yes' ? true : verdict === 'no' ? false : undefined;
}
