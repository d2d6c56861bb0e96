import { openApp, recorded, see, tap } from '@testing/app';

jest.setTimeout(60_000);

test('a plant of the evening: counted, covered, tagged, and undone', async () => {
  await openApp('/walk');
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
