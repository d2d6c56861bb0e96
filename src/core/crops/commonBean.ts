import type { CropFacts, Span } from './crop';
import { SELFER_ISOLATION, ourDefault, development, SELFED_ONLY } from './figures';

export const commonBean: CropFacts = {
  ...SELFED_ONLY,
  name: 'Common bean',
  types: 'French, snap, dry and climbing beans',
  species: 'Phaseolus vulgaris',
  family: 'legume',
  group: 'bean',
  flower: { type: 'keel', keel: 'coiled', petalColour: 'white' },
  hours: { from: 'sunrise', opens: ourDefault<Span>([0.5, 2], 'h'), shuts: ourDefault<Span>([8, 12], 'h') },
  receptive: ourDefault<Span>([24, 24], 'h'),
  setPrior: ourDefault(0.4, 'share'),
  pollenVector: 'self',
  outcrossing: ourDefault<Span>([0.002, 0.02], 'share'),
  ...SELFER_ISOLATION,
  development: development(8, 500, 40),
};
