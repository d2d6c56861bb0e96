import { columnCalled, guessSheet } from './guessSheet';
import { withCells, withUse } from './sheet';

const DEFAULTS = { purpose: 'eat', unit: 'm' } as const;
const rowsOf = (text: string): string[][] => text.split('\n').map((line) => line.split(','));

test.each([
  ['Number of plants', 'plants'],
  ['No. of plants', 'plants'],
  ['Qty', 'plants'],
  ['# plants', 'plants'],
  ['Anzahl', 'plants'],
  ['Nb', 'plants'],
  ['Cantidad', 'plants'],
  ['Type', 'kind'],
  ['Crop', 'kind'],
  ['Kultur', 'kind'],
  ['Légume', 'kind'],
  ['Sow date', 'sown'],
  ['SOWN ON', 'sown'],
  ['Aussaat', 'sown'],
  ['Semis', 'sown'],
  ['Siembra', 'sown'],
  ['Date planted', 'planted_out'],
  ['Auspflanzung 2026', 'planted_out'],
  ['Bed/row', 'bed_row'],
  ['Bed', 'bed'],
  ['Beet', 'bed'],
  ['Variety', 'variety'],
  ['Sorte', 'variety'],
  ['Spacing (cm)', 'spacing'],
  ['planted_out', 'planted_out'],
  ['days_to_flower', 'days_to_flower'],
  ['Save seed?', 'purpose'],
  ['Source', 'seed'],
  ['Remarks', 'note'],
  ['Plant out', 'planted_out'],
  ['Date out', 'planted_out'],
  ['Pflanztermin', 'planted_out'],
  ['Started indoors', 'sown'],
  ['Fecha siembra', 'sown'],
  ['Latin name', 'kind'],
  ['Common name', 'kind'],
  ['Keep seed?', 'purpose'],
  ['Save?', 'purpose'],
  ['Eat or seed', 'purpose'],
  ['Tunnel', 'bed'],
  ['Stk.', 'plants'],
  // What is not of the plan is a note, however much of its name is like a column of it.
  ['Harvest date', 'note'],
  ['Start of harvest', 'note'],
  ['Row spacing', 'note'],
  ['Variety notes', 'note'],
  ['Plants per m2', 'note'],
  ['Plant height', 'note'],
  ['Days to maturity', 'note'],
  ['Germination', 'note'],
] as const)('the column “%s” holds %s', (name, use) => {
  expect(columnCalled(name)?.use).toBe(use);
});

test.each(['Weather', '', 'Genus', 'x9'])('the column “%s” is not known', (name) => {
  expect(columnCalled(name)?.use).toBeUndefined();
});

test('titles stand above the line of names; what is not known is a note', () => {
  const sheet = guessSheet(
    rowsOf('Garden 2026,,,\n,,,\nBed,Crop,Qty,Colour\nA,corn,12,yellow\nB,melon,3,'),
    DEFAULTS,
  );
  expect(sheet).toMatchObject({ header: 2, uses: ['bed', 'kind', 'plants', 'note'] });
});

test('a table without names is told by what it holds', () => {
  const sheet = guessSheet(
    rowsOf('A,Pale Heron,butternut,12,12.5.2026\nB,Marsh Button,pattypan,3,14.5.2026'),
    DEFAULTS,
  );
  expect(sheet).toMatchObject({
    header: -1,
    uses: ['bed', 'variety', 'kind', 'plants', 'sown'],
    dates: 'dayFirst',
  });
});

test('a name that is a use as a whole goes before one that only holds it', () => {
  expect(guessSheet(rowsOf('Plant code,Crop,Plants\n17,corn,3'), DEFAULTS).uses).toEqual([
    'note',
    'kind',
    'plants',
  ]);
});

test('a name that only holds a use does not count where no cell looks like it', () => {
  const uses = (cells: string): unknown =>
    guessSheet(rowsOf(`Kind,Plants,Row tag\n${cells}`), DEFAULTS).uses[2];
  expect(uses('corn,3,2\nokra,4,3')).toBe('row');
  expect(uses('corn,3,18"\nokra,4,24"')).toBe('note');
});

test('days of the harvest and numbers under another name are neither sowings nor plants', () => {
  const sheet = guessSheet(
    rowsOf('Variety,Kind,Erntezeit,Year,Grams\nOne,corn,12.9.2026,2026,40\nTwo,okra,14.9.2026,2026,55'),
    DEFAULTS,
  );
  expect(sheet.uses).toEqual(['variety', 'kind', 'note', 'note', 'note']);
});

test('the same name twice: the first column counts, the other is a note', () => {
  expect(guessSheet(rowsOf('Variety,Name,Plants\nOne,Uno,3'), DEFAULTS).uses).toEqual([
    'variety',
    'note',
    'plants',
  ]);
});

test('the order of day and month is told by the file, or not known', () => {
  const of = (days: string): unknown => guessSheet(rowsOf(`Variety,Plants,Sown\n${days}`), DEFAULTS).dates;
  expect(of('One,3,5/6/2026\nTwo,3,13/6/2026')).toBe('dayFirst');
  expect(of('One,3,5/6/2026\nTwo,3,6/13/2026')).toBe('monthFirst');
  expect(of('One,3,5/6/2026')).toBeUndefined();
  expect(of('One,3,5.6.2026')).toBe('dayFirst');
});

test('what the grower said of a column’s name is remembered', () => {
  const rows = rowsOf('Bed,Wot,Qty,Rubbish\nA,corn,12,y');
  expect(guessSheet(rows, DEFAULTS).uses[1]).toBe('kind');
  const remembered = { wot: 'variety', rubbish: 'none' } as const;
  expect(guessSheet(rows, { ...DEFAULTS, remembered }).uses).toEqual(['bed', 'variety', 'plants', 'none']);
});

test('nothing at all is a sheet too', () => {
  expect(guessSheet([], DEFAULTS)).toMatchObject({ header: -1, uses: [] });
  expect(guessSheet([['']], DEFAULTS)).toMatchObject({ header: -1, uses: ['none'] });
});

test('a use that another column gets leaves a note behind; a cell without a column gets one', () => {
  const sheet = guessSheet(rowsOf('Bed,Variety,Plants\nA,One,3\nB,Two,4'), DEFAULTS);
  expect(withUse(sheet, 0, 'variety').uses).toEqual(['variety', 'note', 'plants']);
  const kinds = withCells(sheet, [1, 2], 'kind', 'corn');
  expect(kinds.rows).toEqual([
    ['Bed', 'Variety', 'Plants', 'kind'],
    ['A', 'One', '3', 'corn'],
    ['B', 'Two', '4', 'corn'],
  ]);
  expect(withCells(kinds, [1], 'plants', '5').rows[1]).toEqual(['A', 'One', '5', 'corn']);
});
