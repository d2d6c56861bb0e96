import { openApp, recorded, screen, see, tap, type } from '@/test/app';

jest.setTimeout(90_000);

test('a bed is laid beside the others and edited in feet without creeping', async () => {
  await openApp('/garden/bed');
  expect(screen.getByRole('textbox', { name: /^Name/ })).toHaveProperty('value', 'E');
  type('Length, m', '0');
  await tap('Lay the bed');
  await see('At least 0.01.');
  type('Length, m', '7,3');
  await tap('Lay the bed');
  const [laid] = await recorded(1);
  expect(laid).toMatchObject({ kind: 'bed.laid', body: { name: 'E', length: 7.3, width: 1.2, rows: 1 } });
});

test('a variety needs its species, and plants go after those that stand there', async () => {
  await openApp('/garden/variety');
  type('Name', 'Pale Heron');
  await tap('Keep');
  await see('Choose one.');
  await tap(/^C\. moschata/);
  await tap('Keep');
  expect((await recorded(2))[1]).toMatchObject({
    kind: 'variety.described',
    body: { name: 'Pale Heron', crop: 'moschata', purpose: 'seedToKeep', ownPollen: 'lastResort' },
  });
});

test('plants are added to a row and never numbered anew', async () => {
  await openApp('/garden/plants');
  await tap('Pale Heron');
  await tap('A');
  type('Row', '1');
  type('How many', '2');
  await tap('Plant them');
  const set = (await recorded(3))[2]!;
  expect(set).toMatchObject({ kind: 'plants.set', body: { row: 1, plants: [{ place: 4 }, { place: 5 }] } });
  await see(/2 Pale Heron/);
});

test('what is typed in feet is kept in metres', async () => {
  await openApp('/bench/settings');
  await tap('Feet, °F');
  await see(/Its tags begin with [A-Z]/);
  expect(screen.getByRole('radio', { name: 'Feet, °F' }).getAttribute('aria-checked')).toBe('true');
});

test('and shown in feet', async () => {
  await openApp('/garden/bed');
  type('Length, ft', '10');
  type('Width, ft', '4');
  await tap('Lay the bed');
  expect((await recorded(4))[3]).toMatchObject({ body: { length: 3.05, width: 1.22 } });
});
