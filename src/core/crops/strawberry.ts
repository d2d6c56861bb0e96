import type { CropFacts, Span } from './crop';
import { INSECT_ISOLATION, ourDefault, development, ISOLATION_ONLY, practice } from './figures';

export const strawberry: CropFacts = {
  ...ISOLATION_ONLY,
  name: 'Strawberry',
  types: 'kept by runners, pollinated for fruit',
  species: 'Fragaria × ananassa',
  family: 'rose',
  group: 'strawberry',
  flower: { type: 'dome' },
  pollenVector: 'insects',
  perennial: true,
  outcrossing: ourDefault<Span>([0.3, 0.9], 'share'),
  receptive: ourDefault<Span>([72, 120], 'h'),
  setPrior: ourDefault(0.85, 'share'),
  eatAfter: practice<Span>([25, 35], 'd'),
  routine: {
    every: practice<Span>([1, 2], 'd'),
    takes: practice<Span>([3, 3], 's'),
    best: ourDefault<Span>([10, 16], 'h'),
  },
  methods: ['brush'],
  ...INSECT_ISOLATION,
  development: development(3, 300, 30),
};
