import type { CropFacts, Span } from './crop';
import { INTERMEDIATE_ISOLATION, ourDefault, development, ISOLATION_ONLY } from './figures';

export const limaBean: CropFacts = {
  ...ISOLATION_ONLY,
  name: 'Lima bean',
  types: 'butter and sieva beans',
  species: 'Phaseolus lunatus',
  family: 'legume',
  group: 'limaBean',
  flower: { type: 'keel', keel: 'coiled', petalColour: 'white' },
  pollenVector: 'self',
  outcrossing: ourDefault<Span>([0.02, 0.3], 'share'),
  ...INTERMEDIATE_ISOLATION,
  development: development(10, 550, 50),
};
