import type { CropFacts, Span } from './crop';
import { AS_SELFERS, chosen, development, FOR_ISOLATION } from './figures';

export const commonBean: CropFacts = {
  ...FOR_ISOLATION,
  name: 'Common bean',
  kinds: 'French, snap, dry and climbing beans',
  species: 'Phaseolus vulgaris',
  group: 'bean',
  carrier: 'self',
  outcrossing: chosen<Span>([0.002, 0.02], 'share'),
  ...AS_SELFERS,
  development: development(8, 500, 40),
};
