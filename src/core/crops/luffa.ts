import type { CropFacts, Span } from './crop';
import { chosen, GOURD, practice } from './figures';

export const luffa: CropFacts = {
  ...GOURD,
  name: 'Luffa',
  kinds: 'sponge and ridge gourds',
  species: 'Luffa aegyptiaca',
  group: 'luffa',
  carrier: 'insects',
  hours: { from: 'sunrise', opens: practice<Span>([-1, 1], 'h'), shuts: chosen<Span>([8, 12], 'h') },
};
