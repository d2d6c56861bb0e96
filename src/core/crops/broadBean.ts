import type { CropFacts, Span } from './crop';
import { BY_INSECTS, chosen, development, FOR_ISOLATION } from './figures';

export const broadBean: CropFacts = {
  ...FOR_ISOLATION,
  name: 'Broad bean',
  kinds: 'fava, field and horse beans',
  species: 'Vicia faba',
  group: 'broadBean',
  carrier: 'insects',
  outcrossing: chosen<Span>([0.3, 0.7], 'share'),
  ...BY_INSECTS,
  development: development(1, 750, 35),
};
