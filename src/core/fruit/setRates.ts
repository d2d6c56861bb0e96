import type { FruitHistory } from './fruitHistory';
import { groupBy } from '../text/groupBy';
import { keptDay, leftOutAs, setDay, verdictByDay, type LeftOut, type Verdict } from './setVerdict';
import { clusteredWilson, type Share } from '../statistics/wilson';

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

function soFarVerdict(history: FruitHistory): Verdict {
  if (history.failed !== undefined) return 'no';
  if (history.lastGrowing > 0 || history.harvested !== undefined) return 'yes';
  if (history.ended) return leftOutAs(history.ended);
  return history.age < history.looks.early.value[0] ? 'notYetDue' : 'notLookedAt';
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
