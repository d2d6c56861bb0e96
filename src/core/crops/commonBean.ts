import type { CropFacts, Span } from './crop';
import { SELFER_ISOLATION, ourDefault, development, ISOLATION_ONLY } from './figures';

export const commonBean: CropFacts = {
  ...ISOLATION_ONLY,
  name: 'Common bean',
  types: 'French, snap, dry and climbing beans',
  species: 'Phaseolus vulgaris',
  family: 'legume',
  group: 'bean',
  flower: { type: 'keel', keel: 'coiled', petalColour: 'white' },
  pollenVector: 'self',
  outcrossing: ourDefault<Span>([0.002, 0.02], 'share'),
  ...SELFER_ISOLATION,
  development: development(8, 500, 40),
};
