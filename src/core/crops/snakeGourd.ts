import type { CropFacts, Span } from './crop';
import { chosen, GOURD, practice } from './figures';

export const snakeGourd: CropFacts = {
  ...GOURD,
  name: 'Snake gourd',
  kinds: 'serpent gourd',
  species: 'Trichosanthes cucumerina',
  group: 'snakeGourd',
  carrier: 'nightInsects',
  hours: { from: 'sunset', opens: practice<Span>([-1, 1], 'h'), shuts: chosen<Span>([8, 12], 'h') },
};
