import type {
  CropFacts,
  Distances,
  Figure,
  Growth,
  Looks,
  Mothers,
  Protocol,
  Protocols,
  WalkTime,
  Span,
} from './crop';
import type { FruitShape, GourdForm } from './flowerForm';

type Unit = Figure['unit'];

/** Common practice, no source. */
export const practice = <T>(value: T, unit: Unit): Figure<T> => ({ value, unit, standing: 'practice' });

/** Published, quoted from memory. */
export const memory = <T>(value: T, unit: Unit, source: string): Figure<T> => ({
  value,
  unit,
  standing: 'memory',
  source,
});

/** Our own default, no source. */
export const ourDefault = <T>(value: T, unit: Unit): Figure<T> => ({ value, unit, standing: 'default' });

/** Ranges on which seed-saving guides and certification rules agree; distances are rules, not measurements. */
export const GUIDES = 'seed-saving guides and certification rules';
/** Bulletins of agricultural extension services. */
export const BULLETINS = 'extension bulletins';
const metres = (from: number, to = from): Figure<Span> => memory<Span>([from, to], 'm', GUIDES);
const plants = (from: number, to = from): Figure<Span> => memory<Span>([from, to], 'count', GUIDES);

interface Isolation {
  readonly distances: Distances;
  readonly mothers: Mothers;
}

const isolation = (
  [casual, saving, rare]: readonly [Figure<Span>, Figure<Span>, Figure<Span>],
  [any, keep, conserve]: readonly [number, Figure<Span>, Figure<Span>],
): Isolation => ({
  distances: { casual, saving, rare },
  mothers: { any: memory(any, 'count', GUIDES), keep, conserve },
});

/** Isolation and fewest mothers, group by group. */
export const INSECT_ISOLATION = isolation(
  [metres(250), metres(400, 800), metres(800, 1600)],
  [1, plants(5, 10), plants(25)],
);
export const WIND_ISOLATION = isolation(
  [metres(75, 100), metres(250, 800), metres(800, 3000)],
  [10, plants(50), plants(120, 200)],
);
export const PEPPER_ISOLATION = isolation(
  [metres(15, 100), metres(100, 500), metres(500)],
  [1, plants(5, 20), plants(50, 80)],
);
export const TOMATO_ISOLATION = isolation(
  [metres(3), metres(3, 15), metres(15, 50)],
  [1, plants(5, 10), plants(20, 50)],
);
export const SELFER_ISOLATION = isolation(
  [metres(3, 5), metres(3, 6), metres(15, 50)],
  [1, plants(5, 20), plants(20, 40)],
);
/** Between the selfers and the insects' plants: our default, as far as the peppers and as few as the selfers. */
export const INTERMEDIATE_ISOLATION: Isolation = {
  distances: PEPPER_ISOLATION.distances,
  mothers: SELFER_ISOLATION.mothers,
};

/** Males come first, for a week or more: early on there may be nothing else. */
export const FEMALES_AFTER_MALES = practice<Span>([7, 14], 'd');

export const MALES_WANTED = { fruit: ourDefault(2, 'count'), seed: ourDefault(3, 'count') };

/** Cucurbits show growth on day 3 or 4 and shed until day 10 to 14. */
export const CUCURBIT_LOOKS: Looks = {
  early: practice<Span>([3, 4], 'd'),
  set: practice<Span>([7, 8], 'd'),
  kept: practice(14, 'd'),
};
/** For crops whose flowers are not followed one by one. Our default. */
export const LATER_LOOKS: Looks = {
  early: ourDefault<Span>([5, 7], 'd'),
  set: ourDefault<Span>([10, 12], 'd'),
  kept: ourDefault(21, 'd'),
};

const SEATON_KREMER =
  'Seaton & Kremer 1939, The influence of climatological factors on anthesis in cucurbits';

/** Temperature below which flowers open late or not. */
export const openingFloor = (degC: number): Figure => memory(degC, 'degC', SEATON_KREMER);

/** Seed of cross-pollinated crops: nearly all of it has another father where other plants are about. */
export const OUTCROSSER = ourDefault<Span>([0.9, 1], 'share');

/** Taking a male and brushing it on a female, before own records speak. Our defaults. */
export const BRUSHED_ONCE = {
  collect: {
    takes: ourDefault(25, 's'),
    serves: ourDefault(3, 'count'),
    keeps: practice(0, 'd'),
  },
  // Once is usual; some come back an hour later.
  pollinate: { takes: ourDefault(75, 's'), times: practice(1, 'count'), apart: practice(1, 'h') },
} as const satisfies Protocol;

