import Joi from 'joi';
import { KIND_VERSIONS, type Kind, type Purpose } from '@/core/journal/entry';
import { CROP_IDS } from '@/core/crops/squash';
import { isDay, isZone } from '@/core/time/calendar';

/**
 * What may cross a border into the journal: forms, files, entries about to be written. Loaded on demand, since
 * Joi is large and the first screen needs none of it.
 */

const PURPOSES = ['eat', 'seedForFun', 'seedToKeep', 'rareOrSold'] as const satisfies readonly Purpose[];

const id = Joi.string().min(1).max(64);
const name = Joi.string().trim().min(1).max(80);
const count = Joi.number().integer().min(0).max(99);
const instant = Joi.string().isoDate().max(30);
const day = Joi.string().custom((value: string, helpers) => (isDay(value) ? value : helpers.error('day')));
const zone = Joi.string()
  .max(64)
  .custom((value: string, helpers) => (isZone(value) ? value : helpers.error('zone')));
const buds = Joi.object({ female: count.required(), male: count.required() }).unknown();
const donors = Joi.array()
  .items(Joi.object({ plant: id.required(), flower: id.allow('').required() }).unknown())
  .max(20);
const missedWhy = Joi.valid('hole', 'insect', 'open', 'wilted', 'broke', 'notFound', 'noPollen', 'skipped');
const stop = Joi.object({
  stop: id.required(),
  kind: Joi.valid('pick', 'pollinate').required(),
  plant: id.required(),
  variety: id.required(),
  eta: instant.required(),
  flowers: Joi.when('kind', {
    is: 'pick',
    then: Joi.array().items(id).max(99).required(),
    otherwise: Joi.optional(),
  }),
  flower: Joi.when('kind', { is: 'pollinate', then: id.required(), otherwise: Joi.optional() }),
  donors: Joi.when('kind', { is: 'pollinate', then: donors.required(), otherwise: Joi.optional() }),
}).unknown();

/** Every field required but those marked optional; fields of later versions are kept. */
const body = (fields: Joi.SchemaMap): Joi.ObjectSchema =>
  Joi.object(fields).unknown().prefs({ presence: 'required' });

const BODIES: Readonly<Record<Kind, Joi.ObjectSchema>> = {
  'garden.described': body({
    name,
    place: Joi.string().allow('').max(80),
    latitude: Joi.number().min(-90).max(90),
    longitude: Joi.number().min(-180).max(180),
    zone,
  }),
  'device.named': body({ letter: Joi.string().length(1).uppercase(), name }),
  'season.named': body({ season: id, name, from: day, to: day }),
  'bed.laid': body({
    bed: id,
    name: name.max(12),
    x: Joi.number().min(-10_000).max(10_000),
    y: Joi.number().min(-10_000).max(10_000),
    length: Joi.number().positive().max(1000),
    width: Joi.number().positive().max(1000),
    rows: Joi.number().integer().min(1).max(200),
  }),
  'variety.described': body({
    variety: id,
    name,
    crop: Joi.valid(...CROP_IDS),
    purpose: Joi.valid(...PURPOSES),
    seedSource: Joi.valid('ownGuarded', 'boughtLine', 'swapped', 'openGarden', 'f1', 'unknown'),
    ownPollen: Joi.valid('allowed', 'lastResort', 'never'),
  }),
  'plants.set': body({
    bed: id,
    row: Joi.number().integer().min(1).max(200),
    variety: id,
    plants: Joi.array()
      .items(Joi.object({ plant: id, place: Joi.number().integer().min(1).max(2000) }).unknown())
      .min(1)
      .max(2000),
  }),
  'plant.removed': body({ plant: id, why: Joi.valid('offType', 'died', 'other') }),
  scouted: body({ plant: id, morning: day, eve: buds, green: buds }),
  covered: body({
    plant: id,
    morning: day,
    method: Joi.valid('tape', 'cord', 'bag', 'peg', 'indoors', 'none'),
    flowers: Joi.array()
      .items(
        Joi.object({
          flower: id,
          sex: Joi.valid('female', 'male'),
          code: Joi.string().allow('').max(12),
        }).unknown(),
      )
      .max(200),
  }),
  'round.planned': body({ round: id, morning: day, stops: Joi.array().items(stop).max(2000) }),
  picked: body({
    round: id,
    stop: id,
    plant: id,
    flowers: Joi.array().items(id).max(99),
    spoiled: Joi.array()
      .items(Joi.object({ flower: id, why: missedWhy }).unknown())
      .max(99),
  }),
  pollinated: body({
    flower: id,
    plant: id,
    round: id,
    stop: id,
    donors,
    found: Joi.valid('shut', 'hole', 'insect', 'open', 'wilted'),
    method: Joi.valid('maleFlower', 'brush', 'swab'),
    shutAgain: Joi.boolean(),
    tagged: Joi.boolean(),
  }),
  missed: body({ flower: id, plant: id, round: id, stop: id, why: missedWhy }),
  looked: body({
    flower: id,
    seen: Joi.valid('growing', 'unsure', 'misshapen', 'yellowing', 'gone'),
    cause: Joi.valid(
      'neverPollinated',
      'partlyPollinated',
      'blossomEndRot',
      'tooMuchFruit',
      'heatOrCold',
      'rain',
      'wetRot',
      'pest',
      'handled',
      'unknown',
    ).optional(),
    tag: Joi.valid('there', 'gone').optional(),
  }),
  removed: body({ flower: id, how: Joi.valid('thinned', 'lost') }),
  harvested: body({
    flower: id,
    use: Joi.valid('seed', 'eat'),
    tagThere: Joi.boolean(),
    typical: Joi.boolean(),
  }),
  'weather.noted': body({
    day,
    dawnC: Joi.number().min(-40).max(50),
    maxC: Joi.number().min(-40).max(60),
    rain: Joi.valid('none', 'showers', 'long'),
  }),
  amended: body({ target: id, of: Joi.string().max(40), body: Joi.object().unknown() }),
  struck: body({ target: id }),
};

