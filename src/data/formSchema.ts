import Joi from 'joi';
import { CROP_IDS } from '@/core/crops/catalogue';
import { celsiusFrom, lengthIn, metresFrom, temperatureIn, type Units } from '@/core/units';
import {
  BARRIERS,
  bedName,
  day,
  GROUNDS,
  HOW_SURE,
  id,
  KERNELS,
  LIMITS,
  name,
  OWN_POLLEN,
  PURPOSES,
  RAIN,
  SEED_SOURCES,
  SOWN,
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
  together: 'Fill this in too, or none of them.',
  order: 'This should not come before the other.',
  zone: 'A time zone such as Europe/London.',
  day: 'A day such as 2026-05-12.',
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

const ifGiven = (limit: Limit): Joi.NumberSchema =>
  typed.decimal().min(LIMITS[limit][0]).max(LIMITS[limit][1]);

const dayIfGiven = day.allow('').empty('');

/** One of a few, which must be chosen. */
const choice = (...values: readonly string[]): Joi.AnySchema =>
  Joi.valid(...values)
    .required()
    .messages({ 'any.required': 'Choose one.', 'any.only': 'Choose one.' });

const chosenId = id.required().messages({ 'any.required': 'Choose one.', 'string.empty': 'Choose one.' });

const form = (fields: Joi.SchemaMap): Joi.ObjectSchema => Joi.object(fields).messages(words);

type Fields = Readonly<Record<string, string | number | undefined>>;

/** Refuses a whole form for one of its fields. */
const refuse = (helpers: Joi.CustomHelpers, code: string, field: string): Joi.ErrorReport => {
  // Joi's own types do not tell of this.
  const state = helpers.state as unknown as {
    readonly path: readonly string[];
    readonly ancestors: unknown;
    localize(path: readonly string[], ancestors: unknown): never;
  };
  return helpers.error(code, {}, state.localize([...state.path, field], state.ancestors));
};

/** Fields of which all are given or none, in pairs of which the second is not less than the first. */
const pairs =
  (...wanted: readonly (readonly [string, string])[]): Joi.CustomValidator<Fields> =>
  (given, helpers) => {
    const fields = wanted.flat();
    const missing = fields.filter((field) => given[field] === undefined);
    if (missing.length > 0 && missing.length < fields.length) return refuse(helpers, 'together', missing[0]!);
    const [, late] = wanted.find(([first, second]) => given[first]! > given[second]!) ?? [];
    return late === undefined ? given : refuse(helpers, 'order', late);
  };

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
  const lengthIfGiven = (limit: Limit): Joi.NumberSchema =>
    typed
      .decimal()
      .min(lengthIn(units, LIMITS[limit][0]))
      .max(lengthIn(units, LIMITS[limit][1]))
      .custom((value: number) => metresFrom(units, value));
  const temperatureIfGiven = typed
    .decimal()
    .min(temperatureIn(units, LIMITS.airC[0]))
    .max(temperatureIn(units, LIMITS.airC[1]))
    .custom((value: number) => celsiusFrom(units, value));
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
      turn: plain('turn'),
      every: lengthIfGiven('every'),
    }),
    variety: form({
      name: name.required(),
      crop: choice(...CROP_IDS),
      purpose: choice(...PURPOSES),
      seedSource: choice(...SEED_SOURCES),
      ownPollen: choice(...OWN_POLLEN),
      traits: Joi.object().unknown().required(),
      how: choice('unknown', ...SOWN),
      day: Joi.when('how', {
        is: 'unknown',
        then: Joi.any().strip(),
        otherwise: day.required(),
      }),
      daysToFlower: ifGiven('daysToFlower').integer(),
      fruitWanted: ifGiven('fruitWanted').integer(),
      // What stands in the journal beside and is no field of the form.
      variety: Joi.any().strip(),
      firstFlower: Joi.any().strip(),
    }),
    barrier: form({
      sort: choice(...BARRIERS),
      fromX: length('position'),
      fromY: length('position'),
      toX: length('position'),
      toY: length('position'),
    }),
    outside: form({
      name: name.required(),
      crop: choice(...CROP_IDS),
      kernel: Joi.valid(...KERNELS),
      distance: length('distance'),
      bearing: plain('bearing'),
      across: length('across'),
      plants: plain('sourcePlants').integer(),
      sure: choice(...HOW_SURE),
      from: dayIfGiven,
      to: dayIfGiven,
    }).custom(pairs(['from', 'to'])),
    surroundings: form({
      ground: choice(...GROUNDS),
      coldMin: temperatureIfGiven,
      coldMax: temperatureIfGiven,
      warmMin: temperatureIfGiven,
      warmMax: temperatureIfGiven,
    }).custom(pairs(['coldMin', 'coldMax'], ['warmMin', 'warmMax'])),
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