/**
 * Where the sexes sit in different flowers: open males are carried to open females for fruit; for seed both are covered
 * before they open, and the female is shut again and tagged.
 */
const carriedByHand = (walk: WalkTime) =>
  ({
    fruit: BRUSHED_ONCE,
    seed: {
      walk,
      cover: { bearing: 'eve', male: 'eve' },
      ...BRUSHED_ONCE,
      close: true,
      tag: true,
      // Once fruit has formed: a bag, cord or peg that stays holds it back.
      uncover: { after: ourDefault(5, 'd') },
    },
  }) as const satisfies Protocols;

/** For flowers that open by the sun of a day: buds that open next show from the afternoon before. */
export const CARRIED_BY_HAND = carriedByHand({ daysBefore: 1, fromSunset: ourDefault(-3, 'h') });

/** For flowers that open at dusk: they are covered in the afternoon of the same day. */
export const CARRIED_AT_DUSK = carriedByHand({ daysBefore: 0, fromSunset: ourDefault(-5, 'h') });

/**
 * Perfect flowers that are kept to their own pollen: bagged the afternoon before they open, the bag shaken, the stalk
 * tagged, and the bag taken off once fruit has formed. Common practice, no source; the numbers are our defaults.
 */
const SELFED_IN_A_BAG: Protocols = {
  self: {
    walk: { daysBefore: 1, fromSunset: ourDefault(-5, 'h') },
    cover: { bearing: 'eve', by: { bearing: 'bag' } },
    pollinate: { takes: ourDefault(15, 's'), times: ourDefault(1, 'count'), apart: practice(1, 'd') },
    tag: true,
    uncover: { after: ourDefault(7, 'd') },
  },
};

/**
 * Perfect flowers for a cross: the bud loses its anthers the afternoon before it opens and is bagged; pollen comes from
 * bagged flowers of the father, on two days. Our defaults.
 */
export const CROSSED_BY_HAND: Protocols = {
  ...SELFED_IN_A_BAG,
  cross: {
    walk: { daysBefore: 1, fromSunset: ourDefault(-5, 'h') },
    cover: { bearing: 'eve', male: 'eve' },
    collect: { takes: ourDefault(40, 's'), serves: ourDefault(3, 'count'), keeps: ourDefault(1, 'd') },
    pollinate: {
      takes: ourDefault(60, 's'),
      times: practice(2, 'count'),
      apart: practice(1, 'd'),
      sameDay: { times: practice(4, 'count'), apart: ourDefault(2, 'h') },
    },
    close: true,
    tag: true,
    uncover: { after: ourDefault(7, 'd') },
  },
};

/** Small yellow wheels on short stalks, one at a node, unless said otherwise. Common practice, no source. */
export const gourdFlower = (fruitlet: FruitShape, own: Partial<GourdForm> = {}): GourdForm => ({
  type: 'gourd',
  petals: 'wheel',
  petalColour: 'yellow',
  maleStalk: 'short',
  males: 'single',
  fruitlet,
  ...own,
});

/** Deep yellow bells, the males on long stalks. Common practice, no source. */
export const squashFlower = (fruitlet: FruitShape): GourdForm =>
  gourdFlower(fruitlet, { petals: 'bell', maleStalk: 'long', hairy: true });

/**
 * Fruit from its size when the flower opens to its full size, mm; our defaults, since varieties differ. Half of the way,
 * in the logarithm, takes 5.2 mild days: so a gourd's fruitlet of 2.5 cm is near 7.5 cm on day 4 (common practice, no
 * source).
 */
export const growsTo = (measured: Growth['measured'], fruitlet: number, full: number): Growth => ({
  measured,
  fruitlet: ourDefault(fruitlet, 'mm'),
  full: ourDefault(full, 'mm'),
  halfway: practice(5.2, 'd'),
});

/** What the four squash species share. */
export const SQUASH = {
  habit: 'monoecious',
  blossomsEaten: true,
  pollenVector: 'insects',
  earlyBees: true,
  outcrossing: OUTCROSSER,
  protocols: CARRIED_BY_HAND,
  floor: openingFloor(10),
  bearingAfterMales: FEMALES_AFTER_MALES,
  malesWanted: MALES_WANTED,
  seedFruits: practice<Span>([1, 3], 'count'),
  looks: CUCURBIT_LOOKS,
  methods: ['maleFlower'],
  covers: ['tape', 'cord', 'bag', 'peg', 'indoors', 'cage'],
  ...INSECT_ISOLATION,
  development: {
    base: ourDefault(8, 'degC'),
    cap: ourDefault(32, 'degC'),
    method: 'limitEnds',
    toFlower: ourDefault(480, 'degCd'),
    transplantFraction: ourDefault(0.35, 'share'),
    floweringDays: ourDefault(70, 'd'),
  },
  variableTraits: ['fruitShape'],
  cautions: ['bitterFruit', 'mosaicOnHands'],
} as const satisfies Partial<CropFacts>;

