import { commonNameIn } from '../../crops/names/nameInVariety';
import { cropsCalled } from './kindCalled';
import { cellOf, type Sheet } from './sheet';
import { bedNamed, isBedTitle, splitPlace } from './writtenPlace';

/** The bed of a table that names none. */
export const ONE_BED = 'Garden';

/** A line that adds up those above it. */
export const isTotal = (filled: readonly string[]): boolean =>
  filled.length <= 4 &&
  (TOTAL.test(filled[0]!) ||
    (filled.some((cell) => TOTAL.test(cell)) &&
      filled.every((cell) => TOTAL.test(cell) || /^[\d.,'\s]+$/.test(cell))));

/** A few words, and no remark. */
const TITLE = /^\p{L}[\p{L}’'-]*( [\p{L}’'-]+){0,3}:?$/u;

const TOTAL =
  /^(sub|grand )?(total|totals|sum|summe|gesamt|totale|suma|somme|totaal|soma|totais)( (of )?plants)?:?$/i;

/** What stands above a line and counts for it: the bed, and titles such as SQUASH. */
export class TitlesAbove {
  readonly #sheet: Sheet;
  readonly #isOnPlan: (variety: string) => boolean;
  #bed = '';
  #kind = '';
  #kindUsed = false;
  /** Lines that were read by what they do not say. */
  readonly lines = { bedAsAbove: 0, oneBed: 0, kindByTitle: 0 };
  /** Words that stand alone in a line and name nothing. */
  readonly passed: string[] = [];

  /** @param isOnPlan is a variety of this name on the plan, and so its kind known? */
  constructor(sheet: Sheet, isOnPlan: (variety: string) => boolean) {
    this.#sheet = sheet;
    this.#isOnPlan = isOnPlan;
  }

  /**
   * A line with nothing but a title names the kind or the bed of what follows; other words are passed over.
   *
   * @returns whether the line is no more than that.
   */
  take(text: string, column: number): boolean {
    const { uses } = this.#sheet;
    const use = uses[column] ?? 'none';
    const crops = cropsCalled(text, '');
    // Where kinds have a column, or numbers have none, a name alone may be a line whose other cells are empty.
    const mayBeKind = use !== 'variety' || (uses.includes('plants') && !uses.includes('kind'));
    if (use === 'variety' && !isBedTitle(text) && !(crops && mayBeKind)) return false;
    if (isBedTitle(text)) this.#bed = bedNamed(text);
    else if (crops) this.#setKind(text);
    else if (this.#isKindByTitle(text)) this.#setKind(text);
    else if (use === 'bed' || use === 'bed_row') this.#bed = bedNamed(text);
    else this.passed.push(text);
    return true;
  }

  /** A line that is left out, and was nothing but a name, may have been a title. */
  leave(text: string): void {
    if (this.#isKindByTitle(text)) this.#setKind(text);
  }

  /** Do titles tell the kinds? Then one that nobody knows is no reason to go on with the kind before. */
  readonly #isKindByTitle = (text: string): boolean =>
    this.#kind !== '' && !this.#sheet.uses.includes('kind') && TITLE.test(text);

  /** The title counts where neither the cell nor the variety's own name tells the kind. */
  kindOf(line: number): string {
    this.#kindUsed = true;
    const kind = cellOf(this.#sheet, line, 'kind');
    if (kind !== '' || this.#kind === '') return kind;
    const variety = cellOf(this.#sheet, line, 'variety');
    if (commonNameIn(variety)?.crops.length === 1 || this.#isOnPlan(variety)) return '';
    this.lines.kindByTitle += 1;
    return this.#kind;
  }

  /** Bed and row of a line, together in one cell or apart. */
  placeOf(line: number): { readonly bed: string; readonly row: string } {
    const { uses } = this.#sheet;
    const both = cellOf(this.#sheet, line, 'bed_row');
    const split = both === '' ? undefined : splitPlace(both);
    const row = cellOf(this.#sheet, line, 'row') || (split?.row ?? '');
    const own = bedNamed(cellOf(this.#sheet, line, 'bed') || (split?.bed ?? ''));
    if (own !== '') {
      this.#bed = own;
      return { bed: own, row };
    }
    if (this.#bed !== '') {
      this.lines.bedAsAbove += 1;
      return { bed: this.#bed, row };
    }
    if (uses.includes('bed') || uses.includes('bed_row')) return { bed: '', row };
    this.lines.oneBed += 1;
    return { bed: ONE_BED, row };
  }

  /** After the last line. */
  end(): void {
    this.#setKind('');
  }

  /** A title that nothing stood under was perhaps none: it is told of. */
  #setKind(text: string): void {
    if (this.#kind !== '' && !this.#kindUsed) this.passed.push(this.#kind);
    this.#kind = text;
    this.#kindUsed = false;
  }
}
