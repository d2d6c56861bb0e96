import { openApp, screen, see, tap } from '@testing/app';

jest.setTimeout(60_000);

test('the next five days are told by variety, with a range for each', async () => {
  await openApp('/');
  await tap(/^The next five days/);
  await see('Ember Loaf');
  const cells = screen.getAllByRole('cell');
  expect(cells.length % 10).toBe(0);
  for (const cell of cells) expect(cell.getAttribute('aria-label')).toMatch(/^about \d+, \d+ to \d+$/);
  await see(/corrected by \d+ counts of your own/);
});
