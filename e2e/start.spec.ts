import { expect, test } from './app';

test('one’s own garden takes at most twelve activations and four typed fields', async ({ app, page }) => {
  await app.openDemo();
  await app.tap('Bench');
  await app.tap(/^Start your own garden/);
  let typed = 0;
  for (const [label, text] of [
    ['Name of the garden', 'Wren Cottage'],
    ['Latitude', '-36,85'],
    ['Longitude', '174.76'],
    ['Variety', 'Pale Heron'],
  ] as const) {
    await page.getByRole('textbox', { name: label }).fill(text);
    typed += 1;
    app.activations += 1;
  }
  await app.tap('Moschata squash');
  await app.tap('Create garden');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByText('Demo,')).toHaveCount(0);
  expect(app.activations).toBeLessThanOrEqual(12);
  expect(typed).toBeLessThanOrEqual(4);
  await app.tap('Garden');
  await expect(page.getByRole('heading', { name: 'Wren Cottage' })).toBeVisible();
  await expect(page.getByText(/Row 1: 4 Pale Heron/)).toBeVisible();
});

test('a form says what is wrong in the grower’s words and keeps what was typed', async ({ app, page }) => {
  await page.goto('/start');
  await page.getByRole('textbox', { name: 'Latitude' }).fill('200');
  await page.getByRole('textbox', { name: 'Time zone' }).fill('Mars/Olympus');
  await app.tap('Create garden');
  await expect(page.getByText('At most 90.')).toBeVisible();
  await expect(page.getByText('A time zone such as Europe/London.')).toBeVisible();
  await expect(page.getByText('Choose one.')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Latitude' })).toHaveValue('200');
});

test('a garden is removed, and its backup brings it back as it was', async ({ app, page }) => {
  await app.beginGarden();
  await page.goto('/bench/files');
  const backup = await app.readDownload(() => app.tap('Export the garden'));
  await app.tap('Remove the garden');
  await app.tap('Yes, remove it');
  await expect(page.getByText(/^Demo,/)).toBeVisible();
  await page.goto('/bench/files');
  await app.chooseFile(() => app.tap('Import a backup'), backup);
  await expect(page.getByText(/Another garden, Wren Cottage/)).toBeVisible();
  await app.tap('Import');
  await expect(page.getByText(/^Demo,/)).toHaveCount(0);
  await page.goto('/bench/files');
  const again = await app.readDownload(() => app.tap('Export the garden'));
  expect(JSON.parse(again.text)).toMatchObject({ entries: JSON.parse(backup.text).entries });
});
