import type { CropFacts, Span } from './crop';
import { chosen, SQUASH } from './figures';

export const maxima: CropFacts = {
  ...SQUASH,
  name: 'Maxima squash',
  kinds: 'kabocha, hubbard, giant pumpkins',
  species: 'Cucurbita maxima',
  group: 'maxima',
  hours: { from: 'sunrise', opens: chosen<Span>([-1, 0], 'h'), shuts: chosen<Span>([4, 5], 'h') },
  setPrior: chosen(0.6, 'share'),
  eatAfter: chosen<Span>([45, 55], 'd'),
  seedAfter: chosen<Span>([55, 65], 'd'),
};
