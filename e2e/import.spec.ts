import writeExcelFile from 'write-excel-file/node';
import { expect, test, type App, seen } from './app';
import { seriousFindings } from './findings';

/** A garden of one's own that begins with a list; then its table. */
async function beginWithList(app: App, place = 'Leicester'): Promise<void> {
  const { page } = app;
  await page.goto('/start');
  await page.getByRole('textbox', { name: 'Name of the garden' }).fill('Wren Cottage');
  await page.getByRole('textbox', { name: 'Nearest town, or coordinates' }).fill(place);
  await app.tap(new RegExp(`^${place}`));
  await app.tap('I have a list or a spreadsheet');
  await app.tap('Create garden');
  await seen(page.getByRole('heading', { name: 'Your list, on the plan' }));
}

/** What came of it: beds with the plants of each variety, and the days of each. */
async function planOf(app: App): Promise<string[][]> {
  await app.lead('/garden/table');
  const { text } = await app.readDownload(() => app.tap('Export the plan as CSV'));
  const [head, ...rows] = text
    .replace(/^\uFEFF/, '')
    .trim()
    .split('\r\n')
    .map((line) => line.split(','));
  return rows.map((row) =>
    ['bed', 'row', 'variety', 'kind', 'plants', 'sown', 'planted_out'].map(
      (name) => row[head!.indexOf(name)]!,
    ),
  );
}

test('a tab-separated paste with European dates becomes a plan by taps alone', async ({ app, page }) => {
  await beginWithList(app);
  const paste = [
    'Garten 2026\t\t\t\t\t',
    '\t\t\t\t\t',
    'Beet\tSorte\tKultur\tAnzahl\tAussaat\tBemerkung',
    'Beet 1\tOld Drum\tKürbis\t2 Reihen zu 6\t12.5.2026\tvom Tauschtisch',
    '\tPale Heron\tButternut\t4\t14. Mai 2026\t',
    'Tunnel\tWren Bead\tTomaten\tein Dutzend\t1.4.26\taufbinden',
    '\tOx Button\tTomate\t6\t1.4.26\t',
    'Summe\t\t\t34\t\t',
  ].join('\n');
  await page.getByRole('textbox', { name: 'Or paste rows here' }).fill(paste);
  await app.tap('Read the rows');
  await app.tap(/^Which kind is Old Drum\?/);
  expect(await seriousFindings(page)).toEqual([]);
  await app.tap(/^Maxima squash/);
  await seen(page.getByText('2 beds, 4 varieties, 34 plants. Nothing has been imported yet.'));
  expect(await seriousFindings(page)).toEqual([]);
  await app.tap('Import 34 plants');
  await seen(page.getByRole('heading', { name: 'Wren Cottage' }));
  expect(await planOf(app)).toEqual([
    ['1', '1', 'Old Drum', 'Cucurbita maxima', '6', '2026-05-12', ''],
    ['1', '1', 'Pale Heron', 'Cucurbita moschata', '4', '2026-05-14', ''],
    ['1', '2', 'Old Drum', 'Cucurbita maxima', '6', '2026-05-12', ''],
    ['Tunnel', '1', 'Wren Bead', 'Solanum lycopersicum', '12', '2026-04-01', ''],
    ['Tunnel', '1', 'Ox Button', 'Solanum lycopersicum', '6', '2026-04-01', ''],
  ]);
});

