import type { FruitHistory } from './fruitHistory';
import { groupBy } from '../text/groupBy';
import { clusteredWilson, type Share } from '../statistics/wilson';

/** Why a pollinated flower is not in a rate's denominator. */
type LeftOut = 'notYetDue' | 'notLookedAt' | 'thinned' | 'lost';

export interface SetRate extends Share {
  readonly leftOut: Readonly<Record<LeftOut, number>>;
  /**
   * Failed flowers last seen growing before the day that decides, and found gone after it: counted as
   * failed by that day, which makes the rate rather too low than too high.
   */
  readonly undatedDrops: number;
}

/** Three rates that growers mix up, each with its own denominator. */
export interface SetRates {
  readonly pollinated: number;
  /** Still growing at the last look, of those looked at. */
  readonly soFar: SetRate;
  /** Growing on the day of the set look, of those that old. */
  readonly set: SetRate;
  /** Growing on the day of the last look, or harvested, of those that old. */
  readonly kept: SetRate;
}

type Verdict = 'yes' | 'no' | LeftOut;

/** What ended without being eaten says nothing of the days after that. */
const leftOutAs = ({ how }: Pick<NonNullable<FruitHistory['ended']>, 'how'>): Verdict =>
  how === 'eaten' ? 'yes' : how === 'thinned' ? 'thinned' : 'lost';

/**
 * Set so far, set and kept of some pollinated flowers, as shares with 95 % intervals for what other plants like
 * these would do: flowers of one plant count as a cluster.
 *
 * What is not yet due is in no denominator of `set` and `kept`, not even when it has failed already: else the
 * young flowers that fail would count before the young ones that grow.
 *
 * @example fruitSetRates([]).pollinated // 0
 */
export function fruitSetRates(all: readonly FruitHistory[]): SetRates {
  // What nobody pollinated says nothing of how many set.
  const histories = all.filter(isPollinated);
  return {
    pollinated: histories.length,
    soFar: rateOf(histories, soFarVerdict),
    set: rateOf(histories, (history) => verdictByDay(history, setDay(history)), setDay),
    kept: rateOf(histories, (history) => verdictByDay(history, keptDay(history)), keptDay),
  };
}

const isPollinated = ({ followed }: FruitHistory): boolean => followed === 'pollinated';

const setDay = ({ looks }: FruitHistory): number => looks.set.value[0];
const keptDay = ({ looks }: FruitHistory): number => looks.kept.value;

function soFarVerdict(history: FruitHistory): Verdict {
  if (history.failed !== undefined) return 'no';
  if (history.lastGrowing > 0 || history.harvested !== undefined) return 'yes';
  if (history.ended) return leftOutAs(history.ended);
  return history.age < history.looks.early.value[0] ? 'notYetDue' : 'notLookedAt';
}

/**
 * Was the fruit growing on that day of its life? One taken off on that day or later was there; one picked to eat
 * before it counts as if it were.
 */
function verdictByDay(history: FruitHistory, day: number): Verdict {
  if (history.age < day) return history.ended ? leftOutAs(history.ended) : 'notYetDue';
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

/**
 * Was it growing on the day of its last look, or picked before it?
 *
 * @returns `undefined` where nobody can say, or not yet.
 * @example wasKept({ ...history, age: 20, lastGrowing: 14 }) // true
 */
export function wasKept(history: FruitHistory): boolean | undefined {
  const verdict = verdictByDay(history, keptDay(history));
  return verdict === 'yes' ? true : verdict === 'no' ? false : undefined;
}

/** @param decidedOn the day that decides, where there is one. */
function rateOf(
  histories: readonly FruitHistory[],
  judge: (history: FruitHistory) => Verdict,
  decidedOn?: (history: FruitHistory) => number,
): SetRate {
  const leftOut = { notYetDue: 0, notLookedAt: 0, thinned: 0, lost: 0 };
  const clusters: { hits: number; of: number }[] = [];
  let undatedDrops = 0;
  for (const plantHistories of groupBy(histories, ({ plant }) => plant).values()) {
    const cluster = { hits: 0, of: 0 };
    for (const history of plantHistories) {
      const verdict = judge(history);
      if (verdict === 'yes' || verdict === 'no') {
        cluster.of += 1;
        if (verdict === 'yes') cluster.hits += 1;
        else if (decidedOn && history.failed! > decidedOn(history)) undatedDrops += 1;
      } else leftOut[verdict] += 1;
    }
    clusters.push(cluster);
  }
  return { ...clusteredWilson(clusters), leftOut, undatedDrops };
}
