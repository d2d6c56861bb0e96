import { tz } from '@date-fns/tz';
import { format } from 'date-fns';
import fc from 'fast-check';
import type { CropId } from '@/core/crops/catalogue';
import type { Purpose, SeedSource, Sowing } from '@/core/crops/variety';
import type { DateOrder } from '@/core/records/dateOrder';
import type { Day } from '@/core/time/types';
import { LANGUAGES, SHOPS, type Column, type Language } from './languages';

/** The day on which a table is read; days without a year are those nearest to it. */
export const TODAY: Day = '2026-05-20';

/** What a line of a table means. */
export interface Meant {
  /** Its index in the table. */
  readonly line: number;
  readonly bed: string;
  /** Only where the table tells it. */
  readonly row?: number;
  readonly variety: string;
  readonly crop: CropId;
  /** Plants in each of its rows. */
  readonly inRows: readonly number[];
  readonly sowing?: Sowing;
  readonly purpose: Purpose;
  readonly seed: SeedSource;
  /** From plant to plant, metres. */
  readonly every?: number;
}

/** A table as a grower keeps it, and what it means. */
export interface GrowersTable {
  readonly rows: readonly (readonly string[])[];
  readonly meant: readonly Meant[];
  /** The order of its days, where it is asked. */
  readonly order: DateOrder;
  readonly columns: readonly (Column | 'junk')[];
  readonly unit: 'm' | 'ft';
}

/** Names that say nothing of a crop, as somebody would write them. Our own inventions. */
const VARIETIES = [
  ...['Amber Wren', 'Slate Finch', "Miller's Gold", 'Harbour No. 7'],
  ...['Blue Lantern F2', 'Tall Anna', 'Early Bishop', 'K-47'],
];
const CROPS: readonly CropId[] = [
  ...(['corn', 'tomato', 'melon', 'watermelon', 'moschata', 'pepo'] as const),
  ...(['maxima', 'cucumber', 'commonBean', 'pea', 'annuum', 'aubergine'] as const),
];
/** Columns that only their owner knows. */
const OWN_COLUMNS = [
  ['Photo', ['2026-05-03', '2026-06-11', '']],
  ['Trellis', ['2', '3', '']],
  ['Soil', ['clay', 'sand', '']],
  ['Inv.', ['1004', '1005', '1017']],
] as const;
const DITTO = ['"', '〃', '″', 'ditto', '- " -'];
const ODD_COUNTS = ['12-15', '?', 'some', '6 + 6'];
const ODD_DAYS = ['mid May', 'KW 18', '10-15 May', 'early spring'];
const SEEDS: readonly SeedSource[] = ['ownGuarded', 'boughtLine', 'unknown'];
const MS_PER_DAY = 86_400_000;

const NUMERIC: Readonly<Record<DateOrder, readonly string[]>> = {
  dayFirst: ['d/M/yyyy', 'dd/MM/yyyy', 'dd/MM/yy', 'd/M/yy', 'd/M', 'd-M-yyyy', 'd.M.yyyy', 'd.M.'],
  monthFirst: ['M/d/yyyy', 'MM/dd/yyyy', 'M/d/yy', 'M/d'],
  yearFirst: ['yyyy-MM-dd', 'yyyy-MM-dd 00:00:00', 'yyyy/MM/dd', 'yyyy.MM.dd'],
};

