import { openApp, recorded, reopenApp, screen, see, tap } from '@/test/app';

jest.setTimeout(60_000);

test('a plant of the evening: counted, covered, tagged, and undone', async () => {
  await openApp('/scout');
  const left = Number(/\d+/.exec((await see(/plants left/))[0]!.textContent!)![0]);
  await tap('One female more');
  await tap('One male more');
  await tap('One male more');
  const tag = (await see(/^[A-Z0-9]{2}-[A-Z0-9]{2}$/))[0]!.textContent!;
  await tap('Cover 3, next');
  await see(`${left - 1} plants left`);

  const [named, scouted, covered] = await recorded(3);
  expect(named).toMatchObject({ kind: 'device.named', body: { letter: tag[0] } });
  expect(scouted).toMatchObject({ kind: 'scouted', body: { eve: { female: 1, male: 2 } } });
  expect(covered).toMatchObject({
    kind: 'covered',
    body: { method: 'tape', blooms: [{ sex: 'female', code: tag.replace('-', '') }, {}, {}] },
  });
  expect(new Set([named, scouted, covered].map((entry) => entry!.action)).size).toBe(1);

  await tap('Undo');
  await see(`${left} plants left`);
  expect((await recorded(6)).slice(3).map(({ kind }) => kind)).toEqual(['struck', 'struck', 'struck']);
});

test('half-entered counts outlive the page, and the cover can be changed', async () => {
  await openApp('/scout');
  await tap('One female more');
  await tap('Cover: Tape');
  await tap('Bag');
  await see('Cover: Bag');
  expect(screen.getByRole('button', { name: 'Cover 1, next' })).toBeTruthy();

  await reopenApp('/scout', { wide: true });
  await see('Cover: Bag');
});

test('on a wide screen the list is next to the plant, and any plant can be opened', async () => {
  await openApp('/scout', { wide: true });
  await see(/plants? left/);
  expect(screen.queryByRole('button', { name: 'List of plants' })).toBeNull();
  await tap(/^Bed A, row 1, plant 1/);
  await see(/Ember Loaf/);
  expect(screen.getAllByRole('link', { current: true }).length).toBeGreaterThan(0);
});
