import { entriesOf, exportFrom, expect, importInto, test, seen, secondPhone, type Phone } from './app';

const EVENING = '2026-07-18T18:00:00Z';
const MORNING = '2026-07-19T05:00:00Z';

/** Through this phone's round, with the flowers it pollinated. */
async function goRound({ app, page }: Phone): Promise<void> {
  const over = page.getByRole('heading', { name: 'Round done' });
  const stop = page.getByRole('img', { name: /^Stop \d+ of/ });
  for (let stops = 0; stops < 40; stops += 1) {
    await seen(over.or(stop).first());
    if (await over.isVisible()) return;
    await app.done();
  }
  throw new Error('the round does not end');
}

const pollinatedIn = (text: string): string[] =>
  (entriesOf(text) as unknown as { kind: string; body: { bloom: string } }[])
    .filter(({ kind }) => kind === 'pollinated')
    .map(({ body }) => body.bloom);

test.use({ now: EVENING });

test('two phones, one split: each walks its round from one file, and together every flower was served once', async ({
  app,
  page,
  browser,
}) => {
  await page.goto('/start');
  for (const [label, text] of [
    ['Name of the garden', 'Wren Cottage'],
    ['Variety', 'Pale Heron'],
    ['Plants in a row', '8'],
  ] as const) {
    await page.getByRole('textbox', { name: label }).fill(text);
  }
  await app.placeAt('52, 1');
  await app.tap('Moschata squash');
  await app.tap('Seed, to keep the variety');
  await app.tap('Create garden');
  await expect(page.getByText('Demo,')).toHaveCount(0);
  await app.lead('/walk');
  await app.finishWalk(2);

  await page.clock.setSystemTime(new Date(MORNING));
  await page.goto('/round');
  await app.tap('One person more');
  await app.tap('Start 2 rounds');
  await seen(page.getByRole('img', { name: /^Stop 1 of/ }));

  const mine: Phone = { app, page };
  const helper = await secondPhone(browser, MORNING, await exportFrom(mine));
  await helper.app.lead('/round');
  await seen(helper.page.getByRole('heading', { name: 'Which round is yours?' }));
  await helper.app.tap(/^Round 2 of 2/);

  await app.lead('/round');
  await goRound(mine);
  await goRound(helper);
  await seen(page.getByText('Others are still at work.', { exact: false }));

  await importInto(mine, await exportFrom(helper));
  await importInto(helper, await exportFrom(mine));
  for (const phone of [mine, helper]) {
    await phone.app.lead('/round');
    await seen(phone.page.getByRole('heading', { name: 'Round done' }));
    await expect(phone.page.getByText('Others are still at work.', { exact: false })).toHaveCount(0);
    const served = pollinatedIn((await exportFrom(phone)).text);
    expect(served).toHaveLength(4);
    expect(new Set(served).size).toBe(4);
  }
  expect(helper.app.errors).toEqual([]);
  await helper.page.context().close();
});
