import type { CropFacts, Span } from './crop';
import { CARRIED_AT_DUSK, ourDefault, GOURD, practice, gourdFlower, growsTo } from './figures';

export const snakeGourd: CropFacts = {
  ...GOURD,
  protocols: CARRIED_AT_DUSK,
  name: 'Snake gourd',
  types: 'serpent gourd',
  species: 'Trichosanthes cucumerina',
  family: 'gourd',
  group: 'snakeGourd',
  flower: gourdFlower('curved', {
    petals: 'fringed',
    petalColour: 'white',
    maleStalk: 'long',
    males: 'clustered',
  }),
  pollenVector: 'nightInsects',
  growth: growsTo('length', 60, 900),
  hours: { from: 'sunset', opens: practice<Span>([-1, 1], 'h'), shuts: ourDefault<Span>([8, 12], 'h') },
};
