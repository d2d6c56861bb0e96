import Joi from 'joi';
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

export const id = Joi.string().min(1).max(64);
export const name = Joi.string().trim().min(1).max(80);
export const bedName = name.max(12);
/** Of a tag; nothing for a bloom without one. */
export const code = Joi.string().allow('').max(12);
export const instant = Joi.string().isoDate().max(30);
export const day = Joi.string().custom((value: string, helpers) =>
  isDay(value) ? value : helpers.error('day'),
);
export const zone = Joi.string()
  .max(64)
  .custom((value: string, helpers) => (isZone(value) ? value : helpers.error('zone')));

export const within = (limit: Limit): Joi.NumberSchema =>
  Joi.number().min(LIMITS[limit][0]).max(LIMITS[limit][1]);

/** One of a list of values. */
export const oneOf = (values: readonly string[]): Joi.AnySchema => Joi.valid(...values);

/** An object with these fields, required unless marked optional; fields of later versions are accepted. */
export const record = (fields: Joi.SchemaMap): Joi.ObjectSchema =>
  Joi.object(fields).unknown().prefs({ presence: 'required' });

/** The schemas of a family of kinds; one that is missing does not compile. */
export type KindSchemas<Bodies> = { readonly [K in keyof Bodies]: Joi.ObjectSchema };
