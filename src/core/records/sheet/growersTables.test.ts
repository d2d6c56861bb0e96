import fc from 'fast-check';
import { growersTable, TODAY, type GrowersTable, type Meant } from '@testing/growers/growersTable';
import { Journal } from '../../journal/journal';
import { purposeText, type ColumnUse } from '../planColumns';
import { heldPlan, type CellFault, type PlanDraft, type SheetAssumption } from '../planDraft';
import { readPlanTable } from '../planTable';
import { guessSheet } from './guessSheet';
import { withCells, withUse, type Sheet } from './sheet';

/**
 * Growers' tables of which it is known what they mean: whatever is not asked, nor told, is read as it is meant. By hand
 * with any seed and more runs, ten thousand at a time.
 */
const RUNS = Number(process.env['TABLES'] ?? 700);
const HELD = heldPlan(new Journal());

/** More rounds of answers no table takes. */
const ROUNDS = 12;

/** What the grower answers who wrote the table. */
function answer(sheet: Sheet, fault: CellFault, { meant, order }: GrowersTable): Sheet {
  const line = meant.find((each) => each.line === fault.line);
  // A title that was taken for a line.
  if (!line) return { ...sheet, left: [...sheet.left, fault.line] };
  if (fault.why === 'whichDay') return { ...sheet, dates: order };
  if (fault.column === 'rows') return withCells(sheet, [fault.line], 'rows', String(line.inRows.length));
  const isOut = fault.column === 'planted_out';
  const day = (line.sowing?.how === 'plantedOut') === isOut ? line.sowing?.day : undefined;
  const said: Readonly<Partial<Record<ColumnUse, string>>> = {
    ...{ bed: line.bed, variety: line.variety, kind: line.crop, purpose: purposeText(line.purpose) },
    ...{ sown: day ?? '', planted_out: day ?? '' },
    plants: `${line.inRows.length} × ${line.inRows[0]}`,
    spacing: `${100 * (line.every ?? 0)} cm`,
  };
  return withCells(sheet, [fault.line], fault.column, said[fault.column] ?? '');
}

interface Settled {
  readonly draft: PlanDraft;
  readonly assumed: readonly SheetAssumption[];
  readonly asked: ReadonlySet<string>;
}

/** What a table came to, and what was asked until then: each once, whatever it settles. */
function settle(table: GrowersTable): Settled {
  const asked = new Set<string>();
  let sheet = guessSheet(table.rows, { purpose: 'eat', unit: table.unit });
  for (let round = 0; round < ROUNDS; round += 1) {
    const read = readPlanTable(sheet, HELD, TODAY);
    if (read.ok) return { draft: read.draft, assumed: read.assumed, asked };
    for (const use of read.missing) {
      asked.add(`column ${use}`);
      const at = table.columns.indexOf(use as 'kind');
      if (at >= 0) sheet = withUse(sheet, at, use);
    }
    for (const fault of read.faults) {
      const of = fault.column === 'kind' && fault.found === '' ? fault.variety : fault.found;
      asked.add(fault.why === 'whichDay' ? fault.why : `${fault.column} ${fault.why} ${of}`);
      sheet = answer(sheet, fault, table);
    }
  }
  throw new Error('never settled');
}

/** What was read of a line and is not what is meant, though nothing was told of it. */
function silentlyWrong(table: GrowersTable, { draft, assumed }: Settled): string[] {
  const told = new Set(assumed.map(({ code }) => code));
  // Of two lines that say the same it is told that they count once.
  if (told.has('sameLine')) return [];
  const guessed = new Set(
    assumed.flatMap((each) =>
      each.code === 'columnByContents' ? each.params.columns.map(({ use }) => use) : [],
    ),
  );
  const isTold = (uses: readonly ColumnUse[], ...codes: SheetAssumption['code'][]): boolean =>
    uses.some((use) => guessed.has(use)) || codes.some((code) => told.has(code));
  const rows = [...draft.rows];
  const wrong = table.meant.flatMap((line) => {
    const own = rows.splice(0, line.inRows.length);
    const [first] = own;
    if (!first) return [`line ${line.line} is not there`];
    const variety = draft.varieties[first.variety]!;
    const bed = draft.beds[first.bed]!;
    const sowing = first.sowing === undefined ? variety.sowing : draft.sowings[first.sowing]!.sowing;
    const compared: readonly (readonly [what: keyof Meant, read: unknown, isTold: boolean])[] = [
      ['bed', bed.name, isTold(['bed', 'bed_row'])],
      ['row', first.row, line.row === undefined],
      ['variety', variety.name, isTold(['variety'])],
      ['crop', variety.crop, isTold(['kind'])],
      ['inRows', own.map(({ plants }) => plants), isTold(['plants'], 'plantsPerRow', 'onePlantEach')],
      ['sowing', sowing, isTold(['sown', 'planted_out']) || (!line.sowing && told.has('sowingOfVariety'))],
      ['purpose', variety.purpose, isTold(['purpose'])],
      ['seed', variety.seedSource, isTold(['seed'])],
      ['every', roughly(bed.every), line.every === undefined || isTold([], 'smallUnit', 'otherSpacing')],
    ];
    return compared
      .filter(([what, read, tells]) => !tells && JSON.stringify(read) !== JSON.stringify(line[what]))
      .map(([what, read]) => `${what} ${JSON.stringify(read)} for ${JSON.stringify(line[what])}`);
  });
  return rows.length > 0 ? [...wrong, `${rows.length} rows too many`] : wrong;
}

/** To the centimetre: inches are written with two places. */
const roughly = (metres: number | undefined): number | undefined =>
  metres === undefined ? undefined : Math.round(100 * metres) / 100;

test('of growers’ tables in seven languages nothing is read wrongly without a word, and seldom is more than one thing asked', () => {
  const questions: number[] = [];
  fc.assert(
    fc.property(growersTable, (table) => {
      const settled = settle(table);
      questions.push(settled.asked.size);
      expect(silentlyWrong(table, settled)).toEqual([]);
    }),
    { numRuns: RUNS },
  );
  questions.sort((a, b) => a - b);
  expect(questions[questions.length >> 1]).toBeLessThanOrEqual(1);
  expect(questions[Math.floor(0.9 * questions.length)]).toBeLessThanOrEqual(3);
});
