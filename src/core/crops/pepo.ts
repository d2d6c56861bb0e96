import type { CropFacts, Span } from './crop';
import { ourDefault, practice, SQUASH, squashFlower, growsTo } from './figures';

export const pepo: CropFacts = {
  ...SQUASH,
  name: 'Pepo squash',
  types: 'zucchini, acorn, spaghetti, many pumpkins and small gourds',
  species: 'Cucurbita pepo',
  family: 'gourd',
  group: 'pepo',
  flower: squashFlower('long'),
  hours: {
    from: 'sunrise',
    opens: ourDefault<Span>([-0.5, 0.5], 'h'),
    shuts: ourDefault<Span>([4, 6], 'h'),
    doneByClock: practice(10, 'h'),
  },
  receptive: practice<Span>([6, 48], 'h'),
  setPrior: ourDefault(0.65, 'share'),
  growth: growsTo('length', 40, 250),
  eatAfter: ourDefault<Span>([4, 8], 'd'),
  seedAfter: ourDefault<Span>([50, 60], 'd'),
  variableTraits: ['parthenocarpic', 'fruitShape'],
};
