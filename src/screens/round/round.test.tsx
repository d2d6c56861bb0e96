import { waitFor } from '@testing-library/react';
import { openApp, recorded, reopenApp, screen, see, settle, stored, tap } from '@testing/app';

jest.setTimeout(120_000);

/** A stop ignores taps for a moment after it came up. */
const tapGuard = (): Promise<void> => settle(400);

/** `Stop 2 of 9, step 1 of 3`. */
const stopAt = (): string => screen.getByRole('img', { name: /^Stop \d+ of/ }).getAttribute('aria-label')!;

/** Waits for another stop, or another step, than one. */
const goesOnFrom = (here: string): Promise<void> => waitFor(() => expect(stopAt()).not.toBe(here));

test('a morning: what it will be, stop by stop, an exception, undo, and the same stop after a restart', async () => {
  await openApp('/');
  await tap('Set the demo’s clock to the morning');
  await tap('Start the round');
  // Today has a button of the same name, and may still be there for a moment on a busy machine.
  await see(/^Round of /);
  await see(/The round takes/);
  await waitFor(() => expect(screen.queryByRole('heading', { name: 'Morning round' })).toBeNull());
  await tap('Start the round');
  await waitFor(() => expect(stopAt()).toMatch(/^Stop 1 of/), { timeout: 30_000 });
  // What fell to the females of the demo's trial is written down with the plan, in one action.
  const [planned, dealt] = await recorded(2);
  expect(dealt).toMatchObject({ kind: 'trial.dealt', action: planned!.action });
  expect(planned).toMatchObject({ kind: 'round.planned', body: { day: '2026-07-19' } });

  // Males, and what is done without pollen, come before the first female.
  while (screen.queryAllByText('Could not shut it').length === 0) {
    await tapGuard();
    const here = stopAt();
    await tap(/^(Done|None, continue)$/);
    await goesOnFrom(here);
  }
  await tapGuard();
  let at = stopAt();
  await tap('Not found');
  await goesOnFrom(at);
  await tapGuard();
  await tap('Undo');
  await waitFor(() => expect(stopAt()).toBe(at));
  await waitFor(async () =>
    expect((await stored()).slice(-2).map(({ kind }) => kind)).toEqual(['missed', 'struck']),
  );

  // How long it stood open, and whether only its cover was torn, decide what its seed is worth.
  while (screen.queryAllByText('Could not shut it').length === 0) {
    await tapGuard();
    const here = stopAt();
    await tap(/^(Done|Leave it)$/);
    await goesOnFrom(here);
  }
  await tapGuard();
  at = stopAt();
  await tap('Could not shut it');
  await tapGuard();
  await tap('Shut after 5 minutes');
  await goesOnFrom(at);
  await waitFor(async () =>
    expect((await stored()).at(-1)).toMatchObject({
      kind: 'pollinated',
      body: { found: 'shut', shutAgain: true, openMinutes: 5 },
    }),
  );
  await tapGuard();
  await tap('Undo');
  await waitFor(() => expect(stopAt()).toBe(at));
  await tapGuard();
  await tap('Hole or tear');
  await tap('The petals are whole, only the cover is torn');
  await see(/Doubtful for seed/);
  await tapGuard();
  await tap('Brush it');
  await goesOnFrom(at);
  await waitFor(async () =>
    expect((await stored()).at(-1)).toMatchObject({
      kind: 'pollinated',
      body: { found: 'torn', shutAgain: true },
    }),
  );
  await tapGuard();
  await tap('Undo');
  await waitFor(() => expect(stopAt()).toBe(at));

  await reopenApp('/round', { wide: true });
  await waitFor(() => expect(stopAt()).toBe(at), { timeout: 30_000 });
  await tap('Pause the round, back to Today');
  await see('Continue the round');
});
