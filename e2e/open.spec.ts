import { expect, test, type App, seen } from './app';
import { expectNoFindings } from './findings';
import type { Page } from '@playwright/test';

const MORNING = '2026-07-21T06:00:00Z';
const NEXT_MORNING = '2026-07-22T06:00:00Z';
const THREE_DAYS_ON = '2026-07-24T17:00:00Z';

/** Six plants grown to eat, and nothing else: no walk, no cover, no tag. */
async function begin(app: App, page: Page, { at = MORNING, crop = 'Pepo squash' } = {}): Promise<void> {
  await page.clock.install({ time: new Date(at) });
  await page.goto('/start');
  for (const [label, text] of [
    ['Name of the garden', 'Back yard'],
    ['Variety', 'Green Heron'],
    ['Plants in a row', '6'],
  ] as const) {
    await page.getByRole('textbox', { name: label }).fill(text);
  }
  await app.placeAt('52.2, -1.7');
  await app.tap(crop);
  await app.tap('To eat');
  await app.tap('Create garden');
}

test('a kitchen morning: from Today in one tap, three taps a plant, and days later by count', async ({
  app,
  page,
}) => {
  await begin(app, page);
  await app.tap('Start looking');
  await seen(page.getByRole('img', { name: 'Plant 1 of 6' }));

  // Two females and three males are open.
  const before = app.activations;
  await app.tap('2, females open');
  await app.tap('3, males open');
  await expect(page.getByRole('button', { name: 'Pollen from This plant, 3 open males' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  expect(app.activations - before).toBe(2);
  await expectNoFindings(page, 'open now', { wide: true });
  await app.tap('Pollinated 2');
  expect(app.activations - before).toBe(3);
  await seen(page.getByRole('img', { name: 'Plant 2 of 6' }));

  // Half-entered counts outlive a reload.
  await app.tap('1, females open');
  await page.reload();
  await expect(page.getByRole('radio', { name: '1, females open' })).toBeChecked();
  await app.tap('0, males open');
  await expect(page.getByRole('button', { name: 'Pollen from A1·1, 3 open males' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await app.tap('Pollinated 1');
  await app.tap('None open, next');
  await app.tap('Undo');
  await seen(page.getByRole('img', { name: 'Plant 3 of 6' }));
  for (let plant = 3; plant <= 6; plant += 1) {
    await seen(page.getByRole('img', { name: `Plant ${plant} of 6` }));
    await app.tap('None open, next');
  }
  await seen(page.getByText(/^3 females pollinated on 6 plants/));

  // The next morning begins anew, and asks nothing of yesterday's flowers.
  await page.clock.setSystemTime(new Date(NEXT_MORNING));
  await page.goto('/');
  await app.tap('Start looking');
  await seen(page.getByRole('img', { name: 'Plant 1 of 6' }));
  await app.tap('1, females open');
  await app.tap('1, males open');
  await app.tap('Pollinated 1');
  await seen(page.getByRole('img', { name: 'Plant 2 of 6' }));

  await page.clock.setSystemTime(new Date(THREE_DAYS_ON));
  await page.goto('/fruit');
  await seen(page.getByText('2 flowers of 21 Jul, day 3'));
  await expectNoFindings(page, 'a look by count', { wide: false });
  await app.tap('Picked to eat');
  await app.tap('One more was picked');
  await app.tap('One less was picked');
  await expectNoFindings(page, 'picked by count', { wide: false });
  await app.tap('1 picked');
  await seen(page.getByText('1 of 2 picked', { exact: false }));
  await seen(app.button('One growing'));
  await app.tap('Undo');
  await app.tap('1 of 2 growing');
  await seen(page.getByText('1 of 2 growing on day 3', { exact: false }));
  await page.getByText(/^2 flowers · A1·1/).click();
  await app.tap(/^Tag one: /);
  await seen(page.getByText(/1 flower|without a tag/).first());
  await app.lead('/fruit/rates');
  await seen(page.getByText(/Green Heron/).first());
});

test('a visit is put right from the list, and nothing is open at noon', async ({ app, page }) => {
  await begin(app, page);
  await app.tap('Start looking');
  // No male is open anywhere: it is said, and what to do.
  await app.tap('3, females open');
  await seen(page.getByText(/^Whose pollen\? Without an open male it cannot be done now\./));
  await expectNoFindings(page, 'no pollen', { wide: false });
  await app.nextPlant('No pollen, next');
  await app.tap('List of plants');
  await page.getByText('Green Heron, 3 females, 0 males').click();
  await expect(page.getByRole('radio', { name: '3, females open' })).toBeChecked();
  // A neighbour had one, for two of them.
  await app.tap('Pollen from somewhere else');
  await app.tap('One less got pollen');
  await app.tap('Pollinated 2 of 3');
  for (let plant = 2; plant <= 6; plant += 1) {
    await seen(page.getByRole('img', { name: `Plant ${plant} of 6` }));
    await app.tap('None open, next');
  }
  await seen(page.getByText(/^2 females pollinated on 6 plants/));
  await seen(page.getByText('1 female got no pollen: there was none. None of that lowers a rate.'));
  await app.tap('List of plants, to correct one');
  await page.getByText('Green Heron, 3 females, 0 males').click();
  await app.tap('2, females open');
  await app.tap('Pollinated 2');
  await expect(page.getByText(/got no pollen/)).toHaveCount(0);
  await page.clock.setSystemTime(new Date('2026-07-22T13:00:00Z'));
  await page.goto('/open');
  await seen(page.getByText(/No flower that you grow to eat is expected open at this hour/));
  // Whoever sees one open all the same is believed.
  await app.tap('I see one open');
  await seen(page.getByText(/^Expected open from .* What you see counts/));
  await expectNoFindings(page, 'out of hours', { wide: false });
  // It is the third; then on from there, and the rest in one tap.
  await app.tap('List of plants');
  await page.getByText('Bed A, row 1, plant 3').last().click();
  await app.tap('1, females open');
  await app.tap('1, males open');
  await app.nextPlant('Pollinated 1');
  await seen(page.getByRole('img', { name: 'Plant 4 of 6' }));
  await app.lead('/');
  await app.tap(/^I see one open/);
  await seen(page.getByRole('img', { name: 'Plant 1 of 6' }));
  await app.tap('None open in the rest of bed A (5 plants)');
  await seen(page.getByText(/^1 female pollinated on 6 plants/));
  await app.tap('Undo');
  await seen(page.getByRole('img', { name: 'Plant 1 of 6' }));
});

test('watermelon gets a second dab an hour later, and who never did it is shown how', async ({
  app,
  page,
}) => {
  await begin(app, page, { at: '2026-07-21T08:30:00Z', crop: 'Watermelon' });
  await app.tap('Start looking');
  await app.tap('Show me, step by step');
  for (const title of ['Find a male flower', 'Find a female flower', 'Pick the male flower']) {
    await seen(page.getByRole('dialog', { name: title }));
    await app.tap('Next');
  }
  await app.tap('Next');
  await expectNoFindings(page, 'step by step', { wide: false });
  await app.tap('I can do it');

  await app.tap('2, females open');
  await app.tap('3, males open');
  await app.tap('Pollinated 2');
  for (let plant = 2; plant <= 6; plant += 1) {
    await seen(page.getByRole('img', { name: `Plant ${plant} of 6` }));
    await app.tap('None open, next');
  }
  await seen(page.getByText('From 10:30: 2 females a second time. Today will say when.'));
  await page.clock.setSystemTime(new Date('2026-07-21T09:40:00Z'));
  await page.goto('/');
  await app.tap('Go round once more');
  await seen(page.getByText('2 females, a second time'));
  await expectNoFindings(page, 'a second time', { wide: true });
  await app.tap('Done once more');
  await seen(page.getByText(/^2 females pollinated on 6 plants/));
  await app.lead('/');
  await expect(page.getByRole('button', { name: 'Go round once more' })).toHaveCount(0);
});

test('only males on the first morning: it is said at the plant that nothing is wrong, and when females come', async ({
  app,
  page,
}) => {
  await begin(app, page);
  await app.tap('Start looking');
  await seen(page.getByText(/^Best until \d+:\d+\. Too late by \d+:\d+\.$/));
  await app.tap('0, females open');
  await app.tap('1, males open');
  await seen(page.getByText(/Expect the first females between .*28 July and .*4 August/));
  await app.tap('No female, next');
  // The next plant has four females, and one male has been met.
  // Forty are held or typed, not tapped one by one.
  await app.tap('More, females open');
  const counted = page.getByRole('button', { name: /More than 5: type a number$/ });
  await page.getByRole('button', { name: 'One more, females open' }).hover();
  await page.mouse.down();
  await expect
    .poll(async () => Number(/\d+/.exec((await counted.getAttribute('aria-label'))!)![0]))
    .toBeGreaterThan(12);
  await page.mouse.up();
  await counted.click();
  await page.getByRole('textbox', { name: 'More than 5' }).fill('40');
  await page.getByRole('textbox', { name: 'More than 5' }).press('Enter');
  await seen(page.getByRole('button', { name: '40, More than 5: type a number' }));
  await expectNoFindings(page, 'forty', { wide: false });
  await app.tap('4, females open');
  await app.tap('0, males open');
  await seen(page.getByText(/^Pollen for about 3 females/));
  await app.tap('3, females open');
  await seen(page.getByText(/^Few males: let each serve 3 females/));
});
