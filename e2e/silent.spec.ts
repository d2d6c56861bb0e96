import { expect, test, seen } from './app';
import { livedSeason } from '@testing/seasons';
import { longJournal } from '../perf/longJournal';
import { encodeBackup } from '../src/data/files/backup';

test('undo goes back to the beginning of the garden and no further, in words, and redo is beside it', async ({
  app,
  page,
}) => {
  await app.beginGarden();
  await app.lead('/walk');
  await app.tap('Undo');
  await expect(page.getByText(/^Undone:/)).toHaveCount(0);
  await app.tap('One female more');
  await app.tap(/^(Cover|Mark) 1, next$/);
  await app.tap('Undo');
  await seen(page.getByText(/^Undone: 1 flower (covered|marked) on A/));
  await app.tap('Redo');
  await expect(page.getByText(/^Undone:/)).toHaveCount(0);
  for (let i = 0; i < 4; i += 1) await app.tap('Undo');
  for (const address of ['/', '/garden', '/walk', '/more/files']) {
    await page.goto(address);
    await seen(page.getByRole('heading', { level: 1 }));
  }
  const { text } = await app.readDownload(() => app.tap('Export the garden'));
  expect(text).toContain('Wren Cottage');
});

const GARDEN = '0LNGJ0VRNA0000000000000000';
const LENGTH = 5_000;

test('an export soon after opening holds every entry, and the page says how many', async ({ app, page }) => {
  const entries = longJournal(LENGTH, livedSeason('demo')).map((entry) => ({ ...entry, garden: GARDEN }));
  const text = encodeBackup({
    garden: GARDEN,
    name: 'Long Acre',
    exported: '2026-07-19T06:00:00.000Z',
    entries,
  });
  await page.goto('/more/files');
  await app.chooseFile(() => app.tap('Import a backup'), { name: 'long.json', text });
  await app.tap('Import');
  await expect(page.getByText('Demo,')).toHaveCount(0);
  for (let times = 0; times < 2; times += 1) {
    await app.lead('/more/files');
    await seen(page.getByText(/^All 5,000 entries in one file/));
    const saved = await app.readDownload(() => app.tap('Export the garden'));
    expect((JSON.parse(saved.text) as { entries: unknown[] }).entries).toHaveLength(LENGTH);
  }
  // A copy with changed entries is refused, whichever garden is open.
  const changed = entries.map((entry, i) => (i % 40 === 7 ? { ...entry, action: 'another' } : entry));
  const tampered = encodeBackup({ garden: GARDEN, name: 'Long Acre', exported: '', entries: changed });
  for (const open of [/^Demo garden/, /^Long Acre/]) {
    await app.lead('/more');
    await app.tap(open);
    await app.lead('/more/files');
    await app.chooseFile(() => app.tap('Import a backup'), { name: 'changed.json', text: tampered });
    await seen(page.getByText(/^125 entries stand here with another content/));
  }
});

test('files that would break a screen or end the program are refused in words', async ({ app, page }) => {
  await page.goto('/more/files');
  await app.chooseFile(() => app.tap('Import a backup'), { name: 'deep.json', text: '['.repeat(2_000_000) });
  await seen(page.getByText(/things that no backup of Steady Trowel holds/));
  const entries = livedSeason('demo').map((entry) => ({ ...entry, garden: GARDEN }));
  const source = { garden: GARDEN, name: 'Long Acre', exported: '' };
  const nameless = entries.filter(({ kind }) => kind !== 'garden.described');
  await app.chooseFile(() => app.tap('Import a backup'), {
    name: 'nameless.json',
    text: encodeBackup({ ...source, entries: nameless }),
  });
  await seen(page.getByText(/does not describe its garden/));
});

