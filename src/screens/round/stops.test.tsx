import { waitFor } from '@testing-library/react';
import { screen, see, stored, tap } from '@testing/app';
import { goesOnFrom, startMorning, stopAt, stopTakesTaps } from '@testing/round';

jest.setTimeout(120_000);

test('what may be wrong at a stop is told in two taps, is stored as it was, and is undone', async () => {
  await startMorning();

  // Males, and what is done without pollen, come before the first female.
  while (screen.queryAllByText('Could not shut it').length === 0) {
    await stopTakesTaps();
    const here = stopAt();
    await tap(/^(Done|None, continue)$/);
    await goesOnFrom(here);
  }
  await stopTakesTaps();
  let at = stopAt();
  await tap('Not found');
  await goesOnFrom(at);
  await stopTakesTaps();
  await tap('Undo');
  await waitFor(() => expect(stopAt()).toBe(at));
  await waitFor(async () =>
    expect((await stored()).slice(-2).map(({ kind }) => kind)).toEqual(['missed', 'struck']),
  );

  // How long it stood open, and whether only its cover was torn, decide what its seed is worth.
  while (screen.queryAllByText('Could not shut it').length === 0) {
    await stopTakesTaps();
    const here = stopAt();
    await tap(/^(Done|Leave it)$/);
    await goesOnFrom(here);
  }
  await stopTakesTaps();
  at = stopAt();
  await tap('Could not shut it');
  await stopTakesTaps();
  await tap('Shut after 5 minutes');
  await goesOnFrom(at);
  await waitFor(async () =>
    expect((await stored()).at(-1)).toMatchObject({
      kind: 'pollinated',
      body: { found: 'shut', shutAgain: true, openMinutes: 5 },
    }),
  );
  await stopTakesTaps();
  await tap('Undo');
  await waitFor(() => expect(stopAt()).toBe(at));
  await stopTakesTaps();
  await tap('Hole or tear');
  await tap('The petals are whole, only the cover is torn');
  await see(/Doubtful for seed/);
  await stopTakesTaps();
  await tap('Brush it');
  await goesOnFrom(at);
  await waitFor(async () =>
    expect((await stored()).at(-1)).toMatchObject({
      kind: 'pollinated',
      body: { found: 'torn', shutAgain: true },
    }),
  );
  await stopTakesTaps();
  await tap('Undo');
  await waitFor(() => expect(stopAt()).toBe(at));
});
