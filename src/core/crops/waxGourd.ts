import type { CropFacts } from './crop';
import { GOURD, gourdFlower } from './figures';

export const waxGourd: CropFacts = {
  ...GOURD,
  name: 'Wax gourd',
  types: 'ash gourd, fuzzy melon',
  species: 'Benincasa hispida',
  family: 'gourd',
  group: 'waxGourd',
  flower: gourdFlower('oval', { maleStalk: 'long', hairy: true }),
  pollenVector: 'insects',
};
