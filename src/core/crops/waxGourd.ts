import type { CropFacts } from './crop';
import { GOURD } from './figures';

export const waxGourd: CropFacts = {
  ...GOURD,
  name: 'Wax gourd',
  kinds: 'ash gourd, fuzzy melon',
  species: 'Benincasa hispida',
  group: 'waxGourd',
  carrier: 'insects',
};