test('what could not be recorded is told, on whatever screen one is', async ({ app, page }) => {
  await app.beginGarden();
  await app.lead('/garden/table');
  await page
    .getByRole('textbox', { name: 'Or paste rows here' })
    .fill(`bed,variety,kind,plants\n${'Kitchen bed '.repeat(6)},One,corn,4`);
  await app.tap('Read the rows');
  await seen(page.getByText('Bed: too long'));
  await expect(page.getByRole('button', { name: /^Import/ })).toHaveCount(0);
});

test('when the browser clears its data under the open page, the next tap writes all of it again', async ({
  app,
  page,
}) => {
  await app.beginGarden();
  await app.lead('/walk');
  await app.tap('One female more');
  await app.tap(/^(Cover|Mark) 1, next$/);
  const devtools = await page.context().newCDPSession(page);
  const { origin } = new URL(page.url());
  await devtools.send('Storage.clearDataForOrigin', { origin, storageTypes: 'indexeddb' });
  await app.tap('One male more');
  await app.tap(/^(Cover|Mark) 1, next$/);
  await page.waitForTimeout(1_000);
  await app.tap('Undo');
  await app.tap('Redo');
  await page.waitForTimeout(1_000);
  await expect(page.getByText(/not saved|did not work/)).toHaveCount(0);
  await page.goto('/garden');
  await seen(page.getByRole('heading', { name: 'Wren Cottage' }));
  await page.goto('/more/files');
  const { text } = await app.readDownload(() => app.tap('Export the garden'));
  const { entries } = JSON.parse(text) as { entries: { kind: string }[] };
  expect(entries.filter(({ kind }) => kind === 'covered')).toHaveLength(2);
  expect(entries.filter(({ kind }) => kind === 'garden.described')).toHaveLength(1);
  // The browser said that it closed the connection, and nothing else went wrong.
  for (const error of app.errors.splice(0)) expect(error).toMatch(/clos(ed|ing)|^AbortError$/);
});

test('a browser that keeps no light or dark, and one whose storage never answers', async ({
  app,
  page,
  context,
}) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'localStorage', {
      get: () => {
        throw new DOMException('denied', 'SecurityError');
      },
    });
  });
  await app.openDemo();
  await seen(page.getByRole('heading', { level: 1 }));
  const deaf = await context.newPage();
  await deaf.addInitScript(() => {
    IDBFactory.prototype.open = () =>
      Object.setPrototypeOf(new EventTarget(), IDBOpenDBRequest.prototype) as IDBOpenDBRequest;
  });
  await deaf.goto('/');
  await seen(deaf.getByText(/has not answered for some seconds/));
  await seen(deaf.getByRole('button', { name: 'Load again' }));
});

test('a clock that is behind the newest record is told of', async ({ app, page }) => {
  await app.beginGarden();
  await page.clock.install({ time: new Date(Date.now() - 3 * 24 * 3_600_000) });
  await page.reload();
  await seen(page.getByText(/before the newest record/));
  await app.tap('It is right');
  await expect(page.getByText(/before the newest record/)).toHaveCount(0);
});

test('what was recorded while the clock was days ahead is put right', async ({ app, page }) => {
  const DAY_MS = 24 * 3_600_000;
  const now = Date.now();
  await page.clock.install({ time: new Date(now + 3 * DAY_MS) });
  await app.beginGarden();
  await page.clock.setSystemTime(new Date(now + 60_000));
  await page.reload();
  await seen(page.getByText(/before the newest record/));
  await app.tap('Correct times');
  await page.getByRole('link', { name: /entries, first: the description of the garden/ }).click();
  await page.getByRole('textbox', { name: 'Day' }).fill(new Date(now).toISOString().slice(0, 10));
  await app.tap('Check');
  await seen(page.getByText(/entries move/));
  await app.tap('Correct the times');
  await expect(page.getByText(/before the newest record/)).toHaveCount(0);
  await page.reload();
  await seen(page.getByRole('heading', { name: 'Correct times' }));
  await expect(page.getByText(/before the newest record/)).toHaveCount(0);
});
