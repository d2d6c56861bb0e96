import type { CropFacts, Span } from './crop';
import { chosen, SQUASH } from './figures';

export const argyrosperma: CropFacts = {
  ...SQUASH,
  name: 'Argyrosperma squash',
  kinds: 'cushaw',
  species: 'Cucurbita argyrosperma',
  group: 'argyrosperma',
  hours: { from: 'sunrise', opens: chosen<Span>([-1, 0], 'h'), shuts: chosen<Span>([4, 4], 'h') },
  setPrior: chosen(0.55, 'share'),
  eatAfter: chosen<Span>([50, 60], 'd'),
  seedAfter: chosen<Span>([60, 70], 'd'),
};
