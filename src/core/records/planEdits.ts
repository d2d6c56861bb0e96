import type { Sowing } from '../crops/variety';
import { lastPlaces, rowKey } from '../garden/places';
import type { Fact } from '../journal/entry';
import { isJudgedBy } from '../journal/isJudgedBy';
import type { Journal } from '../journal/journal';
import type { Bodies } from '../journal/kinds/kinds';
import { LIMITS, LONGEST, MAX_PLANTS_IN_ROW } from '../journal/limits';
import { plantingOf } from '../journal/plantingOf';
import type { Variety } from '../journal/state';
import type { Day } from '../time/types';
import type { DateOrder } from './dateOrder';
import { purposeWritten, seedWritten, type PlanColumn } from './planColumns';
import type { PlanLine } from './planLines';
import { writtenDay } from './sheet/writtenDay';

/** Columns that can be typed over on the plan that stands, and of what each is. */
const OWNERS = {
  bed: 'bed',
  variety: 'variety',
  plants: 'line',
  purpose: 'variety',
  seed: 'variety',
  sown: 'sowing',
  planted_out: 'sowing',
  days_to_flower: 'variety',
  fruit_wanted: 'variety',
  note: 'variety',
} as const satisfies Partial<Record<PlanColumn, 'bed' | 'variety' | 'sowing' | 'line'>>;
export type EditedColumn = keyof typeof OWNERS;
export const EDITED_COLUMNS = Object.keys(OWNERS) as EditedColumn[];

/** What was typed over, by `cellKey`: a bed's name stands in each of its lines, and is typed once. */
export type PlanEdits = Readonly<Record<string, string>>;

/** What a cell is of, whatever line it was typed in. */
export function cellKey({ bed, variety, plants }: PlanLine, column: EditedColumn): string {
  const { row, planting } = plants[0]!;
  const owner = {
    bed: bed.bed,
    variety: variety.variety,
    sowing: planting ?? variety.variety,
    line: [bed.bed, row, variety.variety, planting ?? ''].join('|'),
  }[OWNERS[column]];
  return `${column}|${owner}`;
}

/** What a cell says, as it was typed over. */
export const cellText = (line: PlanLine, column: EditedColumn, edits: PlanEdits): string =>
  edits[cellKey(line, column)] ?? line.cells[column];

/** What was typed over and is not said by the plan already: what stood there may be gone, or was changed elsewhere. */
export function standingEdits(lines: readonly PlanLine[], edits: PlanEdits): PlanEdits {
  const standing: Record<string, string> = {};
  for (const line of lines)
    for (const column of EDITED_COLUMNS) {
      const key = cellKey(line, column);
      const text = edits[key];
      if (text !== undefined && text !== line.cells[column]) standing[key] = text;
    }
  return standing;
}

/** A cell by its line and column. */
interface PlanCell {
  /** Index of the line. */
  readonly line: number;
  readonly column: EditedColumn;
}

export interface TypedCell extends PlanCell {
  readonly text: string;
}

/**
 * Adds what was typed or pasted over some lines at once to the edits.
 *
 * @param typed those lines whole, as they read now.
 * @returns `unlike`: cells of one thing that say different things, none of which is taken.
 */
export function typeOver(
  lines: readonly PlanLine[],
  edits: PlanEdits,
  typed: readonly TypedCell[],
): { readonly edits: PlanEdits; readonly unlike: readonly TypedCell[] } {
  const texts = new Map<string, TypedCell[]>();
  for (const cell of typed) {
    const key = cellKey(lines[cell.line]!, cell.column);
    texts.set(key, [...(texts.get(key) ?? []), cell]);
  }
  const next = { ...edits };
  const unlike: TypedCell[] = [];
  for (const [key, cells] of texts) {
    const { line, column, text } = cells[0]!;
    if (new Set(cells.map((cell) => cell.text.trim())).size > 1) unlike.push(...cells);
    else if (text.trim() === lines[line]!.cells[column]) delete next[key];
    else next[key] = text.trim();
  }
  return { edits: next, unlike };
}

