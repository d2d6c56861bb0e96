import { waitFor } from '@testing-library/react';
import { DEMO, openApp, recorded, reopenApp, screen, see, tap, type } from '@testing/app';

jest.setTimeout(90_000);

test('a bed is added next to the others, at a length typed with a decimal comma', async () => {
  await openApp('/garden/bed');
  expect(screen.getByRole('textbox', { name: /^Short name/ })).toHaveProperty('value', 'I');
  type('Length, m', '0');
  await tap('Add bed');
  await see('At least 0.01.');
  type('Length, m', '7,3');
  await tap('Add bed');
  const [laid] = await recorded(1);
  expect(laid).toMatchObject({ kind: 'bed.laid', body: { name: 'I', length: 7.3, width: 1.2, rows: 1 } });
});

test('a common name leads to its species, and a variety needs one', async () => {
  await openApp('/garden/describe');
  type('Name', 'Pale Heron');
  await tap('Save');
  await see('Choose one.');
  type('What is it called?', 'buternut');
  await tap(/^butternut/);
  await see('Moschata squash: Cucurbita moschata');
  await see('In this garden it crosses with Dusk Fiddle.');
  await tap('Save');
  expect((await recorded(1))[0]).toMatchObject({
    kind: 'variety.described',
    body: { name: 'Pale Heron', crop: 'moschata', purpose: 'seedToKeep', ownPollen: 'lastResort' },
  });
});

test('a pumpkin is identified by stalk, seed and leaf, and a name that contradicts it is pointed out', async () => {
  await openApp('/garden/describe');
  type('Name', 'Ivory Butternut');
  type('What is it called?', 'pumpkins');
  await tap(/^pumpkin/);
  await see(/Stalk: round, soft and corky/);
  await tap(/Maxima squash, Cucurbita maxima/);
  await see(/Its name says butternut, and that is Cucurbita moschata/);
  await tap('Change the crop');
  type('What is it called?', 'butternut');
  await tap(/^butternut/);
  await waitFor(() => expect(screen.queryByText(/Its name says/)).toBeNull());
});

test('plants are added to a row and never renumbered', async () => {
  await openApp('/garden/plants');
  await tap('Slate Lantern');
  await tap('A');
  type('Row', '1');
  type('How many', '2');
  await tap('Add plants');
  const set = (await recorded(1))[0]!;
  expect(set).toMatchObject({ kind: 'plants.set', body: { row: 1, plants: [{ place: 4 }, { place: 5 }] } });
  await see(/2 Slate Lantern/);
});

test('a stand that nobody numbers is one entry, and all of its plants count', async () => {
  await openApp('/garden/plants');
  await tap('Slate Lantern');
  await tap('A');
  type('Row', '1');
  type('How many', '24');
  await tap(/^All together/);
  await tap('Add plants');
  const set = (await recorded(1))[0]!;
  expect(set).toMatchObject({ kind: 'plants.set', body: { plants: [{ place: 4, count: 24 }] } });
  await see(/24 Slate Lantern/);
});

test('lengths typed in feet are stored in metres', async () => {
  await openApp('/more/settings');
  await tap('Feet, °F');
  await see(/Its tags begin with [A-Z]/);
  expect(screen.getByRole('radio', { name: 'Feet, °F' }).getAttribute('aria-checked')).toBe('true');
  await reopenApp('/garden/bed');
  type('Length, ft', '10');
  type('Width, ft', '4');
  await tap('Add bed');
  expect((await recorded(1))[0]).toMatchObject({ body: { length: 3.05, width: 1.22, turn: 0 } });
});

test('a variety’s page says the verdict first, then what to do, and why', async () => {
  const marsh = DEMO.find((entry) => (entry.body as { name?: string }).name === 'Marsh Button')!;
  const { variety } = marsh.body as { variety: string };
  await openApp(`/garden/variety?id=${variety}`);
  await see(/^Ember Loaf is [\d.]+ m away, 1 other nearby, and crosses freely/);
  await see(/^Ask what grows there/);
  await see(/Both are Cucurbita pepo: within a species all varieties cross/);
  await see(/of its seed|Of its seed/);
  await see(/it takes 5 to 10, so there are enough/);
});

