import type { CropFacts, Span } from './crop';
import { chosen, SQUASH } from './figures';

export const moschata: CropFacts = {
  ...SQUASH,
  name: 'Moschata squash',
  kinds: 'butternut, cheese and crookneck pumpkins',
  species: 'Cucurbita moschata',
  group: 'moschata',
  hours: { from: 'sunrise', opens: chosen<Span>([-1, 0], 'h'), shuts: chosen<Span>([4, 5], 'h') },
  setPrior: chosen(0.6, 'share'),
  eatAfter: chosen<Span>([50, 60], 'd'),
  seedAfter: chosen<Span>([60, 70], 'd'),
};
