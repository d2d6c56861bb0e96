import { philox, type Philox } from '../random/philox';

/**
 * How a season goes in truth, so far as it is played: nothing here knows how a grower's figures are estimated, and no
 * estimate reads anything of it. All numbers are our defaults unless said otherwise.
 */

/** What each kind of chance is drawn for, so that none takes another's numbers. */
const FOR = { weather: 1, season: 2, plant: 3, opening: 4, males: 5, flower: 6, hanging: 7 } as const;

/** The chances of one set of seasons, each drawn by its address. */
export type Nature = Readonly<Record<keyof typeof FOR, Philox>>;

/**
 * @param seed other seeds, other seasons.
 * @example natureOf(1).weather.drawn.length // 4
 */
export const natureOf = (seed: number): Nature =>
  Object.fromEntries(
    Object.entries(FOR).map(([name, key]) => [name, philox(seed, key)]),
  ) as unknown as Nature;

/** How far days are from their normal, °C, and how much of it goes over to the next day [common practice]. */
export const WARMTH_SD = 3;
const GOES_OVER = 0.7;
/** First autumn frosts differ from year to year by so many days. */
const FROST_SD = 10;
/** Nine of ten years have their first frost later than the early one: standard deviations. */
const NINE_IN_TEN = 1.2816;
/** Of a hot day or night pollen dies, and so much of the set is left. */
const LEFT_BY_HEAT = 0.5;
/** With fewer males than are wanted, or poor ones, so much is left. */
export const LEFT_BY_FEW_MALES = 0.9;
/** Plants differ in how well they set, standard deviation of the log odds, and in how much they flower, of the logarithm. */
const SET_SD = 0.5;
const FLOWERING_SD = 0.3;
/** Varieties come into flower so much sooner or later than expected, of the logarithm. */
const PACE_SD = 0.08;
/** Young fruit drops early rather than late: with 1 as likely on each day. */
const EARLY = 1.6;

/** A standard normal number from two even ones [Box & Muller 1958]. */
const normal = (u: number, v: number): number => Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * v);

/**
 * How much warmer each day of a season is than its normal, °C: warm and cool spells, as days go over into each other.
 *
 * @param into filled, a day each.
 */
export function drawWarmth({ weather }: Nature, season: number, into: Float64Array): void {
  let before = 0;
  for (let day = 0; day < into.length; day += 1) {
    weather.at(season, day, 0, 0);
    const own = normal(weather.drawn[0]!, weather.drawn[1]!);
    before = day === 0 ? own : GOES_OVER * before + Math.sqrt(1 - GOES_OVER ** 2) * own;
    into[day] = WARMTH_SD * before;
  }
}

/** Days by which a season's first frost comes after the early one; negative in one year of ten. */
export function drawFrost({ season: chance }: Nature, season: number): number {
  chance.at(season, 0, 0, 0);
  return FROST_SD * (NINE_IN_TEN + normal(chance.drawn[0]!, chance.drawn[1]!));
}

/** A night is colder or warmer than its day by so much, °C, standard deviation. */
const NIGHT_SD = 2;

/** By how much a night is warmer than the days around it, °C. */
export function drawNight({ weather }: Nature, season: number, day: number): number {
  weather.at(season, day, 1, 0);
  return NIGHT_SD * normal(weather.drawn[0]!, weather.drawn[1]!);
}

/** How a variety does in a season. */
export interface VarietySeason {
  /** Where in its belief its share that is kept lies, 0 to 1; likewise what insects set. */
  readonly kept: number;
  readonly insects: number;
  /** Development until its first flower, against what is expected. */
  readonly pace: number;
  /** Standard normal: how much it flowers. */
  readonly flowers: number;
  /** 0 to 1: bearing flowers come soon after the males, or late. */
  readonly wait: number;
}

