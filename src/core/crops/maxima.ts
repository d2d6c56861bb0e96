import type { CropFacts, Span } from './crop';
import { ourDefault, SQUASH, squashFlower, growsTo } from './figures';

export const maxima: CropFacts = {
  ...SQUASH,
  name: 'Maxima squash',
  types: 'kabocha, hubbard, giant pumpkins',
  species: 'Cucurbita maxima',
  family: 'gourd',
  group: 'maxima',
  flower: squashFlower('round'),
  hours: { from: 'sunrise', opens: ourDefault<Span>([-1, 0], 'h'), shuts: ourDefault<Span>([4, 5], 'h') },
  setPrior: ourDefault(0.6, 'share'),
  growth: growsTo('across', 25, 250),
  eatAfter: ourDefault<Span>([45, 55], 'd'),
  seedAfter: ourDefault<Span>([55, 65], 'd'),
};
