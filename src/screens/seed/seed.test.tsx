import { waitFor } from '@testing-library/react';
import { entryOf } from '@testing/entries';
import { chosen, DEMO, downloads, openApp, recorded, reopenApp, screen, see, tap, type } from '@testing/app';

jest.setTimeout(90_000);

/** A fruit of the demo's seed crop is picked for seed, and its seed taken out. */
async function harvestOne(): Promise<void> {
  await openApp('/fruit', { wide: true });
  await tap('Show: all');
  await tap('Growing or picked');
  await tap(/(Slate Lantern|Dusk Fiddle).*growing on day \d+/);
  await tap('Harvest');
  await tap(/^For seed, the tag is on it/);
  await tap('Yes, both');
  await recorded(1);
  await tap(/^Take the seed out/);
  await see(/^Picked .* Its seed ripens on until /);
}

test('from a picked fruit to a counted lot: a tap a step, and each is undone', async () => {
  await harvestOne();
  await tap(/^[A-Z0-9]{2}-[A-Z0-9]{2} · /);
  await tap('Taste: not noted');
  await tap('Good');
  await tap('Seed taken out of 1 fruit');
  const [, opened, extracted] = await recorded(3);
  expect(opened).toMatchObject({ kind: 'fruit.opened', body: { taste: 'good' } });
  expect(extracted).toMatchObject({ kind: 'seed.extracted', body: { how: 'wet', of: [{}] } });
  await see('Wash the flesh off, then spread it thin to dry.');
  await tap('Rinsed');
  await see(/^From .* Spread thin, in moving air/);
  await tap('Undo');
  await see('Wash the flesh off, then spread it thin to dry.');
  await tap('Rinsed');
  await tap('It is dry');
  await see('Then pack and name it.');
  await tap('Count or weigh');
  await tap('Save');
  await see('Fill in one of them.');
  type('Seeds', '120');
  type('Weight, g', '24');
  await tap('Save');
  await see('120 seeds, 24 g.');
  expect((await recorded(8)).at(-1)).toMatchObject({ kind: 'lot.measured', body: { seeds: 120, grams: 24 } });
});

test('a bitter squash gives no seed', async () => {
  await harvestOne();
  await tap(/^[A-Z0-9]{2}-[A-Z0-9]{2} · /);
  await tap('Taste: not noted');
  await tap('Bitter');
  await see('Seed: none, it was bitter');
  await tap('1 fruit gives none');
  expect((await recorded(2))[1]).toMatchObject({
    kind: 'fruit.opened',
    body: { taste: 'bitter', none: 'bitter' },
  });
  await see('In the drawer');
  expect(screen.queryByText(/^Take the seed out/)).toBeNull();
});

/** The demo's tested lot. */
async function openLot(name = 'Marsh Button 2025'): Promise<void> {
  await openApp('/seed');
  await waitFor(() => expect(screen.queryAllByText(name)).not.toHaveLength(0));
  await tap(new RegExp(`^${name}Marsh Button, of 2025`));
  await see('True to type');
}

test('a lot says what it is, whose, how much, and how many to sow', async () => {
  await openLot();
  await see('68 seeds, 8.5 g.');
  await see('Mother: B1·1.');
  await see('Father: B1·2.');
  await see('90 % germinated: 18 of 20 seeds');
  type('Plants wanted', '60');
  await see(/There are only 68\.$/);
  type('Plants wanted', 'some');
  await see('A whole number from 1 to 2,000.');
});

test('no more is taken than there is; what is split off is a lot of its own', async () => {
  await openLot();
  await tap('Take some');
  await tap('Given away');
  type('Seeds', '69');
  await tap('Save');
  await see('There are not so many. Count again first, if there are.');
  type('Seeds', '8');
  type('To whom, or where', 'Neighbour');
  await tap('Save');
  await see('60 seeds, 7.5 g.');
  await tap('Split off');
  type('Seeds', '20');
  await tap('Save');
  expect((await recorded(2))[1]).toMatchObject({ kind: 'lot.filled', body: { from: [{ seeds: 20 }] } });
  await see('Marsh Button 2025, b');
  await see('20 seeds.');
});

test('plants are compared as mothers, and the same is taken of each mother’s seed', async () => {
  await openLot();
  await tap('Split off');
  type('Seeds', '20');
  await tap('Save');
  await see('20 seeds.');
  await reopenApp('/seed/mothers');
  await see('Enough?');
  await see(/: (suits|look first)$/);
  await tap(/^Of: /);
  await tap('Marsh Button');
  type('Seeds wanted in all', '0.5');
  await see(/^A whole number from 1 to /);
  type('Seeds wanted in all', '30');
  await see(/ seeds of each of \d mothers\.$/);
  await tap('Put them together');
  const [, poured] = await recorded(2);
  expect(poured).toMatchObject({ kind: 'lot.filled' });
  await see('30 seeds.');
});

