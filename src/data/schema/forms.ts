import Joi from 'joi';
import { CROP_IDS } from '@/core/crops/catalogue';
import { ENDOSPERMS } from '@/core/crops/traits';
import { OWN_POLLEN_RULES, PURPOSES, SEED_SOURCES, SOWING_METHODS } from '@/core/crops/variety';
import { BED_ARRANGEMENTS } from '@/core/garden/bedRows';
import { LOT_USES, SEED_PACKINGS, SEED_STORES } from '@/core/journal/kinds/seed';
import { BARRIER_SORTS, CERTAINTIES, GROUNDS } from '@/core/garden/surroundings';
import { overEdge, type LabelForm } from '@/core/paper/labelForm';
import { PAPERS } from '@/core/paper/page';
import { LIMITS, LONGEST, MAX_TESTED, type Limit } from '@/core/journal/limits';
import { celsiusFrom, gramsFrom, lengthIn, metresFrom, temperatureIn, type Units } from '@/core/text/units';
import { RAIN_AMOUNTS } from '@/core/weather/dayWeather';
import { hourOfClock } from './clockTime';
import { bedName, day, id, madeOnce, name, zone } from './fields';

/** What growers type: checked in their units and words, handed on in metres and °C. */

const words = {
  'string.empty': 'Fill this in.',
  'any.required': 'Fill this in.',
  'string.max': 'At most {#limit} characters.',
  'number.base': 'A number, please.',
  'number.min': 'At least {#limit}.',
  'number.max': 'At most {#limit}.',
  'number.integer': 'A whole number.',
  'object.and': 'Fill this in too, or none of them.',
  'object.missing': 'Fill in one of them.',
  order: 'This should not come before the other.',
  zone: 'A time zone such as Europe/London.',
  day: 'A whole date: day, month and year.',
  clock: 'A time such as 5:40 or 5:40 pm.',
  weight: 'A weight above nothing.',
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

const seedsIfGiven = (): Joi.NumberSchema => ifGiven('seeds').integer();

/** A time of day as it is read from a clock, handed on in hours since midnight. */
const clockTime = Joi.string()
  .required()
  .custom((value: string, helpers) => hourOfClock(value) ?? helpers.error('clock'));

const dayIfGiven = day.allow('').empty('');

/** One of a few, which must be chosen. */
const choice = (...values: readonly string[]): Joi.AnySchema =>
  Joi.valid(...values)
    .required()
    .messages({ 'any.required': 'Choose one.', 'any.only': 'Choose one.' });

const chosenId = id.required().messages({ 'any.required': 'Choose one.', 'string.empty': 'Choose one.' });

const form = (fields: Joi.SchemaMap): Joi.ObjectSchema => Joi.object(fields).messages(words);

/** Joi refuses the whole form where one of several fields is missing; the grower is told at the field. */
const atMissing: Joi.ValidationErrorFunction = (errors) => {
  for (const error of errors) {
    if (error.code === 'object.missing') error.path.push((error.local as { peers: string[] }).peers[0]!);
    if (error.code === 'object.and') error.path.push((error.local as { missing: string[] }).missing[0]!);
  }
  return errors as unknown as Error;
};

/** Not less than another field, where both are given. */
const notBefore =
  <Value extends string | number>(field: string): Joi.CustomValidator<Value> =>
  (value, helpers) => {
    const other = (helpers.state.ancestors as Readonly<Record<string, Value | undefined>>[])[0]![field];
    return other !== undefined && value < other ? helpers.error('order') : value;
  };

/** Lengths, temperatures and weights as typed in these units, handed on in metres, °C and grams. */
function measuresIn(units: Units) {
  const lengthOf = (limit: Limit) =>
    typed
      .decimal()
      .min(lengthIn(units, LIMITS[limit][0]))
      .max(lengthIn(units, LIMITS[limit][1]))
      .custom((value: number) => metresFrom(units, value));
  const temperatureOf = (limit: Limit) =>
    typed
      .decimal()
      .min(temperatureIn(units, LIMITS[limit][0]))
      .max(temperatureIn(units, LIMITS[limit][1]))
      .custom((value: number) => celsiusFrom(units, value));
  const weightOf = (limit: Limit, digits: number) =>
    typed.decimal().custom((value: number, helpers) => {
      const grams = gramsFrom(units, value, digits);
      const [least, most] = LIMITS[limit];
      return least <= grams && grams <= most ? grams : helpers.error('weight');
    });
  return {
    length: (limit: Limit) => lengthOf(limit).required(),
    lengthIfGiven: lengthOf,
    temperature: (limit: Limit) => temperatureOf(limit).required(),
    temperatureIfGiven: temperatureOf('airC'),
    weightIfGiven: weightOf('grams', 0),
    /** Of seed, to a hundredth of a gram. */
    seedWeightIfGiven: (limit: Limit) => weightOf(limit, 2),
  };
}

type Measures = ReturnType<typeof measuresIn>;

/** Of a garden that begins with one variety; one that begins with a list or empty has none of it. */
const ofFirstVariety = (schema: Joi.AnySchema): Joi.AlternativesSchema =>
  Joi.when('begin', { is: 'variety', then: schema, otherwise: Joi.any().strip() });

/** The field at which it is said that labels reach over an edge. */
const OVER_AT = { right: 'columns', bottom: 'rows' } as const;

/** A sheet of labels, which has to have room for all of them. */
const labelForm = form({
  paper: choice(...Object.keys(PAPERS)),
  columns: within(1, 20).integer(),
  rows: within(1, 60).integer(),
  left: within(0, 100),
  top: within(0, 100),
  width: within(10, 210),
  height: within(8, 290),
  gapAcross: within(0, 50),
  gapDown: within(0, 50),
  cut: choice('yes', 'no'),
})
  .custom((value: LabelForm, helpers) => {
    const over = overEdge(value);
    if (!over) return value;
    const at = helpers.state.localize!([...(helpers.state.path ?? []), OVER_AT[over.side]]);
    return helpers.error(`over.${over.side}`, { by: Math.ceil(over.by) }, at);
  })
  .messages({
    'over.right': 'They reach {#by} mm over the right edge of the paper.',
    'over.bottom': 'They reach {#by} mm over the lower edge of the paper.',
  });

const VARIETY_FORMS = {
  start: () =>
    form({
      place: name.required(),
      latitude: plain('latitude'),
      longitude: plain('longitude'),
      zone: zone.required(),
      begin: choice('variety', 'list', 'later'),
      variety: ofFirstVariety(name.required()),
      crop: ofFirstVariety(choice(...CROP_IDS)),
      purpose: ofFirstVariety(choice(...PURPOSES)),
      plants: ofFirstVariety(within(1, 200).integer()),
    }),
  variety: () =>
    form({
      name: name.required(),
      crop: choice(...CROP_IDS),
      purpose: choice(...PURPOSES),
      seedSource: choice(...SEED_SOURCES),
      ownPollen: choice(...OWN_POLLEN_RULES),
      traits: Joi.object().unknown().required(),
      how: choice('unknown', ...SOWING_METHODS),
      day: Joi.when('how', {
        is: 'unknown',
        then: Joi.any().strip(),
        otherwise: day.required(),
      }),
      daysToFlower: ifGiven('daysToFlower').integer(),
      fruitWanted: ifGiven('fruitWanted').integer(),
      note: Joi.string().allow('').max(LONGEST.note),
    }),
  cross: () =>
    form({
      mother: chosenId,
      father: chosenId,
      purpose: choice(...PURPOSES.filter((purpose) => purpose !== 'eat')),
      from: day.required(),
      until: dayIfGiven.custom(notBefore<string>('from')),
      marker: name.empty('').optional(),
    }),
  cage: () => form({ name: name.required() }),
  portion: () => form({ name: name.required() }),
  tie: () => form({ text: name.required() }),
  times: () => form({ day: day.required(), time: clockTime }),
  plants: () =>
    form({
      variety: chosenId,
      bed: chosenId,
      row: plain('rows').integer(),
      count: within(1, 200).integer(),
      as: choice('each', 'stand'),
      sown: day.empty('').optional(),
      since: day.empty('').optional(),
      lot: id.empty('').optional(),
      seeds: seedsIfGiven(),
    }),
};

const seedForms = ({ seedWeightIfGiven }: Measures) => ({
  lotAdded: () =>
    form({
      name: name.required(),
      variety: chosenId,
      source: choice(...SEED_SOURCES),
      year: ifGiven('harvestYear').integer(),
      seeds: seedsIfGiven(),
    }),
  lotDescribed: () =>
    form({
      name: name.required(),
      place: name.empty('').optional(),
      store: Joi.valid(...SEED_STORES).empty(''),
      packing: Joi.valid(...SEED_PACKINGS).empty(''),
      note: Joi.string().allow('').max(LONGEST.note),
    }),
  lotMeasured: () =>
    form({
      seeds: seedsIfGiven(),
      weight: seedWeightIfGiven('seedGrams'),
      thousand: seedWeightIfGiven('thousandGrams'),
    })
      .or('seeds', 'weight', 'thousand')
      .error(atMissing),
  lotUsed: () => form({ how: choice(...LOT_USES), seeds: seedsIfGiven(), to: name.empty('').optional() }),
  lotSplit: () => form({ name: name.required(), seeds: seedsIfGiven() }),
  lotMixed: () => form({ name: name.required(), other: chosenId }),
  germinationBegun: () => form({ seeds: within(1, MAX_TESTED).integer() }),
  germinationCounted: () => form({ up: within(0, MAX_TESTED).integer() }),
});

const planForms = ({ length, lengthIfGiven }: Measures) => ({
  bed: () =>
    form({
      name: bedName.required(),
      x: length('position'),
      y: length('position'),
      length: length('side'),
      width: length('side'),
      rows: plain('rows').integer(),
      turn: plain('turn'),
      every: lengthIfGiven('every'),
    }),
  beds: () =>
    form({
      count: within(1, 60).integer(),
      length: length('side'),
      width: length('side'),
      rows: plain('rows').integer(),
      path: length('path'),
      arrangement: choice(...BED_ARRANGEMENTS),
    }),
  placeBeds: () => form({ path: length('path'), arrangement: choice(...BED_ARRANGEMENTS) }),
  labels: () => labelForm,
  barrier: () =>
    form({
      sort: choice(...BARRIER_SORTS),
      fromX: length('position'),
      fromY: length('position'),
      toX: length('position'),
      toY: length('position'),
    }),
});

const aroundForms = ({ length, temperature, temperatureIfGiven, weightIfGiven }: Measures) => ({
  outside: () =>
    form({
      name: name.required(),
      crop: choice(...CROP_IDS),
      endosperm: Joi.valid(...ENDOSPERMS),
      distance: length('distance'),
      bearing: plain('bearing'),
      across: length('across'),
      plants: plain('sourcePlants').integer(),
      sure: choice(...CERTAINTIES),
      from: dayIfGiven,
      to: dayIfGiven.custom(notBefore<string>('from')),
    })
      .and('from', 'to')
      .error(atMissing),
  season: () =>
    form({
      name: name.required(),
      from: day.required(),
      to: day.required().custom(notBefore<string>('from')),
    }),
  looked: () => form({ crop: choice(...CROP_IDS), metres: length('distance'), day: day.required() }),
  surroundings: () =>
    form({
      ground: choice(...GROUNDS),
      coldMin: temperatureIfGiven,
      coldMax: temperatureIfGiven.custom(notBefore<number>('coldMin')),
      warmMin: temperatureIfGiven,
      warmMax: temperatureIfGiven.custom(notBefore<number>('warmMin')),
      earlyFrost: dayIfGiven,
      lateFrost: dayIfGiven,
    })
      .and('coldMin', 'coldMax', 'warmMin', 'warmMax')
      .error(atMissing),
  picked: () => form({ weight: weightIfGiven }),
  blossomPrice: () =>
    form({
      piece: ifGiven('price'),
      inCase: ifGiven('inCase').integer(),
      case: ifGiven('price'),
      currency: Joi.string().allow('').trim().max(LONGEST.currency),
    })
      .or('piece', 'case')
      .and('inCase', 'case')
      .error(atMissing),
  weather: () =>
    form({
      dawnC: temperature('dawnC'),
      maxC: temperature('maxC'),
      rain: choice(...RAIN_AMOUNTS),
    }),
});

const formsIn = (units: Units) => {
  const measures = measuresIn(units);
  return { ...VARIETY_FORMS, ...planForms(measures), ...aroundForms(measures), ...seedForms(measures) };
};

export type FormName = keyof ReturnType<typeof formsIn>;

/** The schema of a form, for what a grower types in these units. */
export const formIn = (units: Units, name: FormName): Joi.ObjectSchema =>
  madeOnce(`form ${name}, ${units}`, formsIn(units)[name]);
