import type { CropFacts, Span } from './crop';
import { CARRIED_AT_DUSK, ourDefault, GOURD, practice, gourdFlower, growsTo } from './figures';

export const bottleGourd: CropFacts = {
  ...GOURD,
  protocols: CARRIED_AT_DUSK,
  name: 'Bottle gourd',
  types: 'calabash, birdhouse and dipper gourds',
  species: 'Lagenaria siceraria',
  family: 'gourd',
  group: 'bottleGourd',
  flower: gourdFlower('bottle', { petalColour: 'white', maleStalk: 'long', hairy: true }),
  pollenVector: 'nightInsects',
  hours: {
    from: 'sunset',
    opens: ourDefault<Span>([-1, 1], 'h'),
    shutsFrom: 'nextSunrise',
    shuts: ourDefault<Span>([2, 3], 'h'),
  },
  receptive: practice<Span>([6, 24], 'h'),
  setPrior: ourDefault(0.55, 'share'),
  growth: growsTo('length', 25, 350),
  eatAfter: ourDefault<Span>([12, 15], 'd'),
  seedAfter: ourDefault<Span>([60, 90], 'd'),
};
