import Joi from 'joi';
import {
  CAUSES,
  FRUIT_ENDS,
  FRUIT_REMOVALS,
  FRUIT_SIGNS,
  HARVEST_USES,
  LOOK_FINDINGS,
  TAG_STATES,
  TAGS_BEFORE,
  type FruitBodies,
} from '@/core/journal/kinds/fruit';
import { LIMITS, MAX_COUNTED, MAX_ENDED } from '@/core/journal/limits';
import { code, day, id, oneOf, record, within, type KindSchemas } from '../fields';

export const FRUIT_SCHEMAS: KindSchemas<FruitBodies> = {
  retagged: () => record({ bloom: id, code, was: oneOf(TAGS_BEFORE), other: id.optional() }),
  looked: () =>
    record({
      bloom: id,
      seen: oneOf(LOOK_FINDINGS),
      cause: oneOf(CAUSES).optional(),
      signs: Joi.array().items(oneOf(FRUIT_SIGNS)).unique().optional(),
      without: Joi.array().items(oneOf(FRUIT_SIGNS)).unique().optional(),
      tag: oneOf(TAG_STATES).optional(),
      mm: within('fruitMm').optional(),
      growing: Joi.number().integer().min(0).max(99).optional(),
      of: Joi.number().integer().min(1).max(99).optional(),
    }),
  stripped: () =>
    record({
      plant: id,
      day,
      count: Joi.number().integer().min(0).max(99),
      kept: Joi.array()
        .items(record({ bloom: id, code }))
        .max(99),
    }),
  'fruit.counted': () =>
    record({
      bloom: id,
      plant: id,
      day,
      growing: Joi.number().integer().min(0).max(MAX_COUNTED).max(Joi.ref('of')),
      of: Joi.number().integer().min(1).max(MAX_COUNTED),
      misshapen: Joi.number().integer().min(0).max(Joi.ref('growing')).optional(),
    }),
  removed: () =>
    record({
      bloom: id,
      how: oneOf(FRUIT_REMOVALS),
      count: Joi.number().integer().min(1).max(99).optional(),
    }),
  'fruits.ended': () =>
    record({ blooms: Joi.array().items(id).min(1).max(MAX_ENDED), how: oneOf(FRUIT_ENDS), day }),
  harvested: () =>
    record({
      bloom: id,
      use: oneOf(HARVEST_USES),
      tagThere: Joi.boolean(),
      typical: Joi.boolean(),
      count: Joi.number().integer().min(1).max(99).optional(),
      grams: Joi.number().min(LIMITS.grams[0]).max(LIMITS.grams[1]).optional(),
    }),
};
