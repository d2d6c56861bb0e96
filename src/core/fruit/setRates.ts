import type { FruitHistory } from './fruitHistory';
import { groupBy } from '../text/groupBy';
import { fateBy, fatesAmong } from './fates';
import { keptDay, leftOutAs, setDay, verdictByDay, type LeftOut, type Verdict } from './setVerdict';
import { clusteredWilson, type Share } from '../statistics/wilson';

/** `hits` and `of` are those that are known; of the share those count too that were not looked at again (`fatesAmong`). */
export interface SetRate extends Share {
  readonly leftOut: Readonly<Record<LeftOut, number>>;
  /** Does the share count others than those that are known? */
  readonly counted: boolean;
  /** Of so many nothing tells how they went on: with more than a few the share is not known, only between what it lies. */
  readonly unknown: number;
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
    set: rateByDay(histories, setDay),
    kept: rateByDay(histories, keptDay),
  };
}

const isPollinated = ({ followed }: FruitHistory): boolean => followed === 'pollinated';

function soFarVerdict(history: FruitHistory): Verdict {
  if (history.failed !== undefined) return 'no';
  if (history.lastGrowing > 0 || history.harvested !== undefined) return 'yes';
  if (history.ended) return leftOutAs(history.ended);
  return history.age < history.looks.early.value[0] ? 'notYetDue' : 'notLookedAt';
}

/** How far a flower's fate may be unknown, of all: beyond that no share is told. Our default. */
export const MAX_UNKNOWN_SHARE = 0.1;

/** @param dayOf the day of a flower's life that decides. */
function rateByDay(histories: readonly FruitHistory[], dayOf: (history: FruitHistory) => number): SetRate {
  const { leftOut, undatedDrops, clusters } = countsOf(
    histories,
    (history) => verdictByDay(history, dayOf(history)),
    dayOf,
  );
  const fates = histories.flatMap((history) => fateBy(history, dayOf(history)) ?? []);
  const { of, share, effective, unknown } = fatesAmong(fates);
  if (share === undefined) return { ...clusteredWilson([]), leftOut, undatedDrops, counted: false, unknown };
  const known = clusteredWilson(clusters, { share, effective });
  // Those of which nothing tells may all have gone, or all have grown on.
  const part = unknown / fates.length;
  return {
    ...known,
    share: part > MAX_UNKNOWN_SHARE ? undefined : share * (1 - part) + part / 2,
    low: known.low * (1 - part),
    high: known.high * (1 - part) + part,
    leftOut,
    undatedDrops,
    counted: fates.length - unknown > of,
    unknown: Math.round(unknown),
  };
}

const rateOf = (histories: readonly FruitHistory[], judge: (history: FruitHistory) => Verdict): SetRate => {
  const { clusters, leftOut, undatedDrops } = countsOf(histories, judge);
  return { ...clusteredWilson(clusters), leftOut, undatedDrops, counted: false, unknown: 0 };
};

interface Counts {
  readonly leftOut: Readonly<Record<LeftOut, number>>;
  readonly undatedDrops: number;
  /** By plant. */
  readonly clusters: readonly { readonly hits: number; readonly of: number }[];
}

/** @param decidedOn the day that decides, where there is one. */
function countsOf(
  histories: readonly FruitHistory[],
  judge: (history: FruitHistory) => Verdict,
  decidedOn?: (history: FruitHistory) => number,
): Counts {
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
  return { leftOut, undatedDrops, clusters };
}
