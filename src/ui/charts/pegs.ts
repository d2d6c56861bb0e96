/** More stops than this are shown as a string filled in part. */
export const MAX_PEGS = 28;
const MARGIN = 14;
const RADIUS = 5;
const PRESENT_RADIUS = 9;

export interface Peg {
  readonly x: number;
  readonly radius: number;
  readonly state: 'done' | 'missed' | 'present' | 'ahead';
}

export interface PegsRequest {
  readonly count: number;
  /** Index of the present stop; `count` when all are done. */
  readonly at: number;
  /** Stops whose outcome was a loss. */
  readonly missed: ReadonlySet<number>;
  readonly width: number;
}

/**
 * A peg for each stop, in pixels; of very many stops a peg stands for several.
 *
 * @example pegsOf({ count: 2, at: 1, missed: new Set(), width: 128 }).map(({ state }) => state) // ['done', 'present']
 */
export function pegsOf({ count, at, missed, width }: PegsRequest): Peg[] {
  const pegs = Math.min(count, MAX_PEGS);
  const step = (width - 2 * MARGIN) / Math.max(1, pegs - 1);
  const present = Math.min(pegs - 1, Math.floor((at * pegs) / Math.max(1, count)));
  const finished = at >= count;
  return Array.from({ length: pegs }, (_, i): Peg => {
    const isPresent = !finished && i === present;
    const isDone = finished || i < present;
    const isMissed = isDone && count === pegs && missed.has(i);
    return {
      x: MARGIN + (pegs === 1 ? 0 : i * step),
      radius: isPresent ? PRESENT_RADIUS : Math.min(RADIUS, step / 2.6),
      state: isPresent ? 'present' : isMissed ? 'missed' : isDone ? 'done' : 'ahead',
    };
  });
}