const pick = fc.nat(1000);
const drawnLine = fc.record({
  bed: fc.nat(3),
  variety: fc.nat(VARIETIES.length - 1),
  rows: fc.integer({ min: 1, max: 4 }),
  each: fc.integer({ min: 1, max: 60 }),
  sown: fc.nat(120),
  /** Days from there until it was planted out. */
  out: fc.integer({ min: 10, max: 60 }),
  picks: fc.array(pick, { minLength: 12, maxLength: 12 }),
});
const drawnTable = fc.record({
  language: fc.constantFrom(...LANGUAGES),
  lines: fc.array(drawnLine, { minLength: 1, maxLength: 10 }),
  crops: fc.array(fc.constantFrom(...CROPS), { minLength: VARIETIES.length, maxLength: VARIETIES.length }),
  names: fc.shuffledSubarray(VARIETIES, { minLength: VARIETIES.length }),
  heads: fc.array(pick, { minLength: 16, maxLength: 16 }),
  headsAre: fc.constantFrom('as they are', 'as they are', 'capitals', 'small', 'broken'),
  order: fc.option(fc.shuffledSubarray([...Array(16).keys()], { minLength: 16 }), { freq: 2 }),
  place: fc.constantFrom('bed', 'bed', 'bed and row', 'bed_row', 'titles', 'none'),
  beds: fc.constantFrom('numbers', 'letters', 'words', 'called'),
  hidesBeds: fc.boolean(),
  kinds: fc.constantFrom('column', 'column', 'column', 'title', 'in the name'),
  counts: fc.constantFrom('number', 'number', 'rows in words', 'with a word', 'rows apart', 'about'),
  days: fc.constantFrom('words', ...(Object.keys(NUMERIC) as DateOrder[]), 'serial', 'mixed', 'yearless'),
  has: fc.record({
    sown: fc.boolean(),
    plantedOut: fc.boolean(),
    purpose: fc.boolean(),
    seed: fc.boolean(),
    total: fc.boolean(),
    blanks: fc.boolean(),
    headsAgain: fc.boolean(),
    lineNumbers: fc.boolean(),
    dittos: fc.boolean(),
    odd: fc.constantFrom(true, false, false, false, false, false),
  }),
  spacing: fc.constantFrom('none', 'none', 'in the head', 'in the cell', 'alone', 'inches'),
  spacings: fc.array(fc.constantFrom(20, 25, 30, 45, 60, 90), { minLength: 4, maxLength: 4 }),
  junk: fc.array(pick, { maxLength: 4 }),
  titles: fc.nat(3),
  emptyColumns: fc.nat(2),
  unit: fc.constantFrom('m', 'm', 'ft'),
});

type DrawnLine = typeof drawnLine extends fc.Arbitrary<infer T> ? T : never;
type DrawnTable = typeof drawnTable extends fc.Arbitrary<infer T> ? T : never;

const oneOf = <T>(list: readonly T[], of: number): T => list[of % list.length]!;
const dayAfter = (days: number): Day =>
  new Date(Date.parse('2026-02-20T00:00:00Z') + days * MS_PER_DAY).toISOString().slice(0, 10);

const UTC = { in: tz('UTC') };
const written = new Map<string, string>();
/** The same days are written again and again, and a zone makes each slow. */
function writeDay(day: Day, pattern: string, { locale }: Language): string {
  const key = `${day} ${pattern} ${locale.code}`;
  const text = written.get(key) ?? format(new Date(`${day}T12:00:00Z`), pattern, { locale, ...UTC });
  written.set(key, text);
  return text;
}

/** Writes a table down line by line, and keeps what each means. */
class Writer {
  readonly rows: string[][] = [];
  readonly meant: Meant[] = [];
  readonly columns: readonly (Column | 'junk')[];
  readonly #made: DrawnTable;
  readonly #language: Language;
  readonly #heads: readonly string[];
  readonly #junk: readonly (readonly string[])[];
  readonly #place: DrawnTable['place'];
  readonly #beds: readonly string[];
  readonly #said = new Set<string>();
  readonly #nextRow = new Map<string, number>();
  #bed: string | undefined;
  #crop: CropId | undefined;
  #above: readonly string[] = [];

