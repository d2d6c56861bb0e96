import type { CropFacts, Span } from './crop';
import { ourDefault, GOURD, practice } from './figures';

export const bitterGourd: CropFacts = {
  ...GOURD,
  name: 'Bitter gourd',
  types: 'bitter melon, karela',
  species: 'Momordica charantia',
  family: 'gourd',
  group: 'bitterGourd',
  pollenVector: 'insects',
  hours: { from: 'sunrise', opens: practice<Span>([-1, 1], 'h'), shuts: ourDefault<Span>([6, 8], 'h') },
  cautions: ['mosaicOnHands'],
};
