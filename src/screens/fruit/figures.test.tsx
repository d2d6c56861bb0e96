import { openApp, recorded, see, tap } from '@testing/app';

jest.setTimeout(90_000);

test('a failing fruit: the sign that tells most is asked, the causes follow, and what was seen is recorded', async () => {
  await openApp('/fruit');
  await tap('Yellow, shrivelling');
  await see('Likely cause');
  const chance = async (cause: string): Promise<number> => {
    const [option] = await see(cause);
    return Number(/(\d+) %/.exec(option!.parentElement!.textContent!)![1]);
  };
  const before = await chance('Blossom-end rot');
  await see('Is there a dark, sunken, leathery patch at the flower end?');
  await tap('Yes');
  await see(/^Yes: dark, sunken patch at the flower end\./);
  expect(await chance('Blossom-end rot')).toBeGreaterThan(before);
  await tap('Reset');
  expect(await chance('Blossom-end rot')).toBe(before);
  await tap('No');
  await tap('Too little pollen');
  const [look] = await recorded(1);
  expect(look).toMatchObject({
    kind: 'looked',
    body: { seen: 'yellowing', cause: 'partlyPollinated', without: ['darkPatch'] },
  });
});

test('what the season tells: when they drop, what goes with set, groups, and one variety of all', async () => {
  await openApp('/fruit/rates');
  await see(/^\d+ flowers of \d+ dropped, on \d+ plants\./);
  await see(/^From \d+ flowers on \d+ plants\. It says what goes together/);
  // Plants first; then by another thing.
  await see(/^[A-Z]\d·\d+$/);
  await tap('Males');
  await see('2 males');
  await tap('Of: all varieties');
  await tap('Slate Lantern');
  await see('Of: Slate Lantern');
  await see(/^Pollinate \d+ flowers for /);
  await see(/ flowers? on \d+ plants? so far have had their second look\.|^From \d+ flowers/);
});
