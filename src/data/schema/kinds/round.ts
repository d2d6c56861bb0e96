import Joi from 'joi';
import {
  FINDINGS,
  MISSED_REASONS,
  POLLINATION_METHODS,
  type RoundBodies,
  type Stop,
} from '@/core/journal/kinds/round';
import { day, id, instant, oneOf, record, type KindSchemas } from '../fields';

const STOP_KINDS: readonly Stop['kind'][] = ['pick', 'pollinate'];
const MOST_FLOWERS = 99;

const flowers = Joi.array().items(id).max(MOST_FLOWERS);
const donors = Joi.array()
  .items(record({ plant: id, flower: id.allow('') }))
  .max(20);
const missedReason = oneOf(MISSED_REASONS);
const onlyFor = (kind: Stop['kind'], schema: Joi.Schema): Joi.Schema =>
  Joi.when('kind', { is: kind, then: schema.required(), otherwise: Joi.optional() });

const stop = record({
  stop: id,
  kind: oneOf(STOP_KINDS),
  plant: id,
  variety: id,
  eta: instant,
  flowers: onlyFor('pick', flowers),
  flower: onlyFor('pollinate', id),
  donors: onlyFor('pollinate', donors),
});

export const ROUND_SCHEMAS: KindSchemas<RoundBodies> = {
  'round.planned': record({ round: id, morning: day, stops: Joi.array().items(stop).max(2000) }),
  picked: record({
    round: id,
    stop: id,
    plant: id,
    flowers,
    spoiled: Joi.array()
      .items(record({ flower: id, why: missedReason }))
      .max(MOST_FLOWERS),
  }),
  pollinated: record({
    flower: id,
    plant: id,
    round: id,
    stop: id,
    donors,
    found: oneOf(FINDINGS),
    method: oneOf(POLLINATION_METHODS),
    shutAgain: Joi.boolean(),
    tagged: Joi.boolean(),
  }),
  missed: record({ flower: id, plant: id, round: id, stop: id, why: missedReason }),
};
