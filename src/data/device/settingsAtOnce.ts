import type { Settings } from './settings';

/** Where the page as it was written looks for the light it is to show (`app/+html.tsx`). */
export const AT_ONCE_KEY = 'steady-trowel-settings';

interface AtOnce {
  readonly device: string;
  readonly settings: Settings;
}

/**
 * Settings as they were last chosen on this device. They stand here at the moment of the tap, since what a page was
 * still writing to its store when it was left may not be there for the next; and here alone can be read before any
 * script. Nothing where another device of this browser chose them, or where the browser keeps nothing.
 */
export function settingsAtOnce(device: string): Partial<Settings> | undefined {
  try {
    const held = JSON.parse(localStorage.getItem(AT_ONCE_KEY) ?? 'null') as AtOnce | null;
    return held?.device === device ? held.settings : undefined;
  } catch {
    return undefined;
  }
}

export function keepAtOnce(device: string, settings: Settings): void {
  try {
    localStorage.setItem(AT_ONCE_KEY, JSON.stringify({ device, settings } satisfies AtOnce));
  } catch {
    // The store has them in a moment; until then the other light may be shown.
  }
}
