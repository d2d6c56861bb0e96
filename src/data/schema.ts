import Joi from 'joi';
import { KIND_VERSIONS, type Kind } from '@/core/journal/entry';
import { CROP_IDS } from '@/core/crops/catalogue';
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

/**
 * What may cross a border into the journal: files, and entries about to be written. Loaded on demand, since Joi
 * is large and the first screen needs none of it.
 */

const count = Joi.number().integer().min(0).max(99);
const instant = Joi.string().isoDate().max(30);
const within = (limit: Limit): Joi.NumberSchema => Joi.number().min(LIMITS[limit][0]).max(LIMITS[limit][1]);
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

const spot = Joi.object({ x: within('position').required(), y: within('position').required() }).unknown();
const traits = Joi.object({
  flowers: Joi.valid('perfect', 'female').optional(),
  setsAlone: Joi.boolean().optional(),
  allFemale: Joi.boolean().optional(),
  seedless: Joi.boolean().optional(),
  style: Joi.valid('inset', 'out').optional(),
  kernel: Joi.valid(...KERNELS).optional(),
}).unknown();

/** Forms come along, so that Joi is in one chunk. */
export { FORMS } from './formSchema';

/** Every field required but those marked optional; fields of later versions are kept. */
const body = (fields: Joi.SchemaMap): Joi.ObjectSchema =>
  Joi.object(fields).unknown().prefs({ presence: 'required' });

const BODIES: Readonly<Record<Kind, Joi.ObjectSchema>> = {
  'garden.described': body({
    name,
    place: Joi.string().allow('').max(80),
    latitude: within('latitude'),
    longitude: within('longitude'),
    zone,
  }),
  'device.named': body({ letter: Joi.string().length(1).uppercase(), name }),
  'season.named': body({ season: id, name, from: day, to: day }),
  'bed.laid': body({
    bed: id,
    name: bedName,
    x: within('position'),
    y: within('position'),
    length: within('side'),
    width: within('side'),
    rows: within('rows').integer(),
    turn: within('turn').optional(),
    every: within('every').optional(),
  }),
  'variety.described': body({
    variety: id,
    name,
    crop: Joi.valid(...CROP_IDS),
    purpose: Joi.valid(...PURPOSES),
    seedSource: Joi.valid(...SEED_SOURCES),
    ownPollen: Joi.valid(...OWN_POLLEN),
    traits: traits.optional(),
    sowing: Joi.object({ how: Joi.valid(...SOWN), day: day.required() })
      .unknown()
      .optional(),
    daysToFlower: within('daysToFlower').integer().optional(),
    fruitWanted: within('fruitWanted').integer().optional(),
  }),
  'flowering.seen': body({ variety: id, day }),
  'barrier.set': body({ barrier: id, sort: Joi.valid(...BARRIERS), from: spot, to: spot }),
  'outside.described': body({
    source: id,
    name,
    crop: Joi.valid(...CROP_IDS),
    kernel: Joi.valid(...KERNELS).optional(),
    distance: within('distance'),
    bearing: within('bearing'),
    radius: within('radius'),
    plants: within('sourcePlants').integer(),
    sure: Joi.valid(...HOW_SURE),
    flowering: Joi.object({ from: day.required(), to: day.required() }).unknown().optional(),
  }),
  'surroundings.described': body({
    ground: Joi.valid(...GROUNDS),
    climate: Joi.object({
      coldMin: within('airC').required(),
      coldMax: within('airC').required(),
      warmMin: within('airC').required(),
      warmMax: within('airC').required(),
    })
      .unknown()
      .optional(),
  }),
  'plan.removed': body({ what: Joi.valid('bed', 'variety', 'barrier', 'outside'), id }),
  'plants.set': body({
    bed: id,
    row: within('rows').integer(),
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
    dawnC: within('dawnC'),
    maxC: within('maxC'),
    rain: Joi.valid(...RAIN),
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
  // An amendment's body is of whatever version it was written in.
  const amended = bodySchema(entry.body.of, 1);
  const fault = amended && faultOf(amended.validate(entry.body.body, OPTIONS).error);
  return fault && { ...fault, field: `body.body.${fault.field}` };
}

function bodySchema(kind: string, v: number): Joi.ObjectSchema | undefined {
  const known = Object.hasOwn(KIND_VERSIONS, kind) && v <= KIND_VERSIONS[kind as Kind];
  return known ? BODIES[kind as Kind] : undefined;
}
