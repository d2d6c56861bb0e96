import type { Figure, Span, Standing } from '../crops/crop';

/** How pollen travels from plant to plant. */
export type Carrier = 'insects' | 'nightInsects' | 'wind' | 'self';

/** Least distance from what can cross, metres, from little to much care, for each purpose. */
export interface Distances {
  readonly casual: Figure<Span>;
  readonly saving: Figure<Span>;
  readonly rare: Figure<Span>;
}

/** Fewest mothers: for any seed at all, to keep a variety, to conserve it. */
export interface Mothers {
  readonly any: Figure;
  readonly keep: Figure<Span>;
  readonly conserve: Figure<Span>;
}

export type SpeciesId = keyof typeof SPECIES_BY_ID;

/** What there is to know of a species before a flower opens: what it crosses with and how far. */
export interface Species {
  /** Botanical name. */
  readonly name: string;
  /** All varieties of one group cross freely. */
  readonly group: CrossingGroup;
  readonly carrier: Carrier;
  readonly distances: Distances;
  readonly mothers: Mothers;
}

export type CrossingGroup =
  | 'pepo'
  | 'maxima'
  | 'moschata'
  | 'argyrosperma'
  | 'melon'
  | 'cucumber'
  | 'watermelon'
  | 'bottleGourd'
  | 'luffa'
  | 'bitterGourd'
  | 'waxGourd'
  | 'snakeGourd'
  | 'corn'
  | 'tomato'
  | 'pepper'
  | 'baccatum'
  | 'pubescens'
  | 'aubergine'
  | 'potato'
  | 'okra'
  | 'bean'
  | 'runnerBean'
  | 'limaBean'
  | 'broadBean'
  | 'pea'
  | 'lettuce';

/** Seed-saving guides and certification rules agree on these ranges, quoted from memory; distances are rules. */
const STANDING: Standing = 'memory';
const SOURCE = 'seed-saving guides and certification rules';

const metres = (from: number, to = from): Figure<Span> => ({
  value: [from, to],
  unit: 'm',
  standing: STANDING,
  source: SOURCE,
});
const plants = (from: number, to = from): Figure<Span> => ({
  value: [from, to],
  unit: 'count',
  standing: STANDING,
  source: SOURCE,
});
const mothersOf = (any: number, keep: Figure<Span>, conserve: Figure<Span>): Mothers => ({
  any: { value: any, unit: 'count', standing: STANDING, source: SOURCE },
  keep,
  conserve,
});

const BY_INSECTS = {
  distances: { casual: metres(250), saving: metres(400, 800), rare: metres(800, 1600) },
  mothers: mothersOf(1, plants(5, 10), plants(25)),
};
const BY_WIND = {
  distances: { casual: metres(75, 100), saving: metres(250, 800), rare: metres(800, 3000) },
  mothers: mothersOf(10, plants(50), plants(120, 200)),
};
const PEPPERS = {
  distances: { casual: metres(15, 100), saving: metres(100, 500), rare: metres(500) },
  mothers: mothersOf(1, plants(5, 20), plants(50, 80)),
};
const TOMATOES = {
  distances: { casual: metres(3), saving: metres(3, 15), rare: metres(15, 50) },
  mothers: mothersOf(1, plants(5, 10), plants(20, 50)),
};
const SELFERS = {
  distances: { casual: metres(3, 5), saving: metres(3, 6), rare: metres(15, 50) },
  mothers: mothersOf(1, plants(5, 20), plants(20, 40)),
};
/** Between the selfers and the insects' plants: our default, as far as the upper end of the peppers'. */
const BETWEEN = { distances: PEPPERS.distances, mothers: SELFERS.mothers };

const SPECIES_BY_ID = {
  pepo: { name: 'Cucurbita pepo', group: 'pepo', carrier: 'insects', ...BY_INSECTS },
  maxima: { name: 'Cucurbita maxima', group: 'maxima', carrier: 'insects', ...BY_INSECTS },
  moschata: { name: 'Cucurbita moschata', group: 'moschata', carrier: 'insects', ...BY_INSECTS },
  argyrosperma: { name: 'Cucurbita argyrosperma', group: 'argyrosperma', carrier: 'insects', ...BY_INSECTS },
  melon: { name: 'Cucumis melo', group: 'melon', carrier: 'insects', ...BY_INSECTS },
  cucumber: { name: 'Cucumis sativus', group: 'cucumber', carrier: 'insects', ...BY_INSECTS },
  watermelon: { name: 'Citrullus lanatus', group: 'watermelon', carrier: 'insects', ...BY_INSECTS },
  citron: { name: 'Citrullus amarus', group: 'watermelon', carrier: 'insects', ...BY_INSECTS },
  bottleGourd: { name: 'Lagenaria siceraria', group: 'bottleGourd', carrier: 'nightInsects', ...BY_INSECTS },
  luffa: { name: 'Luffa aegyptiaca', group: 'luffa', carrier: 'insects', ...BY_INSECTS },
  bitterGourd: { name: 'Momordica charantia', group: 'bitterGourd', carrier: 'insects', ...BY_INSECTS },
  waxGourd: { name: 'Benincasa hispida', group: 'waxGourd', carrier: 'insects', ...BY_INSECTS },
  snakeGourd: {
    name: 'Trichosanthes cucumerina',
    group: 'snakeGourd',
    carrier: 'nightInsects',
    ...BY_INSECTS,
  },
  corn: { name: 'Zea mays', group: 'corn', carrier: 'wind', ...BY_WIND },
  tomato: { name: 'Solanum lycopersicum', group: 'tomato', carrier: 'self', ...TOMATOES },
  annuum: { name: 'Capsicum annuum', group: 'pepper', carrier: 'insects', ...PEPPERS },
  chinense: { name: 'Capsicum chinense', group: 'pepper', carrier: 'insects', ...PEPPERS },
  frutescens: { name: 'Capsicum frutescens', group: 'pepper', carrier: 'insects', ...PEPPERS },
  baccatum: { name: 'Capsicum baccatum', group: 'baccatum', carrier: 'insects', ...PEPPERS },
  pubescens: { name: 'Capsicum pubescens', group: 'pubescens', carrier: 'insects', ...PEPPERS },
  aubergine: { name: 'Solanum melongena', group: 'aubergine', carrier: 'insects', ...PEPPERS },
  potato: { name: 'Solanum tuberosum', group: 'potato', carrier: 'self', ...SELFERS },
  okra: { name: 'Abelmoschus esculentus', group: 'okra', carrier: 'insects', ...PEPPERS },
  commonBean: { name: 'Phaseolus vulgaris', group: 'bean', carrier: 'self', ...SELFERS },
  runnerBean: { name: 'Phaseolus coccineus', group: 'runnerBean', carrier: 'insects', ...BY_INSECTS },
  limaBean: { name: 'Phaseolus lunatus', group: 'limaBean', carrier: 'self', ...BETWEEN },
  broadBean: { name: 'Vicia faba', group: 'broadBean', carrier: 'insects', ...BY_INSECTS },
  pea: { name: 'Pisum sativum', group: 'pea', carrier: 'self', ...SELFERS },
  lettuce: { name: 'Lactuca sativa', group: 'lettuce', carrier: 'self', ...SELFERS },
} as const satisfies Readonly<Record<string, Species>>;

export const SPECIES: Readonly<Record<SpeciesId, Species>> = SPECIES_BY_ID;
export const SPECIES_IDS = Object.keys(SPECIES_BY_ID) as SpeciesId[];
