import type { CropFacts, Span } from './crop';
import { chosen, practice, SQUASH } from './figures';

export const pepo: CropFacts = {
  ...SQUASH,
  name: 'Pepo squash',
  kinds: 'zucchini, acorn, spaghetti, many pumpkins and small gourds',
  species: 'Cucurbita pepo',
  group: 'pepo',
  hours: {
    from: 'sunrise',
    opens: chosen<Span>([-0.5, 0.5], 'h'),
    shuts: chosen<Span>([4, 6], 'h'),
    doneByClock: practice(10, 'h'),
  },
  receptive: practice<Span>([6, 48], 'h'),
  setPrior: chosen(0.65, 'share'),
  eatAfter: chosen<Span>([4, 8], 'd'),
  seedAfter: chosen<Span>([50, 60], 'd'),
  asks: ['setsAlone'],
};
