import { cropOf, type CropId } from '../crops/catalogue';
import { commonNameIn } from '../crops/names/nameInVariety';
import type { Sowing } from '../crops/variety';
import { rowKey } from '../garden/places';
import { LIMITS, LONGEST, MAX_PLANTS_IN_ROW } from '../journal/limits';
import type { Bed, Variety } from '../journal/state';
import type { Day } from '../time/types';
import {
  standingKey,
  type CellFault,
  type HeldPlan,
  type NewBed,
  type NewVariety,
  type PlanDraft,
  type ReadPlan,
  type SheetAssumption,
} from './planDraft';
import { cropsCalled } from './sheet/kindCalled';
import { isSpacedInSmall, LineCells } from './sheet/lineCells';
import { cellOf, type Sheet } from './sheet/sheet';
import { sizedBeds } from './sheet/sizedBeds';
import { withNotes, type RowNote } from './sheet/rowNotes';
import { isTotal, ONE_BED, TitlesAbove } from './sheet/titlesAbove';
import { isBedTitle } from './sheet/writtenPlace';

/**
 * Reads a table of the plan: all of it, or nothing and every fault. What it does not say outright is read as most
 * growers mean it, and named in `assumed`: an empty bed is the bed above, a line without a number is one plant.
 *
 * @param today for days that are written without a year.
 * @example readPlanTable(guessSheet([['Bed', 'Crop', 'Qty'], ['A', 'corn', '12']], defaults), held, today)
 */
export function readPlanTable(sheet: Sheet, held: HeldPlan, today: Day): ReadPlan {
  if (!sheet.uses.includes('variety') && !sheet.uses.includes('kind'))
    return { ok: false, missing: ['variety', 'kind'], faults: [], assumed: [] };
  const reader = new PlanReader(sheet, held, today);
  const left = new Set(sheet.left);
  reader.readTitle();
  sheet.rows.forEach((_, line) => {
    if (line <= sheet.header) return;
    if (left.has(line)) reader.leave(line);
    else reader.read(line);
  });
  return reader.result();
}