test('a germination test is counted, and never more than were laid out', async () => {
  await openLot();
  await tap('Begin a test');
  await tap('Begin today');
  await see('0 of 20 seeds so far');
  await tap('Count what germinated');
  type('In all, of 20', '21');
  await tap('Save, and end the test');
  await see('At most 20: so many were laid out.');
  type('In all, of 20', '15');
  await tap('Save, and end the test');
  await see('75 % germinated: 15 of 20 seeds');
});

test('seed is sown from its lot, and its plants know it', async () => {
  await openLot();
  await tap('Put it on the plan');
  await tap('B');
  type('Seeds sown', '12');
  await tap('Add plants');
  const facts = await recorded(3);
  const [sown, used, set] = facts;
  expect(sown).toMatchObject({ kind: 'planting.set', body: { seedSource: 'ownGuarded' } });
  expect(used).toMatchObject({ kind: 'lot.used', body: { how: 'sown', seeds: 12 } });
  expect(set).toMatchObject({
    kind: 'plants.set',
    body: { planting: (sown as { body: { planting: string } }).body.planting },
  });
});

test('seed from elsewhere is added by its packet', async () => {
  await openApp('/seed/add');
  await tap('Save');
  await see('Fill this in.');
  type('Name, as on the packet', 'Swap box');
  await tap('Marsh Button');
  await tap('Swapped or given');
  type('Harvested in which year?', '2023');
  await tap('Save');
  await see('Of the harvest of 2023.');
  await see('Not proven');
  expect((await recorded(1))[0]).toMatchObject({
    kind: 'lot.received',
    body: { name: 'Swap box', source: 'swapped', year: 2023 },
  });
});

test('what a cross should show: how many to grow, and whether counts fit', async () => {
  await openApp('/seed/segregation');
  await see('Expected: 3 : 1');
  await see(/^Grow 11 plants: /);
  await see('Third: the F2');
  await see(/^11 plants, .* of bed\. Choose one of the kind/);
  type('Like the F1', '5');
  type('Like the other parent', '4.5');
  await see('A whole number up to 5,000.');
  type('Like the F1', '20');
  type('Like the other parent', '30');
  await see(/^It does not fit 3 : 1/);
  await tap('Backcross');
  await see('Expected: 1 : 1');
  type('Like the F1', '20');
  type('Like the other parent', '30');
  await see(/^It fits 1 : 1/);
  await tap(/^Trait: /);
  await tap('One gene, the F1 is in between');
  expect(screen.queryByText('Like one parent: 0 %')).toBeNull();
});

test('fruit for seed that frost would catch unripe is to be picked before it', async () => {
  const last = DEMO.at(-1)!;
  const frost = entryOf(
    { kind: 'surroundings.described', body: { ground: 'mixed', earlyFrost: '2020-08-01' } },
    { ...last, id: 'frost', lamport: last.lamport + 1, action: 'frost' },
  );
  await openApp('/fruit', { entries: [...DEMO, { ...frost, garden: last.garden }] });
  await see('Pick before frost');
  await see(/^Frost may come from .*1 August/);
  await see(/Ripe from .* Keep it whole indoors for 21 days or more: its seed ripens on\.$/);
});

const RECORD = {
  ...{ format: 'steady-trowel-lot', version: 1 },
  variety: { name: 'Ember Crown', crop: 'pepo', traits: {} },
  told: [
    {
      ...{ lot: 'far', name: 'Ember Crown 2025', garden: 'Hill', species: 'Cucurbita pepo' },
      ...{ since: '2025-10-20', told: '2026-01-05', descent: 'line', ancestry: 'Ember Crown', grade: 'true' },
      ...{ mothers: 6, fathers: 6, size: 11.5, germinated: { day: '2025-12-01', seeds: 50, up: 46 } },
    },
  ],
};

test('seed that comes with a record: it is read, saved with the seed, and told on', async () => {
  await openApp('/seed/add', { wide: true });
  chosen.text = 'rubbish';
  await tap('Read its record');
  await see('This is not the record of a lot. Nothing was changed.');
  chosen.text = JSON.stringify(RECORD);
  await tap('Read its record');
  await see('Ember Crown, new here');
  type('Seeds', '40');
  await tap('Save');
  const [variety, lot, measured] = await recorded(3);
  expect(variety).toMatchObject({ kind: 'variety.described', body: { name: 'Ember Crown', crop: 'pepo' } });
  expect(lot).toMatchObject({
    kind: 'lot.received',
    body: { name: 'Ember Crown 2025', source: 'swapped', year: 2025, told: RECORD.told },
  });
  expect(measured).toMatchObject({ body: { seeds: 40 } });
  await see('Told where it came from');
  await see(
    /6 mothers and 6 fathers, which count as 11\.5 plants that gave alike\. 46 of 50 seeds germinated/,
  );
  await tap('Save its record');
  await waitFor(() => expect(downloads).toHaveLength(1));
  const file = JSON.parse(downloads[0]!) as typeof RECORD;
  expect(file.told.map(({ name }) => name)).toEqual(['Ember Crown 2025', 'Ember Crown 2025']);
  expect(file.told[0]).toMatchObject({ grade: 'unproven' });
});
