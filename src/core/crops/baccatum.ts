import type { CropFacts } from './crop';
import { PEPPER } from './figures';

export const baccatum: CropFacts = {
  ...PEPPER,
  name: 'Chilli, C. baccatum',
  types: 'ají types',
  species: 'Capsicum baccatum',
  family: 'nightshade',
  group: 'baccatum',
};
