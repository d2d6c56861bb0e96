import type { CropFacts, Span } from './crop';
import { INSECT_ISOLATION, ourDefault, development, ISOLATION_ONLY } from './figures';

export const runnerBean: CropFacts = {
  ...ISOLATION_ONLY,
  name: 'Runner bean',
  types: 'scarlet and white runners',
  species: 'Phaseolus coccineus',
  family: 'legume',
  group: 'runnerBean',
  flower: { type: 'keel', keel: 'coiled', petalColour: 'scarlet' },
  pollenVector: 'insects',
  outcrossing: ourDefault<Span>([0.3, 0.9], 'share'),
  ...INSECT_ISOLATION,
  development: development(8, 520, 60),
};
