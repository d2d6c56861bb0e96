import type { CropFacts, Span } from './crop';
import { BULLETINS, memory, OUTCROSSER, ourDefault, practice } from './figures';

export const sunflower: CropFacts = {
  name: 'Sunflower',
  types: 'tall single-headed, branching, oil and snack types',
  species: 'Helianthus annuus',
  family: 'daisy',
  group: 'sunflower',
  flower: { type: 'head' },
  habit: 'perfect',
  pollenVector: 'insects',
  outcrossing: OUTCROSSER,
  parts: { bearing: 'head' },
  // Every head is bagged before its rays unfold and waits so for its florets. While these open, a ring a day from the rim
  // inwards, a brush goes from head to head each second morning, or two are rubbed together; the bag goes back on.
  protocols: {
    seed: {
      walk: { daysBefore: 1, fromSunset: ourDefault(-5, 'h') },
      cover: { bearing: 'green', by: { bearing: 'bag' } },
      collect: {
        fromBearing: true,
        takes: ourDefault(20, 's'),
        serves: ourDefault(8, 'count'),
        keeps: practice(0, 'd'),
      },
      pollinate: { takes: ourDefault(60, 's'), times: practice(5, 'count'), apart: practice(2, 'd') },
      close: true,
      tag: true,
      // Until the back of the head is yellow.
      uncover: { after: ourDefault(28, 'd') },
    },
  },
  hours: { from: 'sunrise', opens: ourDefault<Span>([0.5, 1.5], 'h'), shuts: ourDefault<Span>([6, 7], 'h') },
  receptive: practice<Span>([120, 240], 'h'),
  setPrior: ourDefault(0.7, 'share'),
  malesWanted: { fruit: ourDefault(2, 'count'), seed: ourDefault(3, 'count') },
  seedAfter: ourDefault<Span>([30, 45], 'd'),
  looks: {
    early: ourDefault<Span>([10, 12], 'd'),
    set: ourDefault<Span>([18, 21], 'd'),
    kept: ourDefault(28, 'd'),
  },
  methods: ['brush', 'headToHead'],
  covers: ['bag', 'cage'],
  distances: {
    casual: ourDefault<Span>([800, 1500], 'm'),
    saving: practice<Span>([1500, 3000], 'm'),
    rare: practice<Span>([3000, 5000], 'm'),
  },
  mothers: {
    any: ourDefault(1, 'count'),
    keep: ourDefault<Span>([10, 20], 'count'),
    conserve: ourDefault<Span>([50, 100], 'count'),
  },
  development: {
    base: memory(7, 'degC', BULLETINS),
    cap: ourDefault(32, 'degC'),
    method: 'limitEnds',
    toFlower: ourDefault(850, 'degCd'),
    transplantFraction: ourDefault(0.2, 'share'),
    floweringDays: ourDefault(21, 'd'),
  },
  variableTraits: [],
  cautions: [],
};
