import type { CropFacts, Span } from './crop';
import { BY_INSECTS, chosen, CUCURBIT_LOOKS, floorOf, MALES, memory, OUTCROSSER, practice } from './figures';

const MCGREGOR = 'McGregor 1976, Insect pollination of cultivated crop plants';

export const watermelon: CropFacts = {
  name: 'Watermelon',
  kinds: 'picnic, icebox and seedless watermelons',
  species: 'Citrullus lanatus',
  group: 'watermelon',
  habit: 'separate',
  carrier: 'insects',
  outcrossing: OUTCROSSER,
  guided: false,
  hours: { from: 'sunrise', opens: practice<Span>([1, 2], 'h'), shuts: chosen<Span>([7, 8], 'h') },
  floor: floorOf(16),
  receptive: memory<Span>([6, 8], 'h', MCGREGOR),
  malesPresent: memory<Span>([7, 7], 'count', 'extension bulletins'),
  setPrior: chosen(0.5, 'share'),
  males: MALES,
  eatAfter: chosen<Span>([30, 45], 'd'),
  seedAfter: chosen<Span>([30, 45], 'd'),
  seedFruits: practice<Span>([1, 3], 'count'),
  looks: CUCURBIT_LOOKS,
  methods: ['maleFlower', 'brush'],
  covers: ['bag', 'peg', 'cage'],
  ...BY_INSECTS,
  development: {
    base: chosen(12, 'degC'),
    cap: chosen(35, 'degC'),
    method: 'limitEnds',
    toFlower: chosen(450, 'degCd'),
    raised: chosen(0.35, 'share'),
    flowersFor: chosen(50, 'd'),
  },
  asks: ['flowers', 'seedless'],
  cautions: ['mosaicOnHands', 'fruitBlotch'],
};
