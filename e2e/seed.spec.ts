import { expect, seen, test } from './app';

test('a picked fruit becomes a lot, and is sown from it; all of it is there after a reload', async ({
  app,
  page,
}) => {
  await app.openDemo();
  await app.lead('/fruit');
  await app.tap('Show: all');
  await app.tap('Growing or picked');
  await app.tap(/Marsh Button.*growing on day \d+/);
  await app.tap('Harvest');
  await app.tap('For seed, the tag is on it');
  await app.tap('Yes, both');
  await app.tap(/^Take the seed out/);
  await app.tap(/^[A-Z0-9]{2}-[A-Z0-9]{2} · /);
  await app.tap('Seed taken out of 1 fruit');
  await app.tap('Rinsed');
  await app.tap('It is dry');
  await app.tap('Count or weigh');
  await page.getByRole('textbox', { name: 'Seeds', exact: true }).fill('90');
  await app.tap('Save');
  await seen(page.getByText('90 seeds.'));
  await seen(page.getByRole('heading', { name: 'True to type' }));
  await page.reload();
  await seen(page.getByText('90 seeds.'));
  await app.tap('Put it on the plan');
  await app.tap('B');
  await page.getByRole('textbox', { name: 'Seeds sown' }).fill('12');
  await app.tap('Add plants');
  await app.lead('/seed');
  await seen(page.getByText(/78 seeds/));
  await page.keyboard.press('t');
  await page.keyboard.press('s');
  await expect(page.getByRole('heading', { name: 'Seed', exact: true })).toBeVisible();
});
