import { analysisBench } from './analysis';
import { IN_BROWSER } from './browser';
import { forecastBench } from './forecast';
import { inbreedingBench } from './inbreeding';
import { isolationBench } from './isolation';
import { journalBench } from './journal';
import { missedBounds } from './ratio';
import { pairingBench } from './pairing';
import { routeBench } from './route';
import { sceneBench } from './scene';
import { sheetBench } from './sheet';
import { sizeBench } from './size';
import { yearsBench } from './years';

const PARTS = {
  journal: journalBench,
  isolation: isolationBench,
  pairing: pairingBench,
  analysis: analysisBench,
  inbreeding: inbreedingBench,
  route: routeBench,
  forecast: forecastBench,
  sheet: sheetBench,
  size: sizeBench,
  years: yearsBench,
  scene: sceneBench,
  ...IN_BROWSER,
};

/**
 * Speed and size as ratios: medians of seven runs taken in turn with a reference in the same process. All parts, or those
 * that are named: `npm run bench -- route size`.
 */
async function main(): Promise<void> {
  const named = process.argv.slice(2);
  for (const [name, bench] of Object.entries(PARTS))
    if (named.length === 0 || named.includes(name)) await bench();
  if (missedBounds() > 0) process.exitCode = 1;
}

void main();
