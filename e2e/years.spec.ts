import { expect, seen, test, type App } from './app';
import { expectNoFindings } from './findings';

/** Three seasons from plan to close to the next plan: a summer in the north, one over New Year, two in a year. */
const GARDENS = [
  {
    name: 'north',
    place: '52.2, -1.7',
    seasons: [
      { flowers: '2026-07-21T06:00', quiet: '2026-11-10T10:00', name: '2026', plants: '2027-05-02T09:00' },
      { flowers: '2027-07-20T06:00', quiet: '2028-03-20T10:00', name: '2027', plants: '2028-05-02T09:00' },
      { flowers: '2028-07-20T06:00', quiet: '2028-11-01T10:00', name: '2028' },
    ],
  },
  {
    name: 'south',
    place: '-37.8, 175.3',
    seasons: [
      { flowers: '2027-01-10T18:00', quiet: '2027-05-10T01:00', name: '2027', plants: '2027-11-02T01:00' },
      { flowers: '2028-01-12T18:00', quiet: '2028-05-10T01:00', name: '2027–28', plants: '2028-11-02T01:00' },
      { flowers: '2029-01-12T18:00', quiet: '2029-05-10T01:00', name: '2028–29' },
    ],
  },
  {
    name: 'tropics',
    place: '5.3, 100.3',
    seasons: [
      { flowers: '2026-02-10T00:00', quiet: '2026-05-01T02:00', name: '2026', plants: '2026-06-02T02:00' },
      { flowers: '2026-07-20T00:00', quiet: '2026-10-10T02:00', name: '2026, 2', plants: '2026-11-02T02:00' },
      { flowers: '2026-12-20T00:00', quiet: '2027-03-10T02:00', name: '2026, 3' },
    ],
  },
] as const;

const day = (text: string): RegExp => new RegExp(text);

/** Two flowers of one plant are found open, and pollinated. */
async function pollinate(app: App): Promise<void> {
  await app.page.goto('/open');
  await seen(app.page.getByRole('img', { name: /^Plant 1 of/ }));
  await app.tap('2, females open');
  await app.tap('3, males open');
  await app.nextPlant('Pollinated 2');
}

for (const { name, place, seasons } of GARDENS)
  test(`three seasons, from plan to close to the next plan: ${name}`, async ({ app, page }) => {
    const goTo = (time: string): Promise<void> => page.clock.setSystemTime(new Date(`${time}:00Z`));
    await page.clock.install({ time: new Date(`${seasons[0].flowers}:00Z`) });
    await page.goto('/start');
    for (const [label, text] of [
      ['Name of the garden', 'Back yard'],
      ['Variety', 'Green Heron'],
      ['Plants in a row', '6'],
    ] as const)
      await page.getByRole('textbox', { name: label }).fill(text);
    await app.placeAt(place);
    await app.tap('Pepo squash');
    await app.tap('To eat');
    await app.tap('Create garden');
    await expect(page.getByText('Demo,')).toHaveCount(0);
    let closed = 0;
    for (const season of seasons) {
      await goTo(season.flowers);
      await pollinate(app);
      await goTo(season.quiet);
      await page.goto('/');
      await app.tap(/^Is the season over\?/);
      await seen(page.getByRole('heading', { name: 'Close the season' }));
      await expect(page.getByRole('textbox', { name: 'Name of the season' })).toHaveValue(season.name);
      if (closed === 0 && name === 'north') {
        await expectNoFindings(page, 'closing', { wide: false });
        await app.tap('Close the season');
        await seen(page.getByText('Choose one.'));
      }
      await app.tap('Picked and eaten');
      await app.tap('Close the season');
      await seen(page.getByRole('heading', { name: season.name, exact: true }));
      closed += 1;
      await seen(page.getByText('2 flowers pollinated. Set: 2 of 2', { exact: false }));
      // Nobody is sent to what stood then.
      await app.lead('/');
      await seen(page.getByRole('heading', { name: 'Nothing stands in the garden' }));
      await app.lead('/fruit');
      await seen(page.getByText('Nothing to look at today.'));
      if (!('plants' in season)) continue;
      await goTo(season.plants);
      await page.goto('/');
      await app.tap('Plant what grew before');
      await app.tap(day(`^Plant again what grew in ${season.name}$`));
      await app.tap('Plant 6 plants');
      await seen(page.getByText('Row 1: 6 Green Heron'));
    }
    await app.lead('/garden/seasons');
    for (const season of seasons) await seen(page.getByText(season.name, { exact: true }));
    // The first plan as it was.
    await app.tap(day(`^${seasons[0].name}`));
    await seen(page.getByRole('heading', { name: 'The plan as it was' }));
    await app.tap('Middle');
    await seen(page.getByText('6 Green Heron.'));
    // Taken back, the last one goes on.
    await app.tap('All seasons');
    await app.tap('Undo');
    await seen(page.getByText(/^6 plants stand in the garden\./));
  });
