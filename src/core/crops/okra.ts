import type { CropFacts, Span } from './crop';
import { PEPPER_ISOLATION, development, ISOLATION_ONLY, practice } from './figures';

export const okra: CropFacts = {
  ...ISOLATION_ONLY,
  name: 'Okra',
  types: 'lady’s fingers',
  species: 'Abelmoschus esculentus',
  family: 'mallow',
  group: 'okra',
  flower: { type: 'mallow' },
  pollenVector: 'insects',
  outcrossing: practice<Span>([0.04, 0.2], 'share'),
  covers: ['bag', 'cage'],
  ...PEPPER_ISOLATION,
  development: development(15, 450, 60),
};
