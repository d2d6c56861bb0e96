import type { CropFacts, Span } from './crop';
import { GUIDES, memory, TOMATO_ISOLATION, ourDefault, LATER_LOOKS, MALES_WANTED, practice } from './figures';

export const tomato: CropFacts = {
  name: 'Tomato',
  types: 'cherry, plum, beefsteak, currant types',
  species: 'Solanum lycopersicum',
  group: 'tomato',
  habit: 'perfect',
  pollenVector: 'self',
  outcrossing: practice<Span>([0.005, 0.05], 'share'),
  protocols: {},
  hours: { from: 'sunrise', opens: ourDefault<Span>([4, 5], 'h'), shuts: ourDefault<Span>([9, 10], 'h') },
  receptive: ourDefault<Span>([24, 72], 'h'),
  setPrior: ourDefault(0.75, 'share'),
  malesWanted: MALES_WANTED,
  eatAfter: ourDefault<Span>([45, 60], 'd'),
  seedAfter: ourDefault<Span>([45, 60], 'd'),
  looks: LATER_LOOKS,
  methods: ['vibrate', 'shake', 'emasculate'],
  covers: ['bag', 'cage'],
  ...TOMATO_ISOLATION,
  development: {
    base: ourDefault(10, 'degC'),
    cap: ourDefault(30, 'degC'),
    method: 'limitEnds',
    toFlower: ourDefault(600, 'degCd'),
    transplantFraction: ourDefault(0.5, 'share'),
    floweringDays: ourDefault(90, 'd'),
  },
  variableTraits: ['style'],
  exserted: {
    distances: {
      casual: memory<Span>([15, 15], 'm', GUIDES),
      saving: memory<Span>([30, 30], 'm', GUIDES),
      rare: memory<Span>([50, 50], 'm', GUIDES),
    },
    outcrossing: ourDefault<Span>([0.05, 0.3], 'share'),
  },
  cautions: ['mosaicOnHands'],
};
