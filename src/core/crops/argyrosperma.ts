import type { CropFacts, Span } from './crop';
import { ourDefault, SQUASH, squashFlower, growsTo } from './figures';

export const argyrosperma: CropFacts = {
  ...SQUASH,
  name: 'Argyrosperma squash',
  types: 'cushaw',
  species: 'Cucurbita argyrosperma',
  family: 'gourd',
  group: 'argyrosperma',
  flower: squashFlower('curved'),
  hours: { from: 'sunrise', opens: ourDefault<Span>([-1, 0], 'h'), shuts: ourDefault<Span>([4, 4], 'h') },
  setPrior: ourDefault(0.55, 'share'),
  growth: growsTo('length', 40, 220),
  eatAfter: ourDefault<Span>([50, 60], 'd'),
  seedAfter: ourDefault<Span>([60, 70], 'd'),
};
