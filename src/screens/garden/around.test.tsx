import { DEMO, openApp, recorded, reopenApp, screen, see, tap, type } from '@testing/app';

jest.setTimeout(90_000);

const bodyNamed = <T extends object>(name: string): T =>
  DEMO.findLast((entry) => (entry.body as { name?: string }).name === name)!.body as T;

test('a hedge is set, with both its ends, and deleted again', async () => {
  await openApp('/garden/barrier');
  type('To: to the right', 'far');
  await tap('Save');
  await see('Choose one.');
  await tap('Hedge');
  type('From: to the right', '-4');
  type('and straight ahead', '9.5');
  type('To: to the right', '12');
  type('and ahead', '9.5');
  await tap('Save');
  const [set] = await recorded(1);
  expect(set).toMatchObject({
    kind: 'barrier.set',
    body: { sort: 'hedge', from: { x: -4, y: 9.5 }, to: { x: 12, y: 9.5 } },
  });
  const { barrier } = set!.body as { barrier: string };
  await reopenApp(`/garden/barrier?id=${barrier}`);
  await screen.findByRole('heading', { name: 'Hedge' });
  await tap('Delete');
  expect((await recorded(2))[1]).toMatchObject({
    kind: 'plan.removed',
    body: { what: 'barrier', id: barrier },
  });
});

test('the land around takes all four temperatures or none, and open land needs more distance', async () => {
  await openApp('/garden/surroundings');
  await see(/^Used to estimate when things flower. Give all four, or none/);
  type('Coldest month, nights °C', '1');
  type('and days °C', '');
  await tap('Save');
  await see('Fill this in too, or none of them.');
  type('and days °C', '7');
  type('Warmest month, nights °C', '12');
  type('and its days °C', '22');
  await tap(/^Open: plain or ridge/);
  await tap('Save');
  const entries = await recorded(1);
  expect(entries[0]).toMatchObject({
    kind: 'surroundings.described',
    body: { ground: 'open', climate: { coldMin: 1, coldMax: 7, warmMin: 12, warmMax: 22 } },
  });

  const { variety } = bodyNamed<{ variety: string }>('Marsh Button');
  await reopenApp(`/garden/variety?id=${variety}`);
  const [sentence] = await see(/crosses freely: keep [\d,]+ m away/);
  // 600 m on mixed ground.
  const needed = Number(/keep ([\d,]+) m away/.exec(sentence!.textContent!)![1]!.replace(',', ''));
  expect(needed).toBeGreaterThan(600);
});

test('what grows nearby is edited', async () => {
  const { source } = bodyNamed<{ source: string }>('Feed corn of the farm');
  await openApp(`/garden/outside?id=${source}`);
  type('From the gate, m', '900');
  await tap('Save');
  // Fruit is judged by it: since when is it so?
  await tap(/^From today/);
  await tap('Save');
  expect((await recorded(1))[0]).toMatchObject({
    kind: 'outside.described',
    body: { source, distance: 900, crop: 'corn', since: '2026-07-18' },
  });
});

test('what no longer grows nearby is deleted', async () => {
  const { source } = bodyNamed<{ source: string }>('Feed corn of the farm');
  await openApp(`/garden/outside?id=${source}`);
  await tap('Delete: it no longer grows there');
  expect((await recorded(1))[0]).toMatchObject({
    kind: 'plan.removed',
    body: { what: 'outside', id: source },
  });
});

test('a cross names both parents, is listed with its mother and changed again', async () => {
  const mother = bodyNamed<{ variety: string; crop: string }>('Marsh Button');
  await openApp(`/garden/cross?mother=${mother.variety}`);
  await tap('Save');
  await see('Choose one.');
  // Only what can cross with it is offered.
  expect(screen.queryByRole('radio', { name: 'Feed corn of the farm' })).toBeNull();
  const fathers = screen.getAllByRole('radiogroup')[0]!;
  const father = fathers.querySelector('[role=radio]')!.getAttribute('aria-label')!;
  await tap(father);
  const plants = (await screen.findByRole('group', { name: 'Father plants' })).querySelectorAll('button');
  for (const plant of [plants[1]!, plants[2]!]) await tap(plant.getAttribute('aria-label')!);
  type('For flowers that open from', '2026-07-20');
  await tap('Save');
  const [set] = await recorded(1);
  expect(set).toMatchObject({
    kind: 'mating.set',
    body: { mother: mother.variety, from: '2026-07-20', ownPollen: 'never', purpose: 'seedForFun' },
  });
  const body = set!.body as { mating: string; fathers: string[]; plants?: string[] };
  expect(body.fathers).toHaveLength(2);
  expect(body.plants).toBeUndefined();
  await see(`Pollen of ${father}`);
  await reopenApp(`/garden/cross?id=${body.mating}`);
  // Changed in one thing, it keeps the others.
  type('For flowers that open from', '2026-07-21');
  await tap('Save');
  expect((await recorded(2))[1]!.body).toMatchObject({ from: '2026-07-21', fathers: body.fathers });
  await reopenApp(`/garden/cross?id=${body.mating}`);
  await tap('Any plant of it');
  await tap('Save');
  expect((await recorded(3))[2]!.body).not.toHaveProperty('fathers');
});
