import { cropOf, CROP_IDS, type CropId } from '../crops/catalogue';
import { findCommonName, normalisedName } from '../crops/names/commonNames';
import { commonNameIn } from '../crops/names/nameInVariety';
import { groupBy } from '../text/groupBy';
import type { Bodies } from '../journal/kinds/kinds';
import type { Sowing } from '../crops/variety';
import type { Bed, Variety } from '../journal/state';
import { LIMITS, LONGEST, MOST_PLANTS_IN_ROW, type Limit } from '../journal/limits';
import { isDay } from '../time/calendar';
import { rowKey } from '../garden/places';
import { PURPOSES_WRITTEN, SEEDS_WRITTEN, type PlanColumn } from './planRows';

/** What is wrong with a cell, by its row in the table and its column. */
export interface CellFault {
  /** Line of the table as a spreadsheet counts it; the header is 1. */
  readonly line: number;
  readonly column: PlanColumn;
  readonly why:
    | 'missing'
    | 'noNumber'
    | 'noWholeNumber'
    | 'tooMany'
    | 'tooLong'
    | 'tooLow'
    | 'tooHigh'
    | 'rowFull'
    | 'noRoom'
    | 'noDay'
    | 'unknownKind'
    | 'ambiguousKind'
    | 'unknownPurpose'
    | 'unknownSeed'
    | 'otherKindBefore'
    | 'otherKindOnPlan';
  readonly found: string;
  /** What it may be, for kinds that do not tell. */
  readonly crops?: readonly CropId[];
  /** What it may be at least or at most. */
  readonly limit?: number;
}

type Faulty = (
  column: PlanColumn,
  why: CellFault['why'],
  more?: Pick<CellFault, 'crops' | 'limit'>,
) => undefined;

type NewBed = Omit<Bodies['bed.laid'], 'bed'> & { readonly held?: string };
type NewVariety = Omit<Bodies['variety.described'], 'variety'> & { readonly held?: string };

/** A plan read from a table: beds, varieties and rows of plants, those on the plan already by their ids. */
export interface PlanDraft {
  readonly beds: readonly NewBed[];
  readonly varieties: readonly NewVariety[];
  /** Indices into `beds` and `varieties`. */
  readonly rows: readonly {
    readonly bed: number;
    readonly row: number;
    readonly variety: number;
    readonly plants: number;
  }[];
}

export type ReadPlan =
  | { readonly ok: true; readonly draft: PlanDraft }
  | { readonly ok: false; readonly missing: readonly PlanColumn[]; readonly faults: readonly CellFault[] };

/** What stands on the plan already. */
export interface HeldPlan {
  readonly beds: readonly Bed[];
  readonly varieties: readonly Variety[];
  /** The last place in use in each row, by `rowKey`. */
  readonly lastPlaces: ReadonlyMap<string, number>;
}

const NEEDED: readonly PlanColumn[] = ['bed', 'variety', 'plants'];
/** A bed laid for a table that does not say where: so many metres wide for each row, and apart. Our defaults. */
const ROW_M = 0.9;
const APART_M = 1;
const SPACING_M = 0.5;

/**
 * Reads a table of the plan: all of it, or nothing and every fault.
 *
 * @param table header first.
 * @example readPlanTable([['row']], { beds: [], … }).missing // ['bed', 'variety', 'plants']
 */
export function readPlanTable(table: readonly (readonly string[])[], held: HeldPlan): ReadPlan {
  const header = (table[0] ?? []).map((name) => name.trim().toLowerCase().replace(/\s+/g, '_'));
  const missing = NEEDED.filter((column) => !header.includes(column));
  if (missing.length > 0) return { ok: false, missing, faults: [] };
  const reader = new PlanReader(held);
  table.slice(1).forEach((cells, i) => {
    if (cells.every((cell) => cell.trim() === '')) return;
    const cell = (column: PlanColumn): string => cells[header.indexOf(column)]?.trim() ?? '';
    reader.read(i + 2, cell);
  });
  return reader.result();
}

class PlanReader {
  readonly #held: HeldPlan;
  readonly #faults: CellFault[] = [];
  readonly #beds: NewBed[] = [];
  readonly #varieties: NewVariety[] = [];
  readonly #rows: PlanDraft['rows'][number][] = [];
  /** The line that named each bed first. */
  readonly #bedLines: number[] = [];
  /** Plants in each row so far. */
  readonly #inRow = new Map<string, number>();

