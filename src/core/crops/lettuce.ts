import type { CropFacts, Span } from './crop';
import { SELFER_ISOLATION, ourDefault, development, ISOLATION_ONLY } from './figures';

export const lettuce: CropFacts = {
  ...ISOLATION_ONLY,
  name: 'Lettuce',
  types: 'cos, butterhead, crisphead, loose-leaf',
  species: 'Lactuca sativa',
  family: 'daisy',
  group: 'lettuce',
  pollenVector: 'self',
  outcrossing: ourDefault<Span>([0.005, 0.03], 'share'),
  ...SELFER_ISOLATION,
  development: development(4, 1300, 30),
};
