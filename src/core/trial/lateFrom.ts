import type { OpeningWindow } from '../opening/openingWindow';

/**
 * From when on it is late: halfway from where all are open to where it is too late, UTC milliseconds.
 *
 * @example lateFrom(window) > window.opens[1] // true
 */
export const lateFrom = ({ opens, lastSafe }: Pick<OpeningWindow, 'opens' | 'lastSafe'>): number =>
  (opens[1] + lastSafe) / 2;
