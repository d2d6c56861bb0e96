import type { CropFacts, Span } from './crop';
import { BY_INSECTS, chosen, development, FOR_ISOLATION, practice } from './figures';

export const strawberry: CropFacts = {
  ...FOR_ISOLATION,
  name: 'Strawberry',
  kinds: 'kept by runners, pollinated for fruit',
  species: 'Fragaria × ananassa',
  group: 'strawberry',
  carrier: 'insects',
  outcrossing: chosen<Span>([0.3, 0.9], 'share'),
  receptive: chosen<Span>([72, 120], 'h'),
  setPrior: chosen(0.85, 'share'),
  eatAfter: practice<Span>([25, 35], 'd'),
  methods: ['brush'],
  ...BY_INSECTS,
  development: development(3, 300, 30),
};
