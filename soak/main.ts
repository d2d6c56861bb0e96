import { Budget } from './budget';
import { damagedStores, mutatedFiles } from './records';

/** The part of the long run that needs no browser. */
async function main(): Promise<void> {
  console.log(mutatedFiles(new Budget(20_000, 20)));
  console.log(await damagedStores(new Budget(2_000, 10)));
}

void main();
