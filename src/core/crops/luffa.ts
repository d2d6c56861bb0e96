import type { CropFacts, Span } from './crop';
import { ourDefault, GOURD, practice, gourdFlower, growsTo } from './figures';

export const luffa: CropFacts = {
  ...GOURD,
  name: 'Luffa',
  types: 'sponge and ridge gourds',
  species: 'Luffa aegyptiaca',
  family: 'gourd',
  group: 'luffa',
  flower: gourdFlower('ribbed', { maleStalk: 'long', males: 'clustered' }),
  pollenVector: 'insects',
  growth: growsTo('length', 40, 400),
  hours: { from: 'sunrise', opens: practice<Span>([-1, 1], 'h'), shuts: ourDefault<Span>([8, 12], 'h') },
};
