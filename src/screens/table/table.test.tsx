import { screen } from '@testing-library/react';
import { SHEET_READER } from '@/data/files/readSheetFile';
import { openApp, reopenApp, see, stored, tap, type } from '@testing/app';

jest.setTimeout(90_000);

const LIST = [
  'Garden 2026\t\t\t\t',
  'Bed\tWhat\tVariety\tQty\tSown\tColour',
  'Top bed\tpumpkin\tRust Lantern\ttwo dozen\t5/6/2026\tred',
  '\tpumpkin\tPale Drum\t20-25\t7/6/2026\t',
  'Glasshouse\tcherry tomatoes\tWren Bead\t2 rows of 6\t\t',
  'Glasshouse\tdahlia\tRed Star\t3\t\t',
].join('\n');

test('a pasted list is settled by taps alone, and imported whole', async () => {
  await openApp('/garden/table');
  type('Or paste rows here', LIST);
  await tap('Read the rows');
  await see('4 questions left. Nothing has been imported yet.');
  await see(/^“5\/6\/2026”: which is it\?/);
  await tap('5 June');
  await tap(/^Which kind is Rust Lantern\?/);
  await tap(/^Maxima squash/);
  await tap(/^Which kind is Pale Drum\?/);
  await tap(/^Moschata squash/);
  await tap(/^How many is “20-25”\?/);
  await tap('25');
  await tap(/^What is “dahlia”\?/);
  await tap('Leave this line out');
  await see('2 beds, 3 varieties, 61 plants. Nothing has been imported yet.');
  await see(/^1 line names no bed: it is the bed above\.$/);
  await see(/5 Jun 2026\. Note: Colour: red$/);
  const before = (await stored()).length;
  await tap('Import 61 plants');
  await see(/Row 1: 24 Rust Lantern, 25 Pale Drum/);
  const kinds = (await stored()).slice(before).map(({ kind }) => kind);
  expect(new Set(kinds)).toEqual(new Set(['bed.laid', 'variety.described', 'plants.set']));
});

test('what was left out is still there after the import', async () => {
  await openApp('/garden/table');
  type('Or paste rows here', 'Bed\tVariety\tKind\tQty\nZ\tSky Pod\trunner bean\t3\nZ\tRed Star\tdahlia\t3');
  await tap('Read the rows');
  await tap(/^What is “dahlia”\?/);
  await tap('Leave this line out');
  await tap('Import 3 plants');
  await see(/^Row 1: 3 Sky Pod|Row 1: 3 Sky Pod$/);
  await reopenApp('/garden/table');
  await see(/^What is “dahlia”\?/);
  await tap('Another table');
  await see('Choose a file');
});

test('a column is read as something else on a tap, and undone', async () => {
  await openApp('/garden/table');
  type('Or paste rows here', 'Bed\tWhat\tQty\nZ\tSky Pod\t3');
  await tap('Read the rows');
  await see(/^What is “Sky Pod”\?/);
  await tap(/^What: kind of plant/);
  await tap('Variety');
  await see(/^What is Sky Pod\?/);
  await tap('Undo the last change');
  await see(/^What is “Sky Pod”\?/);
});

test('plants counted in each row, or in all of them: said on a tap, either way', async () => {
  await openApp('/garden/table');
  type('Or paste rows here', 'Bed\tKind\tPlants\tNo of rows\nZ\tcorn\t11\t2');
  await tap('Read the rows');
  await see(/^1 bed, 1 variety, 22 plants\./);
  await tap('They are all plants of a line');
  await see(/^1 bed, 1 variety, 11 plants\./);
  await tap('They are counted in each row');
  await see(/^1 bed, 1 variety, 22 plants\./);
});

test('an answered question is gone before the table is read again, and nothing then moves under a finger', async () => {
  await openApp('/garden/table');
  type('Or paste rows here', LIST);
  await tap('Read the rows');
  await tap('5 June');
  await see('4 questions left. Nothing has been imported yet.');
  const { read } = SHEET_READER;
  let goOn = (): void => undefined;
  const slow = new Promise<void>((resolve) => (goOn = resolve));
  const reading = jest
    .spyOn(SHEET_READER, 'read')
    .mockImplementation((...asked) => slow.then(() => read(...asked)) as never);
  await tap(/^How many is “20-25”\?/);
  await tap('25');
  await see('3 questions left. Nothing has been imported yet.');
  await see('Reading the table…');
  expect(screen.queryByText(/^How many is “20-25”\?/)).toBeNull();
  // Taken back before it was read, it is asked again.
  await tap('Undo the last change');
  await see(/^How many is “20-25”\?/);
  goOn();
  reading.mockRestore();
});

test('what is no table says so', async () => {
  await openApp('/garden/table');
  type('Or paste rows here', ',,,');
  await tap('Read the rows');
  await see(/^No table was found in it/);
  expect(screen.queryByText('Import')).toBeNull();
});

test('a file that is no workbook is told, an old encoding is read', async () => {
  const zip = new Uint8Array([0x50, 0x4b, 3, 4, 9, 9, 9]).buffer;
  expect(await SHEET_READER.open(zip)).toEqual({ ok: false, why: 'noTable' });
  const latin = Uint8Array.from(
    [...'Beet;Gem', 0xfc, ...'se\nA;Melone'].map((c) => (typeof c === 'string' ? c.charCodeAt(0) : c)),
  );
  const opened = await SHEET_READER.open(latin.buffer);
  expect(opened).toMatchObject({
    ok: true,
    tables: [
      {
        rows: [
          ['Beet', 'Gemüse'],
          ['A', 'Melone'],
        ],
      },
    ],
  });
  const utf16 = new Uint8Array(2 + 2 * 5);
  utf16.set([0xff, 0xfe]);
  [...'A,b\nc'].forEach((c, i) => (utf16[2 + 2 * i] = c.charCodeAt(0)));
  expect(await SHEET_READER.open(utf16.buffer)).toMatchObject({
    ok: true,
    tables: [{ rows: [['A', 'b'], ['c']] }],
  });
  expect(await SHEET_READER.open('a,b\n'.repeat(6_000))).toEqual({ ok: false, why: 'tooLong' });
});