/** @param at of the variety, or of one of its plantings. */
export function drawVariety({ season: chance }: Nature, season: number, at: number): VarietySeason {
  chance.at(season, 1 + at, 0, 0);
  const [kept, insects, u, v] = chance.drawn as unknown as readonly [number, number, number, number];
  chance.at(season, 1 + at, 1, 0);
  return {
    kept,
    insects,
    pace: Math.exp(PACE_SD * normal(u, v)),
    flowers: normal(chance.drawn[0]!, chance.drawn[1]!),
    wait: chance.drawn[2]!,
  };
}

/**
 * How much a variety flowers in a season against what was counted: the less sure, the fewer counts.
 *
 * @param of plants and days that were counted.
 * @returns on average 1.
 */
export function flowersFactor(drawn: number, of: number): number {
  const sd = Math.sqrt(1 / Math.max(1, of));
  return Math.exp(sd * drawn - sd ** 2 / 2);
}

/** A plant's luck: in log odds of set, and as a factor of its flowers, on average 1. */
export function drawPlant(
  { plant: chance }: Nature,
  season: number,
  at: number,
  plant: number,
): [number, number] {
  chance.at(season, at, plant, 0);
  const [a, b, c, d] = chance.drawn as unknown as readonly [number, number, number, number];
  return [SET_SD * normal(a, b), Math.exp(FLOWERING_SD * normal(c, d) - FLOWERING_SD ** 2 / 2)];
}

/** Of more than this the chance of a few more or fewer no longer matters. */
const MANY = 500;

/**
 * So many where so many are expected [Poisson, by inversion].
 *
 * @param u even, 0 to 1.
 * @example countOf(2, 0.5) // 2
 */
export function countOf(mean: number, u: number): number {
  if (mean > MANY) return Math.round(mean);
  let chance = Math.exp(-mean);
  let below = chance;
  let count = 0;
  // The last chances are too small to add up to 1.
  while (u > below && chance > 0) {
    count += 1;
    chance *= mean / count;
    below += chance;
  }
  return count;
}

/** On a plant that carries all it can ripen, so much of the set is left. */
const LEFT_BY_FULL_LOAD = 0.25;

/**
 * What the fruit on a plant leaves of a flower's set.
 *
 * @param most that a plant ripens; missing where that is no limit.
 * @example leftByLoad(3, 3) // 0.25
 */
export const leftByLoad = (growing: number, most: number | undefined): number =>
  most === undefined ? 1 : 1 - (1 - LEFT_BY_FULL_LOAD) * Math.min(1, growing / most);

/** What a flower meets when it is pollinated. */
export interface Met {
  /** Its plant's luck, log odds. */
  readonly luck: number;
  /** What the hour is worth against the best, 0 to 1. */
  readonly hour: number;
  readonly heat: boolean;
  readonly fewMales: boolean;
  /** What the fruit on its plant leaves of its set, 0 to 1 (`leftByLoad`). */
  readonly load: number;
}

/**
 * The chance that a flower which was pollinated is kept to harvest.
 *
 * @param kept share of flowers that is, of its variety in this season, when all is well.
 */
export function chanceKept(kept: number, { luck, hour, heat, fewMales, load }: Met): number {
  const odds = (kept / (1 - kept)) * Math.exp(luck);
  return (odds / (1 + odds)) * hour * (heat ? LEFT_BY_HEAT : 1) * (fewMales ? LEFT_BY_FEW_MALES : 1) * load;
}

/**
 * The day after its pollination on which a flower drops that is not kept.
 *
 * @param u 0 to 1.
 * @param last day by which such a one has dropped.
 * @example dropDay(0.5, 14) // 5: most drop within the first week
 */
export const dropDay = (u: number, last: number): number => Math.max(1, Math.ceil(last * u ** EARLY));

/**
 * The chance that a fruit which still grows on a day is kept, where so many of all flowers are.
 *
 * @example keptFrom(0.5, 14, 14) // 1
 */
export function keptFrom(kept: number, day: number, last: number): number {
  const dropped = Math.min(1, Math.max(0, day / last)) ** (1 / EARLY);
  return kept / (kept + (1 - kept) * (1 - dropped));
}
