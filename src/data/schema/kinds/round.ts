import { POLLINATION_METHODS } from '@/core/crops/crop';
import Joi from 'joi';
import { OUTINGS } from '@/core/crops/outing';
import {
  FINDINGS,
  MISSED_REASONS,
  TOOL_STATES,
  type RoundBodies,
  COVER_FINDINGS,
} from '@/core/journal/kinds/roundBodies';
import { MAX_PEOPLE } from '@/core/journal/limits';
import type { StopField } from '@/core/round/operations/operation';
import { OPERATIONS } from '@/core/round/operations/operations';
import { code, day, id, instant, oneOf, record, type KindSchemas } from '../fields';

const MAX_FLOWERS = 99;
const MAX_OPEN_MINUTES = 600;

const blooms = Joi.array().items(id).max(MAX_FLOWERS);
const donors = Joi.array()
  .items(record({ plant: id.allow(''), bloom: id.allow('') }))
  .max(20);
const missedReason = oneOf(MISSED_REASONS);
/** A bloom that was come to, in a round or without one. */
const visited = {
  bloom: id,
  plant: id,
  round: id.optional(),
  stop: id.optional(),
  day: day.optional(),
};
/** The first is not numbered. */
const application = Joi.number().integer().min(2).max(99);
/** What stops of some kinds say besides where they are, and what these may be. */
const FIELDS = { blooms, bloom: id, donors } as const satisfies Readonly<Record<StopField, Joi.Schema>>;
/** Wanted of the kinds of stops whose operation says so. */
const field = (name: StopField): Joi.Schema => {
  const kinds = Object.entries<{ readonly fields: readonly string[] }>(OPERATIONS)
    .filter(([, { fields }]) => fields.includes(name))
    .map(([kind]) => kind);
  return Joi.when('kind', {
    is: Joi.valid(...kinds),
    then: FIELDS[name].required(),
    otherwise: Joi.optional(),
  });
};

const stop = record({
  stop: id,
  kind: oneOf(Object.keys(OPERATIONS)),
  plant: id,
  variety: id,
  eta: instant,
  blooms: field('blooms'),
  bloom: field('bloom'),
  application: application.optional(),
  father: id.optional(),
  donors: field('donors'),
});

const hands = record({ of: id, state: oneOf(TOOL_STATES) });
const helper = Joi.number().integer().min(1).max(MAX_PEOPLE);

export const ROUND_SCHEMAS: KindSchemas<RoundBodies> = {
  'round.planned': () =>
    record({
      round: id,
      day,
      outing: oneOf(OUTINGS).optional(),
      share: record({ split: id, person: helper.max(Joi.ref('people')), people: helper.min(2) }).optional(),
      stops: Joi.array().items(stop).max(2000),
    }),
  picked: () =>
    record({
      round: id,
      stop: id,
      plant: id,
      blooms,
      spoiled: Joi.array()
        .items(record({ bloom: id, why: missedReason }))
        .max(MAX_FLOWERS),
      day: day.optional(),
      hands: hands.optional(),
    }),
  pollinated: () =>
    record({
      ...visited,
      application: application.optional(),
      mating: id.optional(),
      matingEntry: id.optional(),
      count: Joi.number().integer().min(1).max(MAX_FLOWERS).optional(),
      after: Joi.array().items(id).max(MAX_FLOWERS).optional(),
      donors,
      found: oneOf(FINDINGS),
      method: oneOf(POLLINATION_METHODS),
      tool: oneOf(TOOL_STATES).optional(),
      hands: hands.optional(),
      faded: Joi.valid(true).optional(),
      openMinutes: Joi.number().integer().min(1).max(MAX_OPEN_MINUTES).optional(),
      shutAgain: Joi.boolean(),
      tagged: Joi.boolean(),
    }),
  missed: () =>
    record({
      ...visited,
      count: Joi.number().integer().min(1).max(MAX_FLOWERS).optional(),
      why: missedReason,
    }),
  uncovered: () => record({ bloom: id, plant: id, found: oneOf(COVER_FINDINGS), day: day.optional() }),
  'stop.left': () => record({ round: id, stop: id, plant: id }),
  tagged: () => record({ bloom: id, of: id, plant: id, code }),
};
