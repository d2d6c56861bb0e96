import { expect, test, seen } from './app';

test.use({ serviceWorker: true });

test('a station’s forecast moves the hours once it is used, and is there with its age without a network', async ({
  app,
  page,
  context,
}) => {
  await app.openDemo();
  await app.lead('/weather');
  await seen(page.getByRole('img', { name: /^Temperature and rain by the hour/ }));
  await seen(page.getByText(/^Read at /));
  await seen(page.getByText('Simulated: it stands in for a real station.'));
  await app.tap(/^Use it for /);
  await seen(page.getByText(/^The hours follow the station’s readings/));
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await seen(page.getByText(/^The hours follow the station’s readings/));
  await context.setOffline(true);
  await page.reload();
  await seen(page.getByText(/^No connection\. Read at /));
  await seen(page.getByRole('img', { name: /^Temperature and rain by the hour/ }));
  await page.goto('/');
  await seen(page.getByRole('link', { name: /^Weather Forecast: .* °C to .* °C/ }));
});

test.describe('on a summer morning', () => {
  // A hot noon would be over sooner than a cool one, and the page be about the next day.
  test.use({ now: '2026-07-20T07:00:00Z' });

  test('a logger’s file is previewed, put right and imported; a note by hand goes before it', async ({
    app,
    page,
  }) => {
    await app.beginGarden();
    await app.lead('/weather');
    await page.getByRole('link', { name: /^Readings from a logger/ }).click();
    // From yesterday to tomorrow, each day from 60 °F to 83 °F.
    const midnight = Date.parse('2026-07-20T00:00:00Z');
    const rows = Array.from({ length: 72 }, (_, i) => {
      const at = new Date(midnight + (i - 24) * 3_600_000).toISOString();
      return `${at.slice(0, 10)} ${at.slice(11, 16)};${(60 + (i % 24)).toFixed(1)};${90 - i}`;
    });
    await app.chooseFile(() => app.tap('Choose a file'), {
      name: 'hill.csv',
      text: ['When;Sensor 1;Sensor 2', ...rows, '2026-99-99 1:00;1;2'].join('\n'),
    });
    await seen(page.getByText('Which column holds date and time?'));
    const use = async (column: string, what: string): Promise<void> => {
      await page.getByRole('link', { name: new RegExp(`^${column}`) }).click();
      await app.tap(what);
    };
    await use('When', 'Date and time');
    await seen(page.getByText('Which column holds the temperature of the air?'));
    await use('Sensor 1', 'Air temperature');
    await use('Sensor 2', 'Humidity, %');
    await app.tap('2026-05-06 is 6 May');
    // What was read stands above, and grows.
    await seen(page.getByText(/^3 rows, .*: 60 °C to 60 °C/));
    await app.tap('°F');
    await seen(page.getByText(/^72 rows, .*: 16 °C to 28 °C/));
    await seen(page.getByText('Line 74, date and time: “2026-99-99 1:00”'));
    await app.tap('Import 72 hours');
    await seen(page.getByText('The hours follow the readings of your logger.'));
    await expect(page.getByRole('textbox', { name: /^Highest/ })).toHaveValue('28.3');
    await page.getByRole('textbox', { name: /^Highest/ }).fill('33');
    await app.tap('Save');
    await seen(page.getByRole('link', { name: /^Weather .* to 33 °C, dry/ }));
    await app.lead('/weather');
    await seen(page.getByText('What you noted by hand goes before the readings of that day.'));
  });
});
