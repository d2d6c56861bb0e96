import type { CropFacts } from './crop';
import { PEPPER } from './figures';

export const chinense: CropFacts = {
  ...PEPPER,
  name: 'Chilli, C. chinense',
  types: 'habanero and bonnet types',
  species: 'Capsicum chinense',
  family: 'nightshade',
  group: 'pepper',
};
