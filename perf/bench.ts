import { browserBench } from './browser';
import { isolationBench } from './isolation';
import { journalBench } from './journal';
import { missedBounds } from './ratio';
import { pairingBench } from './pairing';
import { routeBench } from './route';
import { sizeBench } from './size';

/** Speed and size as ratios: medians of seven runs taken in turn with a reference in the same process. */
async function main(): Promise<void> {
  await journalBench();
  await isolationBench();
  await pairingBench();
  await routeBench();
  sizeBench();
  await browserBench();
  if (missedBounds() > 0) process.exitCode = 1;
}

void main();
