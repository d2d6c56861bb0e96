import type { Page } from '@playwright/test';
import { expect, test, type App, seen } from './app';

/** What is tapped at a plant, by its name, `A2·1`: bed A, row 2, plant 1. */
type Found = Readonly<Record<string, readonly string[]>>;

const chipOf = (plant: string): RegExp => {
  const [, row, place] = /^[A-Z](\d)·(\d+)$/.exec(plant)!;
  return new RegExp(`^Plant ${place} of row ${row}(,|$)`);
};

/** Where the walk is: it must be elsewhere after each step. */
const placeOf = (page: Page): Promise<string> =>
  page
    .getByRole('main')
    .innerText()
    .then((text) => text.replace(/\s+/g, ' ').slice(0, 160));

/** Beds at a glance: of each only the plants with something to see are gone to. */
async function walkByBed(app: App, page: Page, found: Found): Promise<void> {
  const over = page.getByRole('heading', { name: 'Walk done' });
  const bed = page.getByRole('heading', { name: /^Bed [A-Z]/, level: 1 });
  const next = app.button(/(^|, )next$|others none$/i);
  for (let step = 0; step < 60; step += 1) {
    await seen(over.or(next).first());
    if (await over.isVisible()) return;
    const before = await placeOf(page);
    const only = app.button('Only plants with something to see');
    if (await only.isVisible()) await only.click();
    else if (/^Bed \w(, row \d)?$/.test(await bed.first().innerText())) await markPlants(page, next, found);
    else await atPlant(app, page, found);
    await expect.poll(() => placeOf(page)).not.toBe(before);
  }
  throw new Error('the walk does not end');
}

async function markPlants(page: Page, next: ReturnType<App['button']>, found: Found): Promise<void> {
  const title = await page.getByRole('heading', { level: 1 }).innerText();
  const here = Object.keys(found).filter((plant) => plant.startsWith(title.charAt(4)));
  for (const plant of here) {
    const chip = page.getByRole('checkbox', { name: chipOf(plant) });
    if ((await chip.count()) === 1 && (await chip.getAttribute('aria-checked')) !== 'true')
      await chip.click();
  }
  await next.click();
}

async function atPlant(app: App, page: Page, found: Found): Promise<void> {
  const heading = await page.getByRole('heading', { level: 1 }).innerText();
  const [, bed, row, place] = /Bed (\w+), row (\d+), plant\s+(\d+)/.exec(heading)!;
  for (const tap of found[`${bed}${row}·${place}`] ?? []) await app.tap(tap);
  await app.tap(/(^|, )next$/i);
}

const FEMALE = 'One female more';
const MALE = 'One male more';

/** Through a round as planned, with what was read at its stops. */
async function goRound(app: App, page: Page): Promise<string> {
  let read = '';
  const over = page.getByRole('heading', { name: 'Round done' });
  for (let stop = 0; stop < 60; stop += 1) {
    await seen(over.or(page.getByRole('img', { name: /^Stop \d+ of/ })).first());
    if (await over.isVisible()) return read;
    read += await page.getByRole('main').innerText();
    await app.done();
  }
  throw new Error('the round does not end');
}

async function noteWeather(app: App, page: Page, dawn: string, high: string, rain: string): Promise<void> {
  await app.lead('/weather');
  await page.getByRole('textbox', { name: /^At dawn/ }).fill(dawn);
  await page.getByRole('textbox', { name: /^Highest/ }).fill(high);
  await app.tap(rain);
  await app.tap('Save');
  await seen(page.getByText(new RegExp(`${high} °C`)).first());
}

test.use({ now: '2026-03-02T12:00:00Z' });

