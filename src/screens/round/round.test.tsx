import { waitFor } from '@testing-library/react';
import { recorded, reopenApp, see, stored, tap } from '@testing/app';
import { endStop, startMorning, stopAt, undoTo } from '@testing/round';

jest.setTimeout(120_000);

test('a morning: what it will be, a stop that is done and undone, and the same stop after a restart', async () => {
  await startMorning();
  // What fell to the females of the demo's trial is written down with the plan, in one action.
  const [planned, dealt] = await recorded(2);
  expect(dealt).toMatchObject({ kind: 'trial.dealt', action: planned!.action });
  expect(planned).toMatchObject({ kind: 'round.planned', body: { day: '2026-07-19' } });

  const first = stopAt();
  await endStop(/^(Done|None, continue)$/);
  const second = stopAt();
  await undoTo(first);
  await waitFor(async () => expect((await stored()).at(-1)).toMatchObject({ kind: 'struck' }));
  await endStop(/^(Done|None, continue)$/);

  await reopenApp('/round', { wide: true });
  await waitFor(() => expect(stopAt()).toBe(second), { timeout: 30_000 });
  await tap('Pause the round, back to Today');
  await see('Continue the round');
});
