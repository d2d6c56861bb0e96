import type { CropFacts, Span } from './crop';
import { IN_BETWEEN, chosen, development, FOR_ISOLATION } from './figures';

export const limaBean: CropFacts = {
  ...FOR_ISOLATION,
  name: 'Lima bean',
  kinds: 'butter and sieva beans',
  species: 'Phaseolus lunatus',
  group: 'limaBean',
  carrier: 'self',
  outcrossing: chosen<Span>([0.02, 0.3], 'share'),
  ...IN_BETWEEN,
  development: development(10, 550, 50),
};
