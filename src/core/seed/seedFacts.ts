import type { CropId } from '../crops/catalogue';
import type { Figure, Span, Standing } from '../crops/crop';
import type { Extraction } from '../journal/kinds/seed';

/** A figure of seed work: some have units that no other has. */
interface SeedFigure<T = number> extends Omit<Figure<T>, 'unit'> {
  readonly unit: Figure['unit'] | 'g' | 'years';
}

/** What is done with the fruit of a crop from harvest to packet, and how its seed is tested. */
export interface SeedFacts {
  readonly extraction: Extraction;
  /** Days for which what was picked is kept whole, indoors, before it is opened: its seed ripens on. */
  readonly cure: SeedFigure<Span>;
  /** Days in its own juice. */
  readonly ferment?: SeedFigure<Span>;
  /** Days until it is dry. */
  readonly dry: SeedFigure<Span>;
  /** What a thousand seeds weigh. */
  readonly thousandGrams: SeedFigure<Span>;
  /** Days after which germinated seeds are counted for the first and for the last time. */
  readonly counts: SeedFigure<Span>;
  /** The least share that has to germinate where seed is sold in interstate commerce in the United States. */
  readonly minimum?: SeedFigure;
  /** Years for which it keeps in a dry room, in paper. */
  readonly keeps: SeedFigure<Span>;
  /** Is the flesh tasted before its seed is kept? */
  readonly tasted?: true;
}

const figure =
  (standing: Standing, source?: string) =>
  <T>(value: T, unit: SeedFigure['unit']): SeedFigure<T> => ({
    ...{ value, unit, standing },
    ...(source !== undefined && { source }),
  });
const practice = figure('practice');
const ours = figure('default');
/** Days of first and last count. */
const ista = (first: number, last: number): SeedFigure<Span> =>
  figure('memory', 'ISTA, International Rules for Seed Testing, table 5A')<Span>([first, last], 'd');
const minimum = (percent: number): SeedFigure => figure('memory', '7 CFR 201.31')(percent / 100, 'share');
const grams = (light: number, heavy: number): SeedFigure<Span> => ours<Span>([light, heavy], 'g');
const years = (least: number, most: number): SeedFigure<Span> => practice<Span>([least, most], 'years');
const days = (least: number, most: number): SeedFigure<Span> => ours<Span>([least, most], 'd');

/** It can be opened as it is picked. */
const AT_ONCE = days(0, 7);

const SQUASH_SEED = {
  extraction: 'wet',
  cure: practice<Span>([21, 90], 'd'),
  dry: days(7, 14),
  counts: ista(4, 8),
  minimum: minimum(75),
  keeps: years(4, 6),
  tasted: true,
} as const satisfies Partial<SeedFacts>;

const PEPPER_SEED: SeedFacts = {
  extraction: 'dry',
  cure: AT_ONCE,
  dry: days(5, 10),
  thousandGrams: grams(4, 9),
  counts: ista(7, 14),
  minimum: minimum(55),
  keeps: years(2, 4),
};

const GOURD_SEED = {
  extraction: 'wet',
  cure: days(0, 30),
  dry: days(7, 14),
  counts: ista(4, 14),
  keeps: years(4, 6),
} as const satisfies Partial<SeedFacts>;

const DRY_POD = {
  extraction: 'dry',
  cure: days(7, 21),
  dry: days(3, 14),
} as const satisfies Partial<SeedFacts>;