/** Pollen of the nightshades keeps dry and cold for days to weeks. */
export const KEPT_FOR_WEEKS = { dryCold: practice<Span>([7, 28], 'd') } as const;

/** What the cultivated peppers share. */
export const PEPPER = {
  habit: 'perfect',
  flower: { type: 'nightshade', anthers: 'free', petalColour: 'white', fruitlet: 'long' },
  pollenVector: 'insects',
  outcrossing: ourDefault<Span>([0.05, 0.5], 'share'),
  protocols: CROSSED_BY_HAND,
  routine: {
    every: practice<Span>([1, 2], 'd'),
    takes: ourDefault<Span>([2, 4], 's'),
    best: ourDefault<Span>([9, 14], 'h'),
  },
  hours: { from: 'sunrise', opens: ourDefault<Span>([2, 3], 'h'), shuts: ourDefault<Span>([10, 12], 'h') },
  weather: {
    heat: {
      day: memory(32, 'degC', BULLETINS),
      night: memory(24, 'degC', BULLETINS),
      either: true,
    },
    coldNight: memory(15, 'degC', BULLETINS),
  },
  pollenKept: KEPT_FOR_WEEKS,
  receptive: ourDefault<Span>([24, 72], 'h'),
  setPrior: ourDefault(0.6, 'share'),
  malesWanted: MALES_WANTED,
  eatAfter: ourDefault<Span>([35, 80], 'd'),
  seedAfter: ourDefault<Span>([35, 80], 'd'),
  looks: LATER_LOOKS,
  methods: ['brush', 'shake', 'emasculate'],
  covers: ['bag', 'cage'],
  ...PEPPER_ISOLATION,
  development: {
    base: ourDefault(10, 'degC'),
    cap: ourDefault(32, 'degC'),
    method: 'limitEnds',
    toFlower: ourDefault(700, 'degCd'),
    transplantFraction: ourDefault(0.5, 'share'),
    floweringDays: ourDefault(90, 'd'),
  },
  variableTraits: [],
  cautions: ['hotJuice', 'mosaicOnHands'],
} as const satisfies Partial<CropFacts>;

/** What gourds that open at dusk or in the morning share; squashes have figures of their own. */
export const GOURD = {
  habit: 'monoecious',
  outcrossing: OUTCROSSER,
  protocols: CARRIED_BY_HAND,
  bearingAfterMales: FEMALES_AFTER_MALES,
  malesWanted: MALES_WANTED,
  looks: CUCURBIT_LOOKS,
  methods: ['maleFlower'],
  covers: ['bag', 'cord', 'peg', 'cage'],
  ...INSECT_ISOLATION,
  development: {
    base: ourDefault(12, 'degC'),
    cap: ourDefault(35, 'degC'),
    method: 'limitEnds',
    toFlower: ourDefault(550, 'degCd'),
    transplantFraction: ourDefault(0.35, 'share'),
    floweringDays: ourDefault(70, 'd'),
  },
  variableTraits: ['fruitShape'],
  cautions: ['bitterFruit', 'mosaicOnHands'],
} as const satisfies Partial<CropFacts>;

/** What pea, lettuce and others share: they are listed for isolation only. */
export const ISOLATION_ONLY = {
  habit: 'perfect',
  protocols: {},
  malesWanted: MALES_WANTED,
  looks: LATER_LOOKS,
  methods: ['emasculate'],
  covers: ['cage'],
  variableTraits: [],
  cautions: [],
} as const satisfies Partial<CropFacts>;

/** Of those the ones whose flowers are bagged for seed. */
export const SELFED_ONLY = {
  ...ISOLATION_ONLY,
  protocols: SELFED_IN_A_BAG,
  covers: ['bag', 'cage'],
} as const satisfies Partial<CropFacts>;

/** How a cool-season or warm-season legume or salad comes into flower. Our defaults. */
export const development = (
  base: number,
  toFlower: number,
  floweringDays: number,
): CropFacts['development'] => ({
  base: ourDefault(base, 'degC'),
  cap: ourDefault(30, 'degC'),
  method: 'limitEnds',
  toFlower: ourDefault(toFlower, 'degCd'),
  transplantFraction: ourDefault(0.35, 'share'),
  floweringDays: ourDefault(floweringDays, 'd'),
});
