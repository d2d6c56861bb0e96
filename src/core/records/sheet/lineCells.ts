import type { CropId } from '../../crops/catalogue';
import type { VarietyTraits } from '../../crops/traits';
import type { Purpose, SeedSource, Sowing } from '../../crops/variety';
import { LIMITS, MAX_PLANTS_IN_ROW, type Limit } from '../../journal/limits';
import type { Day } from '../../time/types';
import { purposeWritten, seedWritten, type PlanColumn } from '../planColumns';
import type { CellFault } from '../planDraft';
import { cellOf, type Sheet } from './sheet';
import { isCountedPerRow } from './countedPerRow';
import { numbersIn, writtenCount, type WrittenCount } from './writtenCount';
import { writtenDay } from './writtenDay';
import { unitIn, writtenLength } from './writtenLength';
import { readTraits } from './writtenTraits';

/** A plant hardly needs more room along the row: a larger number alone is in centimetres or inches. Our defaults. */
const WIDEST_SPACING: Readonly<Record<Sheet['unit'], number>> = { m: 4, ft: 5 };
/** Words that say there is no day yet. */
const NOT_YET = /^([-–—?]|n\/?a|tbd|not yet|soon|later|none)$/i;
/** Columns of remarks: their name adds nothing to what stands in them. */
const REMARKS = /^(note|remark|comment|bemerkung|notiz|remarque|nota|observ|osserv|opmerk)/i;

/** The plants of a line. */
export interface LineCount {
  /** One number for each of its rows. */
  readonly inRows: readonly number[];
  /** Does nothing say whether they are counted in each row or in all? */
  readonly assumed: boolean;
}

/**
 * Are the numbers without a unit from plant to plant in centimetres or inches: is any of them too large for metres or feet?
 *
 * @example isSpacedInSmall(guessSheet([['Crop', 'Spacing'], ['corn', '45'], ['leek', '4']], defaults)) // true
 */
export function isSpacedInSmall({ rows, header, uses, unit }: Sheet): boolean {
  const at = uses.indexOf('spacing');
  if (at < 0 || unitIn(rows[header]?.[at] ?? '') !== undefined) return false;
  return rows
    .slice(header + 1)
    .map((row) => row[at]?.trim() ?? '')
    .some((cell) => /^\d+([.,]\d+)?$/.test(cell) && Number(cell.replace(',', '.')) > WIDEST_SPACING[unit]);
}

/** The cells of one line of a sheet, each read as what its column holds; what cannot be read becomes a fault. */
export class LineCells {
  readonly #sheet: Sheet;
  readonly #line: number;
  /** What the line says by what stands above it, or in a cell together with something else. */
  readonly #given: Partial<Record<PlanColumn, string>>;
  readonly #faults: CellFault[];
  /** Are numbers without a unit from plant to plant in the smaller one? */
  readonly #isSmall: boolean;

  constructor(
    sheet: Sheet,
    line: number,
    given: Partial<Record<PlanColumn, string>>,
    { faults, isSmall }: { readonly faults: CellFault[]; readonly isSmall: boolean },
  ) {
    this.#sheet = sheet;
    this.#isSmall = isSmall;
    this.#line = line;
    this.#given = given;
    this.#faults = faults;
  }

