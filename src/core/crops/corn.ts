import type { CropFacts, Span } from './crop';
import { WIND_ISOLATION, ourDefault, LATER_LOOKS, memory, practice, BULLETINS } from './figures';

const CROSS_ZUBER = 'Cross & Zuber 1972, the 86/50 method';

export const corn: CropFacts = {
  name: 'Corn',
  types: 'sweet, supersweet, pop, flint, dent and flour corn',
  species: 'Zea mays',
  family: 'grass',
  group: 'corn',
  flower: { type: 'grass' },
  habit: 'monoecious',
  pollenVector: 'wind',
  outcrossing: ourDefault<Span>([0.95, 1], 'share'),
  parts: { bearing: 'ear', male: 'tassel' },
  // Shoots are bagged before any silk shows and wait so for it; a tassel is bagged the day before it is used. The bag
  // of the tassel goes over the ear and stays.
  protocols: {
    seed: {
      walk: { daysBefore: 1, fromSunset: practice(-6, 'h') },
      cover: { bearing: 'green', male: 'eve', by: { bearing: 'shootBag', male: 'tasselBag' } },
      collect: { takes: ourDefault(40, 's'), serves: practice(1, 'count'), keeps: practice(0, 'd') },
      // The silks of the tip come last: who wants the ear filled to its end comes back the next day.
      pollinate: { takes: ourDefault(60, 's'), times: practice(1, 'count'), apart: practice(1, 'd') },
      close: true,
      tag: true,
    },
  },
  // Where a small plot is eaten: tassels are shaken over the silks, from when these show.
  routine: {
    every: practice<Span>([1, 1], 'd'),
    takes: ourDefault<Span>([5, 5], 's'),
    best: ourDefault<Span>([9, 11], 'h'),
    forDays: practice<Span>([3, 5], 'd'),
  },
  hours: { from: 'sunrise', opens: ourDefault<Span>([2, 3], 'h'), shuts: ourDefault<Span>([6, 7], 'h') },
  pollenKept: { coolDamp: memory<Span>([0, 1], 'd', BULLETINS) },
  receptive: memory<Span>([120, 240], 'h', 'extension bulletins'),
  setPrior: ourDefault(0.8, 'share'),
  bearingAfterMales: practice<Span>([1, 3], 'd'),
  malesWanted: { fruit: practice(1, 'count'), seed: practice(1, 'count') },
  eatAfter: ourDefault<Span>([18, 24], 'd'),
  seedAfter: ourDefault<Span>([50, 60], 'd'),
  looks: LATER_LOOKS,
  methods: ['tasselBag', 'shake'],
  covers: ['shootBag', 'tasselBag'],
  ...WIND_ISOLATION,
  timeApart: memory<Span>([14, 21], 'd', 'seed-saving guides'),
  development: {
    base: memory(10, 'degC', CROSS_ZUBER),
    cap: memory(30, 'degC', CROSS_ZUBER),
    method: 'limitEnds',
    toFlower: ourDefault(620, 'degCd'),
    transplantFraction: ourDefault(0.2, 'share'),
    floweringDays: ourDefault(10, 'd'),
  },
  variableTraits: ['endosperm'],
  xenia: true,
  cautions: ['bladesAndStaples'],
};
