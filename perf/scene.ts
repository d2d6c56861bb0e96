import { chromium } from '@playwright/test';
import { createApp } from '../server/app';
import { median, report } from './ratio';
import { buildSmall } from './size';
import { slowDown } from './slowed';

const PORT = 4322;
const RUNS = 26;
/** While scripts are still being compiled. */
const NOT_COUNTED = 5;

/** Mounting a plant of 14 flowers, as practice shows it, against as many paths that are known beforehand. */
export async function sceneBench(): Promise<void> {
  const served = createApp(buildSmall('scene-app', { again: true })).listen(PORT, '127.0.0.1');
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium-headless-shell',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  try {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
    await page.goto(`http://127.0.0.1:${PORT}`);
    await page.waitForFunction(() => window.mountInTurn !== undefined);
    await slowDown(page);
    const runs = await page.evaluate((count) => window.mountInTurn!(count), RUNS);
    const counted = runs.slice(NOT_COUNTED);
    report(
      'mounting a plant of 14 flowers against as many static paths, processor slowed four times',
      median(counted.map(({ scene, paths }) => scene / paths)),
      3,
    );
    console.log(`        paths of a plant: ${median(counted.map(({ count }) => count))}`);
  } finally {
    await browser.close();
    served.close();
  }
}
