import Joi from 'joi';
import type { Purpose } from '@/core/journal/entry';
import { isDay, isZone } from '@/core/time/calendar';

/** Values that forms and entries share. */

/** Least and most, in metres, °C, degrees or pieces. */
export const LIMITS = {
  latitude: [-90, 90],
  longitude: [-180, 180],
  position: [-10_000, 10_000],
  side: [0.01, 1000],
  rows: [1, 200],
  dawnC: [-40, 50],
  maxC: [-40, 60],
  airC: [-60, 60],
  turn: [-180, 180],
  every: [0.02, 50],
  daysToFlower: [1, 400],
  fruitWanted: [1, 100_000],
  distance: [0, 100_000],
  bearing: [0, 360],
  radius: [0, 20_000],
  across: [0, 40_000],
  sourcePlants: [1, 100_000_000],
} as const satisfies Record<string, readonly [number, number]>;

export type Limit = keyof typeof LIMITS;

export const PURPOSES = [
  'eat',
  'seedForFun',
  'seedToKeep',
  'rareOrSold',
] as const satisfies readonly Purpose[];
export const SEED_SOURCES = ['ownGuarded', 'boughtLine', 'swapped', 'openGarden', 'f1', 'unknown'] as const;
export const OWN_POLLEN = ['allowed', 'lastResort', 'never'] as const;
export const SOWN = ['sown', 'plantedOut'] as const;
export const BARRIERS = ['trellis', 'wall', 'building', 'hedge', 'forage'] as const;
export const GROUNDS = ['sheltered', 'mixed', 'open'] as const;
export const HOW_SURE = ['seen', 'told', 'guessed'] as const;
export const KERNELS = ['sweet', 'supersweet', 'pop', 'starchy'] as const;
export const RAIN = ['none', 'showers', 'long'] as const;

export const id = Joi.string().min(1).max(64);
export const name = Joi.string().trim().min(1).max(80);
export const bedName = name.max(12);
export const day = Joi.string().custom((value: string, helpers) =>
  isDay(value) ? value : helpers.error('day'),
);
export const zone = Joi.string()
  .max(64)
  .custom((value: string, helpers) => (isZone(value) ? value : helpers.error('zone')));
