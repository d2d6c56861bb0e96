import Joi from 'joi';
import { CROP_IDS } from '@/core/crops/catalogue';
import { ENDOSPERMS } from '@/core/crops/traits';
import { BARRIER_SORTS, CERTAINTIES, GROUNDS } from '@/core/garden/surroundings';
import { LONGEST, MAX_ENDED, MAX_PLANTS_IN_ROW } from '@/core/journal/limits';
import {
  PLAN_PARTS,
  PLANT_HEALTHS,
  PLANT_REMOVAL_REASONS,
  SELECTIONS,
  TRUENESSES,
  type PlanBodies,
} from '@/core/journal/kinds/plan';
import { bedName, day, id, name, oneOf, record, within, type KindSchemas } from '../fields';

const placeInRow = Joi.number().integer().min(1).max(MAX_PLANTS_IN_ROW);

const place = record({ x: within('position'), y: within('position') });

const climate = record({
  coldMin: within('airC'),
  coldMax: within('airC'),
  warmMin: within('airC'),
  warmMax: within('airC'),
});

export const PLAN_SCHEMAS: KindSchemas<PlanBodies> = {
  'bed.laid': () =>
    record({
      bed: id,
      name: bedName,
      x: within('position'),
      y: within('position'),
      length: within('side'),
      width: within('side'),
      rows: within('rows').integer(),
      turn: within('turn'),
      every: within('every').optional(),
      unplaced: Joi.valid(true).optional(),
      glass: Joi.valid(true).optional(),
      since: day.optional(),
    }),
  'barrier.set': () =>
    record({
      barrier: id,
      sort: oneOf(BARRIER_SORTS),
      from: place,
      to: place,
      since: day.optional(),
    }),
  'outside.described': () =>
    record({
      source: id,
      name,
      crop: oneOf(CROP_IDS),
      endosperm: oneOf(ENDOSPERMS).optional(),
      distance: within('distance'),
      bearing: within('bearing'),
      radius: within('radius'),
      plants: within('sourcePlants').integer(),
      sure: oneOf(CERTAINTIES),
      flowering: record({ from: day, to: day }).optional(),
      since: day.optional(),
    }),
  'surroundings.described': () =>
    record({
      ground: oneOf(GROUNDS),
      climate: climate.optional(),
      earlyFrost: day.optional(),
      lateFrost: day.optional(),
    }),
  'surroundings.looked': () =>
    record({ crops: Joi.array().items(oneOf(CROP_IDS)).min(1).unique(), metres: within('distance'), day }),
  'plan.removed': () => record({ what: oneOf(PLAN_PARTS), id }),
  'plants.set': () =>
    record({
      bed: id,
      row: within('rows').integer(),
      variety: id,
      planting: id.optional(),
      plants: Joi.array()
        .items(record({ plant: id, place: placeInRow, count: placeInRow.optional() }))
        .min(1)
        .max(MAX_PLANTS_IN_ROW),
      since: day.optional(),
    }),
  'plant.removed': () => record({ plant: id, why: oneOf(PLANT_REMOVAL_REASONS) }),
  'plants.ended': () => record({ plants: Joi.array().items(id).min(1).max(MAX_ENDED), day }),
  'plant.noted': () => record({ plant: id, health: oneOf(PLANT_HEALTHS), trueness: oneOf(TRUENESSES) }),
  'plant.selected': () =>
    record({
      plant: id,
      choice: oneOf(SELECTIONS),
      note: Joi.string().allow('').max(LONGEST.note).optional(),
    }),
};
