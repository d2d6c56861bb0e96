import { EntryLog, recordsOf } from '../log/entryLog';
import { livedSeason } from '@testing/seasons';
import { DEMO_STORE, openStore } from '../storage';
import { opener } from './opening';

test('the opening settles once there is a garden to show, and later askers need not wait', async () => {
  const log = new EntryLog(openStore(DEMO_STORE), () => Promise.reject(new Error('not needed')));
  const season = livedSeason('threeWeeks');
  expect(Object.keys(recordsOf(season)).length).toBeGreaterThan(1);
  await log.appendMany(season);
  expect(opener.opening.state).toBe('opening');
  opener.begin();
  await opener.settled();
  expect(opener.opening).toMatchObject({ state: 'open', session: { demo: true } });
  await opener.settled();
});
