import type { CropFacts, Span } from './crop';
import { ourDefault, SQUASH, squashFlower, growsTo } from './figures';

export const moschata: CropFacts = {
  ...SQUASH,
  name: 'Moschata squash',
  types: 'butternut, cheese and crookneck pumpkins',
  species: 'Cucurbita moschata',
  family: 'gourd',
  group: 'moschata',
  flower: squashFlower('bottle'),
  hours: { from: 'sunrise', opens: ourDefault<Span>([-1, 0], 'h'), shuts: ourDefault<Span>([4, 5], 'h') },
  setPrior: ourDefault(0.6, 'share'),
  growth: growsTo('length', 40, 250),
  eatAfter: ourDefault<Span>([50, 60], 'd'),
  seedAfter: ourDefault<Span>([60, 70], 'd'),
};
