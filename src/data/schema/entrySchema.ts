import Joi from 'joi';
import type { KindDefinition } from '@/core/journal/kinds/definition';
import { isKind, KINDS, type Bodies, type Kind } from '@/core/journal/kinds/kinds';
import { id, instant, madeOnce, record, type KindSchemas } from './fields';
import { BLOSSOM_SCHEMAS } from './kinds/blossom';
import { CORRECTION_SCHEMAS } from './kinds/correction';
import { FRUIT_SCHEMAS } from './kinds/fruit';
import { GARDEN_SCHEMAS } from './kinds/garden';
import { MATING_SCHEMAS } from './kinds/mating';
import { PLAN_SCHEMAS } from './kinds/plan';
import { PLANTING_SCHEMAS } from './kinds/planting';
import { ROUND_SCHEMAS } from './kinds/round';
import { SEED_SCHEMAS } from './kinds/seed';
import { WALK_SCHEMAS } from './kinds/walk';
import { TIE_SCHEMAS } from './kinds/tie';
import { TRIAL_SCHEMAS } from './kinds/trial';
import { VARIETY_SCHEMAS } from './kinds/variety';
import { WAYS_SCHEMAS } from './kinds/ways';
import { WEATHER_SCHEMAS } from './kinds/weather';

/**
 * What may cross a border into the journal: files, and entries about to be recorded. Loaded on demand, since Joi is
 * large and the first screen needs none of it.
 */

/** Forms and the station's answer come along, so that Joi is in one chunk. */
export { formIn } from './forms';
export { checkStationAnswer } from './station';

/** Not before an entry is judged: each family makes what its kinds share. */
const bodies = (): KindSchemas<Bodies> => ({
  ...GARDEN_SCHEMAS,
  ...PLAN_SCHEMAS,
  ...VARIETY_SCHEMAS,
  ...PLANTING_SCHEMAS,
  ...MATING_SCHEMAS,
  ...WALK_SCHEMAS,
  ...ROUND_SCHEMAS,
  ...FRUIT_SCHEMAS,
  ...SEED_SCHEMAS,
  ...WEATHER_SCHEMAS,
  ...TIE_SCHEMAS,
  ...WAYS_SCHEMAS,
  ...BLOSSOM_SCHEMAS,
  ...TRIAL_SCHEMAS,
  ...CORRECTION_SCHEMAS,
});

/** More than any kind will ever have. */
const MAX_VERSIONS = 10_000;

const envelope = (): Joi.ObjectSchema =>
  record({
    id,
    kind: Joi.string().max(40),
    v: Joi.number().integer().min(1).max(MAX_VERSIONS),
    at: instant,
    recorded: instant,
    lamport: Joi.number().integer().min(0),
    garden: id,
    device: id,
    action: id,
    body: Joi.object().unknown(),
  });

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

/** What should be there, by Joi's type of fault, to be read after “should be”. */
const EXPECTED: Readonly<Record<string, (limit: string) => string>> = {
  'any.required': () => 'there',
  'any.only': (valids) => `one of ${valids}`,
  'number.base': () => 'a number',
  'number.integer': () => 'a whole number',
  'number.min': (limit) => `at least ${limit}`,
  'number.max': (limit) => `at most ${limit}`,
  'number.unsafe': () => 'a smaller number',
  'number.infinity': () => 'a number',
  'string.base': () => 'text',
  'string.empty': () => 'filled in',
  'string.min': () => 'filled in',
  'string.max': (limit) => `at most ${limit} characters long`,
  'string.trim': () => 'without spaces at its ends',
  'string.pattern.name': () => 'a capital letter from A to Z',
  'boolean.base': () => 'true or false',
  'object.base': () => 'a group of fields',
  'array.base': () => 'a list',
  'array.min': (limit) => `a list of at least ${limit}`,
  'array.max': (limit) => `a list of at most ${limit}`,
  day: () => 'a day written 2026-07-18',
  instant: () => 'a time written 2026-07-18T18:00:00.000Z',
  zone: () => 'a time zone such as Europe/London',
};

function expectation({ type, context }: Joi.ValidationErrorItem): string {
  const { limit, valids } = (context ?? {}) as { limit?: number; valids?: readonly unknown[] };
  return EXPECTED[type]?.(String(limit ?? valids?.join(', '))) ?? 'different';
}

const OPTIONS: Joi.ValidationOptions = { convert: false, errors: { escapeHtml: false } };

/**
 * The first fault of an entry, or nothing. A body of an earlier version is checked as it will be read, in its present
 * form. Entries of kinds and versions this program does not know are checked for their envelope only, and kept.
 */
export function faultOfEntry(value: unknown): Fault | undefined {
  const outer = faultOf(madeOnce('envelope', envelope).validate(value, OPTIONS).error);
  if (outer) return outer;
  const { kind, v, body } = value as { kind: string; v: number; body: { of?: string; body?: object } };
  const inner = faultOfBody(kind, body, v);
  if (inner) return { ...inner, field: within('body', inner.field) };
  if (kind !== 'amended' || !body.of) return undefined;
  // An amendment's body is of whatever version it was written in.
  const amended = faultOfBody(body.of, body.body ?? {}, 1);
  return amended && { ...amended, field: within('body.body', amended.field) };
}

/** What the first judgement needs, in steps: none keeps a slow phone from answering. */
export const PREPARATIONS: readonly (() => void)[] = [
  () => void Joi.version,
  () => void madeOnce('envelope', envelope),
  () => void bodies(),
];

const within = (outer: string, field: string): string => (field === '' ? outer : `${outer}.${field}`);

function faultOfBody(kind: string, body: object, v: number): Fault | undefined {
  if (!isKind(kind)) return undefined;
  const { version } = KINDS[kind] as KindDefinition<object>;
  if (v > version) return undefined;
  const present = v < version ? presentOf(kind, body) : body;
  if (!present) return { field: '', expected: `a ${kind} of version ${v}`, found: 'something else' };
  return faultOf(madeOnce(`kind ${kind}`, () => bodies()[kind]()).validate(present, OPTIONS).error);
}

/** A body of an earlier version as it will be read; `undefined` where it is none, which an upcaster need not expect. */
function presentOf(kind: Kind, body: object): object | undefined {
  const { upcast } = KINDS[kind] as KindDefinition<object>;
  try {
    return upcast ? upcast(body) : body;
  } catch {
    return undefined;
  }
}