export interface EditFault extends PlanCell {
  readonly why:
    | 'missing'
    | 'tooLong'
    | 'nameTaken'
    | 'unknownPurpose'
    | 'unknownSeed'
    | 'noDay'
    | 'whichDay'
    | 'twoDays'
    | 'noWholeNumber'
    | 'tooHigh'
    | 'fewerPlants'
    | 'stand';
  readonly found: string;
  readonly limit?: number;
}

type Described<K extends 'bed.laid' | 'variety.described'> = {
  readonly kind: K;
  readonly id: string;
  readonly body: Bodies[K];
  /** Is fruit of earlier flowers judged by it? Then it matters since when it is so. */
  readonly matters: boolean;
};

export interface PlanChanges {
  readonly described: readonly (Described<'bed.laid'> | Described<'variety.described'>)[];
  /** Sowings and plants that are added. */
  readonly facts: readonly Fact[];
  readonly faults: readonly EditFault[];
}

export interface EditReading {
  readonly order: DateOrder | undefined;
  readonly today: Day;
  readonly newId: () => string;
}

/**
 * What is to be recorded of a plan that was typed over: nothing where a cell cannot be read.
 *
 * @example planChanges(journal, lines, {}, reading) // { described: [], facts: [], faults: [] }
 */
export function planChanges(
  journal: Journal,
  lines: readonly PlanLine[],
  edits: PlanEdits,
  reading: EditReading,
): PlanChanges {
  const cells = new EditedCells(lines, standingEdits(lines, edits), reading);
  // Of those that stand the lines themselves tell what each will be called.
  const standing = new Set(lines.flatMap(({ bed, variety }) => [bed.bed, variety.variety]));
  const otherBeds = [...journal.all('bed').values()].filter(({ bed }) => !standing.has(bed));
  const otherVarieties = [...journal.all('variety').values()].filter(({ variety }) => !standing.has(variety));
  const beds = cells.changed('bed').map((line): Described<'bed.laid'> => {
    const { bed } = lines[line]!;
    const name = cells.name({ line, column: 'bed' }, LONGEST.bedName, otherBeds);
    return { kind: 'bed.laid', id: bed.bed, body: { ...bed, name }, matters: false };
  });
  const sowings = cells.changed('sown', 'planted_out').map((line) => ({ line, sowing: cells.sowing(line) }));
  const own = new Map(
    sowings.flatMap(({ line, sowing }) =>
      lines[line]!.plants[0]!.planting === undefined ? [[lines[line]!.variety.variety, sowing] as const] : [],
    ),
  );
  const described = new Map(
    cells.changed(...VARIETY_COLUMNS).map((line) => [lines[line]!.variety.variety, line]),
  );
  for (const { line } of sowings) {
    const { variety, plants } = lines[line]!;
    if (plants[0]!.planting === undefined && !described.has(variety.variety))
      described.set(variety.variety, line);
  }
  const varieties = [...described].map(([id, line]): Described<'variety.described'> => {
    const { variety } = lines[line]!;
    const given = cells.variety(line, otherVarieties);
    const body = bodyOf(variety, { ...given, ...(own.has(id) && { sowing: own.get(id) }) });
    return { kind: 'variety.described', id, body, matters: isJudgedBy(variety, body) };
  });
  const plantings = sowings.flatMap(({ line, sowing }): Fact[] => {
    const { variety, plants } = lines[line]!;
    if (plants[0]!.planting === undefined) return [];
    const { planting, seedSource, lot, daysToFlower } = plantingOf(journal, plants[0]!, variety);
    return [
      {
        kind: 'planting.set',
        body: {
          planting,
          variety: variety.variety,
          ...(sowing && { sowing }),
          seedSource,
          ...(lot !== undefined && { lot }),
          ...(daysToFlower !== undefined && { daysToFlower }),
        },
      },
    ];
  });
  const last = new Map(lastPlaces(journal.all('plant').values()));
  const added = cells.changed('plants').flatMap((line): Fact[] => {
    const { bed, variety, plants } = lines[line]!;
    const many = cells.morePlants(line);
    const { row, planting } = plants[0]!;
    const key = rowKey({ bed: bed.bed, row });
    const from = last.get(key) ?? 0;
    last.set(key, from + many);
    return [
      {
        kind: 'plants.set',
        body: {
          bed: bed.bed,
          row,
          variety: variety.variety,
          ...(planting !== undefined && { planting }),
          plants: Array.from({ length: many }, (_, i) => ({ plant: reading.newId(), place: from + i + 1 })),
        },
      },
    ];
  });
  const { faults } = cells;
  return faults.length > 0
    ? { described: [], facts: [], faults }
    : { described: [...beds, ...varieties], facts: [...plantings, ...added], faults };
}

