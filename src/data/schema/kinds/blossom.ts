import Joi from 'joi';
import { BLOSSOM_USES, type BlossomBodies } from '@/core/journal/kinds/blossom';
import { LONGEST, MAX_BLOSSOMS } from '@/core/journal/limits';
import { day, id, oneOf, record, within, type KindSchemas } from '../fields';

const price = (): Joi.ObjectSchema =>
  record({
    piece: within('price').optional(),
    inCase: within('inCase').integer().optional(),
    case: within('price').optional(),
    currency: Joi.string().trim().allow('').max(LONGEST.currency),
  });

export const BLOSSOM_SCHEMAS: KindSchemas<BlossomBodies> = {
  'blossoms.picked': () =>
    record({
      pick: id,
      day,
      use: oneOf(BLOSSOM_USES),
      of: Joi.array()
        .items(record({ plant: id, count: Joi.number().integer().min(1).max(MAX_BLOSSOMS) }))
        .min(1)
        .unique('plant'),
      unsprayed: Joi.valid(true),
      price: price().optional(),
    }),
  'blossoms.priced': price,
};
