import type { Purpose } from '../../crops/variety';
import { withoutAccents } from '../../text/withoutAccents';
import { dateOrderOf } from '../dateOrder';
import { SHARED_USES, type ColumnUse } from '../planColumns';
import { isCountedPerRow } from './countedPerRow';
import { cropsCalled } from './kindCalled';
import type { Sheet } from './sheet';
import { writtenCount } from './writtenCount';
import { writtenDay } from './writtenDay';
import { isBedTitle } from './writtenPlace';

type Table = readonly (readonly string[])[];

/** Names of columns, in small letters without accents; the words of several languages. Everyday words, from memory. */
const NAMES: Readonly<Partial<Record<ColumnUse, string>>> = {
  bed_row:
    'plaats, plek, ubicacion, local, localizacao, emplazamiento, beet und reihe, planche rang, standplaats, onde, donde, ou, wo, waar, dove, bed row, bed and row, bed or row, bed no row, row bed, beet reihe, place, location, where, position, standort, ort, emplacement, lieu, lugar, posto, posizione',
  bed: 'vak, perceel, canteiro no, beetname, name des beets, beet name, planche no, nom de planche, bancal no, cama no, letto no, aiuola no, vaknummer, talhao, courela, cajon, recuadro, tabla, tavola, prosa, serra, serre, gewachshaus, folientunnel, invernadero, kas, estufa, bett, beetnummer, beet nr, section, tunnel, polytunnel, house, container, pot, grow bag, bed, beds, bed no, bed name, plot, block, area, patch, field, zone, border, greenhouse, raised bed, beet, parzelle, feld, planche, parcelle, carre, bancal, cama, parcela, era, aiuola, letto, parcella, bed naam, canteiro',
  row: 'reihe no, reihennr, reihen nr, reihennummer, rang no, ligne no, fila no, hilera no, fila n, riga n, riga no, rij no, rijnummer, linha no, regel, carreira, surco, surco no, row, row no, line, reihe, rang, ligne, fila, linea, hilera, riga, rij, linha',
  rows: 'no of rows in bed, anz reihen, nombre de lignes, nb lignes, lignes, no de rangs, no de filas, no filas, no de hileras, surcos, no de surcos, n di file, n filas, righe, numero di righe, no di file, numero de linhas, no de linhas, n de linhas, carreiras, rows, no of rows, no rows, nr of rows, number of rows, how many rows, row count, reihen, anzahl reihen, anzahl der reihen, reihenzahl, rangs, nb rangs, nb de rangs, nombre de rangs, filas, numero de filas, hileras, file, numero di file, n file, rijen, aantal rijen, linhas',
  variety:
    'variety cultivar, rasnaam, naam, ras naam, naam van het ras, nom de la variete, nombre de la variedad, nombre de variedad, nome varieta, nome della varieta, nome da variedade, sorte name, sortenbezeichnung, bezeichnung, sorten, varietes, variedades, cultivar name, cultivar variety, named variety, sort, nombre, variety, variety name, var, varieties, name, plant name, strain, line name, sorte, sortenname, name der sorte, variete, nom, variedad, varieta, nome, ras, cultivar, accession, variedade',
  kind: 'groente, groenten, groentesoort, gewassen, hortalica, hortalicas, cultivos, cultures, culturas, colture, ortaggi, especie o cultivo, planta, plante, pianta, plantensoort, kulturen, gemusesorte, pflanzenart, espece ou legume, latin name, botanical name, scientific name, latin, common name, crop name, vegetables, veggie, veggies, veg type, kind of plant, gemuseart, sorte art, botanischer name, legumes, nom latin, hortalizas, nombre comun, nome comune, kind, type, crop, crop type, species, vegetable, veg, plant, plant type, what, family, art, kultur, gemuse, pflanze, kulturart, espece, legume, culture, type de plante, especie, cultivo, hortaliza, tipo, specie, ortaggio, coltura, gewas, soort, cultura',
  plants:
    'stuks, stuk, qte, qty plants, qtd, qtde, qta, q ta, n de plantas, no de plantas, no plantas, numero plantas, n plantas, mudas, cantidad de plantas, numero di piante, no piante, no di piante, n di piante, piantine, quantita piante, nb plants, nombre plants, no de plants, nb pieds, nombre de pieds, quantite de plants, pflanzen anzahl, anz pflanzen, anzahl pfl, st pflanzen, aantal stuks, plantjes, nbre de plants, nombre de pieds, plants qty, plants count, qty of plants, plants total, plants row, pcs, pieces, no plants, number planted, no planted, how many plants, pl, anz, stk, stck, pflanzenzahl, anzahl der pflanzen, pieds, nb de plants, nbre, cant, uds, n piante, pz, plants, number of plants, no of plants, nr of plants, plant count, plant number, number, qty, quantity, count, how many, amount, total plants, no, nr, anzahl, anzahl pflanzen, pflanzen, stuck, menge, stuckzahl, nombre de plants, nb, plants nombre, quantite, cantidad, plantas, numero de plantas, numero, quantita, piante, aantal, planten, aantal planten, quantidade',
  purpose:
    'gebruik, bestemming, waarvoor, finalidade, objetivo, para que, utilizacao, destino da colheita, per che cosa, utilisation, destination, wofur, nutzung, eat or save, eat seed, eat or save seed, save, keep, to save, saving, keep seed, keep seeds, seed saver, seeds saved, eat or seed, seed or eat, food or seed, for seed, seed crop, purpose, use, used for, goal, for, aim, what for, grown for, save seed, seed saving, saving seed, save seeds, zweck, verwendung, ziel, samenbau, but, usage, objectif, uso, destino, proposito, scopo, doel',
  seed: 'zaad, zaad van, zaden van, zaadbron, leverancier, fournisseur, graines de, semences de, saatgut von, samen von, samenherkunft, lieferant, semilla de, semillas de, origen de la semilla, proveedor, semente, semente de, sementes de, origem da semente, origem das sementes, fornecedor, seme da, semi da, seme di, origine del seme, fornitore, source of seed, seeds, seed origin, seed company, company, brand, bought from, got from, from whom, seed source, source, seed, seeds from, seed from, origin, supplier, from, where from, herkunft, saatgut, quelle, provenance, origine, source des graines, origen, procedencia, origine semi, provenienza, herkomst, origem',
  sown: 'zaaien, zaai, zaaidag, gezaaid op, zaaidatum binnen, semeado, semeado em, semeadura, data de semeadura, data de sementeira, data sementeira, sementeira em, seminato il, seminata, seminato in data, sembrado el, fecha siembra, sembrada, seme le, semee le, date du semis, aussaat ab, vorkultur ab, gesat, ausgesat, ausgesat am, aussaattag, saatdatum, sowed, seeding, start date, started, date started, start, starts, start indoors, started indoors, indoor start, sow indoors, sown indoors, aussaattermin, saattermin, vorkultur, date semis, data semina, sown, sow date, sowing date, date sown, sowing, sow, sown on, seeded, date seeded, direct sown, seeding date, aussaat, aussaatdatum, saat, gesat am, semis, date de semis, siembra, fecha de siembra, sembrado, semina, data di semina, seminato, zaaidatum, gezaaid, sementeira',
  planted_out:
    'gepflanzt am, date planted out, planted out on, date of planting out, uitgeplant op, uitplanten, geplant op, plantdag, uitplantdatum, verspeend, transplante, data de transplante, data transplante, transplantado, transplantado em, plantado, plantado em, plantio, data de plantio, plantacao, trapiantato, trapiantato il, trapiantata, messa a dimora, plantado el, plantada el, trasplantado el, fecha de plantacion, repiquee le, plantee le, repique le, date de repiquage, mise en terre, ausgepflanzt am, pflanzung am, auspflanzung am, planted outside, plant out, plant out date, out, date out, out on, put out, transplanting, transplanting date, pflanztermin, auspflanztermin, mise en place, date plantation, fecha trasplante, data trapianto, planted out, planted, plant date, planting date, date planted, transplanted, transplant date, transplant, planting out, set out, pot out, planted on, pflanzung, ausgepflanzt, pflanzdatum, gepflanzt, auspflanzen, auspflanzung, plantation, date de plantation, repiquage, repique, plante le, plantacion, trasplante, fecha de trasplante, trasplantado, trapianto, data di trapianto, piantato, geplant, plantdatum, uitgeplant',
  spacing:
    'space between plants, distance between plants, abstand in der reihe, pflanzenabstand, espacement sur le rang, distance sur le rang, entre plants, distancia entre plantas, distancia en la fila, entre plantas, espacamento, distancia na linha, distanza sulla fila, distanza tra le piante, distanza fra le piante, tra le piante, sesto, afstand in de rij, tussen planten, plantafstand in de rij, space, plants apart, distance apart, spacing, plant spacing, distance, in row spacing, spacing in row, apart, between plants, abstand, pflanzabstand, espacement, distance entre plants, espaciado, distancia, marco, distanza, spaziatura, afstand, plantafstand',
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
  note: 'rijafstand, tussen rijen, ecartement des rangs, entre lignes, distancia entre filas, distancia entre linhas, entre linhas, distanza tra le file, tra file, hohe, pflanzenhohe, hauteur, altura, altezza, hoogte, jahrgang, levee, germinacion, germinazione, germinacao, kieming, opkomst, preco, prijs, cor, feito, hecho, fatto, klaar, gedaan, erledigt, fait, observacoes, observacao, oogstdatum, fecha de cosecha, data de colheita, data raccolta, date de recolte, supplier code, article no, art nr, bestellnummer, packet size, pack size, year of seed, seed year, ano da semente, annee de graine, pruned, watered, fed, mulched, comestible, taste, rating, yield, weight, kg, lbs, row spacing, row sp, between rows, row distance, row width, rows apart, reihenabstand, entre rangs, entre surcos, tra le file, harvest, harvested, first harvest, first fruit, first frost, last frost, germination, germinated, days to germination, maturity, days to maturity, days to harvest, dtm, bought, ordered, order date, price, cost, year, height, plant height, color, colour, status, done, plant id, id, ernte, erntedatum, erntezeit, keimung, jahr, preis, farbe, recolte, annee, prix, couleur, cosecha, ano, precio, raccolta, anno, prezzo, colore, oogst, jaar, colheita, note, notes, remark, remarks, comment, comments, bemerkung, bemerkungen, notiz, notizen, remarque, remarques, notas, nota, observaciones, osservazioni, opmerking, opmerkingen',
};

