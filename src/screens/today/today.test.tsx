import { fireEvent } from '@testing-library/react';
import { openApp, recorded, screen, see, tap, type } from '@/test/app';

jest.setTimeout(90_000);

test('Today tells what to do next, what is short, what to carry and what to beware of', async () => {
  await openApp('/');
  await see('Evening walk');
  await see(/plants left, about \d+ min/);
  await see(/males short$/);
  await see('For the round');
  await see('Look before you close your hand');
  expect(screen.getByRole('img', { name: /Sunrise \d+:\d\d/ }).getAttribute('aria-label')).toMatch(
    /C\. pepo opens from \d+:\d\d, be done by \d+:\d\d/,
  );
});

test('the clock is put forward to the evening, the morning, the next day, never back', async () => {
  await openApp('/');
  await tap('Put the demo’s clock to the morning');
  await see('Morning round');
  await see(/^Demo, 19 Jul 4:/);
  await tap('Put the demo’s clock one day forward');
  await see(/^Demo, 20 Jul 4:/);
});

test('weather by hand moves the hours and says why', async () => {
  await openApp('/weather');
  await see('Why these hours');
  type('At dawn, °C', '4');
  type('Highest, °C', '14');
  await tap('Long rain');
  await tap('Keep');
  await see(/4 °C to 14 °C, long rain/);
  expect((await recorded(1))[0]).toMatchObject({
    kind: 'weather.noted',
    body: { day: '2026-07-20', dawnC: 4, maxC: 14, rain: 'long' },
  });
});

test('a question mark shows the keys', async () => {
  await openApp('/', { wide: true });
  await see('Weather');
  fireEvent.keyDown(window, { key: '?' });
  await see('Keys');
  await tap('Close');
});

test('an address that leads nowhere leads back', async () => {
  await openApp('/nowhere/at-all');
  await see('No such page');
  await tap('To Today');
  await see('Weather');
});
