import type { Bodies } from '../src/core/journal/kinds/kinds';
import type { PlantedVariety } from './estate';

const plantedOut = (day: string): Bodies['variety.described']['sowing'] => ({ how: 'plantedOut', day });

/** What grows next to them: on the plan, not walked. */
export const OTHERS: readonly PlantedVariety[] = [
  {
    body: {
      name: 'Green Quill',
      crop: 'cucumber',
      purpose: 'eat',
      seedSource: 'boughtLine',
      ownPollen: 'allowed',
      traits: { parthenocarpic: true },
      sowing: plantedOut('2026-05-22'),
    },
    bed: 'G',
    rows: [1],
    plantsPerRow: 4,
  },
  {
    body: {
      name: 'Harbour Bead',
      crop: 'tomato',
      purpose: 'seedToKeep',
      seedSource: 'ownGuarded',
      ownPollen: 'allowed',
      traits: { style: 'inserted' },
      sowing: plantedOut('2026-05-15'),
    },
    bed: 'G',
    rows: [2],
    plantsPerRow: 6,
  },
  {
    body: {
      name: 'Redstart Fist',
      crop: 'tomato',
      purpose: 'eat',
      seedSource: 'f1',
      ownPollen: 'allowed',
      traits: { style: 'inserted' },
      sowing: plantedOut('2026-05-15'),
    },
    bed: 'G',
    rows: [3],
    plantsPerRow: 6,
  },
  {
    body: {
      name: 'Wick Ember',
      crop: 'annuum',
      purpose: 'seedToKeep',
      seedSource: 'swapped',
      ownPollen: 'allowed',
      traits: {},
      sowing: plantedOut('2026-05-18'),
    },
    bed: 'H',
    rows: [1],
    plantsPerRow: 6,
  },
  {
    body: {
      name: 'Saffron Tooth',
      crop: 'baccatum',
      purpose: 'seedForFun',
      seedSource: 'swapped',
      ownPollen: 'allowed',
      traits: {},
      sowing: plantedOut('2026-05-18'),
    },
    bed: 'H',
    rows: [2],
    plantsPerRow: 5,
  },
];

/** A wall to the lane, the glasshouse's end, and the trellis of the gourds. */
export const BARRIERS: readonly Omit<Bodies['barrier.set'], 'barrier'>[] = [
  { sort: 'wall', from: { x: -1, y: 28 }, to: { x: 34, y: 28 } },
  { sort: 'building', from: { x: 24.5, y: 1.5 }, to: { x: 24.5, y: 11 } },
  { sort: 'trellis', from: { x: 2, y: 24.6 }, to: { x: 9, y: 24.6 } },
];

/** What sheds pollen beyond the walls. */
export const OUTSIDE: readonly Omit<Bodies['outside.described'], 'source'>[] = [
  {
    name: 'Feed corn of the farm',
    crop: 'corn',
    endosperm: 'starchy',
    distance: 190,
    bearing: 115,
    radius: 60,
    plants: 80_000,
    sure: 'seen',
    flowering: { from: '2026-07-12', to: '2026-07-26' },
  },
  {
    name: 'Allotments on the lane',
    crop: 'pepo',
    distance: 320,
    bearing: 10,
    radius: 30,
    plants: 60,
    sure: 'told',
  },
];

export const SURROUNDINGS: Bodies['surroundings.described'] = {
  ground: 'mixed',
  climate: { coldMin: 1, coldMax: 7, warmMin: 12, warmMax: 22 },
};