const VARIETY_COLUMNS = EDITED_COLUMNS.filter((column) => OWNERS[column] === 'variety');

type VarietyCells = Pick<
  Variety,
  'name' | 'purpose' | 'seedSource' | 'daysToFlower' | 'fruitWanted' | 'note' | 'sowing'
>;

/** What nobody typed is as it was; what was emptied is said no more. */
function bodyOf(
  { variety, crop, ownPollen, traits, sowing: before }: Variety,
  { name, purpose, seedSource, daysToFlower, fruitWanted, note, ...given }: VarietyCells,
): Bodies['variety.described'] {
  const sowing = 'sowing' in given ? given.sowing : before;
  return {
    variety,
    name,
    crop,
    purpose,
    seedSource,
    ownPollen,
    traits,
    ...(sowing && { sowing }),
    ...(daysToFlower !== undefined && { daysToFlower }),
    ...(fruitWanted !== undefined && { fruitWanted }),
    ...(note !== undefined && { note }),
  };
}

/** The cells of the plan as they were typed over; what cannot be read becomes a fault. */
class EditedCells {
  readonly faults: EditFault[] = [];
  readonly #lines: readonly PlanLine[];
  readonly #edits: PlanEdits;
  readonly #reading: EditReading;

  constructor(lines: readonly PlanLine[], edits: PlanEdits, reading: EditReading) {
    this.#lines = lines;
    this.#edits = edits;
    this.#reading = reading;
  }

