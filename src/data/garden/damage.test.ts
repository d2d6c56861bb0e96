import { livedSeason } from '@testing/seasons';
import { openDamaged, wholeStore } from '@testing/openDamaged';

const RUNS = 34;
const FIRST = 1_000;

test('of dozens of damaged stores every one opens, shows what is left, and tells of the rest', async () => {
  const whole = await wholeStore(livedSeason('threeWeeks'), Date.parse('2026-06-11T05:00:00Z'));
  for (let seed = FIRST; seed < FIRST + RUNS; seed += 1) expect(await openDamaged(whole, seed)).toEqual([]);
});
