import type { CropFacts, Span } from './crop';
import { ourDefault, PEPPER } from './figures';

export const aubergine: CropFacts = {
  ...PEPPER,
  name: 'Aubergine',
  types: 'eggplant, brinjal',
  species: 'Solanum melongena',
  family: 'nightshade',
  group: 'aubergine',
  flower: { type: 'nightshade', anthers: 'cone', petalColour: 'violet', styles: 'various', fruitlet: 'oval' },
  outcrossing: ourDefault<Span>([0.05, 0.4], 'share'),
  receptive: ourDefault<Span>([48, 96], 'h'),
  setPrior: ourDefault(0.55, 'share'),
  eatAfter: ourDefault<Span>([15, 25], 'd'),
  seedAfter: ourDefault<Span>([55, 70], 'd'),
  routine: { ...PEPPER.routine, longStyledOnly: true },
  methods: ['brush', 'vibrate', 'emasculate'],
  cautions: ['mosaicOnHands'],
};
