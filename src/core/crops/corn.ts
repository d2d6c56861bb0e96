import type { CropFacts, Span } from './crop';
import { BY_WIND, chosen, LATER_LOOKS, memory, practice } from './figures';

const CROSS_ZUBER = 'Cross & Zuber 1972, the 86/50 method';

export const corn: CropFacts = {
  name: 'Corn',
  kinds: 'sweet, supersweet, pop, flint, dent and flour corn',
  species: 'Zea mays',
  group: 'corn',
  habit: 'tasselAndEar',
  carrier: 'wind',
  outcrossing: chosen<Span>([0.95, 1], 'share'),
  guided: false,
  hours: { from: 'sunrise', opens: chosen<Span>([2, 3], 'h'), shuts: chosen<Span>([6, 7], 'h') },
  receptive: memory<Span>([120, 240], 'h', 'extension bulletins'),
  setPrior: chosen(0.8, 'share'),
  males: { fruit: practice(1, 'count'), seed: practice(1, 'count') },
  eatAfter: chosen<Span>([18, 24], 'd'),
  seedAfter: chosen<Span>([50, 60], 'd'),
  looks: LATER_LOOKS,
  methods: ['tasselBag', 'shake'],
  covers: ['shootBag'],
  ...BY_WIND,
  timeApart: memory<Span>([14, 21], 'd', 'seed-saving guides'),
  development: {
    base: memory(10, 'degC', CROSS_ZUBER),
    cap: memory(30, 'degC', CROSS_ZUBER),
    method: 'limitEnds',
    toFlower: chosen(620, 'degCd'),
    raised: chosen(0.2, 'share'),
    flowersFor: chosen(10, 'd'),
  },
  asks: ['kernel'],
  cautions: ['bladesAndStaples'],
};
