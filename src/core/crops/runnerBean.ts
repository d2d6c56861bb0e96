import type { CropFacts, Span } from './crop';
import { BY_INSECTS, chosen, development, FOR_ISOLATION } from './figures';

export const runnerBean: CropFacts = {
  ...FOR_ISOLATION,
  name: 'Runner bean',
  kinds: 'scarlet and white runners',
  species: 'Phaseolus coccineus',
  group: 'runnerBean',
  carrier: 'insects',
  outcrossing: chosen<Span>([0.3, 0.9], 'share'),
  ...BY_INSECTS,
  development: development(8, 520, 60),
};
