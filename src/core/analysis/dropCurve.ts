import type { FruitHistory } from '../fruit/fruitHistory';
import { seededChance } from '../random/chance';
import { t95, Z95 } from '../statistics/normal';
import { sparedUntil, turnbull, type Bracket, type Mass, type Spared } from '../statistics/turnbull';
import { groupBy } from '../text/groupBy';

/** When a pollinated flower failed, in days since its pollination, as far as looks tell. */
export interface DropBracket extends Bracket {
  readonly plant: string;
}

/** The share that is still growing at the end of a day. */
export interface CurveDay {
  readonly day: number;
  /** Between the two nobody can tell: no look was made on the day. */
  readonly growing: Spared;
  /** Where it lies with 95 % confidence; missing with fewer than `PLANTS_FOR_BAND` plants. */
  readonly band?: readonly [number, number];
  /** Flowers that were not known to have failed before it, and were followed at least so long. */
  readonly followed: number;
}

export interface DropCurve {
  readonly flowers: number;
  readonly plants: number;
  readonly dropped: number;
  /** From day 0 as long as enough are followed. */
  readonly days: readonly CurveDay[];
  /** By when half of those that dropped had done so. */
  readonly medianDay?: number;
  /** From this day on hardly any that still grows is lost. */
  readonly safeAfter?: number;
}

/** With fewer, leaving out one after another says nothing of other plants. Our default. */
const PLANTS_FOR_BAND = 5;
const RESAMPLES = 200;
/** Of so many, these many are cut off at either end for 95 %. */
const CUT_OFF = RESAMPLES * 0.025;
const COARSE = 1e-3;
/** The curve goes as far as so many are followed; where there are fewer in all, to the last day known. Our default. */
const FOLLOWED_FOR_CURVE = 5;
/** Safe: of those that grow on the day, at most this share drops later. Our default. */
const RARELY = 0.05;
/** And so many must have been followed to the end of what is known. Our default. */
const FOLLOWED_FOR_SAFE = 10;

/**
 * The days after which a pollinated flower was still growing, and by which it was found failed. What was thinned, lost,
 * picked or is not yet due was growing as long as it was followed, and says nothing of later days.
 *
 * @returns `undefined` for one that nobody pollinated, or of which nothing is known beyond its first day.
 * @example dropBracket({ ...history, lastGrowing: 3, failed: 7 }) // { after: 3, by: 7 }
 */
export function dropBracket(history: FruitHistory): DropBracket | undefined {
  const { plant, followed, lastGrowing, failed, ended, harvested } = history;
  if (followed !== 'pollinated') return undefined;
  if (failed !== undefined) {
    // Found on the day of its pollination: it dropped within that day, which is the first.
    const by = Math.max(1, failed);
    return { plant, after: Math.min(lastGrowing, by - 1), by };
  }
  const there = ended && ended.how !== 'unseen' ? ended.day : 0;
  const after = Math.max(lastGrowing, harvested ?? 0, there);
  return after > 0 ? { plant, after, by: Infinity } : undefined;
}

/**
 * How long pollinated flowers go on growing, from looks that only bracket the day on which one dropped: Turnbull's
 * estimate, with a band from drawing plants, with all their flowers, again and again [percentile bootstrap of clusters:
 * Efron 1979, Annals of Statistics 7, 1–26; Davison & Hinkley 1997, 3.8]. Few plants drawn again differ too little among
 * themselves: the band is as much wider as the spread of so few comes out too small, and as Student's t is wider
 * [Davison & Hinkley 1997, 2.5 and 5.2].
 *
 * @returns `undefined` where nothing is known of any flower.
 * @example dropCurve(brackets)?.days[7] // { day: 7, growing: { low: 0.62, high: 0.62 }, … }
 */
export function dropCurve(brackets: readonly DropBracket[]): DropCurve | undefined {
  if (brackets.length === 0) return undefined;
  const masses = turnbull(brackets);
  const dropped = brackets.filter(({ by }) => by !== Infinity);
  const lastDrop = Math.max(0, ...new Set(dropped.map(({ by }) => by)));
  const followed = (day: number): number =>
    brackets.filter(({ after, by }) => (by === Infinity ? after >= day : by >= day)).length;
  const lastDay = Math.max(1, ...new Set(brackets.map(({ after, by }) => (by === Infinity ? after : by))));
  const wanted = Math.min(FOLLOWED_FOR_CURVE, brackets.length);
  const days = Array.from({ length: lastDay + 1 }, (_, day) => day).filter(
    (day) => brackets.length === wanted || followed(day) >= wanted,
  );
  const byPlant = [...groupBy(brackets, ({ plant }) => plant)]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([, own]) => own);
  const bands = byPlant.length < PLANTS_FOR_BAND ? undefined : bandOf(byPlant, days, masses);
  const curve = days.map((day): CurveDay => {
    const band = bands?.[day];
    return {
      day,
      growing: sparedUntil(masses, day),
      ...(band && { band }),
      followed: followed(day),
    };
  });
  const medianDay = medianDrop(masses);
  const safeAfter = safeDay(masses, brackets, lastDrop);
  return {
    flowers: brackets.length,
    plants: byPlant.length,
    dropped: dropped.length,
    days: curve,
    ...(medianDay !== undefined && { medianDay }),
    ...(safeAfter !== undefined && { safeAfter }),
  };
}

const middle = ({ low, high }: Spared): number => (low + high) / 2;

function bandOf(
  plants: readonly (readonly DropBracket[])[],
  days: readonly number[],
  masses: readonly Mass[],
): [number, number][] {
  const chance = seededChance(plants.length);
  const drawn = Array.from({ length: RESAMPLES }, () => {
    const again = plants.flatMap(() => plants[chance.index(plants.length)]!);
    const redrawn = turnbull(again, COARSE);
    return days.map((day) => middle(sparedUntil(redrawn, day)));
  });
  const wider = (Math.sqrt(plants.length / (plants.length - 1)) * t95(plants.length - 1)) / Z95;
  return days.map((day) => {
    const shares = drawn.map((each) => each[day]!).sort((a, b) => a - b);
    const growing = middle(sparedUntil(masses, day));
    const [low, high] = [shares[CUT_OFF - 1]!, shares[RESAMPLES - CUT_OFF]!];
    return [Math.max(0, growing - wider * (growing - low)), Math.min(1, growing + wider * (high - growing))];
  });
}

/** Of those that drop. */
function medianDrop(masses: readonly Mass[]): number | undefined {
  const drops = masses.filter(({ by }) => by !== Infinity);
  const half = drops.reduce((sum, { share }) => sum + share, 0) / 2;
  let before = 0;
  for (const { by, share } of drops) {
    before += share;
    if (before >= half - 1e-9) return by;
  }
  return undefined;
}

/** @param lastDrop the last day by which one was found failed. */
function safeDay(
  masses: readonly Mass[],
  brackets: readonly DropBracket[],
  lastDrop: number,
): number | undefined {
  const throughout = brackets.filter(({ after, by }) => by === Infinity && after >= lastDrop).length;
  if (throughout < FOLLOWED_FOR_SAFE || lastDrop === 0) return undefined;
  const end = sparedUntil(masses, lastDrop).low;
  for (let day = 0; day < lastDrop; day += 1) {
    // The worse of what may be: all that may still grow does, and drops.
    const growing = sparedUntil(masses, day).high;
    if (growing - end <= RARELY * growing) return day;
  }
  return lastDrop;
}
