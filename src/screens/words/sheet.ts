import { cropOf } from '@/core/crops/catalogue';
import type { DateOrder } from '@/core/records/dateOrder';
import type { ColumnUse } from '@/core/records/planColumns';
import type { CellFault, SheetAssumption } from '@/core/records/planDraft';
import type { Sheet } from '@/core/records/sheet/sheet';
import type { Format } from '../format/format';
import { PURPOSE_NAMES } from './names';
import { bedInSentence } from './places';

/** What a column holds, as it is chosen from a list. */
export const USE_NAMES: Readonly<Record<ColumnUse, string>> = {
  variety: 'Variety',
  kind: 'Kind of plant',
  plants: 'How many plants',
  bed: 'Bed',
  row: 'Row',
  bed_row: 'Bed and row in one',
  rows: 'How many rows',
  sown: 'Sown on',
  planted_out: 'Planted out on',
  purpose: 'What it is grown for',
  seed: 'Where the seed came from',
  traits: 'Traits',
  note: 'A note, to be saved with the variety',
  spacing: 'From plant to plant',
  bed_length: 'Length of the bed',
  bed_width: 'Width of the bed',
  bed_x: 'Bed: how far east of the gate',
  bed_y: 'Bed: how far north of the gate',
  bed_turn: 'Bed: turned by, degrees',
  days_to_flower: 'Days to the first flower',
  fruit_wanted: 'Fruits wanted for seed',
  none: 'Not used',
};

export const DATE_ORDER_NAMES: Readonly<Record<DateOrder, string>> = {
  yearFirst: '2026-05-06 is 6 May',
  dayFirst: '06/05/2026 is 6 May',
  monthFirst: '05/06/2026 is 6 May',
};

/** Faults that one answer settles: the same cell of the same variety. */
export interface FaultGroup {
  readonly fault: CellFault;
  /** Indices of the lines it stands in. */
  readonly lines: readonly number[];
}

const found = ({ found: text }: CellFault): string => (text.length > 40 ? `${text.slice(0, 39)}…` : text);

type SayFault = (fault: CellFault, f: Format) => { readonly title: string; readonly note: string };

const empty: SayFault = ({ column }) => ({ title: `${USE_NAMES[column]}?`, note: 'The cell is empty.' });
const number: SayFault = (fault) => ({
  title: `${USE_NAMES[fault.column]}: “${found(fault)}”?`,
  note: 'This should be a number.',
});

/** What is asked of a cell, and why. */
const QUESTIONS: Readonly<Record<CellFault['why'], SayFault>> = {
  missing: (fault, f) =>
    fault.column === 'kind'
      ? { title: `What is ${fault.variety}?`, note: 'No cell says its kind.' }
      : empty(fault, f),
  unknownKind: (fault) => ({
    title: `What is “${found(fault)}”?`,
    note: `The kind of ${fault.variety}. No crop is known here by that name.`,
  }),
  ambiguousKind: (fault) => ({
    title: `Which kind is ${fault.variety}?`,
    note: `“${found(fault) || fault.variety}” can be ${(fault.crops ?? []).map((id) => cropOf(id).species).join(', ')}.`,
  }),
  otherKindBefore: (fault) => ({
    title: `Two kinds called ${fault.variety}?`,
    note: 'An earlier line says another kind for the same name. Give one of them another name.',
  }),
  otherKindOnPlan: (fault) => ({
    title: `Two kinds called ${fault.variety}?`,
    note: 'On the plan it is another kind. Give this one another name.',
  }),
  noNumber: number,
  noWholeNumber: (fault) => ({
    title: `${USE_NAMES[fault.column]}: “${found(fault)}”?`,
    note: 'This should be a whole number from 1 up.',
  }),
  noCount: (fault) => ({
    title: `How many is “${found(fault)}”?`,
    note: `Plants of ${fault.variety}.`,
  }),
  noLength: (fault) => ({
    title: `How long is “${found(fault)}”?`,
    note: `${USE_NAMES[fault.column]}. Write it as 1.5 m, 45 cm or 18 in.`,
  }),
  tooMany: (fault, f) => ({
    title: `${found(fault)} plants in one row?`,
    note: `A row can have ${f.number(fault.limit ?? 0)} plants.`,
  }),
  rowFull: (fault, f) => ({
    title: `${found(fault)} more plants in this row?`,
    note: `Together with those in the same row they are more than ${f.number(fault.limit ?? 0)}. Give them another row.`,
  }),
  noRoom: (fault) => ({
    title: `${found(fault)} would be larger than any bed`,
    note: 'Fewer plants in a row, or closer together.',
  }),
  tooLong: (fault, f) => ({
    title: `${USE_NAMES[fault.column]}: too long`,
    note: `“${found(fault)}”. At most ${f.number(fault.limit ?? 0)} letters.`,
  }),
  tooLow: (fault, f) => ({
    title: `${USE_NAMES[fault.column]}: “${found(fault)}”?`,
    note: `This should be at least ${f.number(fault.limit ?? 0, 2)}.`,
  }),
  tooHigh: (fault, f) => ({
    title: `${USE_NAMES[fault.column]}: “${found(fault)}”?`,
    note: `This should be at most ${f.number(fault.limit ?? 0, 2)}.`,
  }),
  noDay: (fault) => ({
    title: `Which day is “${found(fault)}”?`,
    note: `${USE_NAMES[fault.column]}: ${fault.variety}. Write it as 12 May 2026, or leave it empty.`,
  }),
  whichDay: (fault) => ({
    title: `Which day is “${found(fault)}”?`,
    note: 'Day and month cannot be told apart in this table.',
  }),
  unknownPurpose: (fault) => ({
    title: `What for is “${found(fault)}”?`,
    note: `What ${fault.variety} is grown for.`,
  }),
};

