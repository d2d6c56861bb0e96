import { cropOf } from '@/core/crops/catalogue';
import { PLAN_COLUMNS, type PlanColumn } from '@/core/records/planRows';
import type { CellFault } from '@/core/records/planTable';

const WHY: Readonly<Record<CellFault['why'], (fault: CellFault) => string>> = {
  missing: () => 'is empty and must be filled',
  noNumber: ({ found }) => `should be a number, and is “${found}”`,
  noWholeNumber: ({ found }) => `should be a whole number of 1 or more, and is “${found}”`,
  tooMany: ({ found }) => `is more than a row can hold: ${found}`,
  noDay: ({ found }) => `should be a day such as 2026-05-12, and is “${found}”`,
  unknownKind: ({ found }) => `“${found}” is no kind that is known here; a botanical name will do too`,
  kindDoesNotTell: ({ found, crops = [] }) =>
    `“${found || 'the name'}” does not tell: write one of ${crops.map((id) => cropOf(id).species).join(', ')}`,
  unknownPurpose: ({ found }) => `“${found}” should be eat, seed for fun, seed to keep or rare or sold`,
  unknownSeed: ({ found }) => `“${found}” should be own, bought, swapped, open, f1, or nothing`,
  otherKindBefore: () => 'is another than further up for the same variety',
  otherKindOnPlan: () => 'is another than the plan has for this variety',
};

/** `Line 4, kind: “pumpkin” does not tell: write one of …` */
export const faultInWords = (fault: CellFault): string =>
  `Line ${fault.line}, ${fault.column}: ${WHY[fault.why](fault)}.`;

export const missingColumns = (missing: readonly PlanColumn[]): string =>
  `The first line should name the columns. These are missing: ${missing.join(', ')}. Known columns: ${PLAN_COLUMNS.join(', ')}.`;
