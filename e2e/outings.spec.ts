import { expect, test, type App, seen } from './app';
import { expectNoFindings } from './findings';
import type { Page } from '@playwright/test';

/** A garden of one row, begun on a day. */
async function begin(
  app: App,
  page: Page,
  grown: { readonly at: string; readonly crop: RegExp; readonly search: string; readonly plants: number },
): Promise<void> {
  await page.clock.install({ time: new Date(grown.at) });
  await page.goto('/start');
  for (const [label, text] of [
    ['Name of the garden', 'Back yard'],
    ['Variety', 'Night Ladle'],
    ['Plants in a row', String(grown.plants)],
    ['What is it called?', grown.search],
  ] as const) {
    await page.getByRole('textbox', { name: label }).fill(text);
  }
  await app.placeAt('52.2, -1.7');
  await app.tap(grown.crop);
  await app.tap('Seed, to keep the variety');
  await app.tap('Create garden');
}

const at = async (page: Page, instant: string): Promise<void> => {
  await page.clock.setSystemTime(new Date(instant));
  await page.goto('/');
};

/** At each plant of the walk, as many as named. */
async function walk(app: App, page: Page, plants: readonly (readonly string[])[]): Promise<void> {
  for (const [i, taps] of plants.entries()) {
    await seen(page.getByRole('img', { name: `Plant ${i + 1} of ${plants.length}` }));
    for (const tap of taps) await app.tap(tap);
    await app.tap(/, next$/);
  }
  await seen(page.getByRole('heading', { name: 'Walk done' }));
}

test('gourds, two dusks: covered in the afternoon, one round across midnight, looked at later', async ({
  app,
  page,
}) => {
  await begin(app, page, {
    at: '2026-07-21T15:40:00Z',
    crop: /^Bottle gourd/,
    search: 'calabash',
    plants: 3,
  });
  await app.tap('Start the walk');
  await seen(page.getByText('Opens today'));
  await expectNoFindings(page, 'the walk to gourds', { wide: true });
  await walk(app, page, [['One female more', 'One male more'], ['One male more', 'One male more'], []]);
  await seen(page.getByText(/^For the evening of /));

  // Twenty to midnight.
  await at(page, '2026-07-21T22:40:00Z');
  await seen(page.getByRole('heading', { name: 'Evening round' }));
  await app.tap('Start the round');
  await app.tap('Start the round');
  await app.done();
  // A new day by the calendar, the same round.
  await at(page, '2026-07-21T23:20:00Z');
  await app.tap('Continue the round');
  while (!(await page.getByRole('heading', { name: 'Round done' }).isVisible())) await app.done();
  await seen(page.getByText(/^1 of 1 flower pollinated/));

  // The second dusk: nothing is asked of the first again.
  await at(page, '2026-07-22T15:40:00Z');
  await app.tap('Start the walk');
  await walk(app, page, [[], ['One female more'], ['One male more']]);
  await at(page, '2026-07-22T20:30:00Z');
  await app.tap('Start the round');
  await app.tap('Start the round');
  await expectNoFindings(page, 'a stop at dusk', { wide: false });
  while (!(await page.getByRole('heading', { name: 'Round done' }).isVisible())) await app.done();

  await at(page, '2026-07-25T17:00:00Z');
  await page.goto('/fruit');
  await app.tap('Growing');
});

test('corn, four days: shoots bagged, silk found, a tassel bagged in the afternoon, swapped next morning', async ({
  app,
  page,
}) => {
  await begin(app, page, { at: '2026-07-20T15:00:00Z', crop: /^popcorn/i, search: 'popcorn', plants: 4 });
  await app.tap('Start the walk');
  await seen(page.getByText('Bag now, before any silk shows'));
  await expectNoFindings(page, 'the walk to corn', { wide: true });
  const shoot = page.getByRole('button', { name: 'One female more' }).last();
  await shoot.click();
  await app.tap('Cover 1, next');
  await app.tap(/^None in the rest of bed /);
  await seen(page.getByRole('heading', { name: 'Walk done' }));

  // Silk shows in the bag; another plant’s tassel sheds.
  await at(page, '2026-07-23T15:00:00Z');
  await app.tap('Start the walk');
  await page.getByRole('button', { name: 'One female more' }).first().click();
  await app.tap('Note 1, next');
  await app.tap('One male more');
  await seen(page.getByText('1 ear is ready in all, 1 tassel bagged for them.'));
  await app.tap('Cover 1, next');
  await app.tap(/^None in the rest of bed /);
  await seen(page.getByText(/^A1·1 takes A1·2/));

  await at(page, '2026-07-24T07:00:00Z');
  await app.tap('Start the round');
  await app.tap('Start the round');
  await seen(page.getByText('Take 1 tassel bag').first());
  await app.done();
  await seen(page.getByText('Swap the shoot bag, quickly, for the tassel bag from'));
  await expectNoFindings(page, 'an ear of corn', { wide: true });
  await app.done();
  await seen(page.getByText(/^1 of 1 flower pollinated/));

  // Nothing is asked of the ear again, though its silk is good for days.
  await at(page, '2026-07-25T07:00:00Z');
  await expect(page.getByText(/Morning round|morning’s round/)).toHaveCount(0);
});

test('melons, two days: small flowers bagged, a perfect one with a fruitlet, brushed, and looked at', async ({
  app,
  page,
}) => {
  await begin(app, page, {
    at: '2026-07-21T18:00:00Z',
    crop: /^cantaloupe/i,
    search: 'cantaloupe',
    plants: 2,
  });
  await app.tap('Start the walk');
  await seen(page.getByText(/the first trace of yellow at the tip\.$/));
  await walk(app, page, [['One female more'], ['One male more']]);
  for (const day of ['2026-07-22', '2026-07-23']) {
    await at(page, `${day}T06:30:00Z`);
    await app.tap('Start the round');
    await app.tap('Start the round');
    while (!(await page.getByRole('heading', { name: 'Round done' }).isVisible())) await app.done();
    await seen(page.getByText(/^1 of 1 flower pollinated/));
    await at(page, `${day}T18:00:00Z`);
    await app.tap('Start the walk');
    await walk(app, page, [['One male more'], ['One female more']]);
  }
  await page.clock.setSystemTime(new Date('2026-07-26T17:00:00Z'));
  await page.goto('/fruit');
  await app.tap('Growing');
  await seen(page.getByText(/growing on day \d/).first());
});
