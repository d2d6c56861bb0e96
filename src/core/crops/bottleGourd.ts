import type { CropFacts, Span } from './crop';
import { chosen, GOURD, practice } from './figures';

export const bottleGourd: CropFacts = {
  ...GOURD,
  name: 'Bottle gourd',
  kinds: 'calabash, birdhouse and dipper gourds',
  species: 'Lagenaria siceraria',
  group: 'bottleGourd',
  carrier: 'nightInsects',
  hours: { from: 'sunset', opens: chosen<Span>([-1, 1], 'h'), shuts: chosen<Span>([10, 12], 'h') },
  receptive: practice<Span>([6, 24], 'h'),
  setPrior: chosen(0.55, 'share'),
  eatAfter: chosen<Span>([12, 15], 'd'),
  seedAfter: chosen<Span>([60, 90], 'd'),
};
