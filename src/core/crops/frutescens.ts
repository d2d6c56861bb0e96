import type { CropFacts } from './crop';
import { PEPPER } from './figures';

export const frutescens: CropFacts = {
  ...PEPPER,
  name: 'Chilli, C. frutescens',
  kinds: 'tabasco and bird types',
  species: 'Capsicum frutescens',
  group: 'pepper',
};
