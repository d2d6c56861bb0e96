import { ROW_METHODS, BUD_STAGES, PARTS } from '@/core/crops/crop';
import Joi from 'joi';
import { ROLES } from '@/core/journal/kinds/role';
import { BLOOM_SEXES, COVER_METHODS, type WalkBodies, POLLEN_FLIGHTS } from '@/core/journal/kinds/walk';
import { code, day, id, oneOf, record, type KindSchemas } from '../fields';

const count = Joi.number().integer().min(0).max(99);
const buds = record({ female: count, male: count });

export const WALK_SCHEMAS: KindSchemas<WalkBodies> = {
  scouted: () => record({ plant: id, day, eve: buds, green: buds, pin: buds.optional() }),
  swept: () => record({ day, plants: Joi.array().items(id).min(1).max(2000) }),
  rowPollinated: () =>
    record({
      day,
      plants: Joi.array().items(id).min(1).max(2000),
      method: oneOf(ROW_METHODS),
      flew: oneOf(POLLEN_FLIGHTS).optional(),
    }),
  counted: () => record({ plant: id, day, open: buds }),
  covered: () =>
    record({
      plant: id,
      day,
      method: oneOf(COVER_METHODS),
      stage: oneOf(BUD_STAGES).optional(),
      blooms: Joi.array()
        .items(
          record({
            bloom: id,
            sex: oneOf(BLOOM_SEXES),
            code,
            part: oneOf(PARTS).optional(),
            role: oneOf(ROLES).optional(),
          }),
        )
        .max(200),
    }),
  receptive: () => record({ plant: id, day, blooms: Joi.array().items(id).min(1).max(200) }),
};
