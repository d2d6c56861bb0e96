import { CARRYING_METHODS } from '@/core/crops/crop';
import Joi from 'joi';

import { COVER_METHODS } from '@/core/journal/kinds/walk';
import type { WaysBodies } from '@/core/journal/kinds/ways';
import { MAX_MALES, MAX_TIMES } from '@/core/journal/limits';
import { id, oneOf, record, type KindSchemas } from '../fields';

export const WAYS_SCHEMAS: KindSchemas<WaysBodies> = {
  'ways.set': () =>
    record({
      of: id,
      males: Joi.number().integer().min(1).max(MAX_MALES).optional(),
      method: oneOf(CARRYING_METHODS).optional(),
      cover: oneOf(COVER_METHODS).optional(),
      times: Joi.number().integer().min(1).max(MAX_TIMES).optional(),
      sameDay: Joi.valid(true).optional(),
      selfed: Joi.valid(true).optional(),
    }),
};
