import Joi from 'joi';
import { MAX_DAYS_RETIMED, MAX_RETIMED } from '@/core/journal/limits';
import type { CorrectionBodies } from '@/core/journal/kinds/correction';
import { id, record, type KindSchemas } from '../fields';

const MINUTES_PER_DAY = 1440;
const within = (most: number): Joi.NumberSchema => Joi.number().integer().min(-most).max(most);

export const CORRECTION_SCHEMAS: KindSchemas<CorrectionBodies> = {
  amended: () => record({ target: id, of: Joi.string().max(40), body: Joi.object().unknown() }),
  struck: () => record({ target: id }),
  'times.corrected': () =>
    record({
      targets: Joi.array().items(id).min(1).max(MAX_RETIMED),
      by: within(MAX_DAYS_RETIMED * MINUTES_PER_DAY),
      days: within(MAX_DAYS_RETIMED),
      cohorts: Joi.array().items(id).max(MAX_RETIMED).optional(),
    }),
};