  /**
   * Of each thing that was typed over the first of its lines.
   *
   * @param columns all of one kind of thing.
   */
  changed(...columns: readonly EditedColumn[]): readonly number[] {
    const seen = new Set<string>();
    return this.#lines.flatMap((line, i) => {
      const id = cellKey(line, columns[0]!);
      const isTyped = columns.some((column) => this.#edits[cellKey(line, column)] !== undefined);
      if (!isTyped || seen.has(id)) return [];
      seen.add(id);
      return [i];
    });
  }

  name(cell: PlanCell, most: number, others: readonly { readonly name: string }[]): string {
    const text = this.#text(cell);
    const held = this.#lines[cell.line]!.cells[cell.column];
    if (text === held) return text;
    if (text === '') this.#fault(cell, 'missing');
    else if (text.length > most) this.#fault(cell, 'tooLong', most);
    else if (others.some(({ name }) => name.toLowerCase() === text.toLowerCase()) || this.#isTwice(cell))
      this.#fault(cell, 'nameTaken');
    return text;
  }

  variety(line: number, others: readonly Variety[]): Omit<VarietyCells, 'sowing'> {
    const { variety } = this.#lines[line]!;
    const [purpose, seed] = [this.#text({ line, column: 'purpose' }), this.#text({ line, column: 'seed' })];
    const grownFor = purposeWritten(purpose) ?? this.#fault({ line, column: 'purpose' }, 'unknownPurpose');
    const source =
      seed === '' ? 'unknown' : (seedWritten(seed) ?? this.#fault({ line, column: 'seed' }, 'unknownSeed'));
    const note = this.#text({ line, column: 'note' });
    if (note.length > LONGEST.note) this.#fault({ line, column: 'note' }, 'tooLong', LONGEST.note);
    const daysToFlower = this.#whole({ line, column: 'days_to_flower' }, LIMITS.daysToFlower[1]);
    const fruitWanted = this.#whole({ line, column: 'fruit_wanted' }, LIMITS.fruitWanted[1]);
    return {
      name: this.name({ line, column: 'variety' }, LONGEST.name, others),
      purpose: grownFor ?? variety.purpose,
      seedSource: source ?? variety.seedSource,
      ...(daysToFlower !== undefined && { daysToFlower }),
      ...(fruitWanted !== undefined && { fruitWanted }),
      ...(note !== '' && { note }),
    };
  }

  /** One day is held of a sowing: in the ground, or planted out. */
  sowing(line: number): Sowing | undefined {
    const [sown, out] = [this.#day({ line, column: 'sown' }), this.#day({ line, column: 'planted_out' })];
    if (sown && out) {
      const column = this.#edits[cellKey(this.#lines[line]!, 'sown')] === undefined ? 'planted_out' : 'sown';
      this.#fault({ line, column }, 'twoDays');
    }
    return out ? { how: 'plantedOut', day: out } : sown ? { how: 'sown', day: sown } : undefined;
  }

  /** How many plants are added. Which one is gone, a number does not tell. */
  morePlants(line: number): number {
    const { plants } = this.#lines[line]!;
    const cell = { line, column: 'plants' } as const;
    const many = this.#whole(cell, MAX_PLANTS_IN_ROW);
    if (many === undefined) {
      if (this.#text(cell) === '') this.#fault(cell, 'missing');
      return 0;
    }
    const stands = plants.reduce((sum, { count }) => sum + count, 0);
    if (plants.some(({ count }) => count > 1)) this.#fault(cell, 'stand');
    else if (many < stands) this.#fault(cell, 'fewerPlants');
    return Math.max(0, many - stands);
  }

  #text({ line, column }: PlanCell): string {
    return cellText(this.#lines[line]!, column, this.#edits);
  }

  /** Does another thing get the same name? */
  #isTwice(cell: PlanCell): boolean {
    const own = cellKey(this.#lines[cell.line]!, cell.column);
    const text = this.#text(cell).toLowerCase();
    return this.#lines.some(
      (line, i) =>
        cellKey(line, cell.column) !== own &&
        this.#text({ line: i, column: cell.column }).toLowerCase() === text,
    );
  }

  #day(cell: PlanCell): Day | undefined {
    const text = this.#text(cell);
    if (text === '') return undefined;
    const { order, today } = this.#reading;
    const found = writtenDay(text, { order, year: undefined, today });
    if (typeof found === 'object') return found.day;
    return this.#fault(cell, found === 'none' ? 'noDay' : 'whichDay');
  }

  #whole(cell: PlanCell, most: number): number | undefined {
    const text = this.#text(cell);
    if (text === '') return undefined;
    if (!/^\d+$/.test(text) || Number(text) < 1) return this.#fault(cell, 'noWholeNumber');
    return Number(text) > most ? this.#fault(cell, 'tooHigh', most) : Number(text);
  }

  #fault(cell: PlanCell, why: EditFault['why'], limit?: number): undefined {
    const key = cellKey(this.#lines[cell.line]!, cell.column);
    const found = this.#text(cell);
    if (!this.faults.some((each) => cellKey(this.#lines[each.line]!, each.column) === key))
      this.faults.push({ ...cell, why, found, ...(limit !== undefined && { limit }) });
    return undefined;
  }
}
