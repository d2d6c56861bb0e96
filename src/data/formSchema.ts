import Joi from 'joi';
import { CROP_IDS } from '@/core/crops/squash';
import { celsiusFrom, lengthIn, metresFrom, temperatureIn, type Units } from '@/core/units';
import {
  bedName,
  id,
  LIMITS,
  name,
  OWN_POLLEN,
  PURPOSES,
  RAIN,
  SEED_SOURCES,
  zone,
  type Limit,
} from './fields';

/** What growers type: checked in their units and words, handed on in metres and °C. */

const words = {
  'string.empty': 'Fill this in.',
  'any.required': 'Fill this in.',
  'string.max': 'At most {#limit} characters.',
  'number.base': 'A number, please.',
  'number.min': 'At least {#limit}.',
  'number.max': 'At most {#limit}.',
  'number.integer': 'A whole number.',
  zone: 'A time zone such as Europe/London.',
};

/** Numbers as growers type them: a decimal comma counts as a point. */
const typed = Joi.extend((joi) => ({
  type: 'decimal',
  base: joi.number(),
  coerce: (value: unknown) => ({
    value:
      typeof value === 'string' ? (value.trim() === '' ? undefined : Number(value.replace(',', '.'))) : value,
  }),
})) as Joi.Root & { decimal(): Joi.NumberSchema };

const within = (least: number, most: number): Joi.NumberSchema =>
  typed.decimal().min(least).max(most).required();

const plain = (limit: Limit): Joi.NumberSchema => within(LIMITS[limit][0], LIMITS[limit][1]);

/** One of a few, which must be chosen. */
const choice = (...values: readonly string[]): Joi.AnySchema =>
  Joi.valid(...values)
    .required()
    .messages({ 'any.required': 'Choose one.', 'any.only': 'Choose one.' });

const chosenId = id.required().messages({ 'any.required': 'Choose one.', 'string.empty': 'Choose one.' });

const form = (fields: Joi.SchemaMap): Joi.ObjectSchema => Joi.object(fields).messages(words);

/** The forms, for what a grower types in these units. */
function formsIn(units: Units) {
  const length = (limit: Limit): Joi.NumberSchema =>
    within(lengthIn(units, LIMITS[limit][0]), lengthIn(units, LIMITS[limit][1])).custom((value: number) =>
      metresFrom(units, value),
    );
  const temperature = (limit: Limit): Joi.NumberSchema =>
    within(temperatureIn(units, LIMITS[limit][0]), temperatureIn(units, LIMITS[limit][1])).custom(
      (value: number) => celsiusFrom(units, value),
    );
  return {
    start: form({
      place: name.required(),
      latitude: plain('latitude'),
      longitude: plain('longitude'),
      zone: zone.required(),
      variety: name.required(),
      crop: choice(...CROP_IDS),
      purpose: choice(...PURPOSES),
      plants: within(1, 200).integer(),
    }),
    bed: form({
      name: bedName.required(),
      x: length('position'),
      y: length('position'),
      length: length('side'),
      width: length('side'),
      rows: plain('rows').integer(),
    }),
    variety: form({
      name: name.required(),
      crop: choice(...CROP_IDS),
      purpose: choice(...PURPOSES),
      seedSource: choice(...SEED_SOURCES),
      ownPollen: choice(...OWN_POLLEN),
    }),
    plants: form({
      variety: chosenId,
      bed: chosenId,
      row: plain('rows').integer(),
      count: within(1, 200).integer(),
    }),
    weather: form({
      dawnC: temperature('dawnC'),
      maxC: temperature('maxC'),
      rain: choice(...RAIN),
    }),
  };
}

export const FORMS = { metric: formsIn('metric'), imperial: formsIn('imperial') } as const;

export type FormName = keyof typeof FORMS.metric;
