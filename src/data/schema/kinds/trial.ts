import { CARRYING_METHODS } from '@/core/crops/crop';
import Joi from 'joi';
import {
  TRIAL_COMPARISONS,
  TRIAL_HOURS,
  TRIAL_POLLEN,
  TRIAL_SIDES,
  type TrialBodies,
} from '@/core/journal/kinds/trial';
import { MAX_MALES, MAX_TRIAL_PAIRS } from '@/core/journal/limits';
import { day, id, oneOf, record, type KindSchemas } from '../fields';

/** Of a morning. */
const MAX_DEALT = 3_000;

const way = (): Joi.ObjectSchema =>
  record({
    males: Joi.number().integer().min(1).max(MAX_MALES).optional(),
    method: oneOf(CARRYING_METHODS).optional(),
    pollen: oneOf(TRIAL_POLLEN).optional(),
    hours: oneOf(TRIAL_HOURS).optional(),
    insects: Joi.valid(true).optional(),
  });

export const TRIAL_SCHEMAS: KindSchemas<TrialBodies> = {
  'trial.planned': () =>
    record({
      trial: id,
      variety: id,
      compares: oneOf(TRIAL_COMPARISONS),
      ways: Joi.array().ordered(way().required(), way().required()),
      pairs: Joi.number().integer().min(1).max(MAX_TRIAL_PAIRS),
      difference: Joi.number().min(0).max(1),
      from: day,
    }),
  'trial.dealt': () =>
    record({
      trial: id,
      day,
      dealt: Joi.array()
        .items(record({ bloom: id, plant: id, side: Joi.valid(...TRIAL_SIDES) }))
        .min(1)
        .max(MAX_DEALT),
    }),
  'trial.ended': () => record({ trial: id }),
};
