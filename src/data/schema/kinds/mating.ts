import Joi from 'joi';
import { OWN_POLLEN_RULES, PURPOSES } from '@/core/crops/variety';
import { POLLEN_STORES, type MatingBodies } from '@/core/journal/kinds/mating';
import { ROLES } from '@/core/journal/kinds/role';
import { code, day, id, name, oneOf, record, type KindSchemas } from '../fields';

export const MATING_SCHEMAS: KindSchemas<MatingBodies> = {
  'mating.set': () =>
    record({
      mating: id,
      mother: id,
      father: id,
      purpose: oneOf(PURPOSES),
      ownPollen: oneOf(OWN_POLLEN_RULES),
      from: day,
      until: day.optional(),
      plants: Joi.array().items(id).min(1).max(2000).optional(),
      fathers: Joi.array().items(id).min(1).max(2000).optional(),
      marker: name.optional(),
    }),
  emasculated: () =>
    record({
      plant: id,
      day,
      blooms: Joi.array()
        .items(record({ bloom: id, code, role: oneOf(ROLES).optional() }))
        .min(1)
        .max(200),
    }),
  'pollen.mixed': () =>
    record({
      pollen: id,
      day,
      of: Joi.array().items(id).min(1).max(99),
      name: name.optional(),
      how: oneOf(POLLEN_STORES).optional(),
    }),
  'pollen.emptied': () => record({ pollen: id }),
};
