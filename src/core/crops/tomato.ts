import type { CropFacts, Span } from './crop';
import { AS_TOMATOES, chosen, LATER_LOOKS, MALES, practice } from './figures';

export const tomato: CropFacts = {
  name: 'Tomato',
  kinds: 'cherry, plum, beefsteak, currant types',
  species: 'Solanum lycopersicum',
  group: 'tomato',
  habit: 'perfect',
  carrier: 'self',
  outcrossing: practice<Span>([0.005, 0.05], 'share'),
  guided: false,
  hours: { from: 'sunrise', opens: chosen<Span>([4, 5], 'h'), shuts: chosen<Span>([9, 10], 'h') },
  receptive: chosen<Span>([24, 72], 'h'),
  setPrior: chosen(0.75, 'share'),
  males: MALES,
  eatAfter: chosen<Span>([45, 60], 'd'),
  seedAfter: chosen<Span>([45, 60], 'd'),
  looks: LATER_LOOKS,
  methods: ['vibrate', 'shake', 'emasculate'],
  covers: ['bag', 'cage'],
  ...AS_TOMATOES,
  development: {
    base: chosen(10, 'degC'),
    cap: chosen(30, 'degC'),
    method: 'limitEnds',
    toFlower: chosen(600, 'degCd'),
    raised: chosen(0.5, 'share'),
    flowersFor: chosen(90, 'd'),
  },
  asks: ['style'],
  cautions: ['mosaicOnHands'],
};
