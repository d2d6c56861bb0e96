import type { Bodies } from '../src/core/journal/entry';

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

/** First scouted morning, and the evening on which the demo begins, in the middle of its walk. */
export const FIRST_MORNING = '2026-06-14';
export const LAST_EVENING = '2026-07-18';
export const DEMO_BEGINS_HOUR = 19.4;

export interface DemoVariety {
  readonly key: string;
  readonly body: Omit<Bodies['variety.described'], 'variety'>;
  readonly bed: string;
  readonly rows: readonly number[];
  readonly plantsPerRow: number;
  /** Females and males a plant opens on a mean morning. */
  readonly females: number;
  readonly males: number;
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
    },
    bed: 'D',
    rows: [1, 2],
    plantsPerRow: 4,
    females: 0.17,
    males: 0.45,
    keeps: 0.55,
  },
];

export const BEDS: Readonly<Record<string, Omit<Bodies['bed.laid'], 'bed'>>> = {
  A: { name: 'A', x: 2, y: 2, length: 6, width: 2.4, rows: 2 },
  B: { name: 'B', x: 10, y: 2, length: 8, width: 2.4, rows: 2 },
  C: { name: 'C', x: 2, y: 7, length: 8, width: 3, rows: 2 },
  D: { name: 'D', x: 12, y: 7, length: 8, width: 3, rows: 2 },
};

/** A rainy spell, a hot one, and the days on which one variety is short of males. */
export const RAIN: readonly string[] = ['2026-06-24', '2026-06-25', '2026-06-26', '2026-06-27'];
export const HEAT: readonly string[] = ['2026-07-08', '2026-07-09', '2026-07-10', '2026-07-11'];
export const FEW_MALES: Readonly<Record<string, readonly string[]>> = {
  fiddle: ['2026-07-15', '2026-07-16', '2026-07-18', '2026-07-19'],
};
