import type { Locator } from '@playwright/test';
import { expect, test, seen } from './app';

/** Nine varieties of a new garden: two crowd each other, one pair only looks risky. */
const HEADER = 'bed,row,variety,kind,plants,purpose,seed,sown';
const ROWS = [
  'A,1,Copper Acorn,acorn squash,4,seed to keep,own,2026-05-10',
  'A,2,Long Tallow,zucchini,3,eat,bought,2026-05-10',
  'B,1,Slate Drum,hubbard,4,seed to keep,own,2026-05-10',
  'C,1,Amber Fiddle,butternut,4,rare,swapped,2026-05-12',
  'D,1,Dusk Ribbon,sweetcorn,24,eat,bought,2026-05-15',
  'E,1,Wren Bead,cherry tomato,6,seed to keep,own,2026-05-01',
  'E,2,Ox Button,beefsteak,6,eat,f1,2026-05-01',
  'F,1,Green Whistle,cucumber,5,eat,bought,2026-05-20',
  'G,1,Bramble Pole,runner bean,12,seed for fun,own,2026-05-15',
];

test('a garden of nine varieties comes from a pasted table; crossing risks are shown, with what to do', async ({
  app,
  page,
}) => {
  await page.goto('/start');
  for (const [label, text] of [
    ['Name of the garden', 'Wren Cottage'],
    ['Variety', 'Pale Heron'],
  ] as const) {
    await page.getByRole('textbox', { name: label }).fill(text);
  }
  await app.placeAt('52, -1');
  await app.tap('Moschata squash');
  await app.tap('Seed, to keep the variety');
  await app.tap('Create garden');
  await expect(page.getByText(/^Demo,/)).toHaveCount(0);
  await app.tap('Garden');
  await app.tap('Table');
  await page.getByRole('textbox', { name: 'Or paste rows here' }).fill([HEADER, ...ROWS].join('\n'));
  await app.tap('Read the rows');
  await seen(page.getByText(/^7 beds, 9 varieties, 68 plants/));
  await app.tap('Import 68 plants');
  await seen(page.getByRole('img', { name: /^Plan of \d beds with 72 plants/ }));

  await app.tap('Crossing');
  await seen(page.getByText(/varieties of 10 will cross unless something is done/));
  await page.getByRole('link', { name: /^Copper Acorn Pepo squash/ }).click();
  await seen(page.getByText(/^Long Tallow is [\d.]+ m away, and crosses freely: keep 600 m away/));
  await seen(page.getByText(/^Where some beds lie was not said/));
  await seen(page.getByText(/^Cover flowers the evening before/));
  await seen(page.getByText(/Both are Cucurbita pepo/));
  await page.reload();
  await seen(page.getByText(/^Long Tallow is [\d.]+ m away/));

  await app.lead('/garden/table');
  const saved = await app.readDownload(() => app.tap('Export the plan as CSV'));
  expect(saved.name).toMatch(/^wren-cottage-\d{4}-\d{2}-\d{2}-plan\.csv$/);
  expect(saved.text.trim().split('\r\n')).toHaveLength(1 + 1 + ROWS.length);
});

/** How near the plan is seen, pixels a metre, and where its gate is drawn. */
async function viewOf(plan: Locator): Promise<{ scale: number; x: number; y: number }> {
  const transform = await plan.locator('g[transform^="translate"]').first().getAttribute('transform');
  const [x, y, scale] = transform!.match(/-?[\d.]+(e-?\d+)?/g)!.map(Number) as [number, number, number];
  return { scale, x, y };
}

test('printed is the whole plan, whatever is in view', async ({ app, page }) => {
  await app.openDemo();
  await app.lead('/garden');
  const plan = page.getByRole('img', { name: /^Plan of/ });
  await app.tap('Show the whole plan');
  const whole = await viewOf(plan);
  await app.tap('Zoom in');
  await expect.poll(async () => (await viewOf(plan)).scale).toBeGreaterThan(whole.scale);
  const near = await viewOf(plan);
  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
  expect(await viewOf(plan)).toEqual(whole);
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  expect(await viewOf(plan)).toEqual(near);
});

