import type { Page } from '@playwright/test';
import { EVENING, expect, test, type App, seen } from './app';
import { expectNoFindings } from './findings';

/** What somebody answers who has read the page of the field guide and looks at what is described. */
function answerTo(question: string, described: string): string {
  if (question === 'Male or female?')
    return /small fruit|swelling|Several lobes/i.test(described) ? 'Female' : 'Male';
  if (/colour along the seams/i.test(described)) return 'Next morning';
  return /Twisted shut|Full colour|: Open/i.test(described) ? 'It is open, or over' : 'Later';
}

/** Through a sitting of single flowers, each answered by its digit. */
async function sit(page: Page, app: App): Promise<void> {
  const done = page.getByRole('heading', { name: 'Done for now' });
  const drawing = page.getByRole('main').getByRole('img').first();
  for (let card = 0; card < 20; card += 1) {
    await seen(done.or(drawing).first());
    if (await done.isVisible()) return;
    const question = await page.getByRole('heading', { level: 1 }).innerText();
    const answer = answerTo(question, (await drawing.getAttribute('aria-label'))!);
    const answers = await page
      .getByRole('button', { name: /^(Female|Male|Next morning|Later|It is open, or over)$/ })
      .allInnerTexts();
    await page.keyboard.press(String(answers.indexOf(answer) + 1));
    await seen(page.getByText('Right.'));
    await app.tap('Next');
  }
}

test('the guide teaches enough to answer every drawing of a first sitting, by keyboard', async ({
  app,
  page,
}) => {
  await app.openDemo();
  await app.lead('/more/guide');
  await expectNoFindings(page, 'field guide', { wide: true });
  await app.tap(/^Pepo squash/);
  await seen(page.getByRole('heading', { name: 'How old is it?' }));
  await app.tap('How it is done: Cover with tape');
  await seen(page.getByText('pinch the very top shut', { exact: false }));
  await expectNoFindings(page, 'page of a crop', { wide: true });
  await app.tap('Practise');
  await sit(page, app);
  await seen(page.getByText(/^(\d) of \1 right\.$/));
  await app.tap('Back to practice');
  await seen(page.getByText(/Met 6 of \d+/));
  // What was learnt is still known after a reload.
  await page.reload();
  await seen(
    page
      .getByText(/Met 6 of \d+/)
      .or(page.getByText(/of \d+$/))
      .first(),
  );
});

test('a miss is explained on the drawing, and can be had in words', async ({ app, page }) => {
  await app.openDemo();
  await app.lead('/more/practice?crop=melon');
  const drawing = page.getByRole('main').getByRole('img').first();
  const described = (await drawing.getAttribute('aria-label'))!;
  await app.tap('What is to be seen, in words');
  await seen(page.getByText(described, { exact: true }));
  const question = await page.getByRole('heading', { level: 1 }).innerText();
  const right = answerTo(question, described);
  const answers = page.getByRole('button', {
    name: /^(Female|Male|Both in one|Next morning|Later|It is open, or over)$/,
  });
  const wrong = (await answers.allInnerTexts()).find((text) => text !== right)!;
  await app.tap(wrong);
  await seen(page.getByText(/^No: /));
  await expectNoFindings(page, 'a miss', { wide: true });
});

test('unsure at a plant of the walk: what is seen is tapped, and the walk goes on where it was', async ({
  app,
  page,
}) => {
  await app.openDemo();
  await app.tap('Continue the walk');
  await seen(page.getByRole('img', { name: /^Plant \d+ of \d+$/ }));
  const plant = (await page.getByRole('heading', { level: 1 }).textContent())!;
  await app.tap('Unsure which flower this is?');
  await seen(page.getByRole('heading', { name: 'Which flower is this?' }));
  for (const [asks, sees] of [
    ['What colour are the petals?', 'Green, colour along the seams'],
    ['What is right under the petals?', 'A small fruit'],
  ] as const) {
    if (!(await page.getByRole('group', { name: asks }).isVisible())) await app.tap(asks);
    await app.tap(sees);
  }
  await seen(page.getByText('Cover it tonight.'));
  await expectNoFindings(page, 'key', { wide: true });
  await page.goBack();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(plant);
});

test.describe('after the evening walk', () => {
  test.use({ storageState: EVENING });

  test('the next five days: flowers by variety with ranges, and what they ask', async ({ app, page }) => {
    await app.lead('/ahead');
    await seen(page.getByRole('heading', { name: 'The next five days' }));
    await seen(page.getByRole('cell', { name: /^about \d+, \d+ to \d+$/ }).first());
    await expectNoFindings(page, 'the next five days', { wide: true });
  });
});

test('the counters of the walk stay under the finger: what is expected comes and goes below them', async ({
  app,
  page,
}) => {
  await app.openDemo();
  await app.tap('Continue the walk');
  const more = page.getByRole('button', { name: 'One female more' }).first();
  const expected = page.getByText(/^Expected: /);
  await expect(async () => {
    if (await expected.isVisible()) return;
    await app.tap('None, next');
    await expect(expected).toBeVisible({ timeout: 1_000 });
  }).toPass();
  const before = await more.boundingBox();
  await more.click();
  await expect(expected).toHaveCount(0);
  await more.click();
  const next = page.getByRole('button', { name: /^(Cover|Mark) 2, next$/ });
  await seen(next);
  expect(await more.boundingBox()).toEqual(before);
  // On its side too, the counters and the way on are in view; the demo's band takes a part of it.
  await page.setViewportSize({ width: 844, height: 390 });
  for (const button of [more, page.getByRole('button', { name: 'One male more' }).first(), next])
    await expect(button).toBeInViewport({ ratio: 0.4 });
  // Shown twice as large nothing is cut off, and what matters can be reached.
  for (const size of [
    { width: 195, height: 422 },
    { width: 422, height: 195 },
  ]) {
    await page.setViewportSize(size);
    await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBe(size.width);
    for (const button of [more, next]) {
      await button.scrollIntoViewIfNeeded();
      await expect(button).toBeInViewport({ ratio: 0.4 });
    }
  }
});