  constructor(made: DrawnTable) {
    this.#made = made;
    this.#language = made.language;
    // Titles tell one thing.
    this.#place = made.kinds === 'title' && made.place === 'titles' ? 'bed' : made.place;
    const own = made.language.junk;
    const junk = [...own, ...OWN_COLUMNS];
    const chosen = [...new Set(made.junk.map((each) => each % junk.length))].map((i) => junk[i]!);
    const named = this.#namedColumns();
    const unordered: (Column | 'junk')[] = [...named, ...chosen.map(() => 'junk' as const)];
    const order = made.order?.filter((i) => i < unordered.length) ?? [...unordered.keys()];
    this.columns = order.map((i) => unordered[i]!);
    this.#heads = order.map((i) => this.#head(unordered[i]!, i, chosen[i - named.length]?.[0]));
    this.#junk = order.map((i) => chosen[i - named.length]?.[1] ?? []);
    this.#beds = {
      numbers: ['1', '2', '3', '12'],
      letters: ['A', 'B', 'C', 'D'],
      words: ['Top', 'By the wall', 'Long border', 'South'],
      called: ['1', '2', '3', '12'].map((each) => `${made.language.bed} ${each}`),
    }[made.beds];
  }

  write(): GrowersTable {
    const { titles, has, lines, kinds, hidesBeds, crops, days } = this.#made;
    for (let i = 0; i < titles; i += 1) this.#alone(oneOf(this.#language.titles, this.#made.heads[i]!));
    if (titles > 0 && has.blanks) this.#alone('');
    if (this.#place !== 'titles' || !has.headsAgain) this.#put(this.#heads, '#');
    const sorted = [...lines];
    // What a title or an empty cell tells stands together.
    if (this.#place === 'titles' || hidesBeds) sorted.sort((a, b) => a.bed - b.bed);
    if (kinds === 'title')
      sorted.sort((a, b) => CROPS.indexOf(crops[a.variety]!) - CROPS.indexOf(crops[b.variety]!));
    for (const line of sorted) this.#line(line);
    if (has.total) this.#total();
    return {
      rows: this.rows,
      meant: this.meant,
      order: days === 'monthFirst' || days === 'yearFirst' ? days : 'dayFirst',
      columns: [...(has.lineNumbers ? (['junk'] as const) : []), ...this.columns],
      unit: this.#made.unit,
    };
  }

  #namedColumns(): Column[] {
    const { kinds, counts, has, spacing } = this.#made;
    const columns: (Column | false)[] = [
      (this.#place === 'bed' || this.#place === 'bed and row') && 'bed',
      this.#place === 'bed and row' && 'row',
      this.#place === 'bed_row' && 'bed_row',
      kinds === 'column' && 'kind',
      'variety',
      counts === 'rows apart' && this.#place !== 'bed and row' && 'rows',
      'plants',
      has.sown && 'sown',
      has.plantedOut && 'planted_out',
      spacing !== 'none' && 'spacing',
      has.purpose && 'purpose',
      has.seed && 'seed',
    ];
    return columns.filter((each) => each !== false);
  }

  #head(column: Column | 'junk', i: number, junk: string | undefined): string {
    const { heads, perRow } = this.#language;
    const { headsAre, spacing } = this.#made;
    const isPerRow = column === 'plants' && this.#namedColumns().includes('rows');
    const of = this.#made.heads[i]!;
    const head = column === 'junk' ? junk! : oneOf(isPerRow ? perRow : heads[column], of);
    const whole = column === 'spacing' && spacing === 'in the head' ? `${head} (cm)` : head;
    return {
      'as they are': whole,
      capitals: whole.toUpperCase(),
      small: whole.toLowerCase(),
      broken: ` ${whole.replace(' ', '\n')} `,
    }[headsAre];
  }

  /** A line of cells, each in its column. */
  #put(cells: readonly string[], number: string): number {
    const { has, emptyColumns } = this.#made;
    const numbers = has.lineNumbers ? [number] : [];
    this.rows.push([...numbers, ...cells, ...Array.from({ length: emptyColumns }, () => '')]);
    return this.rows.length - 1;
  }

  /** A line with nothing but a title, or nothing. */
  #alone(text: string): void {
    const numbered = this.#made.has.lineNumbers ? 1 : 0;
    const width = this.columns.length + this.#made.emptyColumns + numbered;
    this.rows.push(Array.from({ length: width }, (_, i) => (i === 0 ? text : '')));
  }

  #titlesBefore(bed: string, crop: CropId, of: number): void {
    const { has, beds, kinds } = this.#made;
    const isNewBed = bed !== this.#bed;
    const isNewCrop = crop !== this.#crop;
    if (this.#place === 'titles' && isNewBed) {
      if (has.blanks && this.#bed !== undefined) this.#alone('');
      this.#alone(beds === 'called' ? bed : `${this.#language.bed} ${bed}`);
      if (has.headsAgain) this.#put(this.#heads, '#');
    } else if (kinds === 'title' && isNewCrop) {
      if (has.blanks && this.#crop !== undefined) this.#alone('');
      this.#alone(oneOf(this.#language.crops[crop]!, of));
    } else if (has.blanks && this.#place === 'bed' && this.#bed !== undefined && isNewBed) this.#alone('');
  }

  #line(line: DrawnLine): void {
    const { crops, names, kinds, has, hidesBeds, beds } = this.#made;
    const { picks } = line;
    const crop = crops[line.variety]!;
    const words = this.#language.crops[crop]!;
    const variety =
      kinds === 'in the name'
        ? `${names[line.variety]!} ${oneOf(words, CROPS.indexOf(crop)).toLowerCase()}`
        : names[line.variety]!;
    const bed = this.#beds[line.bed]!;
    const row = this.#nextRow.get(bed) ?? 1;
    const plants = this.#plants(line);
    const days = this.#days(line);
    const seedSource = SEEDS[line.variety % SEEDS.length]!;
    const isForSeed = line.variety % 2 === 1;
    const { eat, save, own, bought, row: rowWord } = this.#language;
    const cells: Readonly<Record<Column, string>> = {
      // A cell is left empty where the one above says the same.
      bed: hidesBeds && bed === this.#bed && this.#place === 'bed' && kinds !== 'title' ? '' : bed,
      row: String(row),
      bed_row: {
        numbers: `${bed}/${row}`,
        letters: oneOf([`${bed}${row}`, `${bed}-${row}`, `${bed}/${row}`], this.#made.heads[0]!),
        words: `${bed}, ${rowWord} ${row}`,
        called: `${bed} ${rowWord} ${row}`,
      }[beds],
      variety,
      kind: oneOf(words, picks[0]!),
      rows: String(line.rows),
      plants: plants.text,
      sown: days.sown,
      planted_out: days.out,
      spacing: this.#spacing(line),
      purpose: oneOf(isForSeed ? save : eat, picks[5]!),
      seed:
        { ownGuarded: oneOf(own, picks[6]!), boughtLine: oneOf(bought, picks[6]!), unknown: '' }[
          seedSource as 'unknown'
        ] || oneOf(SHOPS, line.variety),
    };
    const told = this.columns.map((column) => (column === 'junk' || column === 'row' ? '' : cells[column]));
    const key = JSON.stringify([this.#place === 'none' ? '' : bed, told]);
    // Who says a line twice is told of it.
    if (this.#said.has(key)) return;
    this.#said.add(key);
    this.#titlesBefore(bed, crop, picks[7]!);
    [this.#bed, this.#crop] = [bed, crop];
    this.#nextRow.set(bed, row + plants.inRows.length);
    const texts = this.columns.map((column, i) =>
      column === 'junk' ? oneOf(this.#junk[i]!, picks[8 + (i % 4)]!) : cells[column],
    );
    const at = this.#put(
      has.dittos ? this.#withDittos(texts, picks[8]!) : texts,
      String(this.meant.length + 1),
    );
    this.#above = texts;
    this.meant.push({
      ...{ line: at, variety, crop, inRows: plants.inRows },
      bed: this.#place === 'none' ? 'Garden' : beds === 'called' ? bed.split(' ').at(-1)! : bed,
      ...((this.#place === 'bed and row' || this.#place === 'bed_row') && { row }),
      ...(days.sowing && { sowing: days.sowing }),
      purpose: has.purpose && isForSeed ? 'seedToKeep' : 'eat',
      seed: has.seed ? seedSource : 'unknown',
      ...(this.#made.spacing !== 'none' && { every: this.#made.spacings[line.bed]! / 100 }),
    });
  }

  #plants({ rows, each, picks }: DrawnLine): { readonly text: string; readonly inRows: readonly number[] } {
    const { counts, has } = this.#made;
    const { rowsOf, plants, dozen } = this.#language;
    const hasRow = this.#place === 'bed and row' || this.#place === 'bed_row';
    const inWords = counts === 'rows in words' && rows > 1 && !hasRow;
    const many = inWords || this.columns.includes('rows') ? rows : 1;
    const inRows = Array.from({ length: many }, () => each);
    if (has.odd && picks[9]! % 5 === 0) return { text: oneOf(ODD_COUNTS, picks[10]!), inRows };
    const text = {
      number: String(each),
      'rows in words': inWords ? rowsOf(rows, each) : each === 12 ? dozen : String(each),
      'with a word': plants(each),
      'rows apart': String(each),
      about: oneOf([`~${each}`, `ca. ${each}`, `${each}.0`, ` ${each} `], picks[10]!),
    }[counts];
    return { text, inRows };
  }

  #days({ sown, out, picks }: DrawnLine): { sown: string; out: string; sowing?: Sowing } {
    const { has } = this.#made;
    const [sownDay, outDay] = [dayAfter(sown), dayAfter(sown + out)];
    const isSown = has.sown && picks[1]! % 8 > 0;
    const isOut = has.plantedOut && picks[3]! % 4 > 0;
    const sowing: Sowing | undefined = isOut
      ? { how: 'plantedOut', day: outDay }
      : isSown
        ? { how: 'sown', day: sownDay }
        : undefined;
    return {
      sown: isSown ? this.#day(sownDay, picks[2]!) : has.sown ? oneOf(['', '-', '?'], picks[2]!) : '',
      out: isOut ? this.#day(outDay, picks[4]!) : '',
      ...(sowing && { sowing }),
    };
  }

  #day(day: Day, of: number): string {
    const { days, has } = this.#made;
    const { dates, yearless } = this.#language;
    if (has.odd && of % 7 === 0) return oneOf(ODD_DAYS, of);
    if (days === 'serial')
      return String(Math.round((Date.parse(`${day}T00:00:00Z`) - Date.UTC(1899, 11, 30)) / MS_PER_DAY));
    const patterns =
      days === 'words'
        ? dates
        : days === 'yearless'
          ? yearless
          : days === 'mixed'
            ? [...dates, ...yearless, 'yyyy-MM-dd', 'd.M.yyyy']
            : NUMERIC[days];
    return writeDay(day, oneOf(patterns, of), this.#language);
  }

  #spacing({ bed }: DrawnLine): string {
    const cm = this.#made.spacings[bed]!;
    return {
      none: '',
      'in the head': String(cm),
      'in the cell': oneOf([`${cm} cm`, `${cm}cm`, `${(cm / 100).toFixed(2)} m`], bed),
      alone: String(cm),
      inches: `${(cm / 2.54).toFixed(2)}"`,
    }[this.#made.spacing];
  }

  /** Some cells that say what stands above them have a mark instead. */
  #withDittos(texts: readonly string[], of: number): string[] {
    return texts.map((text, i) => {
      const column = this.columns[i]!;
      const may = column === 'kind' || column === 'sown' || column === 'seed' || column === 'purpose';
      return may && text !== '' && text === this.#above[i] && (of + i) % 2 === 0 ? oneOf(DITTO, of) : text;
    });
  }

  #total(): void {
    const sum = this.meant.flatMap(({ inRows }) => inRows).reduce((all, each) => all + each, 0);
    const first = this.columns.findIndex((column) => column !== 'plants');
    const cells = this.columns.map((column, i) =>
      i === first ? this.#language.total : column === 'plants' ? String(sum) : '',
    );
    this.#put(cells, '');
  }
}

/** A table of a grower, in one of seven languages, with its titles, sums, marks and columns of no concern. */
export const growersTable: fc.Arbitrary<GrowersTable> = drawnTable.map((made) => new Writer(made).write());
