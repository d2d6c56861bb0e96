import { expect, test, seen } from './app';
import { expectNoFindings } from './findings';

test('one’s own garden takes at most twelve activations and three typed fields', async ({ app, page }) => {
  await app.openDemo();
  await app.tap('More');
  await app.tap(/^Start your own garden/);
  const type = async (label: string, text: string): Promise<void> => {
    await page.getByRole('textbox', { name: label }).fill(text);
    app.activations += 1;
  };
  await type('Name of the garden', 'Wren Cottage');
  await type('Nearest town, or coordinates', 'Aukland, new zeal');
  await app.tap(/^Auckland/);
  await seen(page.getByText(/^36\.85° south, 174\.76° east\. Now \d+:\d\d there\.$/));
  await type('Variety', 'Pale Heron');
  await app.tap('Moschata squash');
  await app.tap('Seed, to keep the variety');
  await app.tap('Create garden');
  await seen(page.getByRole('heading', { level: 1 }));
  await expect(page.getByText('Demo,')).toHaveCount(0);
  expect(app.activations).toBeLessThanOrEqual(12);
  await app.tap('Garden');
  await seen(page.getByRole('heading', { name: 'Wren Cottage' }));
  await seen(page.getByText(/Row 1: 4 Pale Heron/));
});

test('a form says what is wrong in the grower’s words and keeps what was typed', async ({ app, page }) => {
  await page.goto('/start');
  const where = page.getByRole('textbox', { name: 'Nearest town, or coordinates' });
  await where.fill('qqxxzz');
  await seen(page.getByText(/^No town is known by that name/));
  await app.tap('Create garden');
  await seen(page.getByText('Choose where it is: a town near by, or coordinates.'));
  await expect(page.getByText('Choose one.')).toHaveCount(2);
  await expect(where).toHaveValue('qqxxzz');
});

test('the time zone follows from the place, near a border too, and can be changed', async ({ app, page }) => {
  // Minutes that pass would tell two hours apart that are the same.
  await page.clock.setFixedTime('2026-07-19T10:00:00Z');
  await page.goto('/start');
  // Two sides of a border with an hour between them.
  await app.placeAt('41.15 N 8.61 W');
  const there = page.getByText(/Now \d+:\d\d there\.$/);
  const west = await there.innerText();
  await app.tap('Change the place');
  await app.placeAt('42,24; -8,72');
  expect(await there.innerText()).not.toBe(west);
  await app.tap('Is it another time there?');
  await page.getByRole('textbox', { name: 'A city of that zone' }).fill('lisb');
  await app.tap(/^Europe\/Lisbon/);
  await expect(there).toHaveText(new RegExp(`${/Now (\S+) there/.exec(west)![1]} there`));
});

test.describe('in November', () => {
  test.use({ now: '2026-11-25T17:00:00Z' });

  test('squash at 52° north are sent on no walk; what comes first is said, and who sees a bud is believed', async ({
    app,
    page,
  }) => {
    await app.beginGarden();
    await seen(page.getByRole('heading', { name: 'No flowers yet' }));
    // Latitude does not tell when frost is over: no day is given until somebody says it.
    await seen(page.getByRole('listitem').filter({ hasText: /^Plant out.*once frost is over$/ }));
    await app.lead('/garden/surroundings');
    await page.getByLabel('Last frost, as late as in one year of ten').fill('2026-05-16');
    await app.save();
    await app.lead('/');
    await seen(page.getByRole('listitem').filter({ hasText: /^Plant out.*16 May 2027$/ }));
    await seen(page.getByRole('listitem').filter({ hasText: /^First females.*\d+ \w+ to \d+ \w+$/ }));
    await expectNoFindings(page, 'before the first flowers', { wide: true });
    await app.tap('I see buds or flowers');
    await app.tap('One female more');
    await app.nextPlant(/^(Cover|Mark) 1, next$/);
    await app.lead('/');
    await seen(page.getByRole('heading', { name: 'Evening walk' }));
  });
});

test('a garden is removed, and its backup brings it back as it was', async ({ app, page }) => {
  await app.beginGarden();
  await app.lead('/more/files');
  const backup = await app.readDownload(() => app.tap('Export the garden'));
  await app.tap('Remove the garden');
  await seen(page.getByText(/^Demo,/));
  await app.tap('Undo: put Wren Cottage back');
  await expect(page.getByText(/^Demo,/)).toHaveCount(0);
  await app.lead('/more/files');
  await app.tap('Remove the garden');
  await seen(page.getByText(/^Demo,/));
  await app.tap('Delete for good: Wren Cottage');
  await app.tap('Yes, delete it');
  await expect(page.getByText(/was removed/)).toHaveCount(0);
  await seen(page.getByText(/^Demo,/));
  await app.lead('/more/files');
  await app.chooseFile(() => app.tap('Import a backup'), backup);
  await seen(page.getByText(/Another garden, Wren Cottage/));
  await app.tap('Import');
  await expect(page.getByText(/^Demo,/)).toHaveCount(0);
  await page.goto('/more/files');
  const again = await app.readDownload(() => app.tap('Export the garden'));
  expect(JSON.parse(again.text)).toMatchObject({ entries: JSON.parse(backup.text).entries });
});
