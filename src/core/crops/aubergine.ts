import type { CropFacts, Span } from './crop';
import { chosen, PEPPER } from './figures';

export const aubergine: CropFacts = {
  ...PEPPER,
  name: 'Aubergine',
  kinds: 'eggplant, brinjal',
  species: 'Solanum melongena',
  group: 'aubergine',
  outcrossing: chosen<Span>([0.05, 0.4], 'share'),
  receptive: chosen<Span>([48, 96], 'h'),
  setPrior: chosen(0.55, 'share'),
  eatAfter: chosen<Span>([15, 25], 'd'),
  seedAfter: chosen<Span>([55, 70], 'd'),
  methods: ['brush', 'vibrate', 'emasculate'],
  cautions: ['mosaicOnHands'],
};