test('a week: rain, heat, a helper, a shortage, corn, a tomato cross, gourds at dusk', async ({
  app,
  page,
}) => {
  let clock = Date.parse('2026-03-02T12:00:00Z');
  const after = async (hours: number): Promise<void> => {
    clock += hours * 3_600_000;
    await page.clock.setSystemTime(new Date(clock));
    await page.goto('/');
  };
  const next = async (time: 'morning' | 'evening'): Promise<void> => {
    await app.lead('/');
    const shown = page.getByRole('region', { name: 'Demo garden' });
    const before = await shown.innerText();
    await app.tap(`Set the demo’s clock to the ${time}`);
    await expect.poll(() => shown.innerText()).not.toBe(before);
  };
  await app.openDemo();

  // A cross is planned: from tomorrow on its pollen is brought.
  await app.openVariety('Harbour Bead');
  await app.tap('Plan a cross');
  await app.tap('Redstart Fist');
  await app.tap('G2·3');
  await app.tap('G3·2');
  await app.tap('Save');
  await seen(page.getByRole('heading', { name: 'Harbour Bead' }));

  // Saturday evening: beds at a glance, the plants with something to see gone to.
  await app.lead('/walk');
  await walkByBed(app, page, {
    'A2·2': [FEMALE],
    'A2·3': [MALE, MALE],
    'B1·3': [FEMALE],
    'B2·3': [MALE],
    'C1·2': [FEMALE, FEMALE],
  });

  // Sunday: rain all night, and a helper with a printed list.
  await next('morning');
  await noteWeather(app, page, '11', '18', 'Long rain');
  await seen(page.getByText('Wet leaves').first());
  await app.lead('/round');
  await seen(page.getByText(/The round takes/));
  await app.tap('One person more');
  await app.tap('Start 2 rounds');
  const corn = await goRound(app, page);
  expect(corn).toContain('Swap the shoot bag, quickly, for the tassel bag from');
  await seen(page.getByText('Others are still at work.', { exact: false }));
  await app.tap(/^Round 2 of 2/);
  await app.tap('The round as a list');
  await seen(page.getByText('Give it to somebody'));
  await app.tap('Print');
  await seen(page.getByRole('img', { name: /^Page 1 of \d+: Round 2 of 2, / }));
  const paper = await app.readDownload(() => app.tap('Save as PDF'));
  expect([paper.name, paper.text.slice(0, 5)]).toEqual(['round.pdf', '%PDF-']);
  await page.goBack();
  await page.getByRole('textbox', { name: 'Numbers from the paper' }).fill('1 1');
  await app.tap('Take over');
  await seen(page.getByText('1 is there twice.'));
  await page.getByRole('textbox', { name: 'Numbers from the paper' }).fill('1');
  await app.tap('Take over');
  await seen(page.getByText('Done, not entered yet'));
  await app.tap('The rest was done');
  await app.tap(/^Enter (\d+) of \1$/);
  await app.tap('Back to the round');
  await seen(page.getByRole('heading', { name: 'Round done' }));

  // Sunday evening: buds of the cross, gourds of tonight, and a squash without any male.
  await next('evening');
  await app.lead('/walk');
  await walkByBed(app, page, {
    'A2·1': [FEMALE, FEMALE],
    'C1·2': [FEMALE],
    'C2·1': [MALE, MALE],
    'G2·3': [FEMALE, 'One control more'],
    'G3·2': [MALE, MALE],
    'J1·1': [FEMALE],
    'J1·2': [MALE],
  });
  await app.lead('/');
  await seen(page.getByText(/males? short/).first());

  // Dusk.
  await after(3);
  await page.goto('/round?outing=dusk');
  await app.tap('Start the round');
  const dusk = await goRound(app, page);
  expect(dusk).toContain('Tinker Flask');

  // Monday: heat.
  await next('morning');
  await noteWeather(app, page, '21', '36', 'Dry');
  await seen(page.getByText('Water and a hat').first());
  await app.lead('/weather');
  await seen(page.getByText(/shuts them about 1 h sooner/).first());
  await app.lead('/round');
  await seen(page.getByText('No pollen that fits is left for this flower.').first());
  await app.tap('Start the round');
  const monday = await goRound(app, page);
  expect(monday).toContain('Touch the stigma with pollen from');

  // Tuesday: the cross a second time.
  await next('morning');
  await app.lead('/round');
  await app.tap('Start the round');
  const tuesday = await goRound(app, page);
  expect(tuesday).toContain('2. pollination: Touch the stigma with pollen from');

  // Saturday: what came of it, and why it is believed.
  for (let day = 0; day < 5; day += 1) await app.tap('Move the demo’s clock: +1 day');
  for (const [fruit, reasons] of [
    [
      // Not the control beside it.
      /^(?!.*control).*G2·3 Harbour Bead/,
      [
        'Harbour Bead × Redstart Fist',
        'A true cross, so far',
        'Again 21 Jul',
        'Its own anthers were out before it opened; it got covered flowers of 1 plant.',
      ],
    ],
    [/J1·1 Tinker Flask/, ['True to type, so far', 'Covered males of 1 plant.']],
    [/F4·6 Mill Sparrow/, ['True to type, so far', 'Covered males of 1 plant.']],
    [/Marsh Button, 19 Jul/, ['True to type, so far', 'Covered males of']],
  ] as const) {
    await app.lead('/fruit');
    await app.tap(fruit);
    for (const reason of reasons) await expect(page.getByRole('main')).toContainText(reason);
  }
});
