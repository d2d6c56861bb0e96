import type { CropFacts } from './crop';
import { watermelon } from './watermelon';

export const citron: CropFacts = {
  ...watermelon,
  name: 'Citron melon',
  kinds: 'preserving and fodder melons',
  species: 'Citrullus amarus',
  asks: [],
};
