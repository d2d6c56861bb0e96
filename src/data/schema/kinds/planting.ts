import Joi from 'joi';
import { SEED_SOURCES, SOWING_METHODS } from '@/core/crops/variety';
import { INSECTS_FROM, type PlantingBodies } from '@/core/journal/kinds/planting';
import { day, id, name, oneOf, record, within, type KindSchemas } from '../fields';

const MAX_PLANTS = 2000;

export const PLANTING_SCHEMAS: KindSchemas<PlantingBodies> = {
  'planting.set': () =>
    record({
      planting: id,
      variety: id,
      sowing: record({ how: oneOf(SOWING_METHODS), day }).optional(),
      seedSource: oneOf(SEED_SOURCES),
      lot: name.optional(),
      fromLot: id.optional(),
      daysToFlower: within('daysToFlower').integer().optional(),
    }),
  'cage.set': () => record({ cage: id, name, plants: Joi.array().items(id).max(MAX_PLANTS) }),
  'cage.opened': () => record({ cage: id, day }),
  'cage.stocked': () => record({ cage: id, day, from: oneOf(INSECTS_FROM) }),
};
