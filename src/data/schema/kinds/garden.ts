import Joi from 'joi';
import type { GardenBodies } from '@/core/journal/kinds/garden';
import { day, id, letter, name, record, within, zone, type KindSchemas } from '../fields';

export const GARDEN_SCHEMAS: KindSchemas<GardenBodies> = {
  'garden.described': () =>
    record({
      name,
      place: Joi.string().allow('').max(80),
      latitude: within('latitude'),
      longitude: within('longitude'),
      zone,
    }),
  'device.named': () => record({ letter, name }),
  'season.named': () => record({ season: id, name, from: day, to: day }),
};
