import Joi from 'joi';
import { CROP_IDS, type CropId } from '@/core/crops/catalogue';
import type { VarietyTraits } from '@/core/crops/traits';
import type { ToldLot } from '@/core/journal/kinds/seed';
import { madeOnce, name, oneOf, record } from '../schema/fields';
import { toldLots } from '../schema/kinds/seed';
import { TRAITS } from '../schema/kinds/variety';

const FORMAT = 'steady-trowel-lot';

/** A lot as it is told to who gets some of it: docs/formats.md. */
export interface LotRecord {
  readonly variety: { readonly name: string; readonly crop: CropId; readonly traits: VarietyTraits };
  /** The lot itself, then those it goes back to. */
  readonly told: readonly [ToldLot, ...ToldLot[]];
}

export const encodeLotRecord = ({ variety, told }: LotRecord): string =>
  `${JSON.stringify({ format: FORMAT, version: 1, variety, told }, null, 2)}\n`;

/** Larger files are none: they are not even read. */
export const LARGEST_RECORD = 200_000;

export type LotRecordRead =
  | { readonly ok: true; readonly record: LotRecord }
  | { readonly ok: false; readonly why: 'notOne' | 'newer' };

const schema = (): Joi.ObjectSchema =>
  madeOnce('lotRecord', () =>
    record({
      format: Joi.valid(FORMAT),
      version: Joi.valid(1),
      variety: record({ name, crop: oneOf(CROP_IDS), traits: record(TRAITS) }),
      told: toldLots(),
    }),
  );

/** What a file tells of a lot; nothing is taken of one with a fault. */
export function decodeLotRecord(text: string): LotRecordRead {
  if (text.length > LARGEST_RECORD) return { ok: false, why: 'notOne' };
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return { ok: false, why: 'notOne' };
  }
  const { format, version } = (value ?? {}) as { readonly format?: unknown; readonly version?: unknown };
  if (format === FORMAT && typeof version === 'number' && version > 1) return { ok: false, why: 'newer' };
  const checked = schema().validate(value, { convert: false, stripUnknown: true });
  if (checked.error) return { ok: false, why: 'notOne' };
  const { variety, told } = checked.value as LotRecord;
  return { ok: true, record: { variety, told } };
}
