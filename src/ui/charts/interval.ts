import { linearScale } from './linear';

const MARGIN = 8;
const THINNEST = 2;

export interface IntervalGeometry {
  readonly start: number;
  readonly end: number;
  readonly ticks: readonly number[];
  readonly bar: { readonly x: number; readonly width: number };
  /** Pixels from the left of the share itself. */
  readonly at: (share: number) => number;
}

/**
 * A share's interval on a line from 0 to 1, in pixels.
 *
 * @example intervalGeometry(0, 1, 116).bar // { x: 8, width: 100 }
 */
export function intervalGeometry(low: number, high: number, width: number): IntervalGeometry {
  const x = linearScale([0, 1], [MARGIN, width - MARGIN]);
  return {
    start: x(0),
    end: x(1),
    ticks: [0, 0.5, 1].map((tick) => x(tick)),
    bar: { x: x(low), width: Math.max(THINNEST, x(high) - x(low)) },
    at: x,
  };
}
