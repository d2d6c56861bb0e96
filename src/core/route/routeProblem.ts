/**
 * What is walked to. Jobs are known by their number; one that nobody needs and that is worth nothing is left undone.
 * All times milliseconds.
 */
export interface Job {
  /** Not begun before. */
  readonly opens: number;
  /** Begun later it is worth nothing; `Infinity` for what is done for the sake of others. */
  readonly lastSafe: number;
  readonly lasts: number;
  /** Jobs of the same person that come first. */
  readonly needs: readonly number[];
  /** What it is worth begun at a time from `opens` to `lastSafe`: it never rises. Left out: done for others only. */
  readonly worthAt?: (ms: number) => number;
  /** Nobody else may be at work there meanwhile. */
  readonly plant: string;
  /** Disease may travel between jobs of one block: there one person does those that are `last` after all others. */
  readonly block?: string;
  readonly last?: boolean;
}

/** Who goes where in which order, so that most worth is saved and the work is over soonest. */
export interface RouteProblem {
  readonly jobs: readonly Job[];
  /** Each sets out from the same place. */
  readonly people: number;
  readonly from: number;
  /** Time from one job to the next, or from the start (-1): the way, and cleaning where it is needed. */
  readonly between: (from: number, to: number) => number;
}

/** An order of jobs for each person. */
export type Routes = readonly (readonly number[])[];
