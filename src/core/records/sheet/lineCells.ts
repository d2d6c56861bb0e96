import type { CropId } from '../../crops/catalogue';
import type { VarietyTraits } from '../../crops/traits';
import type { Purpose, SeedSource, Sowing } from '../../crops/variety';
import { LIMITS, MAX_PLANTS_IN_ROW, type Limit } from '../../journal/limits';
import type { Day } from '../../time/types';
import { purposeWritten, seedWritten, type PlanColumn } from '../planColumns';
import type { CellFault } from '../planDraft';
import { cellOf, type Sheet } from './sheet';
import { numbersIn, writtenCount, type WrittenCount } from './writtenCount';
import { writtenDay } from './writtenDay';
import { unitIn, writtenLength } from './writtenLength';
import { readTraits } from './writtenTraits';

/** A plant hardly needs more room along the row, metres: a larger number alone is in centimetres or inches. Our default. */
const WIDEST_SPACING_M = 4;
/** Words that say there is no day yet. */
const NOT_YET = /^([-–—?]|n\/?a|tbd|not yet|soon|later|none)$/i;
/** Columns of remarks: their name adds nothing to what stands in them. */
const REMARKS = /^(note|remark|comment|bemerkung|notiz|remarque|nota|observ|osserv|opmerk)/i;

/** The cells of one line of a sheet, each read as what its column holds; what cannot be read becomes a fault. */
export class LineCells {
  readonly #sheet: Sheet;
  readonly #line: number;
  /** What the line says by what stands above it, or in a cell together with something else. */
  readonly #given: Partial<Record<PlanColumn, string>>;
  readonly #faults: CellFault[];

  constructor(sheet: Sheet, line: number, given: Partial<Record<PlanColumn, string>>, faults: CellFault[]) {
    this.#sheet = sheet;
    this.#line = line;
    this.#given = given;
    this.#faults = faults;
  }

  text(column: PlanColumn): string {
    return this.#given[column] ?? cellOf(this.#sheet, this.#line, column);
  }

  fault(
    column: PlanColumn,
    why: CellFault['why'],
    more?: Pick<CellFault, 'crops' | 'limit' | 'offers'>,
  ): undefined {
    const [found, variety] = [this.text(column), this.text('variety')];
    this.#faults.push({ line: this.#line, column, why, found, variety, ...more });
    return undefined;
  }

  /** Several rows, where the cell says so; one plant where there is no such column. */
  count(): WrittenCount | undefined {
    const text = this.text('plants');
    if (text === '') {
      if (!this.#sheet.uses.includes('plants')) return { rows: 1, each: 1 };
      return this.fault('plants', 'missing', { offers: ['1'] });
    }
    const count = writtenCount(text);
    if (!count) {
      const why = /^-?[\d.,]+$/.test(text) ? 'noWholeNumber' : 'noCount';
      return this.fault('plants', why, { offers: numbersIn(text).map(String) });
    }
    if (count.each <= MAX_PLANTS_IN_ROW) return count;
    return this.fault('plants', 'tooMany', { limit: MAX_PLANTS_IN_ROW });
  }

  /** From 1 up; a word may stand before it, as in `row 2`. */
  whole(column: PlanColumn, most: number): number | undefined {
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
    const { unit, small } = this.#sheet;
    const text = this.text('spacing');
    const alone = this.#unitOf('spacing') === undefined && !/[a-z"'″′”’]/i.test(text);
    const assumed = alone && (writtenLength(text, unit) ?? 0) > WIDEST_SPACING_M;
    if (!assumed) return { metres: this.length('spacing', 'every'), assumed };
    return { metres: this.#within(writtenLength(text, small)!, 'spacing', 'every'), assumed };
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
    for (const [column, how] of [
      ['sown', 'sown'],
      ['planted_out', 'plantedOut'],
    ] as const) {
      const text = this.text(column);
      if (text === '' || NOT_YET.test(text)) continue;
      const { dates: order, year } = this.#sheet;
      const found = writtenDay(text, { order, year, today });
      if (typeof found === 'string') return this.fault(column, found === 'whichOrder' ? 'whichDay' : 'noDay');
      return { sowing: { how, day: found.day }, ...(found.yearless && { yearless: true }) };
    }
    return {};
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
      return text.includes('(') ? [`${this.#nameOf(use)}: ${text}`] : [];
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
