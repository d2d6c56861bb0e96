import { act } from '@testing-library/react';
import { openApp, recorded, screen, see, tap } from '@testing/app';

jest.setTimeout(90_000);

const expectation = (): string | undefined =>
  screen.queryByText(/^Expected: /)?.textContent?.replace('Expected: ', '');

test('what buds counted before let expect is entered on one tap, and what is out of it is remarked', async () => {
  await openApp('/walk');
  await see(/plants left/);
  // The worker answers a moment after the first plant is shown.
  await act(() => new Promise((resolve) => setTimeout(resolve, 2_000)));
  for (let i = 0; i < 20 && !expectation(); i += 1) await tap('None, next');
  const said = expectation()!;
  const total = Array.from(said.matchAll(/\d+/g), Number).reduce((sum, each) => sum + each, 0);
  await tap(/^As expected: /);
  expect(expectation()).toBeUndefined();
  await see(new RegExp(`^(Cover|Mark) ${total}, next$`));
  for (let i = 0; i < 8; i += 1) await tap('One male more');
  await see(/^More males than expected/);
});

test('tiny buds are counted by who wants to, and kept with the rest', async () => {
  await openApp('/walk');
  await tap('Count tiny buds too');
  await see(/^Tiny, at the growing tips/);
  const before = screen.getAllByRole('button', { name: 'One male more' });
  expect(before).toHaveLength(3);
  await tap('None, next');
  const [, scouted] = await recorded(2);
  expect(scouted).toMatchObject({ kind: 'scouted', body: { pin: { female: 0, male: 0 } } });
});
