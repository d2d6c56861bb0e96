import type { CropFacts } from './crop';
import { PEPPER } from './figures';

export const annuum: CropFacts = {
  ...PEPPER,
  name: 'Sweet pepper and chilli',
  types: 'bell, paprika, cayenne, jalapeño',
  species: 'Capsicum annuum',
  family: 'nightshade',
  group: 'pepper',
};
