import { parse } from 'csv-parse/sync';
import fc from 'fast-check';
import Papa from 'papaparse';
import { decodeTable, encodeTable } from './csv';

const COLUMNS = ['one', 'two', 'three'] as const;

test('a table reads in an independent parser of RFC 4180, and no cell is a formula', () => {
  const awkward = { one: '=HYPERLINK("x"), "quoted"\nand broken', two: '@A', three: '' };
  const text = encodeTable(COLUMNS, [{ one: 'ü', two: '-', three: 'x' }, awkward]);
  expect(text.startsWith('\uFEFF')).toBe(true);
  expect(text.endsWith('\r\n')).toBe(true);
  // csv-parse is written to RFC 4180; strict about quotes and about the number of columns.
  const rows = parse(text, {
    bom: true,
    columns: true,
    record_delimiter: '\r\n',
    relax_quotes: false,
  }) as Record<string, string>[];
  expect(rows).toEqual([
    { one: 'ü', two: "'-", three: 'x' },
    { ...awkward, one: `'${awkward.one}`, two: "'@A" },
  ]);
});

const letter = fc.constantFrom(...'=+-@＝＋－＠;,|\t"\'\n\r a1'.split(''));
const cell = fc.array(letter, { maxLength: 8 }).map((letters) => letters.join(''));
const row = fc.record({ one: cell, two: cell, three: cell });

test('no cell begins with a formula, whatever a spreadsheet splits at', () => {
  fc.assert(
    fc.property(fc.array(row, { maxLength: 4 }), (rows) => {
      const text = encodeTable(COLUMNS, rows).replace(/^\uFEFF/, '');
      for (const delimiter of [',', ';', '\t', '|']) {
        const { data } = Papa.parse<string[]>(text, { delimiter });
        for (const read of data.flat()) expect(read.trimStart()).not.toMatch(/^[=+\-@＝＋－＠]/);
        // A spreadsheet that knows nothing of quotes.
        for (const line of text.split(/\r\n|\n|\r/))
          for (const plain of line.split(delimiter))
            expect(plain.replace(/^[\s"]+/, '')).not.toMatch(/^[=+\-@＝＋－＠]/);
      }
    }),
    { numRuns: 1_000 },
  );
});

test('the guards go when a table comes back', () => {
  const plain = cell.filter((text) => text === text.trim() && text !== '');
  fc.assert(
    fc.property(fc.array(fc.record({ one: plain, two: plain, three: plain }), { minLength: 1 }), (rows) => {
      const again = decodeTable(encodeTable(COLUMNS, rows));
      expect(again).toEqual([[...COLUMNS], ...rows.map(({ one, two, three }) => [one, two, three])]);
    }),
  );
});

test.each([
  [
    '\tCrop\tQty\nA\tcorn\t12',
    [
      ['', 'Crop', 'Qty'],
      ['A', 'corn', '12'],
    ],
  ],
  [
    'Bed,Crop\nA,"corn\nB,pea',
    [
      ['Bed', 'Crop'],
      ['A', 'corn'],
      ['B', 'pea'],
    ],
  ],
  [
    'Bed,Name\nA,"Lofty\nB,"Curly"\nC,"Big, old"',
    [
      ['Bed', 'Name'],
      ['A', 'Lofty'],
      ['B', 'Curly'],
      ['C', 'Big, old'],
    ],
  ],
  [
    'Bed\tName\tNote\nA\t"Lofty\tx\nB\tCurly"\ty',
    [
      ['Bed', 'Name', 'Note'],
      ['A', 'Lofty', 'x'],
      ['B', 'Curly"', 'y'],
    ],
  ],
  [
    'Bed,Note\nA,"one line\nanother, with a comma"\nB,x',
    [
      ['Bed', 'Note'],
      ['A', 'one line\nanother, with a comma'],
      ['B', 'x'],
    ],
  ],
  [
    '\n \nBed,Crop\nA,corn\n\n',
    [
      ['Bed', 'Crop'],
      ['A', 'corn'],
    ],
  ],
])('an empty first cell stays, and an open quote swallows nothing: %j', (text, cells) => {
  expect(decodeTable(text)).toEqual(cells);
});

test('a text of very many lines is read', () => {
  expect(decodeTable('a,b\n'.repeat(200_000))).toHaveLength(200_000);
});
