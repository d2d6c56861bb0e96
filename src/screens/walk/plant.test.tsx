import { waitFor } from '@testing-library/react';
import { openApp, recorded, reopenApp, screen, see, tap } from '@testing/app';

jest.setTimeout(60_000);

test('half-entered counts outlive the page, and the cover can be changed', async () => {
  await openApp('/walk');
  await tap('One female more');
  await tap('Cover: Tape');
  await tap('Bag');
  await see('Cover: Bag');
  expect(screen.getByRole('button', { name: 'Cover 1, next' })).toBeTruthy();

  await reopenApp('/walk', { wide: true });
  await see('Cover: Bag');
});

test('on a wide screen the list is next to the plant, and any plant can be opened', async () => {
  await openApp('/walk', { wide: true });
  await see(/plants? left/);
  expect(screen.queryByRole('button', { name: 'List of plants' })).toBeNull();
  await tap(/^Bed A, row 1, plant 1/);
  await see(/Ember Loaf/);
  expect(screen.getAllByRole('link', { current: true }).length).toBeGreaterThan(0);
});

test('a plant that may be diseased stays under the finger, is last after that, and can be put right', async () => {
  await openApp('/walk');
  const here = (await see(/^Bed \w+, row \d+, plant$/))[0]!.closest('[role=heading]')!.textContent;
  await tap(/^This plant, .*: health/);
  await tap('May be diseased');
  await tap('Close');
  await see(/May be diseased: come here last/);
  // Still the same plant, though it is now the last of the walk.
  expect((await see(/^Bed \w+, row \d+, plant$/))[0]!.closest('[role=heading]')!.textContent).toBe(here);
  expect((await recorded(1))[0]).toMatchObject({
    kind: 'plant.noted',
    body: { health: 'suspect', trueness: 'typical' },
  });
  await tap(/(^|, )next$/i);
  expect((await see(/^Bed \w+, row \d+, plant$/))[0]!.closest('[role=heading]')!.textContent).not.toBe(here);
  await tap('Undo');
  await tap('Undo');
  await waitFor(() => expect(screen.queryByText(/May be diseased: come here last/)).toBeNull());
});

test('fruit that set by itself is stripped, and an off-type is pulled out; both can be undone', async () => {
  await openApp('/walk');
  const left = Number(/\d+/.exec((await see(/plants left/))[0]!.textContent!)![0]);
  await tap(/^This plant, .*: health/);
  await tap('One fruit more');
  await tap('One fruit more');
  await tap('2 fruits off');
  const [stripped] = await recorded(1);
  expect(stripped).toMatchObject({ kind: 'stripped', body: { count: 2, kept: [] } });
  // What was stripped was not looked at for tomorrow.
  await see(`${left} plants left`);
  await tap(/^This plant, .*: health/);
  await tap('Off-type, pulled out');
  await see(`${left - 1} plants left`);
  await tap('Undo');
  await see(`${left} plants left`);
});

test('females that were covered without males enough are told of', async () => {
  await openApp('/walk');
  for (let i = 0; i < 6; i += 1) await tap('One female more');
  await tap('Cover 6, next');
  await openApp('/');
  await see(/males? short$/);
});
