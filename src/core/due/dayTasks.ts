import { MINUTES_PER_LOOK } from '../fruit/lookMinutes';
import type { Outing } from '../crops/outing';
import type { RoutineSituation } from './routine';
import { MS_PER_HOUR, MS_PER_MINUTE } from '../time/calendar';

/** The flowers of one outing. */
export interface RoundSituation {
  readonly outing: Outing;
  /** Plants still to visit of a round under way. */
  readonly plantsLeft: number;
  /** Marked flowers that no round has dealt with. */
  readonly waiting: number;
  /** Where all of these get pollen a second time: from when on the first of them do. */
  readonly again?: number;
  readonly opens: number;
  readonly lastSafe: number;
  /** Minutes the rest of a round under way takes: of one that is not planned yet only its plan tells. */
  readonly minutes?: number;
}

/** A walk for flowers that open next. */
export interface WalkSituation {
  readonly plants: number;
  readonly visited: number;
  /** Missing where the sun does not set: at any time. */
  readonly from?: number;
}

/** What the day asks of the grower, in counts. Times in UTC milliseconds. */
export interface DaySituation {
  readonly now: number;
  readonly sunset: number | null;
  readonly rounds: readonly RoundSituation[];
  /** Stops without pollen that are due on an outing on which nothing else is. */
  readonly chores: readonly { readonly outing: Outing; readonly due: number }[];
  /** Plants grown to eat whose flowers are open now, those already seen, and when the first of the others shut. */
  readonly open: {
    readonly plants: number;
    readonly visited: number;
    readonly until: number | undefined;
    /** Plants whose females get pollen a second time, from when the first of them do, and when the first shut. */
    readonly again?: { readonly plants: number; readonly from: number; readonly until: number | undefined };
    /** Where no walk leads to them: those whose flowers open next, and when the first of them do. */
    readonly next?: { readonly plants: number; readonly from: number };
  };
  readonly walks: readonly WalkSituation[];
  /** Perfect flowers that are shaken again and again, where that is kept up. */
  readonly routine?: RoutineSituation | undefined;
  /** Fruit to look at. */
  readonly looks: { readonly due: number };
}

/** `chores`: a round without pollen. */
type TaskKind = 'round' | 'open' | 'walk' | 'routine' | 'looks' | 'chores' | 'rest';

export interface Task {
  readonly kind: TaskKind;
  /** Of a round. */
  readonly outing?: Outing;
  /** Is it the second time round on one day? */
  readonly again?: true;
  /** Of a walk: does it begin long before sunset? */
  readonly period?: 'afternoon' | 'evening';
  readonly size: number;
  /** Missing of a round that is not planned yet. */
  readonly minutes?: number;
  readonly from?: number;
  readonly by?: number;
  readonly started: boolean;
  /** Of a routine: are flowers brushed, and none shaken? */
  readonly brushed?: true;
}

export interface DayTasks {
  /** The one thing to do next. */
  readonly next: Task;
  readonly then: readonly Task[];
}

/** A walk that begins earlier than this before sunset is one of the afternoon. Our default. */
const EVENING_H = 4;
/** The round comes next from two hours before the first flower opens, and may be started then. Our default. */
export const ROUND_BEFORE_OPENING_MS = 2 * MS_PER_HOUR;
/** A flower that is closing may still be tried for a while. Our default. */
export const LATE_BUT_TRY_MS = 90 * MS_PER_MINUTE;
const MINUTES_PER_PLANT = 0.5;
/** Walking there, finding what is open, brushing it. */
const MINUTES_PER_OPEN_PLANT = 1;
const MINUTES_PER_CHORE = 1;
/** Five minutes for sixty strawberry plants (common practice, no source), more for trusses. Our default. */
const MINUTES_PER_SHAKEN_PLANT = 0.2;

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
  for (const round of situation.rounds) put(roundTask(round));
  put(openTask(situation));
  put(routineTask(situation));
  for (const task of walkTasks(situation)) put(task);
  if (situation.looks.due > 0) {
    const size = situation.looks.due;
    put({ kind: 'looks', size, minutes: minutesFor(size, MINUTES_PER_LOOK), started: false });
  }
  for (const chores of situation.chores) put(choresTask(chores));
  later.sort((a, b) => a.from! - b.from!);
  const [next, ...then] = [...now, ...later];
  return next ? { next, then } : { next: { kind: 'rest', size: 0, minutes: 0, started: false }, then: [] };
}

