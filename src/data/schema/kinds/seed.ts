import Joi from 'joi';
import { SEED_SOURCES } from '@/core/crops/variety';
import { GRADES_BEST_FIRST } from '@/core/journal/kinds/grades';
import {
  DESCENTS,
  EXTRACTIONS,
  LOT_USES,
  SEED_LOSSES,
  SEED_PACKINGS,
  SEED_STEPS,
  SEED_STORES,
  TASTES,
  type SeedBodies,
} from '@/core/journal/kinds/seed';
import { LONGEST, MAX_TESTED, MAX_TOGETHER, MAX_TOLD } from '@/core/journal/limits';
import { day, id, name, oneOf, record, within, type KindSchemas } from '../fields';

const seeds = (): Joi.NumberSchema => within('seeds').integer();

/** So many, or all. */
const taken = { seeds: seeds().optional(), all: Joi.valid(true).optional() };

const counted = (): Joi.NumberSchema => within('parents').integer().optional();

/** What is told of a lot and of those before it, also in a file. */
export const toldLots = (): Joi.ArraySchema =>
  Joi.array()
    .items(
      record({
        lot: id,
        name,
        garden: name,
        species: name,
        since: day,
        year: within('harvestYear').integer().optional(),
        told: day,
        descent: oneOf(DESCENTS),
        ancestry: Joi.string().allow('').max(LONGEST.note),
        grade: oneOf(GRADES_BEST_FIRST).optional(),
        mothers: counted(),
        fathers: counted(),
        size: within('parents').optional(),
        germinated: record({
          day,
          seeds: seeds(),
          up: Joi.number().integer().min(0).max(Joi.ref('seeds')),
        }).optional(),
      }),
    )
    .min(1)
    .max(MAX_TOLD);

export const SEED_SCHEMAS: KindSchemas<SeedBodies> = {
  'fruit.opened': () =>
    record({ bloom: id, day, taste: oneOf(TASTES).optional(), none: oneOf(SEED_LOSSES).optional() }),
  'seed.extracted': () =>
    record({
      lot: id,
      name,
      day,
      how: oneOf(EXTRACTIONS),
      ferments: Joi.valid(true).optional(),
      of: Joi.array()
        .items(record({ bloom: id, seeds: seeds().optional() }))
        .min(1)
        .max(MAX_TOGETHER),
    }),
  'seed.prepared': () => record({ lot: id, step: oneOf(SEED_STEPS), day }),
  'lot.received': () =>
    record({
      lot: id,
      name,
      variety: id,
      source: oneOf(SEED_SOURCES),
      day,
      year: within('harvestYear').integer().optional(),
      told: toldLots().optional(),
    }),
  'lot.filled': () =>
    record({
      lot: id,
      name,
      day,
      from: Joi.array()
        .items(record({ lot: id, ...taken }))
        .min(1)
        .max(MAX_TOGETHER),
    }),
  'lot.measured': () =>
    record({
      lot: id,
      day,
      seeds: seeds().optional(),
      grams: within('seedGrams').optional(),
      thousandGrams: within('thousandGrams').optional(),
    }),
  'lot.used': () => record({ lot: id, day, how: oneOf(LOT_USES), to: name.optional(), ...taken }),
  'lot.described': () =>
    record({
      lot: id,
      name,
      place: name.optional(),
      note: Joi.string().max(LONGEST.note).optional(),
      store: oneOf(SEED_STORES).optional(),
      packing: oneOf(SEED_PACKINGS).optional(),
    }),
  'germination.begun': () =>
    record({ lot: id, test: id, day, seeds: Joi.number().integer().min(1).max(MAX_TESTED) }),
  'germination.counted': () =>
    record({
      lot: id,
      test: id,
      day,
      up: Joi.number().integer().min(0).max(MAX_TESTED),
      ended: Joi.valid(true).optional(),
    }),
};
