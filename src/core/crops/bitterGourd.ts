import type { CropFacts, Span } from './crop';
import { ourDefault, GOURD, practice, gourdFlower, growsTo } from './figures';

export const bitterGourd: CropFacts = {
  ...GOURD,
  name: 'Bitter gourd',
  types: 'bitter melon, karela',
  species: 'Momordica charantia',
  family: 'gourd',
  group: 'bitterGourd',
  flower: gourdFlower('ribbed', { maleStalk: 'long' }),
  pollenVector: 'insects',
  growth: growsTo('length', 30, 200),
  hours: { from: 'sunrise', opens: practice<Span>([-1, 1], 'h'), shuts: ourDefault<Span>([6, 8], 'h') },
  cautions: ['mosaicOnHands'],
};
