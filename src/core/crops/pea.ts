import type { CropFacts, Span } from './crop';
import { AS_SELFERS, chosen, development, FOR_ISOLATION } from './figures';

export const pea: CropFacts = {
  ...FOR_ISOLATION,
  name: 'Pea',
  kinds: 'shelling, snow and snap peas',
  species: 'Pisum sativum',
  group: 'pea',
  carrier: 'self',
  outcrossing: chosen<Span>([0.001, 0.01], 'share'),
  ...AS_SELFERS,
  development: development(4, 600, 25),
};
