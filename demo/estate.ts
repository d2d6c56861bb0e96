import type { Day } from '../src/core/time/types';
import type { Bodies } from '../src/core/journal/kinds/kinds';

/** The demo garden: an estate, beds and varieties of our own invention. */
export const ESTATE: Bodies['garden.described'] = {
  name: 'Larkmere walled garden',
  place: 'Larkmere',
  latitude: 52.31,
  longitude: -1.87,
  zone: 'Europe/London',
};

export const SEASON: Omit<Bodies['season.named'], 'season'> = {
  name: 'Summer 2026',
  from: '2026-04-01',
  to: '2026-10-31',
};

/** The summer before, which was closed. */
export const LAST_SEASON: Omit<Bodies['season.named'], 'season'> = {
  name: 'Summer 2025',
  from: '2025-04-01',
  to: '2025-10-19',
};

/** Mornings on which what was open was counted, before anybody walked in the evening. */
export const KITCHEN_MORNINGS: readonly Day[] = ['2026-06-09', '2026-06-11'];

/** First scouted morning, and the evening on which the demo begins, in the middle of its walk. */
export const FIRST_MORNING = '2026-06-14';
/** Two ways that are tried: one trial that is done, and one that runs. */
export const TRIALS: readonly (Pick<
  Bodies['trial.planned'],
  'compares' | 'ways' | 'pairs' | 'difference' | 'from'
> & { readonly key: string })[] = [
  {
    key: 'ember',
    compares: 'method',
    ways: [{ method: 'maleFlower' }, { method: 'brush' }],
    ...{ pairs: 10, difference: 0.4, from: '2026-06-20' },
  },
  {
    key: 'button',
    compares: 'males',
    ways: [{ males: 1 }, { males: 3 }],
    ...{ pairs: 30, difference: 0.3, from: '2026-07-08' },
  },
];
export const LAST_EVENING = '2026-07-18';
export const DEMO_BEGINS_HOUR = 19.4;

/** A variety on the plan. */
export interface PlantedVariety {
  readonly body: Omit<Bodies['variety.described'], 'variety'>;
  readonly bed: string;
  readonly rows: readonly number[];
  readonly plantsPerRow: number;
}

/** One that is walked. */
export interface DemoVariety extends PlantedVariety {
  readonly key: string;
  /** Females and males a plant opens on a mean morning. */
  readonly females: number;
  readonly males: number;
  /** Where it begins later than the others. */
  readonly flowersFrom?: Day;
  /** Chance that a well-pollinated flower keeps its fruit. */
  readonly keeps: number;
}

