import { PURPOSES } from '@/core/crops/variety';
import { purposeText, type PlanColumn } from '@/core/records/planColumns';
import type { EditedColumn, EditFault } from '@/core/records/planEdits';
import type { Format } from '../format/format';

/** Names of the columns of the plan's own grid. */
export const EDIT_TITLES = {
  bed: 'Bed',
  row: 'Row',
  variety: 'Variety',
  kind: 'Kind of plant',
  plants: 'Plants',
  purpose: 'Grown for',
  seed: 'Seed from',
  sown: 'Sown on',
  planted_out: 'Planted out on',
  days_to_flower: 'Days to flower',
  fruit_wanted: 'Fruits wanted',
  note: 'Note',
} as const satisfies Partial<Record<PlanColumn, string>>;

const SEEDS = 'own, bought, swapped, open, f1 or nothing';

type Say = (fault: EditFault, f: Format) => string;

const WHY: Readonly<Record<EditFault['why'], Say>> = {
  missing: () => 'it cannot be empty.',
  tooLong: ({ limit = 0 }, f) => `at most ${f.number(limit)} letters.`,
  nameTaken: ({ found }) => `“${found}” is the name of another one.`,
  unknownPurpose: ({ found }) => `“${found}”? Write ${PURPOSES.map(purposeText).join(', ')}.`,
  unknownSeed: ({ found }) => `“${found}”? Write ${SEEDS}.`,
  noDay: ({ found }) => `which day is “${found}”? Write it as 12 May 2026, or leave it empty.`,
  whichDay: ({ found }) => `“${found}” can be two days. Write it as 12 May 2026.`,
  twoDays: () => 'sown or planted out: one day is held. Empty the other cell.',
  noWholeNumber: ({ found }) => `“${found}” should be a whole number from 1 up.`,
  tooHigh: ({ limit = 0 }, f) => `at most ${f.number(limit)}.`,
  fewerPlants: () => 'which plants are gone, a number does not tell. Take them away on their own pages.',
  stand: () => 'these are recorded all together. Change their number on their own page.',
};

/** `Line 3, Grown for: “perhaps”? …` */
export const sayEditFault = (fault: EditFault, f: Format): string =>
  `Line ${f.number(fault.line + 1)}, ${EDIT_TITLES[fault.column]}: ${WHY[fault.why](fault, f)}`;

/** Of a pasted block that says of one thing different things. */
export const sayUnlike = (line: number, column: EditedColumn, f: Format): string =>
  `Line ${f.number(line + 1)}, ${EDIT_TITLES[column]}: the pasted lines say different things of one ${column === 'bed' ? 'bed' : 'variety'}. It was left as it is.`;
