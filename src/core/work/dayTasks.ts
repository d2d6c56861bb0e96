import { MS_PER_HOUR, MS_PER_MINUTE } from '../time/calendar';

/** What the day asks of the grower, in counts. Times in UTC milliseconds. */
export interface DaySituation {
  readonly now: number;
  readonly sunset: number | null;
  /** The morning's flowers. */
  readonly round: {
    /** Stops still to do of a round under way. */
    readonly stopsLeft: number;
    /** Marked flowers of this morning that no round has dealt with. */
    readonly waiting: number;
    readonly opens: number | undefined;
    readonly lastSafe: number | undefined;
    /** Minutes the rest of it takes. */
    readonly minutes: number;
  };
  /** Plants grown to eat whose flowers are open now, those already seen, and when the first of them shut. */
  readonly open: { readonly plants: number; readonly visited: number; readonly until: number | undefined };
  /** The walk for tomorrow's flowers. */
  readonly walk: { readonly plants: number; readonly visited: number };
  /** Fruit to look at. */
  readonly looks: { readonly due: number };
}

export type TaskKind = 'round' | 'open' | 'walk' | 'looks' | 'rest';

export interface Task {
  readonly kind: TaskKind;
  readonly size: number;
  readonly minutes: number;
  readonly from?: number;
  readonly by?: number;
  readonly started: boolean;
}

export interface DayTasks {
  /** The one thing to do next. */
  readonly next: Task;
  readonly then: readonly Task[];
}

/** Eve buds show by the afternoon: the walk may start three hours before sunset. Our default. */
const WALK_BEFORE_SUNSET_H = 3;
/** The round comes next from two hours before the first flower opens, and may be started then. Our default. */
export const ROUND_BEFORE_OPENING_MS = 2 * MS_PER_HOUR;
/** A flower that is closing may still be tried for a while. Our default. */
export const LATE_BUT_TRY_MS = 90 * MS_PER_MINUTE;
const MINUTES_PER_PLANT = 0.5;
/** Walking there, finding what is open, brushing it. */
const MINUTES_PER_OPEN_PLANT = 1;
const MINUTES_PER_LOOK = 0.5;

/**
 * Earliest sensible start of the evening walk, UTC milliseconds.
 *
 * @example walkOpens(sunset) // sunset - 3 * 3_600_000
 */
export const walkOpens = (sunset: number): number => sunset - WALK_BEFORE_SUNSET_H * MS_PER_HOUR;

const minutesFor = (count: number, each: number): number => Math.max(1, Math.round(count * each));

/**
 * What to do now and after: the round while its flowers are open or about to be, else what is open now, else the walk
 * once the eve buds show, else fruit to look at; then what comes later in the day.
 */
export function dayTasks(situation: DaySituation): DayTasks {
  const now: Task[] = [];
  const later: Task[] = [];
  const put = (task: Task | undefined): void => {
    if (task) (task.from === undefined || task.from <= situation.now ? now : later).push(task);
  };
  put(roundTask(situation));
  put(openTask(situation));
  put(walkTask(situation));
  if (situation.looks.due > 0) {
    const size = situation.looks.due;
    put({ kind: 'looks', size, minutes: minutesFor(size, MINUTES_PER_LOOK), started: false });
  }
  later.sort((a, b) => a.from! - b.from!);
  const [next, ...then] = [...now, ...later];
  return next ? { next, then } : { next: { kind: 'rest', size: 0, minutes: 0, started: false }, then: [] };
}

function roundTask({ round }: DaySituation): Task | undefined {
  const started = round.stopsLeft > 0;
  const size = started ? round.stopsLeft : round.waiting;
  if (size === 0) return undefined;
  return {
    kind: 'round',
    size,
    minutes: round.minutes,
    ...(round.opens !== undefined && { from: round.opens - ROUND_BEFORE_OPENING_MS }),
    ...(round.lastSafe !== undefined && { by: round.lastSafe }),
    started,
  };
}

function openTask({ open }: DaySituation): Task | undefined {
  const size = open.plants - open.visited;
  if (size <= 0) return undefined;
  return {
    kind: 'open',
    size,
    minutes: minutesFor(size, MINUTES_PER_OPEN_PLANT),
    ...(open.until !== undefined && { by: open.until }),
    started: open.visited > 0,
  };
}

function walkTask({ walk, sunset }: DaySituation): Task | undefined {
  const size = walk.plants - walk.visited;
  if (size <= 0) return undefined;
  return {
    kind: 'walk',
    size,
    minutes: minutesFor(size, MINUTES_PER_PLANT),
    ...(sunset !== null && { from: walkOpens(sunset) }),
    started: walk.visited > 0,
  };
}
