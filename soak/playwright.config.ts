import path from 'node:path';
import { defineConfig } from '@playwright/test';
import base from '../playwright.config';

/** The long run in the browser, one part after the other; each ends itself. */
export default defineConfig({
  ...base,
  testDir: '.',
  outputDir: '../test-results/soak',
  timeout: 40 * 60_000,
  workers: 1,
  grepInvert: undefined,
  reporter: 'line',
  projects: [{ name: 'phone', use: { viewport: { width: 390, height: 844 }, hasTouch: true } }],
  webServer: { ...base.webServer, command: 'npx tsx server/main.ts', cwd: path.resolve(__dirname, '..') },
});