export const VARIETIES: readonly DemoVariety[] = [
  {
    key: 'ember',
    body: {
      name: 'Ember Loaf',
      crop: 'pepo',
      purpose: 'eat',
      seedSource: 'boughtLine',
      ownPollen: 'allowed',
      traits: {},
      sowing: { how: 'plantedOut', day: '2026-05-10' },
    },
    bed: 'A',
    rows: [1, 2],
    plantsPerRow: 3,
    females: 0.28,
    males: 0.8,
    keeps: 0.7,
  },
  {
    key: 'button',
    body: {
      name: 'Marsh Button',
      crop: 'pepo',
      purpose: 'seedToKeep',
      seedSource: 'ownGuarded',
      ownPollen: 'lastResort',
      traits: {},
      sowing: { how: 'plantedOut', day: '2026-05-12' },
    },
    bed: 'B',
    rows: [1, 2],
    plantsPerRow: 4,
    females: 0.2,
    males: 0.75,
    keeps: 0.62,
  },
  {
    key: 'lantern',
    body: {
      name: 'Slate Lantern',
      crop: 'maxima',
      purpose: 'seedToKeep',
      seedSource: 'ownGuarded',
      ownPollen: 'lastResort',
      traits: {},
      sowing: { how: 'plantedOut', day: '2026-05-12' },
    },
    bed: 'C',
    rows: [1, 2],
    plantsPerRow: 4,
    females: 0.16,
    males: 0.7,
    keeps: 0.58,
  },
  {
    key: 'fiddle',
    body: {
      name: 'Dusk Fiddle',
      crop: 'moschata',
      purpose: 'rareOrSold',
      seedSource: 'swapped',
      ownPollen: 'lastResort',
      traits: {},
      sowing: { how: 'plantedOut', day: '2026-05-12' },
    },
    bed: 'D',
    rows: [1, 2],
    plantsPerRow: 4,
    females: 0.17,
    males: 0.45,
    keeps: 0.55,
  },
  {
    key: 'dial',
    body: {
      name: 'Copper Dial',
      crop: 'melon',
      purpose: 'seedToKeep',
      seedSource: 'boughtLine',
      ownPollen: 'allowed',
      traits: { flowers: 'perfect' },
      sowing: { how: 'plantedOut', day: '2026-05-28' },
    },
    bed: 'E',
    rows: [1],
    plantsPerRow: 7,
    females: 0.3,
    males: 0.7,
    keeps: 0.25,
    flowersFrom: '2026-07-02',
  },
  {
    key: 'sparrow',
    body: {
      name: 'Mill Sparrow',
      crop: 'corn',
      purpose: 'seedToKeep',
      seedSource: 'ownGuarded',
      ownPollen: 'never',
      traits: { endosperm: 'sweet' },
      sowing: { how: 'sown', day: '2026-05-10' },
      daysToFlower: 60,
    },
    bed: 'F',
    rows: [1, 2, 3, 4],
    plantsPerRow: 9,
    // Shoots to bag; tassels are bagged as there are ears with silk.
    females: 0.09,
    males: 0,
    keeps: 0.85,
    flowersFrom: '2026-07-06',
  },
  {
    key: 'flask',
    body: {
      name: 'Tinker Flask',
      crop: 'bottleGourd',
      purpose: 'seedForFun',
      seedSource: 'boughtLine',
      ownPollen: 'allowed',
      traits: {},
      sowing: { how: 'plantedOut', day: '2026-06-01' },
    },
    bed: 'J',
    rows: [1],
    plantsPerRow: 3,
    females: 0.4,
    males: 1,
    keeps: 0.55,
    flowersFrom: '2026-07-03',
  },
];

export const BEDS: Readonly<Record<string, Omit<Bodies['bed.laid'], 'bed'>>> = {
  A: { name: 'A', x: 2, y: 2, length: 6, width: 2.4, rows: 2, turn: 0 },
  B: { name: 'B', x: 10, y: 2, length: 8, width: 2.4, rows: 2, turn: 0 },
  C: { name: 'C', x: 2, y: 7, length: 8, width: 3, rows: 2, turn: 0 },
  D: { name: 'D', x: 12, y: 7, length: 8, width: 3, rows: 2, turn: 0 },
  E: { name: 'E', x: 2, y: 13, length: 8, width: 1.4, rows: 1, turn: 0, every: 1 },
  F: { name: 'F', x: 13, y: 13, length: 4, width: 3, rows: 4, turn: 20, every: 0.4 },
  G: { name: 'G', x: 26, y: 2, length: 4, width: 3, rows: 3, turn: 0, every: 0.6, glass: true },
  H: { name: 'H', x: 26, y: 7, length: 4, width: 1.6, rows: 2, turn: 0, every: 0.6, glass: true },
  J: { name: 'J', x: 2, y: 23, length: 7, width: 1.2, rows: 1, turn: 0, every: 2 },
};

/** A rainy spell, a hot one, and the days on which one variety is short of males. */
export const RAIN: readonly string[] = ['2026-06-24', '2026-06-25', '2026-06-26', '2026-06-27'];
export const HEAT: readonly string[] = ['2026-07-08', '2026-07-09', '2026-07-10', '2026-07-11'];
export const FEW_MALES: Readonly<Record<string, readonly string[]>> = {
  fiddle: ['2026-07-15', '2026-07-16', '2026-07-18', '2026-07-19'],
};
