import { cropOf } from '@/core/crops/catalogue';
import { PLAN_COLUMNS, type PlanColumn } from '@/core/records/planRows';
import type { CellFault } from '@/core/records/planTable';

const WHY: Readonly<Record<CellFault['why'], (fault: CellFault) => string>> = {
  missing: () => 'is empty; please fill it in',
  noNumber: ({ found }) => `should be a number, but is “${found}”`,
  noWholeNumber: ({ found }) => `should be a whole number from 1 up, but is “${found}”`,
  tooMany: ({ found }) => `is more than a row can hold: ${found}`,
  tooLong: ({ found, limit }) => `is longer than ${limit} characters: “${found}”`,
  tooLow: ({ found, limit }) => `should be at least ${limit}, but is “${found}”`,
  tooHigh: ({ found, limit }) => `should be at most ${limit}, but is “${found}”`,
  rowFull: ({ limit }) => `a row holds at most ${limit} plants, those there already counted`,
  noRoom: ({ found }) =>
    `there is no room for bed “${found}” in the garden: give its place and size, or fewer plants a row`,
  noDay: ({ found }) => `should be a day such as 2026-05-12, but is “${found}”`,
  unknownKind: ({ found }) => `“${found}” is not known here; you can also write the botanical name`,
  ambiguousKind: ({ found, crops = [] }) =>
    `“${found || 'the name'}” can be several species: write one of ${crops.map((id) => cropOf(id).species).join(', ')}`,
  unknownPurpose: ({ found }) => `“${found}” should be eat, seed for fun, seed to keep or rare or sold`,
  unknownSeed: ({ found }) => `“${found}” should be own, bought, swapped, open, f1, or nothing`,
  otherKindBefore: () => 'differs from an earlier line for the same variety',
  otherKindOnPlan: () => 'differs from what the plan has for this variety',
};

/** `Line 4, kind: “pumpkin” can be several species: write one of …` */
export const sayFault = (fault: CellFault): string =>
  `Line ${fault.line}, ${fault.column}: ${WHY[fault.why](fault)}.`;

export const sayMissingColumns = (missing: readonly PlanColumn[]): string =>
  `The first line should name the columns. These are missing: ${missing.join(', ')}. Known columns: ${PLAN_COLUMNS.join(', ')}.`;