  text(column: CellFault['column']): string {
    return (column === 'rows' ? undefined : this.#given[column]) ?? cellOf(this.#sheet, this.#line, column);
  }

  fault(
    column: CellFault['column'],
    why: CellFault['why'],
    more?: Pick<CellFault, 'crops' | 'limit' | 'offers'>,
  ): undefined {
    const [found, variety] = [this.text(column), this.text('variety')];
    this.#faults.push({ line: this.#line, column, why, found, variety, ...more });
    return undefined;
  }

  /** How many plants, in one row or in several; one plant where there is no such column. */
  count(): LineCount | undefined {
    const rows = this.whole('rows', LIMITS.rows[1]) ?? 1;
    const text = this.text('plants');
    if (text === '') {
      if (!this.#sheet.uses.includes('plants'))
        return { inRows: new Array<number>(rows).fill(1), assumed: false };
      return this.fault('plants', 'missing', { offers: ['1'] });
    }
    const count = writtenCount(text);
    if (!count) {
      const why = /^-?[\d.,]+$/.test(text) ? 'noWholeNumber' : 'noCount';
      return this.fault('plants', why, { offers: numbersIn(text).map(String) });
    }
    const found = this.#inRows(count, rows);
    if (found.inRows.every((each) => each <= MAX_PLANTS_IN_ROW)) return found;
    return this.fault('plants', 'tooMany', { limit: MAX_PLANTS_IN_ROW });
  }

  /** A cell may tell its rows by itself; else another column does, and plants are counted in each or in all of them. */
  #inRows(count: WrittenCount, rows: number): LineCount {
    if (count.rows > 1 || rows === 1)
      return { inRows: new Array<number>(count.rows).fill(count.each), assumed: false };
    const { rows: lines, header, uses, inAll } = this.#sheet;
    const name = lines[header]?.[uses.indexOf('plants')] ?? '';
    if (isCountedPerRow(name)) return { inRows: new Array<number>(rows).fill(count.each), assumed: false };
    const each = (row: number): number =>
      inAll ? Math.floor((count.each + rows - 1 - row) / rows) : count.each;
    return {
      inRows: Array.from({ length: rows }, (_, row) => each(row)).filter((own) => own > 0),
      assumed: true,
    };
  }

  /** From 1 up; a word may stand before it, as in `row 2`. */
  whole(column: CellFault['column'], most: number): number | undefined {
    const text = this.text(column);
    if (text === '') return undefined;
    const value = Number(/^\D*(\d+)(?:[.,]0+)?$/.exec(text)?.[1] ?? 0);
    if (value < 1) return this.fault(column, 'noWholeNumber', { offers: numbersIn(text).map(String) });
    return value > most ? this.fault(column, 'tooHigh', { limit: most }) : value;
  }

  number(column: PlanColumn, limit: Limit): number | undefined {
    const text = this.text(column);
    if (text === '') return undefined;
    const value = Number(text.replace(',', '.'));
    return Number.isFinite(value) ? this.#within(value, column, limit) : this.fault(column, 'noNumber');
  }

  /** Metres. */
  length(column: PlanColumn, limit: Limit): number | undefined {
    const text = this.text(column);
    if (text === '') return undefined;
    const value = writtenLength(text, this.#unitOf(column) ?? this.#sheet.unit);
    return value === undefined ? this.fault(column, 'noLength') : this.#within(value, column, limit);
  }

  /** From plant to plant, metres; `assumed` where a number alone had to be in a smaller unit. */
  spacing(): { readonly metres: number | undefined; readonly assumed: boolean } {
    const text = this.text('spacing');
    const metres =
      this.#isSmall && /^[\d.,]+$/.test(text) ? writtenLength(text, this.#sheet.small) : undefined;
    if (metres === undefined) return { metres: this.length('spacing', 'every'), assumed: false };
    return { metres: this.#within(metres, 'spacing', 'every'), assumed: true };
  }

  /** The unit that the column's name gives. */
  #unitOf(column: PlanColumn): string | undefined {
    const { rows, header, uses } = this.#sheet;
    return unitIn(rows[header]?.[uses.indexOf(column)] ?? '');
  }

  #within(value: number, column: PlanColumn, limit: Limit): number | undefined {
    const [least, most] = LIMITS[limit];
    if (value < least) return this.fault(column, 'tooLow', { limit: least });
    return value > most ? this.fault(column, 'tooHigh', { limit: most }) : value;
  }

  purpose(): Purpose | undefined {
    const text = this.text('purpose');
    if (text === '') return this.#sheet.purpose;
    return purposeWritten(text) ?? this.fault('purpose', 'unknownPurpose');
  }

  /** A name of somebody or of a shop tells nothing of its purity: it is kept as a note. */
  seed(): SeedSource {
    return seedWritten(this.text('seed')) ?? 'unknown';
  }

  /** @returns `undefined` for a day that cannot be read. */
  sowing(today: Day): { readonly sowing?: Sowing; readonly yearless?: true } | undefined {
    const { dates: order, year } = this.#sheet;
    const days: { readonly how: Sowing['how']; readonly day: Day; readonly yearless: boolean }[] = [];
    for (const [column, how] of [
      ['sown', 'sown'],
      ['planted_out', 'plantedOut'],
    ] as const) {
      const text = this.text(column);
      if (text === '' || NOT_YET.test(text)) continue;
      const found = writtenDay(text, { order, year, today });
      if (typeof found === 'string') return this.fault(column, found === 'whichOrder' ? 'whichDay' : 'noDay');
      days.push({ how, ...found });
    }
    // What was set out later than it was sown was raised elsewhere: from then on it grows in the garden's warmth.
    const last = days.reduce<(typeof days)[number] | undefined>(
      (before, each) => (before && before.day >= each.day ? before : each),
      undefined,
    );
    if (!last) return {};
    return { sowing: { how: last.how, day: last.day }, ...(last.yearless && { yearless: true }) };
  }

  traits(crop: CropId): VarietyTraits {
    const ofKind = readTraits(crop, this.text('kind'), '').traits;
    return this.#cells('traits').reduce(
      (traits, { name, text }) => ({ ...traits, ...readTraits(crop, text, name).traits }),
      ofKind,
    );
  }

  /** What no column has room for. */
  note(crop: CropId): string {
    const seed = this.text('seed');
    const from = seed === '' || seedWritten(seed) ? [] : [`${this.#nameOf('seed')}: ${seed}`];
    const traits = this.#cells('traits').map(({ name, text }) => readTraits(crop, text, name).rest);
    const notes = this.#cells('note').map(({ name, text }) =>
      name === '' || REMARKS.test(name) ? text : `${name}: ${text}`,
    );
    const besides = (['sown', 'planted_out'] as const).flatMap((use) => {
      const text = this.text(use);
      const isSownToo =
        use === 'sown' && this.text('planted_out') !== '' && text !== '' && !NOT_YET.test(text);
      return text.includes('(') || isSownToo ? [`${this.#nameOf(use)}: ${text}`] : [];
    });
    return [...from, ...traits, ...besides, ...notes].filter(Boolean).join('; ');
  }

  #nameOf(use: PlanColumn): string {
    const { rows, header, uses } = this.#sheet;
    return rows[header]?.[uses.indexOf(use)]?.trim() || use;
  }

  /** The filled cells of all columns of one use, with the columns' names. */
  #cells(use: 'traits' | 'note'): { readonly name: string; readonly text: string }[] {
    const { rows, header, uses } = this.#sheet;
    return uses.flatMap((each, i) => {
      const text = rows[this.#line]![i]?.trim() ?? '';
      return each === use && text !== '' ? [{ name: (rows[header]?.[i] ?? '').trim(), text }] : [];
    });
  }
}
