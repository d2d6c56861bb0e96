import type { CropFacts, Span } from './crop';
import { AS_SELFERS, chosen, development, FOR_ISOLATION } from './figures';

export const potato: CropFacts = {
  ...FOR_ISOLATION,
  name: 'Potato',
  kinds: 'for true seed',
  species: 'Solanum tuberosum',
  group: 'potato',
  carrier: 'self',
  outcrossing: chosen<Span>([0.01, 0.2], 'share'),
  receptive: chosen<Span>([48, 96], 'h'),
  setPrior: chosen(0.3, 'share'),
  seedAfter: chosen<Span>([42, 56], 'd'),
  covers: ['bag', 'cage'],
  ...AS_SELFERS,
  development: development(7, 550, 30),
  cautions: ['poisonousBerries'],
};
