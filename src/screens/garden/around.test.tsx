import { DEMO, openApp, recorded, screen, see, tap, type } from '@/test/app';

jest.setTimeout(90_000);

const bodyNamed = <T extends object>(name: string): T =>
  DEMO.findLast((entry) => (entry.body as { name?: string }).name === name)!.body as T;

let hedge = '';

test('a hedge is set, with both its ends', async () => {
  await openApp('/garden/barrier');
  type('To: to the right', 'far');
  await tap('Keep');
  await see('Choose one.');
  await tap('Hedge');
  type('From: to the right', '-4');
  type('and straight on', '9.5');
  type('To: to the right', '12');
  type('and onwards', '9.5');
  await tap('Keep');
  const [set] = await recorded(1);
  expect(set).toMatchObject({
    kind: 'barrier.set',
    body: { sort: 'hedge', from: { x: -4, y: 9.5 }, to: { x: 12, y: 9.5 } },
  });
  hedge = (set!.body as { barrier: string }).barrier;
});

test('and taken off again', async () => {
  await openApp(`/garden/barrier?id=${hedge}`);
  await screen.findByRole('heading', { name: 'Hedge' });
  await tap('Take it off the plan');
  expect((await recorded(2))[1]).toMatchObject({
    kind: 'plan.removed',
    body: { what: 'barrier', id: hedge },
  });
});

test('the land around takes all four temperatures or none', async () => {
  await openApp('/garden/surroundings');
  await see(/^For when things flower. Give all four, or none/);
  type('Coldest month, nights °C', '1');
  type('and days °C', '');
  await tap('Keep');
  await see('Fill this in too, or none of them.');
  type('and days °C', '7');
  type('Warmest month, nights °C', '12');
  type('and its days °C', '22');
  await tap(/^Open: plain or ridge/);
  await tap('Keep');
  const entries = await recorded(3);
  expect(entries[2]).toMatchObject({
    kind: 'surroundings.described',
    body: { ground: 'open', climate: { coldMin: 1, coldMax: 7, warmMin: 12, warmMax: 22 } },
  });
});

test('open ground asks more distance of a squash than it did', async () => {
  const { variety } = bodyNamed<{ variety: string }>('Marsh Button');
  await openApp(`/garden/variety?id=${variety}`);
  const [sentence] = await see(/crosses freely: [\d,]+ m are asked/);
  // 600 m on ground of some of both.
  const asked = Number(/([\d,]+) m are asked/.exec(sentence!.textContent!)![1]!.replace(',', ''));
  expect(asked).toBeGreaterThan(600);
});

test('what grows beyond is changed', async () => {
  const { source } = bodyNamed<{ source: string }>('Feed corn of the farm');
  await openApp(`/garden/outside?id=${source}`);
  type('From the gate, m', '900');
  await tap('Keep');
  expect((await recorded(4))[3]).toMatchObject({
    kind: 'outside.described',
    body: { source, distance: 900, crop: 'corn' },
  });
});

test('and gone when it grows there no more', async () => {
  const { source } = bodyNamed<{ source: string }>('Feed corn of the farm');
  await openApp(`/garden/outside?id=${source}`);
  await tap('It grows there no more');
  expect((await recorded(5))[4]).toMatchObject({
    kind: 'plan.removed',
    body: { what: 'outside', id: source },
  });
});
