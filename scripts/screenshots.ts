import { chromium, type Browser, type Page } from '@playwright/test';
import { spawn } from 'node:child_process';
import path from 'node:path';

/** Takes the pictures of docs/screenshots from the demo garden. */

const ROOT = path.resolve(__dirname, '..');
const OUT = path.join(ROOT, 'docs', 'screenshots');
const PORT = 4319;
const BASE = `http://127.0.0.1:${PORT}`;
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

async function shoot(page: Page, name: string): Promise<void> {
  await page.waitForTimeout(700);
  await page.screenshot({ path: path.join(OUT, `${name}.png`) });
}

async function walkTheEvening(page: Page): Promise<void> {
  for (let i = 0; i < 60; i += 1) {
    const next = page.getByRole('button', { name: /(^|, )next$/i });
    if (!(await next.first().isVisible())) break;
    if (i % 3 === 0) await page.getByRole('button', { name: 'One female more' }).first().click();
    await page.getByRole('button', { name: 'One male more' }).first().click();
    if (i === 0) await shoot(page, 'walk');
    await next.first().click();
    await page.waitForTimeout(200);
  }
}

async function toFirstFemale(page: Page): Promise<void> {
  while (!(await page.getByText('Could not shut it').first().isVisible())) {
    await page.waitForTimeout(450);
    await page.getByRole('button', { name: /^(Done|None, continue)$/ }).click();
    await page.waitForTimeout(300);
  }
}

/** A garden of six plants grown to eat, in the morning. */
async function shootOpenNow(browser: Browser): Promise<void> {
  const context = await browser.newContext({
    viewport: PHONE,
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    colorScheme: 'light',
  });
  const page = await context.newPage();
  await page.clock.install({ time: new Date('2026-07-21T06:00:00Z') });
  await page.goto(`${BASE}/start`);
  for (const [label, text] of [
    ['Name of the garden', 'Back yard'],
    ['Variety', 'Green Heron'],
    ['Plants in a row', '6'],
  ] as const) {
    await page.getByRole('textbox', { name: label }).fill(text);
  }
  await page.getByRole('textbox', { name: 'Nearest town, or coordinates' }).fill('52.2, -1.7');
  await page.getByRole('link', { name: /^Near / }).click();
  await page.getByRole('radio', { name: 'Pepo squash' }).click();
  await page.getByRole('radio', { name: 'To eat' }).click();
  await page.getByRole('button', { name: 'Create garden' }).click();
  await page.getByRole('button', { name: 'Start looking' }).click();
  await page.getByRole('radio', { name: '2, females open' }).click();
  await page.getByRole('radio', { name: '3, males open' }).click();
  await shoot(page, 'open');
  await context.close();
}

/** A list with doubts in it, while they are settled. */
async function shootImport(page: Page): Promise<void> {
  await page.goto(`${BASE}/garden/table`);
  await page
    .getByRole('textbox', { name: 'Or paste rows here' })
    .fill(
      [
        'Bed\tWhat\tName\tHow many\tSown',
        'Top bed\tpumpkin\tRust Lantern\ttwo dozen\t5/6/2026',
        'Top bed\tmelon\tPale Dial\t20-25\t7/6/2026',
        'Glasshouse\tcourgete\tGreen Loaf\t4\t',
      ].join('\n'),
    );
  await page.getByRole('button', { name: 'Read the rows' }).click();
  await page.getByText('which is it?').waitFor();
  await shoot(page, 'import');
  await page.getByRole('button', { name: 'Another table' }).click();
}

