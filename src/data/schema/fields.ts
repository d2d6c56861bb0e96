import Joi from 'joi';
import { LIMITS, LONGEST, type Limit } from '@/core/journal/limits';
import { isDay, isInstant, isZone } from '@/core/time/calendar';

/** Values that forms and entries share. */

export const id = Joi.string().min(1).max(64);
export const name = Joi.string().trim().min(1).max(LONGEST.name);
export const bedName = name.max(LONGEST.bedName);
/** Of a tag; nothing for a bloom without one. */
export const code = Joi.string().allow('').max(12);
export const instant = Joi.string().custom((value: string, helpers) =>
  isInstant(value) ? value : helpers.error('instant'),
);
export const day = Joi.string().custom((value: string, helpers) =>
  isDay(value) ? value : helpers.error('day'),
);
export const zone = Joi.string()
  .max(64)
  .custom((value: string, helpers) => (isZone(value) ? value : helpers.error('zone')));

export const within = (limit: Limit): Joi.NumberSchema =>
  Joi.number().min(LIMITS[limit][0]).max(LIMITS[limit][1]);

/** A tag begins with the letter of the device that handed it out. */
export const letter = Joi.string().pattern(/^[A-Z]$/, 'letter');

/** One of a list of values. */
export const oneOf = (values: readonly string[]): Joi.AnySchema => Joi.valid(...values);

/** An object with these fields, required unless marked optional; fields of later versions are accepted. */
export const record = (fields: Joi.SchemaMap): Joi.ObjectSchema =>
  Joi.object(fields).unknown().prefs({ presence: 'required' });

const made = new Map<string, Joi.ObjectSchema>();

/** A schema, made when it is first needed: all at once would keep a slow phone from its first tap. */
export function madeOnce(name: string, make: () => Joi.ObjectSchema): Joi.ObjectSchema {
  const schema = made.get(name) ?? make();
  made.set(name, schema);
  return schema;
}

/** The schemas of a family of kinds, made when they are first needed; one that is missing does not compile. */
export type KindSchemas<Bodies> = { readonly [K in keyof Bodies]: () => Joi.ObjectSchema };
