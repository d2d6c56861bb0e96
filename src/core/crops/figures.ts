import type { CropFacts, Distances, Figure, Mothers, Span, Looks } from './crop';

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

/** Our own choice, no source. */
export const chosen = <T>(value: T, unit: Unit): Figure<T> => ({ value, unit, standing: 'default' });

/** Ranges on which seed-saving guides and certification rules agree; distances are rules, not measurements. */
const GUIDES = 'seed-saving guides and certification rules';
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
export const BY_INSECTS = isolation(
  [metres(250), metres(400, 800), metres(800, 1600)],
  [1, plants(5, 10), plants(25)],
);
export const BY_WIND = isolation(
  [metres(75, 100), metres(250, 800), metres(800, 3000)],
  [10, plants(50), plants(120, 200)],
);
export const AS_PEPPERS = isolation(
  [metres(15, 100), metres(100, 500), metres(500)],
  [1, plants(5, 20), plants(50, 80)],
);
export const AS_TOMATOES = isolation(
  [metres(3), metres(3, 15), metres(15, 50)],
  [1, plants(5, 10), plants(20, 50)],
);
export const AS_SELFERS = isolation(
  [metres(3, 5), metres(3, 6), metres(15, 50)],
  [1, plants(5, 20), plants(20, 40)],
);
/** Between the selfers and the insects' plants: our default, as far as the peppers and as few as the selfers. */
export const IN_BETWEEN: Isolation = { distances: AS_PEPPERS.distances, mothers: AS_SELFERS.mothers };

export const MALES = { fruit: chosen(2, 'count'), seed: chosen(3, 'count') };

/** Cucurbits show growth on day 3 or 4 and shed until day 10 to 14. */
export const CUCURBIT_LOOKS: Looks = {
  early: practice<Span>([3, 4], 'd'),
  set: practice<Span>([7, 8], 'd'),
  kept: practice(14, 'd'),
};
/** For crops whose flowers are not followed one by one. Our default. */
export const LATER_LOOKS: Looks = {
  early: chosen<Span>([5, 7], 'd'),
  set: chosen<Span>([10, 12], 'd'),
  kept: chosen(21, 'd'),
};

const SEATON_KREMER =
  'Seaton & Kremer 1939, The influence of climatological factors on anthesis in cucurbits';

/** Temperature below which flowers open late or not. */
export const floorOf = (degC: number): Figure => memory(degC, 'degC', SEATON_KREMER);

/** Seed of cross-pollinated crops: nearly all of it has another father where other plants are about. */
export const OUTCROSSER = chosen<Span>([0.9, 1], 'share');

/** What the four squash species share. */
export const SQUASH = {
  habit: 'separate',
  carrier: 'insects',
  outcrossing: OUTCROSSER,
  guided: true,
  floor: floorOf(10),
  males: MALES,
  seedFruits: practice<Span>([1, 3], 'count'),
  looks: CUCURBIT_LOOKS,
  methods: ['maleFlower'],
  covers: ['tape', 'cord', 'bag', 'peg', 'indoors', 'cage'],
  ...BY_INSECTS,
  development: {
    base: chosen(8, 'degC'),
    cap: chosen(32, 'degC'),
    method: 'limitEnds',
    toFlower: chosen(480, 'degCd'),
    raised: chosen(0.35, 'share'),
    flowersFor: chosen(70, 'd'),
  },
  asks: [],
  cautions: ['bitterFruit', 'mosaicOnHands'],
} as const satisfies Partial<CropFacts>;

/** What the cultivated peppers share. */
export const PEPPER = {
  habit: 'perfect',
  carrier: 'insects',
  outcrossing: chosen<Span>([0.05, 0.5], 'share'),
  guided: false,
  hours: { from: 'sunrise', opens: chosen<Span>([2, 3], 'h'), shuts: chosen<Span>([10, 12], 'h') },
  receptive: chosen<Span>([24, 72], 'h'),
  setPrior: chosen(0.6, 'share'),
  males: MALES,
  eatAfter: chosen<Span>([35, 80], 'd'),
  seedAfter: chosen<Span>([35, 80], 'd'),
  looks: LATER_LOOKS,
  methods: ['brush', 'shake', 'emasculate'],
  covers: ['bag', 'cage'],
  ...AS_PEPPERS,
  development: {
    base: chosen(10, 'degC'),
    cap: chosen(32, 'degC'),
    method: 'limitEnds',
    toFlower: chosen(700, 'degCd'),
    raised: chosen(0.5, 'share'),
    flowersFor: chosen(90, 'd'),
  },
  asks: [],
  cautions: ['hotJuice', 'mosaicOnHands'],
} as const satisfies Partial<CropFacts>;

/** What gourds that open at dusk or by morning share beside the squashes. */
export const GOURD = {
  habit: 'separate',
  outcrossing: OUTCROSSER,
  guided: false,
  males: MALES,
  looks: CUCURBIT_LOOKS,
  methods: ['maleFlower'],
  covers: ['bag', 'cord', 'peg', 'cage'],
  ...BY_INSECTS,
  development: {
    base: chosen(12, 'degC'),
    cap: chosen(35, 'degC'),
    method: 'limitEnds',
    toFlower: chosen(550, 'degCd'),
    raised: chosen(0.35, 'share'),
    flowersFor: chosen(70, 'd'),
  },
  asks: [],
  cautions: ['bitterFruit', 'mosaicOnHands'],
} as const satisfies Partial<CropFacts>;

/** What beans, pea and lettuce share: they are listed for isolation only. */
export const FOR_ISOLATION = {
  habit: 'perfect',
  guided: false,
  males: MALES,
  looks: LATER_LOOKS,
  methods: ['emasculate'],
  covers: ['cage'],
  asks: [],
  cautions: [],
} as const satisfies Partial<CropFacts>;

/** How a cool-season or warm-season legume or salad comes into flower. Our defaults. */
export const development = (
  base: number,
  toFlower: number,
  flowersFor: number,
): CropFacts['development'] => ({
  base: chosen(base, 'degC'),
  cap: chosen(30, 'degC'),
  method: 'limitEnds',
  toFlower: chosen(toFlower, 'degCd'),
  raised: chosen(0.35, 'share'),
  flowersFor: chosen(flowersFor, 'd'),
});
