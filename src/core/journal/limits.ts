/** What a value may be, wherever it comes from: a form, a table, a file. */

/** Least and most, in metres, °C, degrees or pieces. */
export const LIMITS = {
  latitude: [-90, 90],
  longitude: [-180, 180],
  position: [-10_000, 10_000],
  side: [0.01, 1000],
  rows: [1, 200],
  dawnC: [-40, 50],
  maxC: [-40, 60],
  airC: [-60, 60],
  ms: [0, 4_102_444_800_000],
  humidity: [0, 100],
  rainMm: [0, 400],
  wind: [0, 100],
  light: [0, 2_000],
  turn: [-180, 180],
  every: [0.02, 50],
  path: [0, 100],
  daysToFlower: [1, 400],
  fruitWanted: [1, 100_000],
  distance: [0, 100_000],
  bearing: [0, 360],
  radius: [0, 20_000],
  across: [0, 40_000],
  grams: [1, 500_000],
  fruitMm: [1, 3000],
  sourcePlants: [1, 100_000_000],
  seeds: [1, 10_000_000],
  /** Plants that bore or fathered a lot, as it is told. */
  parents: [0, 1_000_000],
  seedGrams: [0.01, 500_000],
  /** What a thousand seeds weigh. */
  thousandGrams: [0.01, 5000],
  harvestYear: [1900, 2200],
  /** Of a blossom or a case of them, in whatever money. */
  price: [0, 1_000_000],
  inCase: [2, 1000],
} as const satisfies Record<string, readonly [number, number]>;

export type Limit = keyof typeof LIMITS;

/** Characters. */
export const LONGEST = { name: 80, bedName: 60, note: 2000, currency: 8 } as const;

/** Flowers or fruits of one plant or stand that are counted at once. */
export const MAX_COUNTED = 99;

/** Blossoms picked of one plant or stand. */
export const MAX_BLOSSOMS = 9999;

/** Places of a row, and plants in it. */
export const MAX_PLANTS_IN_ROW = 2000;
/** Plants or fruits whose season one entry ends. */
export const MAX_ENDED = 2000;

/** Lots that are told of one that is given away: more would be longer than anybody reads. */
export const MAX_TOLD = 20;

/** Fruits whose seed is taken out at once, and lots that are mixed. */
export const MAX_TOGETHER = 500;
/** Seeds laid out to see how many germinate. */
export const MAX_TESTED = 1000;
/** Fruit that had set by itself, taken off a plant at a time. */
export const MAX_STRIPPED = 20;

/** Among whom an outing is split. */
export const MAX_PEOPLE = 9;
/** Males for one female. */
export const MAX_MALES = 4;
/** Pairs of flowers of a trial. */
export const MAX_TRIAL_PAIRS = 500;
/** How often one female is pollinated; most crops allow fewer (`mostTimes`). */
export const MAX_TIMES = 10;

/** Entries whose times one entry corrects. */
export const MAX_RETIMED = 2000;

/** How far times are corrected: a clock without a battery begins decades ago. */
export const MAX_DAYS_RETIMED = 36_525;
