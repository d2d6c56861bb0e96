import type { Purpose } from '../../crops/variety';
import { withoutAccents } from '../../text/withoutAccents';
import { dateOrderOf } from '../dateOrder';
import { SHARED_USES, type ColumnUse } from '../planColumns';
import { cropsCalled } from './kindCalled';
import type { Sheet } from './sheet';
import { writtenCount } from './writtenCount';
import { writtenDay } from './writtenDay';
import { isBedTitle } from './writtenPlace';

type Table = readonly (readonly string[])[];

/** Names of columns, in small letters without accents; the words of several languages. Everyday words, from memory. */
const NAMES: Readonly<Partial<Record<ColumnUse, string>>> = {
  bed_row:
    'bed row, bed and row, bed or row, bed no row, row bed, beet reihe, place, location, where, position, standort, ort, emplacement, lieu, lugar, posto, posizione',
  bed: 'bett, beetnummer, beet nr, section, tunnel, polytunnel, house, container, pot, grow bag, bed, beds, bed no, bed name, plot, block, area, patch, field, zone, border, greenhouse, raised bed, beet, parzelle, feld, planche, parcelle, carre, bancal, cama, parcela, era, aiuola, letto, parcella, bed naam, canteiro',
  row: 'row, row no, line, reihe, rang, ligne, fila, linea, hilera, riga, rij, linha',
  rows: 'rows, no of rows, no rows, nr of rows, number of rows, how many rows, row count, reihen, anzahl reihen, anzahl der reihen, reihenzahl, rangs, nb rangs, nb de rangs, nombre de rangs, filas, numero de filas, hileras, file, numero di file, n file, rijen, aantal rijen, linhas',
  variety:
    'cultivar name, cultivar variety, named variety, sort, nombre, variety, variety name, var, varieties, name, plant name, strain, line name, sorte, sortenname, name der sorte, variete, nom, variedad, varieta, nome, ras, cultivar, accession, variedade',
  kind: 'latin name, botanical name, scientific name, latin, common name, crop name, vegetables, veggie, veggies, veg type, kind of plant, gemuseart, sorte art, botanischer name, legumes, nom latin, hortalizas, nombre comun, ortaggi, nome comune, kind, type, crop, crop type, species, vegetable, veg, plant, plant type, what, family, art, kultur, gemuse, gemuseart, pflanze, kulturart, espece, legume, culture, type de plante, especie, cultivo, hortaliza, tipo, specie, ortaggio, coltura, gewas, soort, cultura',
  plants:
    'plants per row, plants row, plants in a row, plants in each row, per row, pflanzen pro reihe, pflanzen je reihe, plantes par rang, plants par rang, plantas por fila, piante per fila, planten per rij, pcs, pieces, no plants, number planted, no planted, how many plants, pl, anz, stk, stck, pflanzenzahl, anzahl der pflanzen, pieds, nb de plants, nbre, cant, uds, n piante, pz, plants, number of plants, no of plants, nr of plants, plant count, plant number, number, qty, quantity, count, how many, amount, total plants, no, nr, anzahl, anzahl pflanzen, pflanzen, stuck, menge, stuckzahl, nombre de plants, nb, plants nombre, quantite, cantidad, plantas, numero de plantas, numero, quantita, piante, numero di piante, aantal, planten, aantal planten, quantidade',
  purpose:
    'save, keep, to save, saving, keep seed, keep seeds, seed saver, seeds saved, eat or seed, seed or eat, food or seed, for seed, seed crop, purpose, use, used for, goal, for, aim, what for, grown for, save seed, seed saving, saving seed, save seeds, zweck, verwendung, ziel, samenbau, but, usage, objectif, uso, destino, proposito, scopo, doel',
  seed: 'seed company, company, brand, bought from, got from, from whom, seed source, source, seed, seeds from, seed from, origin, supplier, from, where from, herkunft, saatgut, quelle, provenance, origine, source des graines, origen, procedencia, origine semi, provenienza, herkomst, origem',
  sown: 'sowed, seeding, start date, started, date started, start, starts, start indoors, started indoors, indoor start, sow indoors, sown indoors, aussaattermin, saattermin, vorkultur, date semis, semee le, fecha siembra, data semina, sown, sow date, sowing date, date sown, sowing, sow, sown on, seeded, date seeded, direct sown, seeding date, aussaat, aussaatdatum, gesat, saat, gesat am, semis, date de semis, seme le, siembra, fecha de siembra, sembrado, semina, data di semina, seminato, zaaidatum, gezaaid, sementeira',
  planted_out:
    'plant out, plant out date, out, date out, out on, put out, transplanting, transplanting date, pflanztermin, auspflanztermin, mise en place, date plantation, fecha trasplante, data trapianto, planted out, planted, plant date, planting date, date planted, transplanted, transplant date, transplant, planting out, set out, pot out, planted on, pflanzung, ausgepflanzt, pflanzdatum, gepflanzt, auspflanzen, auspflanzung, plantation, date de plantation, repiquage, repique, plante le, plantacion, trasplante, fecha de trasplante, trasplantado, trapianto, data di trapianto, piantato, geplant, plantdatum, uitgeplant',
  spacing:
    'space, plants apart, distance apart, spacing, plant spacing, distance, in row spacing, spacing in row, apart, between plants, abstand, pflanzabstand, espacement, distance entre plants, espaciado, distancia, marco, distanza, spaziatura, afstand, plantafstand',
  bed_length:
    'bed length, length, length of bed, beetlange, lange, longueur, largo, longitud, lunghezza, lengte',
  bed_width:
    'bed width, width, width of bed, beetbreite, breite, largeur, ancho, anchura, larghezza, breedte',
  bed_x: 'bed x, x, east',
  bed_y: 'bed y, y, north',
  bed_turn: 'bed turn, turn, angle',
  traits:
    'traits, trait, parthenocarpic, gynoecious, seedless, endosperm, style, fruit shape, corn type, type of corn, eigenschaften, merkmale, caracteristiques, rasgos, caratteri',
  days_to_flower: 'days to flower, days to first flower, days to flowering',
  fruit_wanted: 'fruit wanted, fruits wanted, fruits for seed, fruit for seed',
  note: 'row spacing, row sp, between rows, row distance, row width, rows apart, reihenabstand, entre rangs, entre surcos, tra le file, harvest, harvested, first harvest, first fruit, first frost, last frost, germination, germinated, days to germination, maturity, days to maturity, days to harvest, dtm, bought, ordered, order date, price, cost, year, height, plant height, color, colour, status, done, plant id, id, ernte, erntedatum, erntezeit, keimung, jahr, preis, farbe, recolte, annee, prix, couleur, cosecha, ano, precio, raccolta, anno, prezzo, colore, oogst, jaar, prijs, colheita, note, notes, remark, remarks, comment, comments, bemerkung, bemerkungen, notiz, notizen, remarque, remarques, notas, nota, observaciones, osservazioni, opmerking, opmerkingen',
};