test('a parthenocarpic cucumber is kept from pollen, though it is only eaten', async () => {
  const quill = DEMO.find((entry) => (entry.body as { name?: string }).name === 'Green Quill')!;
  const { variety } = quill.body as { variety: string };
  await openApp(`/garden/variety?id=${variety}`);
  await see('Sets fruit without pollen, and pollen spoils it: keep bees and brushes away.');
  expect(screen.queryByText(/whatever pollen comes/)).toBeNull();
});

const varietyNamed = (name: string): string => {
  const described = DEMO.find((entry) => (entry.body as { name?: string }).name === name)!;
  return (described.body as { variety: string }).variety;
};

test('corn next to a field in flower is endangered', async () => {
  await openApp(`/garden/variety?id=${varietyNamed('Mill Sparrow')}`);
  await see(/^Feed corn of the farm is .* away, and crosses freely/);
});

test('the first flower that was seen takes the place of the forecast', async () => {
  await openApp(`/garden/variety?id=${varietyNamed('Harbour Bead')}`);
  await tap('Its first flower opened');
  expect(await recorded(1)).toMatchObject([{ kind: 'flowering.seen', body: { day: '2026-07-18' } }]);
});

test('compatibility is a table and a list, and what grows nearby can be added', async () => {
  await openApp('/garden/crossing');
  await see(/varieties of \d+ will cross unless something is done/);
  await see('Ember Loaf, Marsh Button');
  await see(
    /Cucurbita moschata and Cucurbita maxima cross only rarely|Cucurbita maxima and Cucurbita moschata cross only rarely/,
  );
  await see('Marsh Button, Slate Lantern');
  await see(/They only look risky. Cucurbita pepo and Cucurbita maxima do not cross/);
  await tap('Add what grows nearby');
  type('Name, so that you recognise it', 'Melons over the wall');
  type('What is it called?', 'cantaloupe');
  await tap(/^cantaloupe/);
  await tap('Save');
  await see('Fill this in.');
});

test('the calendar tells when to sow', async () => {
  await openApp('/garden/calendar');
  await see(/Seen in flower on/);
  await tap('Mill Sparrow');
  await tap('Feed corn of the farm');
  await tap('Before it');
  await see(/^Sow Mill Sparrow on|^No sowing this season works/);
});

test('a cage is set up row by row, opened for a day, and taken away', async () => {
  await openApp('/garden/cages');
  await tap('Add a cage');
  type('Name of the cage', 'North cage');
  await tap(/^Bed A, row 1: /);
  await tap('Save');
  await see('North cage');
  await see(/^3 plants: Ember Loaf\. Shut today\.$/);
  const [set] = await recorded(1);
  expect(set).toMatchObject({ kind: 'cage.set', body: { name: 'North cage' } });
  await tap('Open to insects today: cage North cage');
  await see(/Open to insects today, open on 1 day so far\.$/);
  await tap(/^North cage/);
  await tap('Take the cage away');
  await see('Add a cage');
  expect(screen.queryByText('North cage')).toBeNull();
});

describe('a variety that is described again', () => {
  const variety = (
    DEMO.find((entry) => (entry.body as { name?: string }).name === 'Marsh Button')!.body as {
      variety: string;
    }
  ).variety;
  const opened = async (): Promise<void> => {
    await openApp(`/garden/describe?id=${variety}`);
    await see('Where the seed came from');
  };

  test('a note more is saved as it is', async () => {
    await opened();
    type('Notes', 'long in storage');
    await tap('Save');
    expect(await recorded(1)).toMatchObject([
      { kind: 'variety.described', body: { variety, note: 'long in storage' } },
    ]);
  });

  test('another source of its seed is asked since when: from today, or a mistake put right', async () => {
    await opened();
    await tap('Swapped or given');
    await tap('Save');
    await see('Since when is it so?');
    await tap('From today');
    await tap('Save');
    const [changed] = await recorded(1);
    expect(changed).toMatchObject({
      kind: 'variety.described',
      body: { variety, seedSource: 'swapped', since: '2026-07-18' },
    });
    await reopenApp(`/garden/describe?id=${variety}`);
    await tap('An F1 hybrid');
    await tap('Save');
    await tap('It always was: a mistake put right');
    await tap('Save');
    expect((await recorded(2))[1]).toMatchObject({
      kind: 'amended',
      body: { target: changed!.id, of: 'variety.described', body: { seedSource: 'f1' } },
    });
  });
});
