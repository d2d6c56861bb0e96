import { MS_PER_HOUR, MS_PER_MINUTE } from '../time/calendar';
import { ALIVE_AT_OPENING, pollenAlive, type OpeningWindow } from './openingWindow';

/** Once insects are out, an open flower may have their pollen already. Our default. */
const WITH_INSECTS = 0.75;
/** From one point to the next. */
export const STEP_MS = 10 * MS_PER_MINUTE;

/** `guarded`: insects cannot get in, so their hour is no loss. */
export interface WorthOptions {
  readonly guarded?: boolean;
}

/**
 * What each moment of a window is worth, from 0 to 1: the share of flowers open, times the pollen alive compared with
 * that at opening, less once insects are out (they come within the hour) unless they cannot get in.
 *
 * @returns one point every ten minutes from the first opening to the last shutting; `ms` in UTC milliseconds.
 * @example worthByTime(window)[0].worth // 0, when the first flower opens
 */
export function worthByTime(
  window: OpeningWindow,
  options: WorthOptions = {},
): { readonly ms: number; readonly worth: number }[] {
  const points: { ms: number; worth: number }[] = [];
  const [first] = window.opens;
  const last = window.shuts[1];
  for (let ms = first; ms < last; ms += STEP_MS) points.push({ ms, worth: worthAt(window, ms, options) });
  return [...points, { ms: last, worth: 0 }];
}

/** As good as the best hour, near enough. Our default. */
const NEARLY_BEST = 0.95;

/**
 * From when to when a window is worth nearly as much as at its best, UTC milliseconds.
 *
 * @example bestSpan(window)[0] >= window.opens[0] // true
 */
export function bestSpan(window: OpeningWindow, options: WorthOptions = {}): readonly [number, number] {
  const points = worthByTime(window, options);
  const best = Math.max(...points.map(({ worth }) => worth));
  const good = points.filter(({ worth }) => worth >= NEARLY_BEST * best);
  return [good[0]!.ms, good.at(-1)!.ms];
}

function worthAt(window: OpeningWindow, ms: number, { guarded = false }: WorthOptions): number {
  const ramp = (from: number, to: number): number =>
    Math.min(1, Math.max(0, (ms - from) / Math.max(1, to - from)));
  const open =
    ramp(...window.opens) * (1 - ramp(Math.min(window.shuts[0], window.lastSafe), window.shuts[1]));
  const from = guarded ? undefined : window.insects;
  const insects = from === undefined ? 1 : 1 - (1 - WITH_INSECTS) * ramp(from, from + MS_PER_HOUR);
  return (open * insects * pollenAlive(window, ms)) / ALIVE_AT_OPENING;
}