const plainName = (header: string): string =>
  withoutAccents(header)
    .replace(/\(.*?\)|\[.*?\]/g, ' ')
    .replace(/[#№]/g, ' no ')
    // N.º, n°, Nº.
    .replace(/\bn(?:r|os?)?\.?\s?[º°ᵒ]\.?/g, ' no ')
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
  if (isCountedPerRow(header)) return { use: 'plants', whole: true };
  // `Beet/Reihe`: a bed and a row in one cell.
  if (words.length === 2 && BY_NAME.get(words[0]!) === 'bed' && BY_NAME.get(words[1]!) === 'row')
    return { use: 'bed_row', whole: true };
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
export function guessSheet(written: Table, { purpose, unit, remembered = {} }: SheetDefaults): Sheet {
  const callsOf = (row: readonly string[]): (Called | undefined)[] =>
    withSorts(
      row,
      row.map((name) => {
        const use = remembered[rememberedName(name)];
        return use ? { use, whole: true } : columnCalled(name);
      }),
    );
  const known = written
    .slice(0, PREAMBLE)
    .map((row) => unique(callsOf(row)).filter((use) => use !== 'none').length);
  const most = Math.max(0, ...known);
  // One known word may be a title; two name columns.
  const header = most >= 2 ? known.indexOf(most) : -1;
  const rows = withoutDittos(written, header);
  // Names that stand again above each bed hold nothing.
  const body = rows
    .slice(header + 1)
    .filter((row) => header < 0 || row.some((cell, i) => cell !== (rows[header]![i] ?? '')));
  const width = Math.max(0, ...rows.map((row) => row.length));
  const called = header < 0 ? [] : callsOf(rows[header]!).map((name, i) => fitting(name, cellsOf(body, i)));
  const named = unique(withoutLineNumbers(called, header < 0 ? [] : rows[header]!, body));
  // Where rows are told elsewhere, or their plants are counted, a number of rows is none of a row.
  const tellsRows =
    named.includes('bed_row') ||
    (rows[header] ?? []).some((name, i) => named[i] === 'plants' && isCountedPerRow(name));
  const uses = byContents(
    Array.from({ length: width }, (_, i) => named[i] ?? 'none'),
    body,
    (column) => header >= 0 && (rows[header]![column] ?? '').trim() !== '',
  ).map((guessed, i): ColumnUse => {
    const isNumber = guessed === 'rows' && !tellsRows && areNumbered(body, i, named.indexOf('bed'));
    const use = isNumber ? 'row' : guessed;
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
  const guessed = uses.flatMap((use, i) =>
    (named[i] ?? 'none') === 'none' && use !== 'none' && use !== 'note' ? [i] : [],
  );
  return {
    ...{ rows, header, uses, purpose, unit, small, left: [] },
    ...(dates && { dates }),
    ...(guessed.length > 0 && { guessed }),
  };
}

/** Marks and words for the cell above. Everyday ones, from memory. */
const DITTO =
  /^([-–—\s]*(["″”“„〃]|''|,,)[-–—\s]*|do\.?|ditto|dito|idem|id\.|same|as above|s\.\s?o\.|wie oben|id[eé]m)$/i;

/** A table in which each cell says by itself what stands above it; titles, and the names of columns, are passed over. */
function withoutDittos(rows: Table, header: number): Table {
  const above: string[] = [];
  const names = rows[header]?.join('\t');
  return rows.map((row) => {
    if (row.join('\t') === names || row.filter((cell) => cell.trim() !== '').length < 2) return row;
    return row.map((cell, i) => {
      const text = cell.trim();
      if (DITTO.test(text)) return above[i] ?? cell;
      if (text !== '') above[i] = cell;
      return cell;
    });
  });
}

/** Names of a column that may count plants, or number the lines. */
const COUNT_OR_NUMBER = /^(no|nr|n|num|number|numero|pos|lfd nr|lfd no|id)$/;

/** A column that numbers the lines counts no plants; of a name that may mean both it does where another counts them. */
function withoutLineNumbers(
  called: readonly (Called | undefined)[],
  names: readonly string[],
  body: Table,
): (Called | undefined)[] {
  return called.map((each, i) => {
    if (each?.use !== 'plants' || !COUNT_OR_NUMBER.test(plainName(names[i] ?? ''))) return each;
    const isCounted = called.some((other, at) => at !== i && other?.use === 'plants');
    return isCounted || areLineNumbers(cellsOf(body, i)) ? { use: 'note', whole: true } : each;
  });
}

/** 1, 2, 3, without a gap. */
const areLineNumbers = (cells: readonly string[]): boolean =>
  cells.length > 1 && cells.every((cell, i) => cell.replace(/\.$/, '') === String(i + 1));

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

/** A day, or some time in a year: 12.5., mid May, KW 18, early spring. */
const TIME_OF_YEAR =
  /\b(\d+|jan|feb|mar|mär|apr|ma[iy]|jun|jul|aug|sep|o[ck]t|nov|de[cz]|spring|summer|autumn|fr[uü]h|printemps|primavera|voorjaar)/i;

/** What a cell of a use must look like, where that can be told. */
const FITS: Readonly<Partial<Record<ColumnUse, (cell: string) => boolean>>> = {
  row: (cell) => /^[\p{L} ]*\d+[\p{L} ]*$/u.test(cell),
  plants: (cell) => /\d/.test(cell) || writtenCount(cell) !== undefined,
  sown: (cell) => TIME_OF_YEAR.test(cell),
  planted_out: (cell) => TIME_OF_YEAR.test(cell),
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

/** A day that no number can be mistaken for. */
const isDayText = (cell: string): boolean =>
  /\d.*\D.*\d.*\D|\d.*\p{L}{3}|\p{L}{3}.*\d/u.test(cell) &&
  writtenDay(cell, { order: undefined, year: undefined, today: '2026-01-01' }) !== 'none' &&
  writtenCount(cell) === undefined;
