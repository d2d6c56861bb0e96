import type { CropFacts, Span } from './crop';
import { chosen, GOURD, practice } from './figures';

export const bitterGourd: CropFacts = {
  ...GOURD,
  name: 'Bitter gourd',
  kinds: 'bitter melon, karela',
  species: 'Momordica charantia',
  group: 'bitterGourd',
  carrier: 'insects',
  hours: { from: 'sunrise', opens: practice<Span>([-1, 1], 'h'), shuts: chosen<Span>([6, 8], 'h') },
  cautions: ['mosaicOnHands'],
};
