import type { CropFacts, Span } from './crop';
import { CARRIED_AT_DUSK, ourDefault, GOURD, practice } from './figures';

export const snakeGourd: CropFacts = {
  ...GOURD,
  protocols: CARRIED_AT_DUSK,
  name: 'Snake gourd',
  types: 'serpent gourd',
  species: 'Trichosanthes cucumerina',
  family: 'gourd',
  group: 'snakeGourd',
  pollenVector: 'nightInsects',
  hours: { from: 'sunset', opens: practice<Span>([-1, 1], 'h'), shuts: ourDefault<Span>([8, 12], 'h') },
};
