import type { CropFacts, Span } from './crop';
import {
  BRUSHED_ONCE,
  CARRIED_BY_HAND,
  INSECT_ISOLATION,
  ourDefault,
  CUCURBIT_LOOKS,
  FEMALES_AFTER_MALES,
  openingFloor,
  MALES_WANTED,
  memory,
  OUTCROSSER,
  practice,
  gourdFlower,
} from './figures';

const MCGREGOR = 'McGregor 1976, Insect pollination of cultivated crop plants';

export const watermelon: CropFacts = {
  name: 'Watermelon',
  types: 'picnic, icebox and seedless watermelons',
  species: 'Citrullus lanatus',
  family: 'gourd',
  group: 'watermelon',
  flower: gourdFlower('round', { hairy: true }),
  habit: 'monoecious',
  pollenVector: 'insects',
  outcrossing: OUTCROSSER,
  protocols: {
    ...CARRIED_BY_HAND,
    // It does not open on a second day, and one who grows it to eat comes back an hour later.
    fruit: { ...BRUSHED_ONCE, pollinate: { ...BRUSHED_ONCE.pollinate, times: practice(2, 'count') } },
  },
  smallFlowered: true,
  hours: { from: 'sunrise', opens: practice<Span>([1, 2], 'h'), shuts: ourDefault<Span>([7, 8], 'h') },
  floor: openingFloor(16),
  receptive: memory<Span>([6, 8], 'h', MCGREGOR),
  malesPerFemale: memory<Span>([7, 7], 'count', 'extension bulletins'),
  setPrior: ourDefault(0.5, 'share'),
  bearingAfterMales: FEMALES_AFTER_MALES,
  malesWanted: MALES_WANTED,
  eatAfter: ourDefault<Span>([30, 45], 'd'),
  seedAfter: ourDefault<Span>([30, 45], 'd'),
  seedFruits: practice<Span>([1, 3], 'count'),
  looks: CUCURBIT_LOOKS,
  methods: ['maleFlower', 'brush'],
  covers: ['bag', 'peg', 'cage'],
  ...INSECT_ISOLATION,
  development: {
    base: ourDefault(12, 'degC'),
    cap: ourDefault(35, 'degC'),
    method: 'limitEnds',
    toFlower: ourDefault(450, 'degCd'),
    transplantFraction: ourDefault(0.35, 'share'),
    floweringDays: ourDefault(50, 'd'),
  },
  variableTraits: ['flowers', 'seedless', 'fruitShape'],
  cautions: ['mosaicOnHands', 'fruitBlotch'],
};
