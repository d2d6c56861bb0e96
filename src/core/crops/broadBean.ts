import type { CropFacts, Span } from './crop';
import { INSECT_ISOLATION, ourDefault, development, ISOLATION_ONLY } from './figures';

export const broadBean: CropFacts = {
  ...ISOLATION_ONLY,
  name: 'Broad bean',
  types: 'fava, field and horse beans',
  species: 'Vicia faba',
  family: 'legume',
  group: 'broadBean',
  flower: { type: 'keel', keel: 'straight', petalColour: 'white', blotched: true },
  pollenVector: 'insects',
  outcrossing: ourDefault<Span>([0.3, 0.7], 'share'),
  ...INSECT_ISOLATION,
  development: development(1, 750, 35),
};
