import type { CropFacts } from './crop';
import { PEPPER } from './figures';

export const pubescens: CropFacts = {
  ...PEPPER,
  name: 'Chilli, C. pubescens',
  types: 'rocoto',
  species: 'Capsicum pubescens',
  family: 'nightshade',
  group: 'pubescens',
  flower: { type: 'nightshade', anthers: 'free', petalColour: 'violet', fruitlet: 'oval' },
};
