import type { CropFacts, Span } from './crop';
import { SELFER_ISOLATION, ourDefault, development, ISOLATION_ONLY, practice } from './figures';

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
  pollenKept: { dryCold: practice<Span>([7, 28], 'd') },
  receptive: ourDefault<Span>([48, 96], 'h'),
  setPrior: ourDefault(0.3, 'share'),
  seedAfter: ourDefault<Span>([42, 56], 'd'),
  covers: ['bag', 'cage'],
  ...SELFER_ISOLATION,
  development: development(7, 550, 30),
  cautions: ['poisonousBerries'],
};
