import { liveSeason } from '../demo/season';
import { showMutated, TIMES_CORRECTED } from '@testing/showMutated';
import { openDamaged, wholeStore } from '@testing/openDamaged';
import type { Budget } from './budget';

/** Beyond the seeds of the tests. */
const FIRST = 1_000_000;

/** Backups gone wrong: whatever passes the check can be folded and shown in every view. */
export function mutatedFiles(budget: Budget): string {
  let passed = 0;
  const faults: unknown[] = [];
  const files = budget.times((i) => {
    try {
      if (showMutated(FIRST + i, i % 3 === 2 ? TIMES_CORRECTED : undefined)) passed += 1;
    } catch (error) {
      faults.push(error);
    }
  });
  faults.slice(0, 3).forEach((fault) => console.error(fault));
  return budget.told(
    `${files} backups gone wrong: ${passed} passed the check and were shown, ${faults.length} threw`,
    faults.length,
  );
}

/** Stores damaged as a disk may: each opens, shows what is left, and tells of the rest. */
export async function damagedStores(budget: Budget): Promise<string> {
  const whole = await wholeStore(liveSeason(7, '2026-06-12'), Date.parse('2026-06-11T05:00:00Z'));
  const faults: string[] = [];
  const stores = await budget.timesInTurn(async (i) => {
    try {
      faults.push(...(await openDamaged(whole, FIRST + i)));
    } catch (error) {
      faults.push(`seed ${FIRST + i}: ${String(error)}`);
    }
  });
  faults.slice(0, 3).forEach((fault) => console.error(fault));
  return budget.told(`${stores} damaged stores opened: ${faults.length} faults`, faults.length);
}