const envelope = Joi.object({
  id: id.required(),
  kind: Joi.string().max(40).required(),
  v: Joi.number().integer().min(1).required(),
  at: instant.required(),
  recorded: instant.required(),
  lamport: Joi.number().integer().min(0).required(),
  garden: id.required(),
  device: id.required(),
  action: id.required(),
  body: Joi.object().unknown().required(),
}).unknown();

/** What is wrong with an entry: the field, and what was expected and found there. */
export interface Fault {
  readonly field: string;
  readonly expected: string;
  readonly found: string;
}

function faultOf(error: Joi.ValidationError | undefined): Fault | undefined {
  const first = error?.details[0];
  if (!first) return undefined;
  const found = first.context?.['value'] as unknown;
  return {
    field: first.path.join('.') || 'entry',
    expected: expectation(first),
    found: found === undefined ? 'nothing' : JSON.stringify(found).slice(0, 60),
  };
}

/** Joi's message without the field's name, which is shown apart. */
const expectation = ({ type, message }: Joi.ValidationErrorItem): string => {
  if (type === 'day') return 'a day written 2026-07-18';
  if (type === 'zone') return 'a time zone such as Europe/London';
  return message.replace(/^"[^"]*" /, '');
};

const OPTIONS: Joi.ValidationOptions = { convert: false, errors: { escapeHtml: false } };

/**
 * The first fault of an entry, or nothing. Entries of kinds and versions this program does not know are checked
 * for their envelope only, and kept.
 */
export function faultOfEntry(value: unknown): Fault | undefined {
  const outer = faultOf(envelope.validate(value, OPTIONS).error);
  if (outer) return outer;
  const entry = value as { kind: string; v: number; body: { of?: string; body?: object } };
  const schema = bodySchema(entry.kind, entry.v);
  const inner = schema && faultOf(schema.validate(entry.body, OPTIONS).error);
  if (inner) return { ...inner, field: `body.${inner.field}` };
  if (entry.kind !== 'amended' || !entry.body.of) return undefined;
  const amended = bodySchema(entry.body.of, 1);
  const fault = amended && faultOf(amended.validate(entry.body.body, OPTIONS).error);
  return fault && { ...fault, field: `body.body.${fault.field}` };
}

function bodySchema(kind: string, v: number): Joi.ObjectSchema | undefined {
  const known = Object.hasOwn(KIND_VERSIONS, kind) && v <= KIND_VERSIONS[kind as Kind];
  return known ? BODIES[kind as Kind] : undefined;
}

const words = {
  'string.empty': 'Fill this in.',
  'any.required': 'Fill this in.',
  'string.max': 'At most {#limit} characters.',
  'number.base': 'A number, please.',
  'number.min': 'At least {#limit}.',
  'number.max': 'At most {#limit}.',
  'number.positive': 'More than nothing.',
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

/** One of a few, which must be chosen. */
const choice = (...values: readonly string[]): Joi.AnySchema =>
  Joi.valid(...values)
    .required()
    .messages({ 'any.required': 'Choose one.', 'any.only': 'Choose one.' });

const chosenId = id.required().messages({ 'any.required': 'Choose one.', 'string.empty': 'Choose one.' });

const form = (fields: Joi.SchemaMap): Joi.ObjectSchema => Joi.object(fields).messages(words);

export const FORMS = {
  start: form({
    place: name.required(),
    latitude: typed.decimal().min(-90).max(90).required(),
    longitude: typed.decimal().min(-180).max(180).required(),
    zone: zone.required(),
    variety: name.required(),
    crop: choice(...CROP_IDS),
    purpose: choice(...PURPOSES),
    plants: typed.decimal().integer().min(1).max(200).required(),
  }),
  bed: form({
    name: name.max(12).required(),
    x: typed.decimal().min(-10_000).max(10_000).required(),
    y: typed.decimal().min(-10_000).max(10_000).required(),
    length: typed.decimal().positive().max(1000).required(),
    width: typed.decimal().positive().max(1000).required(),
    rows: typed.decimal().integer().min(1).max(200).required(),
  }),
  variety: form({
    name: name.required(),
    crop: choice(...CROP_IDS),
    purpose: choice(...PURPOSES),
    seedSource: choice('ownGuarded', 'boughtLine', 'swapped', 'openGarden', 'f1', 'unknown'),
    ownPollen: choice('allowed', 'lastResort', 'never'),
  }),
  plants: form({
    variety: chosenId,
    bed: chosenId,
    row: typed.decimal().integer().min(1).max(200).required(),
    count: typed.decimal().integer().min(1).max(200).required(),
  }),
  weather: form({
    dawnC: typed.decimal().min(-40).max(50).required(),
    maxC: typed.decimal().min(-40).max(60).required(),
    rain: choice('none', 'showers', 'long'),
  }),
};

export type FormName = keyof typeof FORMS;
