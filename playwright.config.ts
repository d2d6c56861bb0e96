import { defineConfig } from '@playwright/test';
import type { Options } from './e2e/app';

const PORT = 4318;

const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true };
const WIDE = { viewport: { width: 1280, height: 800 } };

/**
 * Places and dates of the machine that must not matter: winter and summer, and the half minute before clocks change,
 * forward in the north and back in the south. The whole day is lived where they change, elsewhere from the morning on,
 * in one place with a file that is exported and imported.
 */
const DATED = [
  { zone: 'Europe/London', now: '2026-01-15T10:00:00Z', lived: /@files/ },
  { zone: 'Europe/London', now: '2026-03-29T00:59:30Z', lived: /@whole/ },
  { zone: 'Pacific/Auckland', now: '2026-04-04T13:59:30Z', lived: /@whole/ },
  { zone: 'Pacific/Auckland', now: '2026-07-15T03:30:00Z', lived: /@after/ },
];

/** Debian's Chromium; nothing is downloaded. */
export default defineConfig<Options>({
  testDir: 'e2e',
  // Seasons that tests read.
  globalSetup: './scripts/jest/beforeAll.js',
  // A busy machine takes several times as long; what never comes still fails.
  timeout: 600_000,
  expect: { timeout: 60_000 },
  // Half of a test is waiting: two a core take half the time of one.
  workers: 4,
  fullyParallel: true,
  forbidOnly: true,
  retries: 0,
  // A full disk is left to chance: `npm run e2e -- --project=quota`.
  grepInvert: process.argv.some((argument) => argument.includes('quota')) ? undefined : /@quota/,
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    actionTimeout: 90_000,
    navigationTimeout: 90_000,
    baseURL: `http://127.0.0.1:${PORT}`,
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  projects: [
    { name: 'evening', testMatch: 'evening.setup.ts', use: PHONE },
    // The whole day is lived on the dated days below.
    {
      name: 'phone',
      dependencies: ['evening'],
      use: PHONE,
      grepInvert: /@quota|@desk/,
      testIgnore: 'day.spec.ts',
    },
    // What does not depend on the size is tested on the phone only.
    { name: 'wide', dependencies: ['evening'], use: WIDE, grep: /@sizes|@desk/ },
    { name: 'quota', dependencies: ['evening'], use: PHONE, grep: /@quota/ },
    ...DATED.map(({ zone, now, lived }) => ({
      name: `${zone}, ${now}`,
      testMatch: 'day.spec.ts',
      grep: lived,
      dependencies: lived.test('@whole') ? [] : ['evening'],
      use: { ...PHONE, timezoneId: zone, now, serviceWorker: lived.test('@whole') },
    })),
  ],
  webServer: {
    command: 'npx tsx server/main.ts',
    env: { PORT: String(PORT), DATA: '.cache/e2e-data' },
    url: `http://127.0.0.1:${PORT}/`,
    reuseExistingServer: false,
  },
});
