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
  /**
   * What it is worth begun at a time from `opens` to `lastSafe`: it never rises. `forOthers`: nothing by itself; it is
   * done where one that needs it is.
   */
  readonly worthAt: ((ms: number) => number) | 'forOthers';
  /** Nobody else may be at work there meanwhile. */
  readonly plant: string;
  /** Disease may travel between jobs of one block: there one person does those that are `last` after all others. */
  readonly block?: string;
  readonly last?: boolean;
}

/** What a job is worth begun at a time: nothing where it is done for others. */
export const worthOf = ({ worthAt }: Pick<Job, 'worthAt'>, ms: number): number =>
  typeof worthAt === 'function' ? worthAt(ms) : 0;

/** Is it done for its own sake? */
export const isWanted = ({ worthAt }: Pick<Job, 'worthAt'>): boolean => typeof worthAt === 'function';

/** Who goes where in which order, so that most worth is saved and the work is over soonest. */
export interface RouteProblem {
  readonly jobs: readonly Job[];
  /** A unit of worth outweighs so many milliseconds, of which half count until the last is done and half are work and ways. */
  readonly worthMs: number;
  /** Each sets out from the same place. */
  readonly people: number;
  readonly from: number;
  /** Time from one job to the next, or from the start (-1): the way, and cleaning where it is needed. */
  readonly between: (from: number, to: number) => number;
}

/** The plant of what is no plant's: it is taken along from where one sets out. */
export const AT_START = '';