test('a bed is dragged by the mouse, and undo puts it back', { tag: '@sizes' }, async ({ app, page }) => {
  await app.openDemo();
  await app.tap('Garden');
  const plan = page.getByRole('img', { name: /^Plan of/ }).first();
  await seen(plan);
  // A phone opens on the beds that are close together.
  await app.tap('Show the whole plan');
  const box = (await plan.boundingBox())!;
  const label = plan.getByText('J', { exact: true }).last();
  const at = (await label.boundingBox())!;
  // Just right of its name a bed begins.
  await page.mouse.move(at.x + at.width + 12, at.y + at.height / 2 - 4);
  await page.mouse.down();
  await page.mouse.move(at.x + 60, at.y - 30, { steps: 6 });
  await page.mouse.move(at.x + 80, at.y + 20, { steps: 6 });
  await page.mouse.up();
  await seen(page.getByText(/^Bed J moved by [\d.]+ m\.$/));
  const after = (await label.boundingBox())!;
  expect(after.x).toBeGreaterThan(at.x + 20);
  await app.tap('Undo the move');
  await expect.poll(async () => Math.round((await label.boundingBox())!.x - at.x)).toBe(0);
  // The wheel zooms in.
  const before = (await viewOf(plan)).scale;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.wheel(0, -600);
  await expect.poll(async () => (await viewOf(plan)).scale / before).toBeGreaterThan(2);
  await app.tap('Show the whole plan');
  await expect.poll(async () => Math.round((await label.boundingBox())!.x - at.x)).toBe(0);
});

test.describe('with fingers, on a large screen too', () => {
  test.use({ hasTouch: true });

  test('two fingers zoom the plan, and then one moves it', { tag: '@sizes' }, async ({ app, page }) => {
    await app.openDemo();
    await app.tap('Garden');
    const plan = page.getByRole('img', { name: /^Plan of/ }).first();
    const label = plan.getByText('F', { exact: true }).last();
    await seen(label);
    const box = (await plan.boundingBox())!;
    const start = (await label.boundingBox())!;
    const cdp = await page.context().newCDPSession(page);
    const touch = async (
      type: 'touchStart' | 'touchMove' | 'touchEnd',
      ...touchPoints: { x: number; y: number }[]
    ): Promise<void> => {
      await cdp.send('Input.dispatchTouchEvent', {
        type,
        touchPoints: touchPoints.map((point, id) => ({ ...point, id })),
      });
    };
    // Two fingers spread around the corner of a bed, next to its name: it stays between them, and all else moves away.
    const [x, y] = [start.x + start.width + 6, start.y + start.height / 2];
    const before = await viewOf(plan);
    await touch('touchStart', { x: x - 20, y }, { x: x + 20, y });
    for (let i = 1; i <= 8; i += 1) {
      await touch('touchMove', { x: x - 20 - 4 * i, y }, { x: x + 20 + 4 * i, y });
    }
    await touch('touchEnd');
    await expect.poll(async () => (await viewOf(plan)).scale / before.scale).toBeGreaterThan(1.8);
    const near = await viewOf(plan);
    // The spot between the fingers stays between them.
    const [fx, fy] = [x - box.x, y - box.y];
    expect(Math.abs((fx - near.x) / near.scale - (fx - before.x) / before.scale)).toBeLessThan(0.7);
    expect(Math.abs((fy - near.y) / near.scale - (fy - before.y) / before.scale)).toBeLessThan(0.7);

    // Nearer than all of it, one finger moves the plan and not the page.
    await touch('touchStart', { x: box.x + 60, y: box.y + 60 });
    for (let i = 1; i <= 5; i += 1)
      await touch('touchMove', { x: box.x + 60 + 6 * i, y: box.y + 60 + 4 * i });
    await touch('touchEnd');
    await expect.poll(async () => Math.round((await viewOf(plan)).x - near.x)).toBe(30);
    expect(await page.evaluate(() => window.scrollY)).toBe(0);

    await app.tap('Show the whole plan');
    await expect.poll(async () => (await viewOf(plan)).scale).toBeLessThanOrEqual(before.scale);
  });
});

test('a bed is moved by nudges and saved', async ({ app, page }) => {
  await app.openDemo();
  await app.tap('Garden');
  await page.getByText('Bed J', { exact: true }).click();
  const east = page.getByRole('textbox', { name: /^From the gate/ });
  const before = Number(await east.inputValue());
  await app.tap('East →');
  await app.tap('East →');
  await app.tap('Save');
  await page.getByText('Bed J', { exact: true }).click();
  expect(Number(await east.inputValue())).toBeCloseTo(before + 0.5);
});
