import type { CropFacts } from './crop';
import { PEPPER } from './figures';

export const frutescens: CropFacts = {
  ...PEPPER,
  name: 'Chilli, C. frutescens',
  types: 'tabasco and bird types',
  species: 'Capsicum frutescens',
  family: 'nightshade',
  group: 'pepper',
};
