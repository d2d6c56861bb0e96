import { fireEvent } from '@testing-library/react';
import { openApp, recorded, screen, see, tap, type } from '@testing/app';

jest.setTimeout(90_000);

test('Today says what to do next, what to carry and which cautions apply', async () => {
  await openApp('/');
  await see('Evening walk');
  await see(/plants left, about \d+ min/);
  await see('For the round');
  await see('Look before you close your hand');
  await screen.findByRole('img', { name: /Sunrise \d+:\d\d, insects from \d+:\d\d/ });
  const hours = screen.getAllByRole('row').map((row) => row.textContent);
  expect(hours[0]).toBe('CropOpens fromBe done byShut by');
  expect(hours[1]).toMatch(/^Pepo squash(\d+:\d\d){3}$/);
});

test('the clock moves forward to the evening, the morning, the next day, never back', async () => {
  await openApp('/');
  await tap('Set the demo’s clock to the morning');
  await see('Morning round');
  await see(/^Demo, 19 Jul 4:/);
  await tap('Move the demo’s clock: +1 day');
  await see(/^Demo, 20 Jul 4:/);
  // Two taps before anything is drawn are two days.
  const more = screen.getByRole('button', { name: 'Move the demo’s clock: +1 day' });
  fireEvent.click(more);
  fireEvent.click(more);
  await see(/^Demo, 22 Jul 4:/);
});

test('weather by hand moves the hours and says why', async () => {
  await openApp('/weather');
  await see('Why these hours');
  type('At dawn, °C', '4');
  type('Highest, °C', '14');
  await tap('Long rain');
  await tap('Save');
  await see(/4 °C to 14 °C, long rain/);
  expect((await recorded(1))[0]).toMatchObject({
    kind: 'weather.noted',
    body: { day: '2026-07-19', dawnC: 4, maxC: 14, rain: 'long' },
  });
});

test('on a hot day Today says by when to work', async () => {
  await openApp('/weather');
  await see(/^Weather, /);
  type('At dawn, °C', '17');
  type('Highest, °C', '34');
  await tap('Dry');
  await tap('Save');
  await see(/^Heat shuts flowers early: work before \d+:\d\d on Sunday 19 July\.$/);
});