test('a workbook with merged titles and a column of notes becomes a plan by taps alone', async ({
  app,
  page,
}) => {
  await beginWithList(app);
  const text = (value: string) => ({ value, type: String });
  const file = await writeExcelFile(
    [
      [{ value: 'What we grow', type: String, columnSpan: 6 }, null, null, null, null, null],
      [{ value: 'Plot by the lane', type: String, columnSpan: 6 }, null, null, null, null, null],
      ['Bed/row', 'Type', 'Name', 'No. of plants', 'Date planted', 'From whom'].map(text),
      [
        text('A/1'),
        text('Courgette'),
        text('Ember Loaf'),
        { value: 3, type: Number },
        { value: new Date(Date.UTC(2026, 4, 20)), type: Date, format: 'dd/mm/yyyy' },
        text('swap table'),
      ],
      [
        text('A/2'),
        text('pumpkin'),
        text('Slate Lantern'),
        { value: 4, type: Number },
        text('5/6/2026'),
        null,
      ],
      [
        text('B/1'),
        text('Sweetcorn'),
        text('Mill Sparrow'),
        text('3 rows of 8'),
        text('28/5/2026'),
        text('Ida'),
      ],
      [text('B/4'), text('moonfruit'), text('Red Star'), { value: 2, type: Number }, null, null],
    ],
    { columns: [{ width: 10 }] },
  ).toBuffer();
  await app.chooseFile(() => app.tap('Choose a file'), { name: 'growing.xlsx', bytes: file });
  await app.tap(/^Which kind is Slate Lantern\?/);
  await app.tap(/^Pepo squash/);
  await app.tap(/^What is “moonfruit”\?/);
  await app.tap('Leave this line out');
  await seen(page.getByText('2 beds, 3 varieties, 31 plants. Nothing has been imported yet.'));
  // Nothing of it is lost on the way.
  await page.reload();
  await app.tap('Import 31 plants');
  await seen(page.getByRole('heading', { name: 'Wren Cottage' }));
  await app.lead('/garden/table');
  await seen(page.getByText('What is “moonfruit”?'));
  await app.tap('Another table');
  expect(await planOf(app)).toEqual([
    ['A', '1', 'Ember Loaf', 'Cucurbita pepo', '3', '', '2026-05-20'],
    ['A', '2', 'Slate Lantern', 'Cucurbita pepo', '4', '', '2026-06-05'],
    ['B', '1', 'Mill Sparrow', 'Zea mays', '8', '', '2026-05-28'],
    ['B', '2', 'Mill Sparrow', 'Zea mays', '8', '', '2026-05-28'],
    ['B', '3', 'Mill Sparrow', 'Zea mays', '8', '', '2026-05-28'],
  ]);
});

test(
  'a CSV with semicolons and decimal commas becomes a plan by taps alone',
  { tag: '@sizes' },
  async ({ app, page }) => {
    await beginWithList(app);
    const csv = [
      'Planche;Longueur;Largeur;Variété;Espèce;Quantité;Espacement (m);Semis;Couleur',
      'Nord;10,5;1,2;Dusk Fiddle;courge;une douzaine;0,9;5/6;orange',
      'Nord;;;Copper Dial;melon;20-25;0,6;7/6;',
      'Sud;8;1,2;Green Quill;concombre;5;0,5;;',
    ].join('\r\n');
    await app.chooseFile(() => app.tap('Choose a file'), { name: 'jardin.csv', text: csv });
    await app.tap('5 June');
    await app.tap(/^Which kind is Dusk Fiddle\?/);
    await app.tap(/^Moschata squash/);
    await app.tap(/^How many is “20-25”\?/);
    await app.tap('20');
    await seen(page.getByText(/^2 beds, 3 varieties, 37 plants\./));
    await app.tap('Import 37 plants');
    await seen(page.getByRole('heading', { name: 'Wren Cottage' }));
    const rows = await planOf(app);
    expect(rows.map(([bed, , variety, kind, plants]) => [bed, variety, kind, plants])).toEqual([
      ['Nord', 'Dusk Fiddle', 'Cucurbita moschata', '12'],
      ['Nord', 'Copper Dial', 'Cucumis melo', '20'],
      ['Sud', 'Green Quill', 'Cucumis sativus', '5'],
    ]);
    expect(rows[0]![5]).toMatch(/^\d{4}-06-05$/);
  },
);

test('two thousand lines are read, settled and imported without the page standing still', async ({
  app,
  page,
}) => {
  await beginWithList(app);
  const lines = Array.from(
    { length: 2_000 },
    (_, i) =>
      `Bed ${1 + (i % 50)}\t${1 + Math.floor(i / 50)}\tLine ${i % 400}\t${i === 1_777 ? 'cornx' : 'corn'}\t2`,
  );
  await app.chooseFile(() => app.tap('Choose a file'), {
    name: 'many.tsv',
    text: ['Bed\tRow\tVariety\tCrop\tQty', ...lines].join('\n'),
  });
  await app.tap(/^What is “cornx”\?/);
  await app.tap(/^corn Zea mays/);
  await seen(page.getByText('50 beds, 400 varieties, 4,000 plants. Nothing has been imported yet.'));
  await app.tap(/^Show the lines/);
  await app.tap('Import 4,000 plants');
  await seen(page.getByRole('img', { name: /^Plan of 50 beds with 4,000 plants/ }));
});

