import fc from 'fast-check';
import { tz } from '@date-fns/tz';
import { format } from 'date-fns';
import { de, enGB, es, fr } from 'date-fns/locale';
import { Journal } from '../../journal/journal';
import type { CropId } from '../../crops/catalogue';
import { heldPlan } from '../planDraft';
import { readPlanTable } from '../planTable';
import { guessSheet } from './guessSheet';

const UTC = { in: tz('UTC') };

/** How growers of one language head their columns, write their days and call their crops. */
const LANGUAGES = [
  {
    names: { bed: 'Bed', variety: 'Variety', kind: 'Type', plants: 'Qty', sown: 'Sow date' },
    locale: enGB,
    crops: { corn: 'Sweetcorn', tomato: 'Tomatoes', melon: 'Cantaloupe', moschata: 'Squash, butternut' },
    rows: (rows: number, each: number) => `${rows} rows of ${each}`,
    dozen: '1 dozen',
  },
  {
    names: { bed: 'Beet', variety: 'Sorte', kind: 'Kultur', plants: 'Anzahl', sown: 'Aussaat am' },
    locale: de,
    crops: { corn: 'Mais', tomato: 'Tomaten', melon: 'Zuckermelone', moschata: 'Moschuskürbis' },
    rows: (rows: number, each: number) => `${rows} Reihen zu ${each}`,
    dozen: 'ein Dutzend',
  },
  {
    names: { bed: 'Planche', variety: 'Variété', kind: 'Espèce', plants: 'Quantité', sown: 'Date de semis' },
    locale: fr,
    crops: { corn: 'maïs', tomato: 'tomates', melon: 'melon charentais', moschata: 'courge musquée' },
    rows: (rows: number, each: number) => `${rows} rangs de ${each}`,
    dozen: 'une douzaine',
  },
  {
    names: {
      bed: 'Bancal',
      variety: 'Variedad',
      kind: 'Cultivo',
      plants: 'Cantidad',
      sown: 'Fecha de siembra',
    },
    locale: es,
    crops: { corn: 'maíz', tomato: 'tomates', melon: 'cantaloupe', moschata: 'auyama' },
    rows: (rows: number, each: number) => `${rows} filas de ${each}`,
    dozen: 'una docena',
  },
] as const;

const CROPS = ['corn', 'tomato', 'melon', 'moschata'] as const;
const COLUMNS = ['bed', 'variety', 'kind', 'plants', 'sown'] as const;
const PATTERNS = ['d MMMM yyyy', 'd. MMM yyyy', 'dd.MM.yyyy', 'yyyy-MM-dd', 'd.M.yy'] as const;

const line = fc.record({
  bed: fc.constantFrom('1', '2', 'Top bed', 'Long border by the wall'),
  variety: fc.integer({ min: 0, max: 7 }),
  rows: fc.integer({ min: 1, max: 4 }),
  each: fc.integer({ min: 1, max: 60 }),
  day: fc.integer({ min: 0, max: 900 }),
  pattern: fc.constantFrom(...PATTERNS),
});
const table = fc.record({
  language: fc.constantFrom(...LANGUAGES),
  // One line said twice counts once.
  lines: fc.uniqueArray(line, { minLength: 1, maxLength: 12, selector: (each) => JSON.stringify(each) }),
  order: fc.shuffledSubarray([...COLUMNS], { minLength: COLUMNS.length }),
  titles: fc.integer({ min: 0, max: 3 }),
  hidesBeds: fc.boolean(),
});

const nameOf = (variety: number): string => `Line ${'ABCDEFGH'[variety]!}x`;
const cropOf = (variety: number): CropId => CROPS[variety % CROPS.length]!;
const dateOf = (day: number): Date => new Date(Date.UTC(2025, 0, 1 + day));

/** The same days are written again and again, and a zone makes each slow. */
const writtenDays = new Map<string, string>();
function writeDay(day: number, pattern: string, locale = enGB): string {
  const key = `${day} ${pattern} ${locale.code}`;
  const known = writtenDays.get(key);
  if (known !== undefined) return known;
  const text = format(dateOf(day), pattern, { locale, ...UTC });
  writtenDays.set(key, text);
  return text;
}

test('a plan is read from whatever table a grower of four languages makes of it', () => {
  fc.assert(
    fc.property(table, ({ language, lines, order, titles, hidesBeds }) => {
      const { names, locale, crops, rows: sayRows, dozen } = language;
      const written = lines.map(({ bed, variety, rows, each, day, pattern }, i) => ({
        bed:
          hidesBeds && i > 0 && lines[i - 1]!.bed === bed
            ? ''
            : /^\d$/.test(bed)
              ? `${names.bed} ${bed}`
              : bed,
        variety: nameOf(variety),
        kind: crops[cropOf(variety) as keyof typeof crops],
        plants: rows > 1 ? sayRows(rows, each) : each === 12 ? dozen : String(each),
        sown: writeDay(day, pattern, locale),
      }));
      const sheet = guessSheet(
        [
          ...Array.from({ length: titles }, (_, i) => [`Plan ${i}`, '', '', '', '']),
          order.map((column) => names[column]),
          ...written.map((cells) => order.map((column) => cells[column])),
        ],
        { purpose: 'seedToKeep', unit: 'm' },
      );
      const found = readPlanTable(sheet, heldPlan(new Journal()), '2026-07-18');
      if (!found.ok) throw new Error(JSON.stringify(found.faults));
      const { beds, varieties, sowings, rows } = found.draft;
      const read = rows.map(({ bed, row, variety, sowing, plants }) => {
        const { name, crop, sowing: own } = varieties[variety]!;
        const { day } = (sowing === undefined ? own : sowings[sowing]!.sowing)!;
        return [beds[bed]!.name, row, name, crop, plants, day];
      });
      const meant = lines.flatMap(({ bed, variety, rows: many, each, day }) =>
        Array.from({ length: many }, (_, i) => [
          bed,
          1 + i,
          nameOf(variety),
          cropOf(variety),
          each,
          writeDay(day, 'yyyy-MM-dd'),
        ]),
      );
      expect(read).toEqual(meant);
    }),
    { numRuns: 600 },
  );
});

test('no text in any cell makes it throw, or imports a thing that nobody wrote', () => {
  const cell = fc.oneof(
    fc.string(),
    fc.constantFrom(
      '',
      'A',
      'corn',
      '12',
      '2 rows of',
      '31/31/2026',
      '=1+1',
      '\u0000',
      '１２',
      '٣',
      '1e9',
      '-0',
      'Total',
    ),
  );
  fc.assert(
    fc.property(fc.array(fc.array(cell, { maxLength: 6 }), { maxLength: 12 }), (rows) => {
      const sheet = guessSheet(rows, { purpose: 'eat', unit: 'm' });
      const found = readPlanTable(sheet, heldPlan(new Journal()), '2026-07-18');
      if (!found.ok) return;
      const texts = new Set(rows.flat().map((text) => text.trim()));
      for (const { name } of found.draft.varieties) expect(texts.has(name)).toBe(true);
    }),
    { numRuns: 2_000 },
  );
});