const plainName = (header: string): string =>
  withoutAccents(header)
    .replace(/\(.*?\)|\[.*?\]/g, ' ')
    .replace(/#/g, ' no ')
    .split(/[^a-z0-9]+/)
    .filter(Boolean)
    .join(' ');

const BY_NAME = new Map(
  Object.entries(NAMES).flatMap(([use, names]) =>
    names.split(', ').map((name) => [name, use as ColumnUse] as const),
  ),
);

/** Words after which a number counts something else: plants per square metre. */
const PER = /^(per|pro|par|por|al)$/;

interface Called {
  readonly use: ColumnUse;
  /** By the whole of the name rather than by some of its words. */
  readonly whole: boolean;
}

/**
 * The use that a name of a column names: the whole of it, else its longest run of words that is one. Of two as long
 * `Variety notes` are notes.
 *
 * @example columnCalled('Number of plants')?.use // 'plants'
 */
export function columnCalled(header: string): Called | undefined {
  const words = plainName(header).split(' ');
  for (let length = words.length; length > 0; length -= 1) {
    const whole = length === words.length;
    const uses = words
      .slice(0, words.length - length + 1)
      .map((_, from) => words.slice(from, from + length).join(' '))
      // A short word among others is too weak a sign.
      .filter((run) => whole || run.length >= LEAST_LETTERS)
      .flatMap((run) => BY_NAME.get(run) ?? []);
    const [use] = uses;
    if (!use) continue;
    const isOther = uses.includes('note') || (!whole && words.some((word) => PER.test(word)));
    return { use: isOther ? 'note' : use, whole };
  }
  return undefined;
}

const LEAST_LETTERS = 3;
/** Lines among which the one that names the columns is looked for. */
const PREAMBLE = 40;
/** Lines from which it is guessed what a column without a known name holds. */
const SAMPLE = 60;
/** A column is what so many of its filled cells are. Our default. */
const MOSTLY = 0.7;

export interface SheetDefaults {
  readonly purpose: Purpose;
  readonly unit: Sheet['unit'];
  /** What the grower said the columns of an earlier table hold, by their names. */
  readonly remembered?: Readonly<Record<string, ColumnUse>>;
}

/**
 * How somebody’s table is most likely meant: the line that names the columns is the one with the most known names;
 * columns that no name tells are told by what they hold; all others are notes.
 *
 * @example guessSheet([['Bed', 'Crop', 'Qty'], ['A', 'corn', '12']], defaults).uses // ['bed', 'kind', 'plants']
 */
export function guessSheet(rows: Table, { purpose, unit, remembered = {} }: SheetDefaults): Sheet {
  const callsOf = (row: readonly string[]): (Called | undefined)[] =>
    withSorts(
      row,
      row.map((name) => {
        const use = remembered[rememberedName(name)];
        return use ? { use, whole: true } : columnCalled(name);
      }),
    );
  const known = rows
    .slice(0, PREAMBLE)
    .map((row) => unique(callsOf(row)).filter((use) => use !== 'none').length);
  const most = Math.max(0, ...known);
  // One known word may be a title; two name columns.
  const header = most >= 2 ? known.indexOf(most) : -1;
  const body = rows.slice(header + 1);
  const width = Math.max(0, ...rows.map((row) => row.length));
  const named =
    header < 0 ? [] : unique(callsOf(rows[header]!).map((name, i) => fitting(name, cellsOf(body, i))));
  const uses = byContents(
    Array.from({ length: width }, (_, i) => named[i] ?? 'none'),
    body,
    (column) => header >= 0 && (rows[header]![column] ?? '').trim() !== '',
  ).map((guessed, i): ColumnUse => {
    const use = guessed === 'rows' && areNumbered(body, i, named.indexOf('bed')) ? 'row' : guessed;
    return use === 'none' &&
      remembered[rememberedName(rows[header]?.[i] ?? '')] !== 'none' &&
      body.some((row) => row[i]?.trim())
      ? 'note'
      : use;
  });
  const days = uses.flatMap((use, i) =>
    use === 'sown' || use === 'planted_out' ? body.map((row) => row[i] ?? '') : [],
  );
  const dates = dateOrderOf(days);
  const small =
    smallUnit(body.map((row) => row[uses.indexOf('spacing')] ?? '')) ?? (unit === 'm' ? 'cm' : 'in');
  return { rows, header, uses, ...(dates && { dates }), purpose, unit, small, left: [] };
}

/** Does a column number the rows of each bed, 1, 2, 3, rather than count them? */
function areNumbered(body: Table, column: number, bed: number): boolean {
  let before = 0;
  let above = '';
  let most = 0;
  for (const row of body) {
    const cell = row[column]?.trim() ?? '';
    if (cell === '') continue;
    const here = row[bed]?.trim() || above;
    const isFirst = before === 0 || here !== above;
    if (Number(cell) !== (isFirst ? 1 : before + 1)) return false;
    [before, above, most] = [Number(cell), here, Math.max(most, Number(cell))];
  }
  return most > 1;
}

/** Where another column has the varieties, *Sort* is the kind: in some languages it is the word for a variety. */
const withSorts = (row: readonly string[], called: readonly (Called | undefined)[]): (Called | undefined)[] =>
  called.map((each, i) => {
    const isSort = each?.use === 'variety' && plainName(row[i]!) === 'sort';
    const isTwice = called.some((other, at) => at !== i && other?.use === 'variety' && other.whole);
    return isSort && isTwice ? { use: 'kind', whole: true } : each;
  });

/** The one small unit that some of the cells name. */
function smallUnit(cells: readonly string[]): Sheet['small'] | undefined {
  const inches = cells.some((cell) => /\d\s*(in|inch|inches|["″”])\.?$/i.test(cell.trim()));
  const centimetres = cells.some((cell) => /\d\s*cm\.?$/i.test(cell.trim()));
  return inches === centimetres ? undefined : inches ? 'in' : 'cm';
}

/** The name under which the use of a column is remembered. */
export const rememberedName = (header: string): string => plainName(header);

/**
 * Each use once: that of the first column whose whole name it is, else of the first whose name holds it. Those that may
 * stand more than once as often as they do.
 */
function unique(names: readonly (Called | undefined)[]): ColumnUse[] {
  const first = new Map<ColumnUse, number>();
  for (const whole of [true, false])
    names.forEach((name, i) => {
      if (name?.whole === whole && !first.has(name.use)) first.set(name.use, i);
    });
  return names.map((name, i) => {
    if (name === undefined) return 'none';
    return SHARED_USES.includes(name.use) || first.get(name.use) === i ? name.use : 'note';
  });
}

/** The first filled cells of a column. */
const cellsOf = (body: Table, column: number): string[] =>
  body
    .slice(0, SAMPLE)
    .map((row) => row[column]?.trim() ?? '')
    .filter(Boolean);

/** What a cell of a use must look like, where that can be told. */
const FITS: Readonly<Partial<Record<ColumnUse, (cell: string) => boolean>>> = {
  row: (cell) => /^[\p{L} ]*\d+[\p{L} ]*$/u.test(cell),
  plants: (cell) => /\d/.test(cell) || writtenCount(cell) !== undefined,
  sown: (cell) => isDayText(cell),
  planted_out: (cell) => isDayText(cell),
  spacing: (cell) => /\d/.test(cell),
  bed_length: (cell) => /\d/.test(cell),
  bed_width: (cell) => /\d/.test(cell),
};

/** A name that only holds a use does not count where hardly a cell looks like it. */
function fitting(name: Called | undefined, cells: readonly string[]): Called | undefined {
  const fits = name && !name.whole ? FITS[name.use] : undefined;
  if (!fits || cells.length === 0) return name;
  return cells.filter(fits).length / cells.length > 1 - MOSTLY ? name : undefined;
}

/** Columns that no name told, by what they hold; numbers under a name may be anything: years, days, grams. */
function byContents(uses: ColumnUse[], body: Table, isNamed: (column: number) => boolean): ColumnUse[] {
  const found = [...uses];
  const claim = (use: ColumnUse, holds: (cell: string) => boolean, mayBeNamed = true): void => {
    if (found.includes(use)) return;
    const shares = found.map((each, i) => {
      const cells = each === 'none' && (mayBeNamed || !isNamed(i)) ? cellsOf(body, i) : [];
      const tells = cells.filter((cell) => holds(cell) && !(isNamed(i) && /^[\d.,]+$/.test(cell)));
      return cells.length === 0 ? 0 : tells.length / cells.length;
    });
    const best = Math.max(...shares, 0);
    if (best < MOSTLY) return;
    // Of columns as likely, names of varieties are those that are seldom the same.
    const kinds = shares.map((share, i) => (share === best ? new Set(cellsOf(body, i)).size : 0));
    found[use === 'variety' ? kinds.indexOf(Math.max(...kinds)) : shares.indexOf(best)] = use;
  };
  if (!found.includes('planted_out')) claim('sown', isDayText);
  if (!found.includes('variety'))
    claim('kind', (cell) => cropsCalled(cell, '') !== undefined && !/\d/.test(cell));
  if (!found.includes('bed_row')) {
    claim('bed', isBedTitle);
    const first = isNamed(0) ? [] : cellsOf(body, 0);
    if (!found.includes('bed') && found[0] === 'none' && areRising(first)) found[0] = 'bed';
  }
  claim('plants', (cell) => writtenCount(cell) !== undefined);
  // Where kind and bed are known, what has a name of its own that nobody knows is a note.
  const isOpen = !found.includes('kind') || !found.includes('bed');
  claim('variety', (cell) => /\p{L}{3}/u.test(cell) && !isDayText(cell), isOpen);
  if (!found.includes('bed_row')) claim('bed', (cell) => /^(\p{L}{1,2}\d{0,2}|bed .*|\d{1,2})$/iu.test(cell));
  // What stands before the varieties and names none of them is where they grow.
  const before = found.slice(0, Math.max(0, found.indexOf('variety'))).indexOf('none');
  if (!found.includes('bed') && !found.includes('bed_row') && before >= 0 && !isNamed(before)) {
    const cells = cellsOf(body, before);
    if (cells.length > 0 && cells.every((cell) => /^\p{L}/u.test(cell))) found[before] = 'bed';
  }
  return found;
}

/** Numbers that go up by one or stay: 1, 1, 2, 3. */
function areRising(cells: readonly string[]): boolean {
  const numbers = cells.map(Number);
  return (
    numbers[0] === 1 &&
    numbers.at(-1)! > 1 &&
    numbers.slice(1).every((each, i) => each === numbers[i]! || each === numbers[i]! + 1)
  );
}

const isDayText = (cell: string): boolean =>
  /\d.*\D.*\d.*\D|\d.*\p{L}{3}|\p{L}{3}.*\d/u.test(cell) &&
  writtenDay(cell, { order: undefined, year: undefined, today: '2026-01-01' }) !== 'none' &&
  writtenCount(cell) === undefined;