test('from the welcome to the first walk: at most fourteen activations and three typed fields', async ({
  app,
  page,
}) => {
  await app.openDemo();
  await app.tap('More');
  await app.tap(/^Start your own garden/);
  await page.getByRole('textbox', { name: 'Name of the garden' }).fill('Wren Cottage');
  await page.getByRole('textbox', { name: 'Nearest town, or coordinates' }).fill('Quito');
  await app.tap(/^Quito/);
  await page.getByRole('textbox', { name: 'Variety' }).fill('Pale Heron');
  app.activations += 3;
  await app.tap('Moschata squash');
  await app.tap('Seed, to keep the variety');
  await app.tap('Create garden');
  await app.tap(/See what endangers what/);
  await seen(page.getByRole('heading', { name: 'Crossing', level: 1 }));
  await app.tap('Today');
  await seen(page.getByRole('link', { name: /^Done See what endangers what/ }));
  await expect(page.getByRole('img', { name: 'Done' })).toHaveCount(2);
  expect(await seriousFindings(page)).toEqual([]);
  await app.tap(/First walk/);
  await seen(page.getByRole('heading', { name: 'Pale Heron' }));
  expect(app.activations).toBeLessThanOrEqual(14);
  await app.tap('One male more');
  await app.nextPlant(/, next$/);
  await app.lead('/');
  await expect(page.getByText('First steps')).toHaveCount(0);
});

test(
  'at the desk the table is a grid: a block is pasted, undone by the keyboard, and imported',
  { tag: '@desk' },
  async ({ app, page }) => {
    await beginWithList(app);
    await app.tap('Type it in here');
    const cells = page.locator('.dsg-row:not(.dsg-row-header) .dsg-cell:not(.dsg-cell-gutter)');
    await seen(cells.first());
    await cells.first().click();
    await page.evaluate(() => {
      const clipboardData = new DataTransfer();
      clipboardData.setData('text/plain', 'A\t1\tEmber Loaf\tcourgette\t3\nA\t2\tOld Drum\thubbard\t4');
      document.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
    });
    await seen(page.getByText(/^1 bed, 2 varieties, 7 plants\./));
    await page.keyboard.press('Delete');
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect(page.getByText(/^1 bed, 2 varieties, 7 plants\./)).toHaveCount(0);
    await cells.first().click();
    await page.keyboard.type('Top bed');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Tab');
    await page.keyboard.type('Ember Loaf');
    await page.keyboard.press('Tab');
    await page.keyboard.type('courgette');
    await page.keyboard.press('Tab');
    await page.keyboard.type('3');
    await page.keyboard.press('Enter');
    await app.tap('Import 3 plants');
    await seen(page.getByRole('img', { name: /^Plan of 1 bed with 3 plants/ }));

    // The plan that stands is typed over, and what was typed outlives a reload.
    await page.goto('/garden/table');
    await seen(page.getByText('1 line: type over what has changed.'));
    await cells.nth(2).click();
    await page.keyboard.type('Ember Ring');
    await page.keyboard.press('Enter');
    await cells.nth(4).click();
    await page.keyboard.type('5');
    await page.keyboard.press('Enter');
    await seen(page.getByText('2 cells typed over, not saved yet.'));
    for (let i = 0; i < 3; i += 1) await page.keyboard.press('ArrowRight');
    await page.keyboard.type('some day');
    await page.keyboard.press('Enter');
    await seen(page.getByText(/^Line 1, Sown on: which day is “some day”\?/));
    await app.tap('Undo the last change');
    await page.reload();
    await seen(page.getByText('2 cells typed over, not saved yet.'));
    expect(await seriousFindings(page)).toEqual([]);
    await app.tap('Save 2 changes');
    await seen(page.getByText('1 line: type over what has changed.'));
    const [line] = await planOf(app);
    expect(line!.slice(0, 5)).toEqual(['Top bed', '1', 'Ember Ring', 'Cucurbita pepo', '5']);
  },
);
