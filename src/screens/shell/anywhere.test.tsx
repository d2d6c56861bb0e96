import { fireEvent } from '@testing-library/react';
import { openApp, see, tap } from '@testing/app';

jest.setTimeout(90_000);

test('a question mark shows the keyboard shortcuts', async () => {
  await openApp('/', { wide: true });
  await see('Weather');
  fireEvent.keyDown(window, { key: '?' });
  await see('Keyboard shortcuts');
  await tap('Close');
});

test('an unknown address offers the way back', async () => {
  await openApp('/nowhere/at-all');
  await see('Page not found');
  await tap('To Today');
  await see('Weather');
});