async function take(): Promise<void> {
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium-headless-shell',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  const context = await browser.newContext({ viewport: PHONE, locale: 'en-GB', colorScheme: 'light' });
  const page = await context.newPage();
  await page.goto(BASE);
  await page.getByRole('heading', { name: 'Evening walk' }).waitFor();
  for (const [route, name] of [
    ['/fruit', 'fruit'],
    ['/garden', 'garden'],
    ['/garden/crossing', 'crossing'],
    ['/garden/calendar', 'calendar'],
    ['/start', 'start'],
    ['/more/guide?crop=pepo', 'guide'],
  ] as const) {
    await page.goto(BASE + route);
    if (name === 'fruit')
      await page.getByText('Taken off or lost', { exact: true }).last().scrollIntoViewIfNeeded();
    await shoot(page, name);
  }
  await page.goto(`${BASE}/seed`);
  await page.getByText('Marsh Button 2025, the rest', { exact: true }).click();
  await page.getByText('Doubtful, as a whole').waitFor();
  await shoot(page, 'lot');
  await page.goto(`${BASE}/more/print?print=tags`);
  await page.getByRole('button', { name: 'Tags: For flowers to come' }).click();
  await page.getByRole('radio', { name: 'Of fruits that grow' }).click();
  await page.getByRole('img', { name: /^Page 1 of/ }).waitFor();
  await shoot(page, 'print');
  await page.goto(`${BASE}/fruit/rates`);
  await page.getByText('When they drop').waitFor();
  await page.getByText('Why they failed').scrollIntoViewIfNeeded();
  await shoot(page, 'rates');
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.setViewportSize(WIDE);
  await page.goto(`${BASE}/fruit/ahead`);
  await page.getByText('30 min', { exact: true }).click();
  await page.getByText('With one person more', { exact: true }).click();
  await page.getByText(/more in \d+ of 100 seasons/).waitFor({ timeout: 120_000 });
  await shoot(page, 'season-ahead-wide');
  await page.setViewportSize(PHONE);
  await page.emulateMedia({ colorScheme: 'light' });
  await shootImport(page);
  await page.goto(`${BASE}/more/identify`);
  await page.getByText('Pepo squash').click();
  await page.getByRole('button', { name: 'Green, colour along the seams' }).click();
  await page.getByRole('button', { name: 'A small fruit' }).click();
  await shoot(page, 'identify');
  await page.goto(`${BASE}/fruit`);
  await page.getByRole('button', { name: 'Show: all', exact: true }).click();
  await page.getByRole('radio', { name: 'Growing or picked', exact: true }).click();
  await page
    .getByText(/^(Slate Lantern|Dusk Fiddle), .*growing on day \d+/)
    .first()
    .click();
  await page.getByText('Seed sown').first().scrollIntoViewIfNeeded();
  await shoot(page, 'chain');
  await page.setViewportSize(WIDE);
  await page.goto(`${BASE}/garden`);
  await page.getByText('Varieties', { exact: true }).waitFor();
  await page.getByText('Marsh Button', { exact: true }).last().click();
  await page.getByText('If it were left open').waitFor();
  await shoot(page, 'garden-wide');
  await page.setViewportSize(PHONE);
  await page.goto(`${BASE}/walk`);
  await page.getByText('Opens tomorrow').waitFor();
  await walkTheEvening(page);
  await page.getByText('Planning the round…').waitFor({ state: 'detached' });
  await page.getByRole('button', { name: 'Back to Today' }).click();
  await page.getByRole('button', { name: /clock to the morning/ }).click();
  await shoot(page, 'today');
  await page.getByRole('button', { name: 'Start the round' }).click();
  await page.getByText(/The round takes/).waitFor();
  await page.getByRole('button', { name: 'One person more' }).click();
  await page.getByRole('button', { name: 'Start 2 rounds' }).click();
  await toFirstFemale(page);
  await shoot(page, 'stop');
  await page.emulateMedia({ colorScheme: 'dark' });
  await shoot(page, 'stop-night');
  await page.emulateMedia({ colorScheme: 'light' });
  await shootOpenNow(browser);
  await browser.close();
}

async function main(): Promise<void> {
  const server = spawn(path.join(ROOT, 'node_modules', '.bin', 'tsx'), ['server/main.ts'], {
    cwd: ROOT,
    env: { ...process.env, PORT: String(PORT) },
  });
  await new Promise((resolve) => server.stdout.once('data', resolve));
  try {
    await take();
  } finally {
    server.kill();
  }
}

void main();
