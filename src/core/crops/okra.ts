import type { CropFacts, Span } from './crop';
import { AS_PEPPERS, development, FOR_ISOLATION, practice } from './figures';

export const okra: CropFacts = {
  ...FOR_ISOLATION,
  name: 'Okra',
  kinds: 'lady’s fingers',
  species: 'Abelmoschus esculentus',
  group: 'okra',
  carrier: 'insects',
  outcrossing: practice<Span>([0.04, 0.2], 'share'),
  covers: ['bag', 'cage'],
  ...AS_PEPPERS,
  development: development(15, 450, 60),
};
