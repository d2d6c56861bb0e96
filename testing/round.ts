import { waitFor } from '@testing-library/react';
import { openApp, screen, see, tap } from './app';

/** From the demo's evening into the morning's round, at its first stop. */
export async function startMorning(garden: Parameters<typeof openApp>[1] = {}): Promise<void> {
  await openApp('/', garden);
  await tap('Set the demo’s clock to the morning');
  await tap('Start the round');
  // Today has a button of the same name, and may still be there for a moment on a busy machine.
  await see(/^Round of /);
  await see(/The round takes/);
  await waitFor(() => expect(screen.queryByRole('heading', { name: 'Morning round' })).toBeNull());
  await tap('Start the round');
  await waitFor(() => expect(stopAt()).toMatch(/^Stop 1 of/), { timeout: 30_000 });
}

/** `Stop 2 of 9, step 1 of 3`. */
export const stopAt = (): string =>
  screen.getByRole('img', { name: /^Stop \d+ of/ }).getAttribute('aria-label')!;

/** For a moment after it has come up, a stop takes none. */
export const stopTakesTaps = (): Promise<void> =>
  waitFor(() =>
    expect(document.querySelector('[aria-label="What was done"]:not([aria-disabled="true"])')).not.toBeNull(),
  );

/** Taps what ends a stop, or a step of it, as soon as it takes taps, and waits for another. */
export async function endStop(...taps: readonly (string | RegExp)[]): Promise<void> {
  const here = stopAt();
  for (const each of taps) {
    await stopTakesTaps();
    await tap(each);
  }
  await waitFor(() => expect(stopAt()).not.toBe(here));
}

/** Takes back what was done last, which leads back to its stop. */
export async function undoTo(stop: string): Promise<void> {
  await stopTakesTaps();
  await tap('Undo');
  await waitFor(() => expect(stopAt()).toBe(stop));
}
