import type { CropFacts } from './crop';
import { GOURD, gourdFlower, growsTo } from './figures';

export const waxGourd: CropFacts = {
  ...GOURD,
  name: 'Wax gourd',
  types: 'ash gourd, fuzzy melon',
  species: 'Benincasa hispida',
  family: 'gourd',
  group: 'waxGourd',
  flower: gourdFlower('oval', { maleStalk: 'long', hairy: true }),
  growth: growsTo('length', 30, 350),
  pollenVector: 'insects',
};
