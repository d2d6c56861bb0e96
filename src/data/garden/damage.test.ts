import { livedSeason } from '@testing/seasons';
import { deviceZone } from '../clock';
import { openDamaged, wholeStore } from '@testing/openDamaged';

/** At each of the three places at which tests run, with numbers of its own: some 100 in all. */
const RUNS = 34;
const FIRST = 1_000 * deviceZone().length;

test('of a hundred damaged stores every one opens, shows what is left, and tells of the rest', async () => {
  const whole = await wholeStore(livedSeason('threeWeeks'), Date.parse('2026-06-11T05:00:00Z'));
  for (let seed = FIRST; seed < FIRST + RUNS; seed += 1) expect(await openDamaged(whole, seed)).toEqual([]);
});
