import type { FruitHistory } from './fruitHistory';
import { verdictByDay } from './setVerdict';

/** What is known of a pollinated flower by the day of its life that decides. */
export interface Fate {
  /** Was it growing on that day? Missing where nobody looked at it so late, or it was thinned or lost before. */
  readonly yes?: boolean;
  /** The day of its life on which it was found failed, or was last seen growing; `Infinity` where it grew on. */
  readonly until: number;
}

/**
 * @param day the day of its life that decides.
 * @returns nothing where it is not that old.
 * @example fateBy({ ...history, age: 9, lastGrowing: 4 }, 7) // { until: 4 }: nobody looked since
 */
export function fateBy(history: FruitHistory, day: number): Fate | undefined {
  if (history.age < day) return undefined;
  const verdict = verdictByDay(history, day);
  if (verdict === 'yes') return { yes: true, until: Infinity };
  if (verdict === 'no') return { yes: false, until: Math.min(history.failed!, day) };
  return { until: lastThere(history) };
}

/** The last day on which it is known to have been there, growing: what was thinned was. */
const lastThere = ({ lastGrowing, ended }: FruitHistory): number =>
  ended?.how === 'thinned' ? Math.max(lastGrowing, ended.day) : lastGrowing;

/** What flowers come to together, and tell of each other. */
export interface Fates {
  /** Of those that are known. */
  readonly hits: number;
  readonly of: number;
  /** With those that nobody looked at again; `undefined` where nothing is known of any. */
  readonly share: number | undefined;
  /** So many flowers that were all looked at say as much. */
  readonly effective: number;
  /** So many were growing when they were last seen, later than any of which it is known: nothing tells how they went on. */
  readonly unknown: number;
  /** The chance that one of them was growing on the day: 1 or 0 where it is known, a half where nothing tells. */
  readonly chanceOf: (fate: Fate) => number;
  /** The chance that one that failed by the day was still growing when one of them was last seen. */
  readonly failsAfter: (fate: Fate) => number;
}

/** How many have which fate, by their days in order. */
interface Counted {
  readonly placeOf: ReadonlyMap<number, number>;
  readonly known: Float64Array;
  /** Of those that are known. */
  readonly yes: Float64Array;
  readonly unseen: Float64Array;
  /** Of each place with any unseen. */
  readonly passing: Map<number, Passing>;
}

/** To whom goes what is not known of a flower that was last seen on a day. */
interface Passing {
  /** How much of it each gets that is known until a later day; in the order of the days. */
  readonly gets: Float64Array;
  /** How much of it nobody gets. */
  readonly unknown: number;
}

/**
 * What is known of some flowers by a day of their lives. What fails is found by any look, what grows on only by one on that
 * day or later: were those left out that nobody looked at again, or that were thinned or lost before it, the share would
 * come out too low. Each of them is taken to have gone on like those that grew when it was last seen: it is shared out
 * among them [Efron 1967, The two sample problem with censored data; of all flowers that is the product-limit estimate of
 * Kaplan & Meier 1958], what failed as on the day on which that was found.
 *
 * A share from flowers that stand for more than themselves says as much as so many that do not [Kish 1965, Survey Sampling,
 * 11.7].
 *
 * @example fatesAmong([{ yes: true, until: Infinity }, { until: 4 }]).chanceOf({ until: 4 }) // 1, as the one that grew on
 */
export function fatesAmong(all: readonly Fate[]): Fates {
  const counted = countByDay(all);
  const { known, yes, unseen, passing } = counted;
  const passingOf = ({ until }: Fate): Passing => passing.get(counted.placeOf.get(until)!)!;
  const grown = ({ gets }: Passing): number => gets.reduce((sum, each, place) => sum + each * yes[place]!, 0);
  const weights = new Float64Array(known.length).fill(1);
  let unknown = 0;
  for (const [place, each] of passing) {
    unknown += unseen[place]! * each.unknown;
    for (let next = place + 1; next < weights.length; next += 1)
      weights[next]! += unseen[place]! * each.gets[next]!;
  }
  let [hits, of, grew, told, squares] = [0, 0, 0, 0, 0];
  for (const [place, weight] of weights.entries()) {
    hits += yes[place]!;
    of += known[place]!;
    grew += yes[place]! * weight;
    told += known[place]! * weight;
    squares += known[place]! * weight ** 2;
  }
  const share = of === 0 ? undefined : Math.min(1, grew / told);
  return {
    ...{ hits, of, share, unknown },
    effective: of === 0 ? 0 : told ** 2 / squares,
    chanceOf: (fate) => {
      if (fate.yes !== undefined) return Number(fate.yes);
      const own = passingOf(fate);
      return grown(own) + own.unknown / 2;
    },
    failsAfter: (fate) => {
      const own = passingOf(fate);
      const goesOn = own.unknown < 1 ? grown(own) / (1 - own.unknown) : 0;
      if (share === undefined || share === 1 || goesOn === 0) return 1;
      return Math.min(1, Math.max(0, (share / goesOn - share) / (1 - share)));
    },
  };
}

function countByDay(all: readonly Fate[]): Counted {
  const days = [...new Set(all.map(({ until }) => until))].sort((a, b) => a - b);
  const counted: Counted = {
    placeOf: new Map(days.map((day, place) => [day, place])),
    known: new Float64Array(days.length),
    yes: new Float64Array(days.length),
    unseen: new Float64Array(days.length),
    passing: new Map(),
  };
  for (const { yes, until } of all) {
    const place = counted.placeOf.get(until)!;
    counted[yes === undefined ? 'unseen' : 'known'][place]! += 1;
    if (yes) counted.yes[place]! += 1;
  }
  for (let place = days.length - 1; place >= 0; place -= 1)
    if (counted.unseen[place]! > 0) counted.passing.set(place, passingFrom(place, counted));
  return counted;
}

/** Once it is known of all places after it. */
function passingFrom(from: number, { known, unseen, passing }: Counted): Passing {
  const gets = new Float64Array(known.length);
  let later = 0;
  for (let place = from + 1; place < known.length; place += 1) later += known[place]! + unseen[place]!;
  if (later === 0) return { gets, unknown: 1 };
  for (let place = from + 1; place < known.length; place += 1) gets[place] = 1 / later;
  let unknown = 0;
  // Those that were not looked at again either hand on what they get.
  for (const [place, own] of passing) {
    const part = unseen[place]! / later;
    unknown += part * own.unknown;
    for (let next = place + 1; next < known.length; next += 1) gets[next]! += part * own.gets[next]!;
  }
  return { gets, unknown };
}
