import type { CropFacts, Span } from './crop';
import { PEPPER_ISOLATION, development, SELFED_ONLY, practice, ourDefault } from './figures';

export const okra: CropFacts = {
  ...SELFED_ONLY,
  name: 'Okra',
  types: 'lady’s fingers',
  species: 'Abelmoschus esculentus',
  family: 'mallow',
  group: 'okra',
  flower: { type: 'mallow' },
  hours: { from: 'sunrise', opens: ourDefault<Span>([0.5, 1.5], 'h'), shuts: ourDefault<Span>([6, 9], 'h') },
  receptive: ourDefault<Span>([24, 24], 'h'),
  setPrior: ourDefault(0.7, 'share'),
  pollenVector: 'insects',
  outcrossing: practice<Span>([0.04, 0.2], 'share'),
  ...PEPPER_ISOLATION,
  development: development(15, 450, 60),
};