/** A question about a cell: what is asked, and where it stands. */
export function sayFault({ fault, lines }: FaultGroup, f: Format): ReturnType<SayFault> {
  const { title, note } = QUESTIONS[fault.why](fault, f);
  const where =
    lines.length === 1
      ? `Line ${f.number(lines[0]! + 1)}.`
      : `${f.count(lines.length, 'line', 'lines')}, the first is line ${f.number(lines[0]! + 1)}.`;
  return { title, note: `${note} ${where}` };
}

/** What was made of something that a table does not say. */
export function sayAssumed(assumed: SheetAssumption, f: Format): string {
  switch (assumed.code) {
    case 'standsAlready':
      return `${f.count(assumed.params.plants, 'plant', 'plants')} of it stand on the plan already, in the same rows: was it imported before? Importing adds them again.`;
    case 'oneBed':
      return `No column names beds: everything stands in one, called ${assumed.params.bed}.`;
    case 'bedAsAbove':
      return `${f.count(assumed.params.lines, 'line names', 'lines name')} no bed: it is the bed above.`;
    case 'onePlantEach':
      return assumed.params.lines === 1
        ? 'No column says how many plants: the line is one plant.'
        : `No column says how many plants: each of the ${f.number(assumed.params.lines)} lines is one plant.`;
    case 'varietyByKind':
      return `${f.count(assumed.params.lines, 'line names', 'lines name')} no variety: it is called by its kind.`;
    case 'kindByTitle':
      return `${f.count(assumed.params.lines, 'line has', 'lines have')} the kind from the title above.`;
    case 'purposeGiven':
      return `Where nothing is said, it is grown for: ${PURPOSE_NAMES[assumed.params.purpose].toLowerCase()}.`;
    case 'yearGiven':
      return assumed.params.days === 1
        ? `One day has no year: it is ${f.date(assumed.params.first)}.`
        : `${f.number(assumed.params.days)} days have no year: the first is ${f.date(assumed.params.first)}.`;
    case 'smallUnit':
      return `${f.count(assumed.params.lines, 'distance', 'distances')} from plant to plant without a unit: ${assumed.params.found} is read as ${SMALL_UNITS[assumed.params.unit]}.`;
    case 'plantsPerRow': {
      const { inAll, rows, plants, lines } = assumed.params;
      const what = inAll ? 'all plants of a line' : 'the plants of each row';
      return `How many plants is read as ${what}, in ${f.count(lines, 'line', 'lines')} with several rows: the first has ${f.count(rows, 'row', 'rows')} and ${f.count(plants, 'plant', 'plants')}.`;
    }
    case 'otherSpacing':
      return `In ${assumed.params.beds.map(bedInSentence).join(', ')} plants stand at several distances: the first that is told counts for the whole bed.`;
    case 'sameLine':
      return assumed.params.lines === 1
        ? `Line ${f.number(assumed.params.line + 1)} says the same as one before it: its plants count once.`
        : `${f.number(assumed.params.lines)} lines say the same as one before them, the first is line ${f.number(assumed.params.line + 1)}: their plants count once.`;
    case 'columnByContents':
      return assumed.params.columns
        .map(
          ({ name, use }) => `Column “${name}” is read as ${USE_NAMES[use].toLowerCase()}, by what it holds.`,
        )
        .join(' ');
    case 'firstCounts':
      return `Of ${assumed.params.varieties.slice(0, MAX_QUOTED).join(', ')}${assumed.params.varieties.length > MAX_QUOTED ? ' and others' : ''} several lines, or the plan, say different things (what for, whose seed): what was said first counts.`;
    case 'sowingOfVariety':
      return `${f.count(assumed.params.lines, 'line names', 'lines name')} no day: it is taken as sown with the rest of its variety, first of ${assumed.params.variety}.`;
    case 'passedOver':
      return sayPassedOver(assumed.params.texts, f);
  }
}

/** Units of what lies between plants. */
export const SMALL_UNITS: Readonly<Record<Sheet['small'], string>> = { cm: 'centimetres', in: 'inches' };

/** Lines that were passed over, quoted at most. */
const MAX_QUOTED = 3;

function sayPassedOver(texts: readonly string[], f: Format): string {
  const quoted = texts.slice(0, MAX_QUOTED).map((text) => `“${text.slice(0, 40)}”`);
  const more = texts.length > MAX_QUOTED ? ' …' : '.';
  return `${f.count(texts.length, 'line was', 'lines were')} passed over: ${quoted.join(', ')}${more}`;
}