class PlanReader {
  readonly #sheet: Sheet;
  readonly #held: HeldPlan;
  readonly #today: Day;
  readonly #heldVarieties: ReadonlyMap<string, Variety>;
  readonly #heldBeds: ReadonlyMap<string, Bed>;
  readonly #faults: CellFault[] = [];
  readonly #beds: NewBed[] = [];
  readonly #bedNames = new Map<string, number>();
  /** The line that named each bed first. */
  readonly #bedLines: number[] = [];
  readonly #varieties: NewVariety[] = [];
  readonly #varietyNames = new Map<string, number>();
  readonly #sowings: PlanDraft['sowings'][number][] = [];
  readonly #rows: PlanDraft['rows'][number][] = [];
  readonly #notes: RowNote[] = [];
  /** Plants in each row so far. */
  readonly #inRow = new Map<string, number>();
  readonly #above: TitlesAbove;
  /** Lines that were read by what they do not say. */
  readonly #lines = {
    onePlantEach: 0,
    varietyByKind: 0,
    purpose: 0,
  };
  readonly #totals: string[] = [];
  readonly #yearless: Day[] = [];
  /** Varieties of which several lines, or a line and the plan, say different things. */
  readonly #firstCounts = new Set<string>();
  /** The varieties of lines that name no day. */
  readonly #unsown: number[] = [];
  /** Distances from plant to plant without a unit, and are they in the smaller one? */
  readonly #unitless: string[] = [];
  readonly #isSmall: boolean;
  /** Beds in which plants stand at several distances. */
  readonly #otherSpacing = new Set<string>();
  /** Lines whose plants may be counted in each row or in all. */
  readonly #inRows: { readonly rows: number; readonly plants: number }[] = [];
  /** What lines say, and those that say it once more. */
  readonly #said = new Set<string>();
  readonly #sameLines: number[] = [];

  constructor(sheet: Sheet, held: HeldPlan, today: Day) {
    this.#sheet = sheet;
    this.#held = held;
    this.#today = today;
    this.#isSmall = isSpacedInSmall(sheet);
    this.#heldVarieties = new Map(held.varieties.map((variety) => [plainName(variety.name), variety]));
    this.#above = new TitlesAbove(sheet, (variety) => this.#heldVarieties.has(plainName(variety)));
    this.#heldBeds = new Map(held.beds.map((bed) => [plainName(bed.name), bed]));
  }

  /** The bed that stands above the names of the columns. */
  readTitle(): void {
    const { rows, header } = this.#sheet;
    const titles = rows.slice(0, Math.max(0, header)).map((row) => row.map((cell) => cell.trim()));
    const title = titles.findLast(
      (row) => row.filter(Boolean).length === 1 && isBedTitle(row.find(Boolean)!),
    );
    if (title) this.#above.take(title.find(Boolean)!, -1);
  }

  result(): ReadPlan {
    this.#above.end();
    const beds = this.#faults.length > 0 ? [] : this.#sized();
    const varieties = this.#withNotes();
    const assumed = this.#assumed();
    if (this.#faults.length > 0) return { ok: false, missing: [], faults: this.#faults, assumed };
    return { ok: true, draft: { beds, varieties, sowings: this.#sowings, rows: this.#rows }, assumed };
  }

  /** A line that the grower leaves out. */
  leave(line: number): void {
    const [first, ...others] = this.#sheet.rows[line]!.map((cell) => cell.trim()).filter(Boolean);
    if (first !== undefined && others.length === 0) this.#above.leave(first);
  }

  read(line: number): void {
    const { rows, header, uses } = this.#sheet;
    const cells = rows[line]!.map((cell) => cell.trim());
    const filled = cells.filter(Boolean);
    if (filled.length === 0) return;
    const namesAgain = header >= 0 && cells.every((cell, i) => cell === (rows[header]![i] ?? '').trim());
    if (namesAgain) return;
    if (isTotal(filled)) {
      this.#totals.push(filled.join(' '));
      return;
    }
    const [first] = filled;
    if (filled.length === 1 && uses.length > 1 && this.#above.take(first!, cells.indexOf(first!))) return;
    const variety = cellOf(this.#sheet, line, 'variety');
    const kind = this.#above.kindOf(line);
    if (variety === '' && kind !== '') this.#lines.varietyByKind += 1;
    const place = this.#above.placeOf(line);
    // Empty cells at its end may be left out.
    const said = [place.bed, ...cells].join('\t').trimEnd().toLowerCase();
    if (this.#said.has(said)) {
      this.#sameLines.push(line);
      return;
    }
    this.#said.add(said);
    const given = { ...place, kind, variety: variety || kind };
    const reading = { faults: this.#faults, isSmall: this.#isSmall };
    this.#plants(line, new LineCells(this.#sheet, line, given, reading));
  }

  #plants(line: number, cells: LineCells): void {
    const before = this.#faults.length;
    if (cells.text('bed') === '') cells.fault('bed', 'missing');
    const row = cells.text('row') === '' ? 1 : cells.whole('row', LIMITS.rows[1]);
    const count = cells.count();
    if (!this.#sheet.uses.includes('plants')) this.#lines.onePlantEach += 1;
    const bed = this.#bed(line, cells);
    const variety = this.#variety(cells);
    const sowing = variety && this.#sowingIndex(variety.index, variety.sowing);
    if (variety && !variety.sowing) this.#unsown.push(variety.index);
    if (this.#faults.length > before || !row || !count || !variety) return;
    const { held } = this.#beds[bed]!;
    if (count.assumed)
      this.#inRows.push({
        rows: count.inRows.length,
        plants: count.inRows.reduce((sum, own) => sum + own, 0),
      });
    for (const [i, plants] of count.inRows.entries()) {
      const each = row + i;
      if (each > LIMITS.rows[1]) {
        cells.fault('row', 'tooHigh', { limit: LIMITS.rows[1] });
        return;
      }
      const key = rowKey({ bed: held ?? `new ${bed}`, row: each });
      const inRow = (this.#inRow.get(key) ?? this.#held.lastPlaces.get(key) ?? 0) + plants;
      if (inRow > MAX_PLANTS_IN_ROW) {
        cells.fault('plants', 'rowFull', { limit: MAX_PLANTS_IN_ROW });
        return;
      }
      this.#inRow.set(key, inRow);
      const of = { variety: variety.index, ...(sowing !== undefined && { sowing }) };
      this.#rows.push({ bed, row: each, ...of, plants });
    }
    const text = cells.note(this.#varieties[variety.index]!.crop);
    const where = `${cells.text('bed')} ${row}`;
    if (text !== '') this.#notes.push({ variety: variety.index, where, text, line });
  }

  #bed(line: number, cells: LineCells): number {
    const name = cells.text('bed');
    if (name.length > LONGEST.bedName) cells.fault('bed', 'tooLong', { limit: LONGEST.bedName });
    const [x, y] = [cells.length('bed_x', 'position'), cells.length('bed_y', 'position')];
    const turn = cells.number('bed_turn', 'turn');
    const [length, width] = [cells.length('bed_length', 'side'), cells.length('bed_width', 'side')];
    const { metres: every, assumed } = cells.spacing();
    if (assumed) this.#unitless.push(cells.text('spacing'));
    const known = this.#bedNames.get(plainName(name));
    if (known !== undefined) {
      // A bed has one distance from plant to plant: the first that is told.
      const { every: first } = this.#beds[known]!;
      if (first === undefined && every !== undefined) this.#beds[known] = { ...this.#beds[known]!, every };
      else if (every !== undefined && every !== first) this.#otherSpacing.add(name);
      return known;
    }
    this.#bedLines.push(line);
    this.#bedNames.set(plainName(name), this.#beds.length);
    const held = this.#heldBeds.get(plainName(name));
    if (held) {
      const { bed, ...rest } = held;
      this.#beds.push({ ...rest, held: bed });
    } else {
      const at = { x: x ?? Number.NaN, y: y ?? Number.NaN, turn: turn ?? 0 };
      const sides = { length: length ?? Number.NaN, width: width ?? Number.NaN };
      this.#beds.push({ name, ...at, ...sides, rows: 1, ...(every !== undefined && { every }) });
    }
    return this.#beds.length - 1;
  }

  #variety(cells: LineCells): { readonly index: number; readonly sowing: Sowing | undefined } | undefined {
    const name = cells.text('variety');
    if (name === '') return cells.fault('variety', 'missing');
    if (name.length > LONGEST.name) return cells.fault('variety', 'tooLong', { limit: LONGEST.name });
    const known = this.#varietyNames.get(plainName(name));
    const before = known === undefined ? undefined : this.#varieties[known];
    const held = this.#heldVarieties.get(plainName(name));
    const crop = this.#crop(name, before?.crop ?? held?.crop, cells);
    const [purpose, seedSource] = [cells.purpose(), cells.seed()];
    const sown = cells.sowing(this.#today);
    const daysToFlower = cells.whole('days_to_flower', LIMITS.daysToFlower[1]);
    const fruitWanted = cells.whole('fruit_wanted', LIMITS.fruitWanted[1]);
    if (!sown || !crop) return undefined;
    if (sown.yearless && sown.sowing) this.#yearless.push(sown.sowing.day);
    const other = { offers: [`${name} (${cropOf(crop).name.toLowerCase()})`] };
    if (before ?? held)
      this.#compare(before ?? held!, cells, { purpose, seedSource, daysToFlower, fruitWanted });
    if (before) {
      if (before.crop !== crop) return cells.fault('kind', 'otherKindBefore', other);
      this.#varieties[known!] = { ...before, traits: { ...cells.traits(crop), ...before.traits } };
      return { index: known!, sowing: sown.sowing };
    }
    if (held && held.crop !== crop) return cells.fault('kind', 'otherKindOnPlan', other);
    if (!purpose) return undefined;
    this.#varietyNames.set(plainName(name), this.#varieties.length);
    if (held) {
      const { variety, flowered: _f, over: _o, purposes: _p, describedBy: _d, ...rest } = held;
      this.#varieties.push({ ...rest, held: variety });
    } else {
      if (cells.text('purpose') === '') this.#lines.purpose += 1;
      this.#varieties.push({
        name,
        crop,
        purpose,
        seedSource,
        ownPollen: purpose === 'eat' ? 'allowed' : 'lastResort',
        traits: cells.traits(crop),
        ...(sown.sowing && { sowing: sown.sowing }),
        ...(daysToFlower !== undefined && { daysToFlower }),
        ...(fruitWanted !== undefined && { fruitWanted }),
      });
    }
    return { index: this.#varieties.length - 1, sowing: sown.sowing };
  }

  /** A variety is described once: what a later line says otherwise is told, and left. */
  #compare(
    known: Omit<NewVariety, 'held'>,
    cells: LineCells,
    said: Partial<Pick<NewVariety, 'purpose' | 'seedSource' | 'daysToFlower' | 'fruitWanted'>>,
  ): void {
    const columns = {
      purpose: 'purpose',
      seedSource: 'seed',
      daysToFlower: 'days_to_flower',
      fruitWanted: 'fruit_wanted',
    } as const;
    const differs = (Object.keys(columns) as (keyof typeof columns)[]).some(
      (field) =>
        cells.text(columns[field]) !== '' &&
        said[field] !== undefined &&
        said[field] !== 'unknown' &&
        said[field] !== known[field],
    );
    if (differs) this.#firstCounts.add(known.name);
  }

  /** By the kind, else by the name of the variety, else as it is known already. */
  #crop(name: string, known: CropId | undefined, cells: LineCells): CropId | undefined {
    const kind = cells.text('kind');
    if (kind === '' && known) return known;
    const crops = kind === '' ? commonNameIn(name)?.crops : cropsCalled(kind, name);
    if (!crops) return cells.fault('kind', kind === '' ? 'missing' : 'unknownKind');
    if (crops.length > 1 && known && crops.includes(known)) return known;
    return crops.length === 1 ? crops[0] : cells.fault('kind', 'ambiguousKind', { crops });
  }

  /** The sowing of a line, where it is not the variety's own. */
  #sowingIndex(variety: number, sowing: Sowing | undefined): number | undefined {
    const own = this.#varieties[variety]!;
    if (!sowing || sameSowing(own.sowing, sowing)) return undefined;
    const known = this.#sowings.findIndex(
      (each) => each.variety === variety && sameSowing(each.sowing, sowing),
    );
    if (known >= 0) return known;
    const held = this.#held.plantings.find(
      (each) => each.variety === own.held && sameSowing(each.sowing, sowing),
    );
    this.#sowings.push({ variety, sowing, ...(held && { held: held.planting }) });
    return this.#sowings.length - 1;
  }

  #withNotes(): NewVariety[] {
    const { varieties, tooLong } = withNotes(this.#varieties, this.#notes);
    for (const { line, variety, text: found } of tooLong) {
      const of = { variety: this.#varieties[variety]!.name, limit: LONGEST.note };
      this.#faults.push({ line, column: 'note', why: 'tooLong', found, ...of });
    }
    return varieties;
  }

  #sized(): NewBed[] {
    const { beds, tooLarge } = sizedBeds(this.#beds, this.#rows, this.#held.beds);
    for (const i of tooLarge) {
      const found = this.#beds[i]!.name;
      this.#faults.push({ line: this.#bedLines[i]!, column: 'bed', why: 'noRoom', found, variety: '' });
    }
    return beds;
  }

  #assumed(): SheetAssumption[] {
    const { onePlantEach, varietyByKind, purpose } = this.#lines;
    const { bedAsAbove, oneBed, kindByTitle } = this.#above.lines;
    const passed = [...this.#totals, ...this.#above.passed];
    const plants = this.#standingAlready();
    const [first] = [...this.#yearless].sort();
    const { rows, header, uses, guessed = [] } = this.#sheet;
    const columns = guessed.map((i) => ({
      name: (rows[header]?.[i] ?? '').trim() || `${i + 1}`,
      use: uses[i]!,
    }));
    const unsown = this.#unsown.filter((variety) => this.#varieties[variety]!.sowing);
    const all: (SheetAssumption | false)[] = [
      plants > 0 && { code: 'standsAlready', params: { plants } },
      oneBed > 0 && { code: 'oneBed', params: { bed: ONE_BED } },
      bedAsAbove > 0 && { code: 'bedAsAbove', params: { lines: bedAsAbove } },
      onePlantEach > 0 && { code: 'onePlantEach', params: { lines: onePlantEach } },
      varietyByKind > 0 && { code: 'varietyByKind', params: { lines: varietyByKind } },
      kindByTitle > 0 && { code: 'kindByTitle', params: { lines: kindByTitle } },
      purpose > 0 && { code: 'purposeGiven', params: { purpose: this.#sheet.purpose } },
      first !== undefined && { code: 'yearGiven', params: { first, days: this.#yearless.length } },
      columns.length > 0 && { code: 'columnByContents', params: { columns } },
      this.#firstCounts.size > 0 && { code: 'firstCounts', params: { varieties: [...this.#firstCounts] } },
      unsown.length > 0 && {
        code: 'sowingOfVariety',
        params: { variety: this.#varieties[unsown[0]!]!.name, lines: unsown.length },
      },
      this.#unitless.length > 0 && {
        code: 'smallUnit',
        params: { unit: this.#sheet.small, found: this.#unitless[0]!, lines: this.#unitless.length },
      },
      this.#inRows.length > 0 && {
        code: 'plantsPerRow',
        params: {
          ...{ inAll: this.#sheet.inAll === true, lines: this.#inRows.length },
          ...this.#inRows[0]!,
        },
      },
      this.#otherSpacing.size > 0 && { code: 'otherSpacing', params: { beds: [...this.#otherSpacing] } },
      this.#sameLines.length > 0 && {
        code: 'sameLine',
        params: { line: this.#sameLines[0]!, lines: this.#sameLines.length },
      },
      passed.length > 0 && { code: 'passedOver', params: { texts: passed } },
    ];
    return all.filter((each) => each !== false);
  }

  /** Plants of rows that stand on the plan in the same number: the table may have been imported before. */
  #standingAlready(): number {
    return this.#rows.reduce((sum, { bed, row, variety, plants }) => {
      const [heldBed, heldVariety] = [this.#beds[bed]!.held, this.#varieties[variety]!.held];
      if (heldBed === undefined || heldVariety === undefined) return sum;
      const key = standingKey({ bed: heldBed, row, variety: heldVariety });
      return (this.#held.standing.get(key) ?? 0) >= plants ? sum + plants : sum;
    }, 0);
  }
}

const sameSowing = (a: Sowing | undefined, b: Sowing): boolean => a?.day === b.day && a.how === b.how;
const plainName = (name: string): string => name.trim().toLowerCase();
