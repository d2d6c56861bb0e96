import type { CropFacts, Span } from './crop';
import { INTERMEDIATE_ISOLATION, ourDefault, development, SELFED_ONLY } from './figures';

export const limaBean: CropFacts = {
  ...SELFED_ONLY,
  name: 'Lima bean',
  types: 'butter and sieva beans',
  species: 'Phaseolus lunatus',
  family: 'legume',
  group: 'limaBean',
  flower: { type: 'keel', keel: 'coiled', petalColour: 'white' },
  hours: { from: 'sunrise', opens: ourDefault<Span>([0.5, 2], 'h'), shuts: ourDefault<Span>([8, 12], 'h') },
  receptive: ourDefault<Span>([24, 24], 'h'),
  setPrior: ourDefault(0.4, 'share'),
  pollenVector: 'self',
  outcrossing: ourDefault<Span>([0.02, 0.3], 'share'),
  ...INTERMEDIATE_ISOLATION,
  development: development(10, 550, 50),
};
