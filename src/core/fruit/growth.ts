import { cropOf } from '../crops/catalogue';
import type { Growth } from '../crops/crop';
import type { Journal } from '../journal/journal';
import { shelterOf } from '../journal/underGlass';
import type { Garden } from '../journal/state';
import { mildDaysOf } from '../season/flowering';
import { temperaturesAt } from '../opening/temperaturesAt';
import { underGlass } from '../weather/climate';
import { reason, type Reason } from '../text/reason';
import { addDays, dayAt, daysBetween, toMs } from '../time/calendar';
import { isOnPlant } from './fruitHistory';
import type { Fruit } from './fruits';

/** `cannotTell`: too little time between two sizes, or it is nearly full-grown. */
export type GrowthState = 'asUsual' | 'slow' | 'stopped' | 'cannotTell';

type GrowthReason = 'coolSince' | 'olderFruit';

/** A size on a day of its life. */
interface SizeOn {
  readonly day: number;
  readonly mm: number;
}

/** How a fruit grows, by what was measured of it. */
export interface FruitGrowth {
  readonly measured: Growth['measured'];
  /** One for each day on which it was measured, in order. */
  readonly sizes: readonly SizeOn[];
  /** From its first size on, as fruits of its crop grow, in the temperatures there were. */
  readonly band: readonly { readonly day: number; readonly low: number; readonly high: number }[];
  /** By its last two sizes; missing while there is only one. */
  readonly judged?: {
    readonly state: GrowthState;
    readonly since: number;
    /** How many times as large it became, and how many times is usual. */
    readonly times: number;
    readonly usual: readonly [number, number];
    readonly reasons: readonly Reason<GrowthReason>[];
  };
}

/** Once so little of its growth is left it may stop any day: varieties differ in when they are full-grown. Our default. */
const NEARLY_FULL = 0.2;
/** Fruits of one crop grow so much of the usual, in the logarithm: at least, and at most. Our defaults. */
const SPREAD = [0.6, 1.5] as const;
/** Less than this of the usual is no growth any more. Our default. */
const STOPPED = 0.2;
/** Read off a ruler in the patch, a size is right to so many mm. Our default. */
const READ_MM = 2;
/** Fewer mild days a day than this are cool. Our default. */
const COOL = 0.7;
/** So much older fruit on the plant takes from it. Our default. */
const OLDER = 2;
/** The band goes on so far behind the last size, days. */
const AHEAD = 3;

/**
 * The growth of a fruit that was measured, held against the course that is usual for its crop in the temperatures there
 * were: each size against the one before, since varieties differ in size and hardly in pace.
 *
 * @returns `undefined` where it was never measured, its age is not known, or its crop is not measured.
 * @example growthOf(journal, garden, fruit, [])?.judged?.state // 'stopped'
 */
export function growthOf(
  journal: Journal,
  garden: Garden,
  fruit: Fruit,
  others: readonly Fruit[],
): FruitGrowth | undefined {
  const { bloom, history, variety } = fruit;
  const { growth } = cropOf(variety.crop);
  if (!growth || history.followed === 'found' || fruit.count > 1) return undefined;
  const sizes = sizesOf(fruit, garden.zone);
  if (sizes.length === 0) return undefined;
  const first = sizes[0]!;
  const last = sizes.at(-1)!;
  const mild = mildAge(journal, garden, fruit);
  const course = (from: number, to: number): number => logGrowth(growth, mild(from), mild(to));
  const band = Array.from({ length: last.day + AHEAD - first.day + 1 }, (_, i) => {
    const day = first.day + i;
    const usual = course(first.day, day);
    return { day, low: first.mm * Math.exp(SPREAD[0] * usual), high: first.mm * Math.exp(SPREAD[1] * usual) };
  });
  const before = sizes.at(-2);
  if (!before) return { measured: growth.measured, sizes, band };
  const usual = course(before.day, last.day);
  const isNearlyFull = leftToGrow(growth, mild(before.day)) < NEARLY_FULL;
  const state = isNearlyFull ? 'cannotTell' : stateOf(before, last, usual);
  const isCool = (mild(last.day) - mild(before.day)) / (last.day - before.day) < COOL;
  const isCrowded =
    others.filter(
      (other) =>
        other.plant.plant === bloom.plant &&
        other.bloom.bloom !== bloom.bloom &&
        other.history.since < history.since &&
        other.history.lastGrowing > 0 &&
        isOnPlant(other.history),
    ).length >= OLDER;
  return {
    measured: growth.measured,
    sizes,
    band,
    judged: {
      state,
      since: before.day,
      times: last.mm / before.mm,
      usual: [Math.exp(SPREAD[0] * usual), Math.exp(SPREAD[1] * usual)],
      reasons: [
        ...(isCool ? [reason('coolSince' as const)] : []),
        ...(state !== 'asUsual' && isCrowded ? [reason('olderFruit' as const)] : []),
      ],
    },
  };
}

function stateOf(before: SizeOn, last: SizeOn, usual: number): GrowthState {
  const grew = Math.log(last.mm / before.mm);
  const error = Math.hypot(READ_MM / before.mm, READ_MM / last.mm);
  // What is usual must stand out from what a ruler can tell.
  if (SPREAD[0] * usual < 2 * error) return 'cannotTell';
  if (grew + error >= SPREAD[0] * usual) return 'asUsual';
  return grew - error <= STOPPED * usual && grew < SPREAD[0] * usual ? 'stopped' : 'slow';
}

/** Gompertz' course: of what is left to grow, in the logarithm, half goes in each so many mild days. */
const logGrowth = (growth: Growth, from: number, to: number): number =>
  Math.log(growth.full.value / growth.fruitlet.value) * (leftToGrow(growth, from) - leftToGrow(growth, to));

const leftToGrow = ({ halfway }: Growth, mild: number): number => 2 ** (-mild / halfway.value);

/**
 * The size a fruit of a crop has after so many mild days, mm: a usual one.
 *
 * @example usualSize(cropOf('bottleGourd').growth!, 4) // near 75: a fruitlet of 25 mm
 */
export const usualSize = (growth: Growth, mild: number): number =>
  growth.fruitlet.value * Math.exp(logGrowth(growth, 0, mild));

/** Of several sizes of a day the last. */
function sizesOf({ bloom, history }: Fruit, zone: string): SizeOn[] {
  const byDay = new Map<number, number>();
  for (const { mm, at } of bloom.looks)
    if (mm !== undefined) byDay.set(daysBetween(history.since, dayAt(toMs(at), zone)), mm);
  return [...byDay].map(([day, mm]) => ({ day, mm })).sort((a, b) => a.day - b.day);
}

/** Mild days up to a day of its life. */
function mildAge(
  journal: Journal,
  garden: Garden,
  { variety, history }: Pick<Fruit, 'variety' | 'history'>,
): (day: number) => number {
  const outside = temperaturesAt(journal, garden);
  const there = shelterOf(journal, variety.crop) === 'glass' ? underGlass(outside) : outside;
  const ofDay = mildDaysOf(variety.crop, there);
  const sums = [0];
  return (age) => {
    while (sums.length <= age) sums.push(sums.at(-1)! + ofDay(addDays(history.since, sums.length)));
    return sums[age]!;
  };
}
