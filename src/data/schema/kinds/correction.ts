import Joi from 'joi';
import type { CorrectionBodies } from '@/core/journal/kinds/correction';
import { id, record, type KindSchemas } from '../fields';

export const CORRECTION_SCHEMAS: KindSchemas<CorrectionBodies> = {
  amended: () => record({ target: id, of: Joi.string().max(40), body: Joi.object().unknown() }),
  struck: () => record({ target: id }),
};
