import { defineConfig } from '@playwright/test';

const PORT = 4318;

/** Debian's Chromium; nothing is downloaded. */
export default defineConfig({
  testDir: 'e2e',
  timeout: 120_000,
  expect: { timeout: 15_000 },
  workers: 2,
  fullyParallel: false,
  forbidOnly: true,
  // A machine that stalls for a moment gets a second try; the run says how many needed one.
  retries: 1,
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    locale: 'en-GB',
    timezoneId: process.env['E2E_ZONE'] ?? 'Europe/London',
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
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
    { name: 'phone', use: { viewport: { width: 390, height: 844 }, hasTouch: true } },
    { name: 'wide', use: { viewport: { width: 1280, height: 800 } } },
  ],
  webServer: {
    command: 'npx tsx server/main.ts',
    env: { PORT: String(PORT) },
    url: `http://127.0.0.1:${PORT}/`,
    reuseExistingServer: false,
  },
});
