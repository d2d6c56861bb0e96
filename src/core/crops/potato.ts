import type { CropFacts, Span } from './crop';
import { SELFER_ISOLATION, ourDefault, development, ISOLATION_ONLY, KEPT_FOR_WEEKS } from './figures';

export const potato: CropFacts = {
  ...ISOLATION_ONLY,
  name: 'Potato',
  types: 'for true seed',
  species: 'Solanum tuberosum',
  family: 'nightshade',
  group: 'potato',
  flower: { type: 'nightshade', anthers: 'cone', petalColour: 'white', fruitlet: 'round' },
  pollenVector: 'self',
  outcrossing: ourDefault<Span>([0.01, 0.2], 'share'),
  pollenKept: KEPT_FOR_WEEKS,
  receptive: ourDefault<Span>([48, 96], 'h'),
  setPrior: ourDefault(0.3, 'share'),
  seedAfter: ourDefault<Span>([42, 56], 'd'),
  covers: ['bag', 'cage'],
  ...SELFER_ISOLATION,
  development: development(7, 550, 30),
  cautions: ['poisonousBerries'],
};
