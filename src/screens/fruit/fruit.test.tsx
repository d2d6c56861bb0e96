import { openApp, recorded, see, tap } from '@testing/app';

jest.setTimeout(90_000);

test('a look is one tap when it grows and two when it failed; undo takes it back', async () => {
  await openApp('/fruit');
  const due = Number(/\d+/.exec((await see(/looks due$/))[0]!.textContent!)![0]);
  await tap('Growing');
  await see(`${due - 1} looks due`);
  await tap('Gone');
  await tap(/^No pollen reached it/);
  await see(`${due - 2} looks due`);
  const [grows, gone] = await recorded(2);
  expect(grows).toMatchObject({ kind: 'looked', body: { seen: 'growing' } });
  expect(gone).toMatchObject({ kind: 'looked', body: { seen: 'gone', cause: 'neverPollinated' } });
  await tap('Undo');
  await see(`${due - 1} looks due`);
  expect((await recorded(3))[2]).toMatchObject({ kind: 'struck', body: { target: gone!.id } });
});