  constructor(held: HeldPlan) {
    this.#held = held;
  }

  result(): ReadPlan {
    const beds = this.#faults.length > 0 ? [] : this.#sized();
    if (this.#faults.length > 0) return { ok: false, missing: [], faults: this.#faults };
    return { ok: true, draft: { beds, varieties: this.#varieties, rows: this.#rows } };
  }

  read(line: number, cell: (column: PlanColumn) => string): void {
    const fault: Faulty = (column, why, more) => {
      this.#faults.push({ line, column, why, found: cell(column), ...more });
      return undefined;
    };
    const number = (column: PlanColumn): number | undefined => {
      if (cell(column) === '') return undefined;
      const value = Number(cell(column).replace(',', '.'));
      return Number.isFinite(value) ? value : fault(column, 'noNumber');
    };
    const whole = (column: PlanColumn, most: number): number | undefined => {
      const value = number(column);
      if (value === undefined) return undefined;
      if (!Number.isInteger(value) || value < 1) return fault(column, 'noWholeNumber');
      return value > most ? fault(column, 'tooMany') : value;
    };
    const measure = (column: PlanColumn, limit: Limit): number | undefined => {
      const value = number(column);
      if (value === undefined) return undefined;
      const [least, most] = LIMITS[limit];
      if (value < least) return fault(column, 'tooLow', { limit: least });
      return value > most ? fault(column, 'tooHigh', { limit: most }) : value;
    };
    const before = this.#faults.length;
    if (cell('bed') === '') fault('bed', 'missing');
    if (cell('plants') === '') fault('plants', 'missing');
    const row = cell('row') === '' ? 1 : whole('row', LIMITS.rows[1]);
    const plants = whole('plants', MOST_PLANTS_IN_ROW);
    const bed = this.#bed(line, cell, measure, fault);
    const variety = this.#variety(cell, fault);
    if (this.#faults.length > before || row === undefined || plants === undefined || variety === undefined)
      return;
    const held = this.#beds[bed]!.held;
    const key = rowKey({ bed: held ?? `new ${bed}`, row });
    const inRow = (this.#inRow.get(key) ?? this.#held.lastPlaces.get(key) ?? 0) + plants;
    if (inRow > MOST_PLANTS_IN_ROW) return fault('plants', 'rowFull', { limit: MOST_PLANTS_IN_ROW });
    this.#inRow.set(key, inRow);
    this.#rows.push({ bed, row, variety, plants });
  }

  #bed(
    line: number,
    cell: (column: PlanColumn) => string,
    measure: (column: PlanColumn, limit: Limit) => number | undefined,
    fault: Faulty,
  ): number {
    const name = cell('bed');
    if (name.length > LONGEST.bedName) fault('bed', 'tooLong', { limit: LONGEST.bedName });
    const known = this.#beds.findIndex((bed) => sameName(bed.name, name));
    const [x, y] = [measure('bed_x', 'position'), measure('bed_y', 'position')];
    const turn = measure('bed_turn', 'turn');
    const [length, width] = [measure('bed_length', 'side'), measure('bed_width', 'side')];
    const every = measure('spacing', 'every');
    if (known >= 0) return known;
    this.#bedLines.push(line);
    const held = this.#held.beds.find((bed) => sameName(bed.name, name));
    if (held) {
      const { bed, ...rest } = held;
      this.#beds.push({ ...rest, held: bed });
    } else {
      this.#beds.push({
        name,
        x: x ?? Number.NaN,
        y: y ?? Number.NaN,
        length: length ?? Number.NaN,
        width: width ?? Number.NaN,
        rows: 1,
        turn: turn ?? 0,
        every: every ?? SPACING_M,
      });
    }
    return this.#beds.length - 1;
  }

  #variety(cell: (column: PlanColumn) => string, fault: Faulty): number | undefined {
    const name = cell('variety');
    if (name === '') return fault('variety', 'missing');
    if (name.length > LONGEST.name) return fault('variety', 'tooLong', { limit: LONGEST.name });
    const known = this.#varieties.findIndex((variety) => sameName(variety.name, name));
    const before = known >= 0 ? this.#varieties[known] : undefined;
    const held = this.#held.varieties.find((variety) => sameName(variety.name, name));
    const crop = this.#crop(cell('kind'), name, before?.crop ?? held?.crop, fault);
    const purpose = PURPOSES_WRITTEN[cell('purpose').toLowerCase()] ?? fault('purpose', 'unknownPurpose');
    const seedSource = SEEDS_WRITTEN[cell('seed').toLowerCase()] ?? fault('seed', 'unknownSeed');
    const sowing = this.#sowing(cell, fault);
    if (before) return before.crop === crop || !crop ? known : fault('kind', 'otherKindBefore');
    if (held && crop && held.crop !== crop) return fault('kind', 'otherKindOnPlan');
    if (!crop || !purpose || !seedSource || sowing === 'wrong') return undefined;
    if (held) {
      const { variety, flowered: _flowered, purposes: _purposes, ...rest } = held;
      this.#varieties.push({ ...rest, held: variety });
    } else {
      this.#varieties.push({
        name,
        crop,
        purpose,
        seedSource,
        ownPollen: purpose === 'eat' ? 'allowed' : 'lastResort',
        traits: {},
        ...(sowing && { sowing }),
      });
    }
    return this.#varieties.length - 1;
  }

  /** By the kind, else by the name of the variety, else as it is known already. */
  #crop(kind: string, name: string, known: CropId | undefined, fault: Faulty): CropId | undefined {
    if (kind === '' && known) return known;
    const crops = cropsCalled(kind) ?? (kind === '' ? commonNameIn(name)?.crops : undefined);
    if (!crops) return fault('kind', kind === '' ? 'missing' : 'unknownKind');
    if (crops.length > 1 && known && crops.includes(known)) return known;
    return crops.length === 1 ? crops[0] : fault('kind', 'ambiguousKind', { crops });
  }

  #sowing(cell: (column: PlanColumn) => string, fault: Faulty): Sowing | undefined | 'wrong' {
    for (const [column, how] of [
      ['sown', 'sown'],
      ['planted_out', 'plantedOut'],
    ] as const) {
      const day = cell(column);
      if (day === '') continue;
      if (isDay(day)) return { how, day };
      fault(column, 'noDay');
      return 'wrong';
    }
    return undefined;
  }

  /** New beds as large as their rows ask for, one beyond the other where the table does not say where. */
  #sized(): NewBed[] {
    let y = Math.max(0, ...this.#held.beds.map((bed) => bed.y + bed.width)) + APART_M;
    return this.#beds.map((bed, i) => {
      const own = this.#rows.filter((row) => row.bed === i);
      const rows = Math.max(bed.rows, ...own.map(({ row }) => row));
      if (bed.held) return { ...bed, rows };
      const longest = Math.max(...[...groupBy(own, ({ row }) => row).values()].map(plantsOf));
      const length = orElse(bed.length, Math.max(1, longest * (bed.every ?? SPACING_M)));
      const width = orElse(bed.width, Math.max(ROW_M, rows * ROW_M));
      const placed = { ...bed, rows, length, width, x: orElse(bed.x, 1), y: orElse(bed.y, y) };
      if (Number.isNaN(bed.y)) y += width + APART_M;
      const fits =
        isWithin('side', placed.length) && isWithin('side', placed.width) && isWithin('position', placed.y);
      if (!fits)
        this.#faults.push({ line: this.#bedLines[i]!, column: 'bed', why: 'noRoom', found: bed.name });
      return placed;
    });
  }
}

const isWithin = (limit: Limit, value: number): boolean =>
  value >= LIMITS[limit][0] && value <= LIMITS[limit][1];
const orElse = (value: number, other: number): number => (Number.isNaN(value) ? other : value);
const plantsOf = (rows: PlanDraft['rows']): number => rows.reduce((sum, { plants }) => sum + plants, 0);
const sameName = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();

/** Crops by a common kind, a botanical name or a crop's own name. */
function cropsCalled(kind: string): readonly CropId[] | undefined {
  if (kind === '') return undefined;
  const plain = normalisedName(kind);
  const own = CROP_IDS.filter((id) =>
    [id, cropOf(id).name, cropOf(id).species].some((name) => normalisedName(name) === plain),
  );
  return own.length > 0 ? own : findCommonName(kind)?.crops;
}