/**
 * Plants left of a round under way, else flowers that wait for one.
 *
 * @example roundSize({ ...round, plantsLeft: 0, waiting: 3 }) // 3
 */
export const roundSize = ({ plantsLeft, waiting }: RoundSituation): number =>
  plantsLeft > 0 ? plantsLeft : waiting;

/**
 * When a round comes next and may be started, UTC milliseconds.
 *
 * @example roundFrom({ ...round, opens }) // two hours before
 */
export const roundFrom = ({ opens }: Pick<RoundSituation, 'opens'>): number =>
  opens - ROUND_BEFORE_OPENING_MS;

/** Nothing of it waits for an hour. */
const choresTask = ({ outing, due }: DaySituation['chores'][number]): Task => ({
  kind: 'chores',
  outing,
  size: due,
  minutes: minutesFor(due, MINUTES_PER_CHORE),
  started: false,
});

function roundTask(round: RoundSituation): Task | undefined {
  const size = roundSize(round);
  if (size === 0) return undefined;
  return {
    kind: 'round',
    outing: round.outing,
    size,
    ...(round.minutes !== undefined && { minutes: round.minutes }),
    from: round.plantsLeft > 0 ? roundFrom(round) : Math.max(roundFrom(round), round.again ?? -Infinity),
    ...(round.again !== undefined && round.plantsLeft === 0 && ({ again: true } as const)),
    by: round.lastSafe,
    started: round.plantsLeft > 0,
  };
}

function openTask({ open }: DaySituation): Task | undefined {
  const size = open.plants - open.visited;
  if (size <= 0) return secondTimeTask(open.again) ?? nextOpenTask(open);
  return {
    kind: 'open',
    size,
    minutes: minutesFor(size, MINUTES_PER_OPEN_PLANT),
    ...(open.until !== undefined && { by: open.until }),
    started: open.visited > 0,
  };
}

/** Back to open females, once all plants were seen. */
function secondTimeTask(again: DaySituation['open']['again']): Task | undefined {
  if (!again) return undefined;
  return {
    kind: 'open',
    again: true,
    size: again.plants,
    minutes: minutesFor(again.plants, MINUTES_PER_OPEN_PLANT),
    from: again.from,
    ...(again.until !== undefined && { by: again.until }),
    started: false,
  };
}

function nextOpenTask({ next }: DaySituation['open']): Task | undefined {
  if (!next) return undefined;
  const minutes = minutesFor(next.plants, MINUTES_PER_OPEN_PLANT);
  return { kind: 'open', size: next.plants, minutes, from: next.from, started: false };
}

function routineTask({ routine }: DaySituation): Task | undefined {
  if (!routine) return undefined;
  const size = routine.plants - routine.done;
  if (size === 0) return undefined;
  return {
    kind: 'routine',
    size,
    minutes: minutesFor(size, MINUTES_PER_SHAKEN_PLANT),
    ...(routine.brushed && ({ brushed: true } as const)),
    from: routine.from,
    by: routine.by,
    started: routine.done > 0,
  };
}

/** What may be walked now is one walk, wherever its flowers open. */
function walkTasks({ walks, sunset, now }: DaySituation): Task[] {
  const due = walks.filter(({ from }) => from === undefined || from <= now);
  const later = walks.filter(({ from }) => from !== undefined && from > now);
  const first = due[0] && {
    plants: due.reduce((sum, { plants }) => sum + plants, 0),
    visited: due.reduce((sum, { visited }) => sum + visited, 0),
    ...(due[0].from !== undefined && { from: Math.max(...due.map(({ from }) => from ?? 0)) }),
  };
  return [...(first ? [first] : []), ...later].flatMap((walk) => walkTask(walk, sunset, now));
}

/** What is left of a span after whole periods, never negative. */
const sinceLast = (span: number, period: number): number => ((span % period) + period) % period;

function walkTask(walk: WalkSituation, sunset: number | null, now: number): Task[] {
  const size = walk.plants - walk.visited;
  if (size <= 0) return [];
  const { from } = walk;
  const beforeSunset =
    sunset === null || from === undefined ? 0 : sinceLast(sunset - Math.max(from, now), 24 * MS_PER_HOUR);
  return [
    {
      kind: 'walk',
      period:
        beforeSunset > EVENING_H * MS_PER_HOUR && beforeSunset < 12 * MS_PER_HOUR ? 'afternoon' : 'evening',
      size,
      minutes: minutesFor(size, MINUTES_PER_PLANT),
      ...(from !== undefined && { from }),
      started: walk.visited > 0,
    },
  ];
}
