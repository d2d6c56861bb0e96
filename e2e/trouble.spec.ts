import { expect, test, seen } from './app';

test('a screen that fails says so, saves the records and leads back', async ({ app, page }) => {
  await app.openDemo();
  // It breaks with the tap, not before it: Today may still be drawing its last parts, and would fail itself.
  await page.evaluate(() => {
    const breakPlurals = (): void => {
      Intl.PluralRules.prototype.select = () => {
        throw new Error('plurals are broken');
      };
    };
    document.addEventListener('click', breakPlurals, { capture: true, once: true });
  });
  await app.tap('Fruit');
  await seen(page.getByRole('heading', { name: 'Something went wrong here' }));
  await seen(page.getByText('plurals are broken'));
  const records = await app.readDownload(() => app.tap('Save the records'));
  expect(records.name).toBe('steady-trowel-records.txt');
  expect(records.text).toContain('"garden.described"');
  await app.tap('Back to Today');
  await seen(page.getByRole('heading', { name: 'Evening walk' }));
});

test('what went wrong stands in a report that can be copied and saved', async ({ app, page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await app.openDemo();
  await page.evaluate(() => void Promise.reject(new Error('a promise nobody kept')));
  await seen(page.getByText(/That did not work.*a promise nobody kept/));
  await app.tap('OK, I have read it');
  await app.tap('More');
  await app.tap(/^Report/);
  await seen(page.getByText(/a promise nobody kept/));
  await app.tap('Copy the report');
  await seen(page.getByText('Copied.'));
  const copied = await page.evaluate(() => navigator.clipboard.readText());
  expect(copied).toMatch(/^Steady Trowel, report of a device\nBuild: main-[0-9a-f]+\.js/);
  const saved = await app.readDownload(() => app.tap('Save as a file'));
  expect(saved.text).toBe(copied);
  // It was put there on purpose.
  expect(app.errors.splice(0)).toEqual(['a promise nobody kept']);
});

test('feet and Fahrenheit are taken as typed, and nothing creeps', async ({ app, page }) => {
  await page.goto('/more/settings');
  await app.tapToStore('Feet, °F');
  await app.lead('/weather');
  await page.getByRole('textbox', { name: 'At dawn, °F' }).fill('54');
  await page.getByRole('textbox', { name: 'Highest, °F' }).fill('300');
  await app.tap('Save');
  await seen(page.getByText('At most 140.'));
  await page.getByRole('textbox', { name: 'Highest, °F' }).fill('86');
  await app.tap('Save');
  await seen(page.getByText(/54 °F to 86 °F/).first());
  await page.goto('/more/files');
  const { text } = await app.readDownload(() => app.tap('Export the garden'));
  const { entries } = JSON.parse(text) as { entries: { kind: string; lamport: number; body: object }[] };
  const last = entries.sort((a, b) => a.lamport - b.lamport).at(-1);
  expect(last).toMatchObject({ kind: 'weather.noted', body: { dawnC: 12.2, maxC: 30 } });
});
