import { Journal } from '../src/core/journal/journal';
import { heldPlan } from '../src/core/records/planDraft';
import { readPlanTable } from '../src/core/records/planTable';
import { guessSheet } from '../src/core/records/sheet/guessSheet';
import { ratioOf, report } from './ratio';

const HEADER = ['Bed', 'Row', 'Variety', 'Type', 'Qty', 'Sow date', 'Colour'];
const KINDS = ['Sweetcorn', 'Squash, butternut', 'Tomato (cherry)', 'Tomaten', 'C. pepo'];

/** A list as growers keep it, with words for numbers and days. */
const listOf = (lines: number): string[][] => [
  HEADER,
  ...Array.from({ length: lines }, (_, i) => [
    i % 40 === 0 ? `Bed ${1 + (i % 200)}` : '',
    String(1 + (i % 5)),
    `Line ${Math.floor(i / 5)}`,
    KINDS[Math.floor(i / 5) % KINDS.length]!,
    i % 7 === 0 ? 'a dozen' : String(1 + (i % 9)),
    `${1 + (i % 28)} May 2026`,
    i % 3 === 0 ? 'yellow' : '',
  ]),
];

/** Reading ten times as long a list. */
export async function sheetBench(): Promise<void> {
  const held = heldPlan(new Journal());
  const read = (rows: string[][]) => () =>
    readPlanTable(guessSheet(rows, { purpose: 'eat', unit: 'm' }), held, '2026-07-18');
  const [few, many] = [listOf(200), listOf(2_000)];
  report('reading a list of 2,000 lines against 200', await ratioOf(read(many), read(few)), 12);
}
