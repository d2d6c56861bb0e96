import { cleanup, waitFor } from '@testing-library/react';
import { openApp, screen, see, stored, tap } from '@testing/app';
import { endStop, startMorning, stopAt, stopTakesTaps, undoTo } from '@testing/round';

jest.setTimeout(120_000);

test('what may be wrong at a stop is told in two taps, is stored as it was, and is undone', async () => {
  await startMorning();

  // Males, and what is done without pollen, come before the first female.
  while (screen.queryAllByText('Could not shut it').length === 0) await endStop(/^(Done|None, continue)$/);
  let at = stopAt();
  await endStop('Not found');
  await undoTo(at);
  await waitFor(async () =>
    expect((await stored()).slice(-2).map(({ kind }) => kind)).toEqual(['missed', 'struck']),
  );

  // How long it stood open, and whether only its cover was torn, decide what its seed is worth.
  while (screen.queryAllByText('Could not shut it').length === 0) await endStop(/^(Done|Leave it)$/);
  at = stopAt();
  await endStop('Could not shut it', 'Shut after 5 minutes');
  await waitFor(async () =>
    expect((await stored()).at(-1)).toMatchObject({
      kind: 'pollinated',
      body: { found: 'shut', shutAgain: true, openMinutes: 5 },
    }),
  );
  await undoTo(at);
  await stopTakesTaps();
  await tap('Hole or tear');
  await tap('The petals are whole, only the cover is torn');
  await see(/Doubtful for seed/);
  await endStop('Brush it');
  await waitFor(async () =>
    expect((await stored()).at(-1)).toMatchObject({
      kind: 'pollinated',
      body: { found: 'torn', shutAgain: true },
    }),
  );
  await undoTo(at);
});

test('with gloves: two large buttons, what else may be behind one of them; the stop is read and Done is felt', async () => {
  const said: string[] = [];
  const felt: number[] = [];
  Object.assign(globalThis, {
    speechSynthesis: { speak: ({ text }: { text: string }) => said.push(text), cancel: () => undefined },
    SpeechSynthesisUtterance: class {
      lang = '';
      constructor(readonly text: string) {}
    },
  });
  Object.defineProperty(navigator, 'vibrate', {
    configurable: true,
    value: (ms: number) => felt.push(ms) > 0,
  });
  await openApp('/more/settings');
  await tap('Large, for gloves');
  await tap('Read aloud');
  cleanup();
  await startMorning();
  expect(screen.queryByText('Not found')).toBeNull();
  const at = stopAt();
  await waitFor(() => expect(said).toHaveLength(1));
  expect(said[0]).toMatch(/^Bed .* Pick \d/);
  await stopTakesTaps();
  await tap('Something else');
  await tap('Not found');
  await see(/^Not used: /);
  await endStop(/^(Done|None, continue)$/);
  expect(stopAt()).not.toBe(at);
  expect(felt).toHaveLength(1);
  await waitFor(() => expect(said.length).toBeGreaterThan(1));
});
