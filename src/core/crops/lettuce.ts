import type { CropFacts, Span } from './crop';
import { AS_SELFERS, chosen, development, FOR_ISOLATION } from './figures';

export const lettuce: CropFacts = {
  ...FOR_ISOLATION,
  name: 'Lettuce',
  kinds: 'cos, butterhead, crisphead, loose-leaf',
  species: 'Lactuca sativa',
  group: 'lettuce',
  carrier: 'self',
  outcrossing: chosen<Span>([0.005, 0.03], 'share'),
  ...AS_SELFERS,
  development: development(4, 1300, 30),
};
