import Joi from 'joi';
import { CROP_IDS } from '@/core/crops/catalogue';
import { FRUIT_SHAPES } from '@/core/crops/flowerForm';
import { ENDOSPERMS, FRUITING_FLOWERS, STYLE_POSITIONS, type TraitName } from '@/core/crops/traits';
import { OWN_POLLEN_RULES, PURPOSES, SEED_SOURCES, SOWING_METHODS } from '@/core/crops/variety';
import { LONGEST } from '@/core/journal/limits';
import type { VarietyBodies } from '@/core/journal/kinds/variety';
import { day, id, name, oneOf, record, within, type KindSchemas } from '../fields';

export const TRAITS: Readonly<Record<TraitName, Joi.Schema>> = {
  flowers: oneOf(FRUITING_FLOWERS).optional(),
  parthenocarpic: Joi.boolean().optional(),
  gynoecious: Joi.boolean().optional(),
  seedless: Joi.boolean().optional(),
  style: oneOf(STYLE_POSITIONS).optional(),
  endosperm: oneOf(ENDOSPERMS).optional(),
  fruitShape: oneOf(FRUIT_SHAPES).optional(),
};

export const VARIETY_SCHEMAS: KindSchemas<VarietyBodies> = {
  'variety.described': () =>
    record({
      variety: id,
      name,
      crop: oneOf(CROP_IDS),
      purpose: oneOf(PURPOSES),
      seedSource: oneOf(SEED_SOURCES),
      ownPollen: oneOf(OWN_POLLEN_RULES),
      traits: record(TRAITS),
      sowing: record({ how: oneOf(SOWING_METHODS), day }).optional(),
      daysToFlower: within('daysToFlower').integer().optional(),
      fruitWanted: within('fruitWanted').integer().optional(),
      note: Joi.string().max(LONGEST.note).optional(),
      since: day.optional(),
    }),
  'flowering.seen': () => record({ variety: id, planting: id.optional(), day }),
  'flowering.over': () => record({ variety: id, planting: id.optional(), day }),
};
