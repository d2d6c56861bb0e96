import type { Page } from '@playwright/test';
import { type App, expect, seen, test } from './app';

interface Beginning {
  readonly at: string;
  readonly place: string;
  readonly crop: string;
  readonly plants: number;
  readonly purpose?: string;
}

/** One variety, from nothing; to eat, where nothing else is said. */
async function begin(
  app: App,
  page: Page,
  { at, place, crop, plants, purpose = 'To eat' }: Beginning,
): Promise<void> {
  await page.clock.install({ time: new Date(at) });
  await page.goto('/start');
  for (const [label, text] of [
    ['Name of the garden', 'Rook End'],
    ['Variety', 'Amber Wren'],
    ['Plants in a row', String(plants)],
  ] as const) {
    await page.getByRole('textbox', { name: label }).fill(text);
  }
  await app.placeAt(place);
  await page.getByRole('textbox', { name: 'What is it called?' }).fill(crop);
  await page.getByText(crop, { exact: true }).last().click();
  await app.tap(purpose);
  await app.tap('Create garden');
  await expect(page.getByText('Demo,')).toHaveCount(0);
}

test('a glasshouse: nothing is asked in the open, then the row is shaken, pollen flies, and how many set is shown', async ({
  app,
  page,
}) => {
  await begin(app, page, { at: '2026-07-10T11:00:00Z', place: '52.2, -1.7', crop: 'tomato', plants: 6 });
  await page.goto('/');
  await seen(page.getByRole('heading', { name: 'Nothing to shake today' }));
  // Under glass no wind and no insect does it.
  await page.goto('/garden');
  await page.getByText('Bed A', { exact: false }).first().click();
  await app.tap('Under glass, film or a tunnel');
  await app.tap('Save');
  await page.goto('/');
  await seen(page.getByRole('heading', { name: 'Shake the flowers' }));
  await app.tap('Shake the flowers');
  await app.tap('Bed A, row 1: vibrated');
  await app.tap('A cloud');
  await seen(page.getByText('Pollen flew: these flowers should set.'));
  await app.tap('Count fruit: Bed A, row 1');
  for (let flower = 0; flower < 3; flower += 1) await app.tap('One flower more');
  for (let fruit = 0; fruit < 2; fruit += 1) await app.tap('One fruit more');
  await app.tap('2 of 3 set');
  await page.goto('/fruit/rates');
  await seen(page.getByText('Counted on the plants'));
  // Done for today; it is due again in a day or two.
  await page.clock.setSystemTime(new Date('2026-07-11T11:00:00Z'));
  await page.goto('/');
  await seen(page.getByRole('heading', { name: 'Shake the flowers' }));
});

test('in the midnight sun a flower is open in the morning, and its fruit is picked and weighed', async ({
  app,
  page,
}) => {
  // 69.6° north: six o'clock by its clock.
  await begin(app, page, {
    at: '2026-07-05T04:00:00Z',
    place: '69.65, 18.96',
    crop: 'zucchini',
    plants: 2,
  });
  await page.goto('/open');
  await app.tap('1, females open');
  await app.tap('1, males open');
  await app.tap('Pollinated 1');
  await seen(page.getByRole('img', { name: 'Plant 2 of 2' }));
  await page.goto('/weather');
  await seen(page.getByText(/Nights hardly get dark here/).first());

  await page.clock.setSystemTime(new Date('2026-07-10T16:00:00Z'));
  await page.goto('/');
  await page.getByText('Ripe now: 1 fruit').click();
  await app.tap(/^Picked: /);
  await page.getByRole('textbox', { name: 'Weight, g' }).fill('0');
  await app.tap('Picked');
  await seen(page.getByText('A weight above nothing.'));
  await page.getByRole('textbox', { name: 'Weight, g' }).fill('320');
  await app.tap('Picked');
  await expect(page.getByRole('heading', { name: 'Ripe now' })).toHaveCount(0);
  await page.goto('/fruit/rates');
  await seen(page.getByText(/picked/).first());
});

test('two hundred plants are more than one can see to, and a bed without flowers is one tap', async ({
  app,
  page,
}) => {
  await begin(app, page, {
    at: '2026-07-21T06:00:00Z',
    place: '52.2, -1.7',
    crop: 'zucchini',
    plants: 200,
  });
  await page.goto('/');
  await seen(page.getByText(/^200 plants to look at, about 3.3 hours\./).first());
  await seen(page.getByText(/More than one person can do by then/).first());
  await app.tap('See what is open');
  await seen(page.getByRole('img', { name: 'Plant 1 of 200' }));
  await app.tap('1, females open');
  await app.tap('2, males open');
  await app.tap('Pollinated 1');
  await seen(page.getByRole('img', { name: 'Plant 2 of 200' }));
  await app.tap(/^None open in the rest of/);
  await seen(page.getByText(/^1 female pollinated on 200 plants/));
});

test('strawberries are brushed, and berries are counted, misshapen ones apart', async ({ app, page }) => {
  await begin(app, page, { at: '2026-06-01T11:00:00Z', place: '52.2, -1.7', crop: 'strawberry', plants: 20 });
  await page.goto('/routine');
  await seen(page.getByRole('heading', { name: 'Brush the flowers' }));
  await app.tap('Bed A, row 1: brushed');
  await app.tap('Count fruit: Bed A, row 1');
  for (let flower = 0; flower < 3; flower += 1) await app.tap('One flower more');
  for (let fruit = 0; fruit < 2; fruit += 1) await app.tap('One fruit more');
  await app.tap('One misshapen more');
  await app.tap('2 of 3 set');
  await page.goto('/fruit/rates');
  await seen(page.getByText(/1 fruit is misshapen/));
});

test('who starts in August finds fruit on the plants: one is tagged, the rest comes off before the first pollination', async ({
  app,
  page,
}) => {
  await begin(app, page, {
    ...{ at: '2026-08-01T17:00:00Z', place: '52.2, -1.7', crop: 'butternut', plants: 3 },
    purpose: 'Seed, to keep the variety',
  });
  await page.goto('/walk');
  await app.tap('This plant, A1·1: health, type and fruit');
  await app.tap(/^Tag one that stays/);
  await app.tap('One male more');
  await app.nextPlant(/^Cover 1, next$/);
  await app.tap('One female more');
  await app.nextPlant(/^Cover 1, next$/);
  await app.tap('None, next');
  await seen(page.getByRole('heading', { name: 'Walk done' }));

  await page.clock.setSystemTime(new Date('2026-08-02T05:00:00Z'));
  await page.goto('/round');
  await app.tap('Start the round');
  await seen(page.getByRole('img', { name: /^Stop 1 of/ }));
  const over = page.getByRole('heading', { name: 'Round done' });
  let stripped = false;
  while (!(await over.isVisible())) {
    stripped ||= await page.getByText('Look for fruit that set by itself').first().isVisible();
    await app.done();
  }
  expect(stripped).toBe(true);
  await seen(page.getByText('1 of 1 flower pollinated.'));
  await seen(page.getByText(/1 pollinated$/));
});