/** Seed work crop by crop; a crop that is missing does not compile. */
const SEED_FACTS: Readonly<Record<CropId, SeedFacts>> = {
  pepo: { ...SQUASH_SEED, thousandGrams: grams(80, 200) },
  maxima: { ...SQUASH_SEED, thousandGrams: grams(200, 450) },
  moschata: { ...SQUASH_SEED, thousandGrams: grams(80, 160) },
  argyrosperma: { ...SQUASH_SEED, thousandGrams: grams(150, 300) },
  melon: {
    extraction: 'wet',
    cure: AT_ONCE,
    dry: days(5, 10),
    thousandGrams: grams(20, 40),
    counts: ista(4, 8),
    minimum: minimum(75),
    keeps: years(5, 8),
    tasted: true,
  },
  cucumber: {
    extraction: 'wet',
    cure: days(7, 21),
    ferment: practice<Span>([1, 3], 'd'),
    dry: days(5, 10),
    thousandGrams: grams(20, 40),
    counts: ista(4, 8),
    minimum: minimum(80),
    keeps: years(5, 10),
  },
  watermelon: {
    extraction: 'wet',
    cure: AT_ONCE,
    dry: days(5, 10),
    thousandGrams: grams(40, 130),
    counts: ista(5, 14),
    minimum: minimum(70),
    keeps: years(4, 6),
    tasted: true,
  },
  citron: {
    extraction: 'wet',
    cure: days(0, 60),
    dry: days(5, 10),
    thousandGrams: grams(60, 130),
    counts: ista(5, 14),
    minimum: minimum(65),
    keeps: years(4, 6),
  },
  bottleGourd: { ...GOURD_SEED, extraction: 'dry', cure: days(30, 180), thousandGrams: grams(100, 250) },
  luffa: { ...GOURD_SEED, extraction: 'dry', cure: days(14, 90), thousandGrams: grams(70, 120) },
  bitterGourd: { ...GOURD_SEED, thousandGrams: grams(130, 220) },
  waxGourd: { ...GOURD_SEED, cure: days(21, 90), thousandGrams: grams(35, 80) },
  snakeGourd: { ...GOURD_SEED, thousandGrams: grams(150, 300) },
  corn: {
    extraction: 'dry',
    cure: days(14, 42),
    dry: days(3, 14),
    thousandGrams: grams(120, 400),
    counts: ista(4, 7),
    minimum: minimum(75),
    keeps: years(2, 5),
  },
  tomato: {
    extraction: 'wet',
    cure: AT_ONCE,
    ferment: practice<Span>([1, 3], 'd'),
    dry: days(3, 7),
    thousandGrams: grams(2, 4),
    counts: ista(5, 14),
    minimum: minimum(75),
    keeps: years(4, 8),
  },
  annuum: PEPPER_SEED,
  chinense: PEPPER_SEED,
  frutescens: PEPPER_SEED,
  baccatum: PEPPER_SEED,
  pubescens: PEPPER_SEED,
  aubergine: {
    extraction: 'wet',
    cure: days(0, 14),
    dry: days(5, 10),
    thousandGrams: grams(3, 6),
    counts: ista(7, 14),
    minimum: minimum(60),
    keeps: years(4, 5),
  },
  potato: {
    extraction: 'wet',
    cure: days(0, 30),
    dry: days(3, 7),
    thousandGrams: grams(0.4, 1),
    counts: ista(3, 14),
    keeps: years(5, 10),
  },
  okra: {
    ...DRY_POD,
    thousandGrams: grams(45, 80),
    counts: ista(4, 21),
    minimum: minimum(50),
    keeps: years(2, 4),
  },
  strawberry: {
    extraction: 'wet',
    cure: AT_ONCE,
    dry: days(3, 7),
    thousandGrams: grams(0.3, 0.7),
    counts: ista(7, 28),
    keeps: years(2, 4),
  },
  sunflower: {
    ...DRY_POD,
    thousandGrams: grams(30, 130),
    counts: ista(4, 10),
    keeps: years(3, 6),
  },
  commonBean: {
    ...DRY_POD,
    thousandGrams: grams(150, 700),
    counts: ista(5, 9),
    minimum: minimum(70),
    keeps: years(3, 5),
  },
  runnerBean: {
    ...DRY_POD,
    thousandGrams: grams(700, 1500),
    counts: ista(5, 9),
    minimum: minimum(75),
    keeps: years(3, 5),
  },
  limaBean: {
    ...DRY_POD,
    thousandGrams: grams(300, 1300),
    counts: ista(5, 9),
    minimum: minimum(70),
    keeps: years(3, 4),
  },
  broadBean: {
    ...DRY_POD,
    thousandGrams: grams(400, 2500),
    counts: ista(4, 14),
    minimum: minimum(75),
    keeps: years(3, 5),
  },
  pea: {
    ...DRY_POD,
    thousandGrams: grams(120, 400),
    counts: ista(5, 8),
    minimum: minimum(80),
    keeps: years(3, 4),
  },
  lettuce: {
    ...DRY_POD,
    thousandGrams: grams(0.6, 1.5),
    counts: ista(4, 7),
    minimum: minimum(80),
    keeps: years(3, 5),
  },
};

/**
 * What is known of the seed work of a crop.
 *
 * @example seedFactsOf('tomato').ferment?.value // [1, 3]
 */
export const seedFactsOf = (crop: CropId): SeedFacts => SEED_FACTS[crop];

/** Seed is dried below this, °C. Common practice, no source. */
export const DRY_BELOW_C = 35;
