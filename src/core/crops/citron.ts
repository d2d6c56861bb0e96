import type { CropFacts } from './crop';
import { watermelon } from './watermelon';

export const citron: CropFacts = {
  ...watermelon,
  name: 'Citron melon',
  types: 'preserving and fodder melons',
  species: 'Citrullus amarus',
  family: 'gourd',
  variableTraits: [],
};
