import type { CropFacts, Span } from './crop';
import { SELFER_ISOLATION, ourDefault, development, ISOLATION_ONLY } from './figures';

export const pea: CropFacts = {
  ...ISOLATION_ONLY,
  name: 'Pea',
  types: 'shelling, snow and snap peas',
  species: 'Pisum sativum',
  family: 'legume',
  group: 'pea',
  flower: { type: 'keel', keel: 'straight', petalColour: 'white' },
  pollenVector: 'self',
  outcrossing: ourDefault<Span>([0.001, 0.01], 'share'),
  ...SELFER_ISOLATION,
  development: development(4, 600, 25),
};
