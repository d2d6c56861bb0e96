import type { Outing } from '../crops/outing';
import type { Task } from '../due/dayTasks';
import { fruitsOf, type Fruit } from '../fruit/fruits';
import { isOnPlant } from '../fruit/fruitHistory';
import { ripensFor } from '../fruit/ripe';
import type { Use } from '../fruit/ripening';
import type { Journal } from '../journal/journal';
import type { Garden, Variety } from '../journal/state';
import { lastUsefulOf, type LastUseful } from '../outcome/lastUseful';
import { gardenPlan } from '../planning/gardenPlan';
import { seasonAt } from '../season/seasons';
import { seedJobs, type SeedJob } from '../seed/seedJobs';
import { byId } from '../text/byId';
import { groupBy } from '../text/groupBy';
import { addDays, atClock, dayAt, daysBetween, MS_PER_MINUTE } from '../time/calendar';
import type { Day } from '../time/types';
import { todayOf, type Today } from '../today/today';

/** A span of some hours, UTC milliseconds, or a whole day of the garden. */
export type EventTime = { readonly from: number; readonly to: number } | { readonly day: Day };

/** What it is about. */
export type EventSubject =
  | { readonly kind: 'round'; readonly outing: Outing; readonly again: boolean; readonly size: number }
  | { readonly kind: 'walk' | 'open' | 'routine'; readonly size: number }
  | { readonly kind: 'looks'; readonly size: number }
  | {
      readonly kind: 'ripe';
      readonly use: Use;
      readonly variety: Variety;
      readonly size: number;
      /** Tags of those that wear one. */
      readonly codes: readonly string[];
    }
  | { readonly kind: 'seed'; readonly job: SeedJob }
  | { readonly kind: 'lastUseful'; readonly variety: Variety; readonly last: LastUseful }
  | { readonly kind: 'sow'; readonly variety: Variety };

/** Something for a calendar: what the garden asks for, and when. */
export interface CalendarEvent {
  /** The same as long as it is the same thing, whatever becomes of its hour. */
  readonly uid: string;
  readonly time: EventTime;
  readonly about: EventSubject;
}

/** Days whose flowers are counted, today the first: what opens later nobody knows. */
const FLOWER_DAYS = 7;
/** What takes a few minutes is still to be seen in a calendar. */
const SHORTEST_MS = 15 * MS_PER_MINUTE;

/**
 * All that is known to be due, today and later, the first first.
 *
 * @param now UTC milliseconds.
 * @example calendarEvents(new Journal(), garden, now) // []
 */
export function calendarEvents(journal: Journal, garden: Garden, now: number): CalendarEvent[] {
  const today = dayAt(now, garden.zone);
  const fruits = fruitsOf(journal, garden, today, seasonAt(journal, today));
  const all = [
    ...workEvents(journal, garden, now, today),
    ...lookEvents(fruits, today),
    ...ripeEvents(journal, garden, fruits, today),
    ...seedJobs(journal, garden, today).map((job) => seedEvent(job, today)),
    ...planEvents(journal, garden, today),
  ];
  // The first that was said of a thing holds: today's is the nearest.
  const first = new Map([...all].reverse().map((event) => [event.uid, event]));
  return [...first.values()].sort((a, b) => startOf(a, garden) - startOf(b, garden) || byId(a.uid, b.uid));
}

/** UTC milliseconds; of a whole day its midnight. */
export const startOf = ({ time }: Pick<CalendarEvent, 'time'>, { zone }: Garden): number =>
  'day' in time ? atClock(time.day, 0, zone) : time.from;

/** The work at flowers: of today as it stands, of each day that follows as it is known today. */
function workEvents(journal: Journal, garden: Garden, now: number, today: Day): CalendarEvent[] {
  return Array.from({ length: FLOWER_DAYS }, (_, i) => i).flatMap((i) => {
    const at = i === 0 ? now : atClock(addDays(today, i), 0, garden.zone);
    const day = todayOf(journal, garden, at);
    return [day.tasks.next, ...day.tasks.then].flatMap((task) => workEvent(task, day, at) ?? []);
  });
}

function workEvent(task: Task, today: Today, at: number): CalendarEvent | undefined {
  const { kind, size, again = false } = task;
  if (kind === 'rest' || kind === 'looks' || kind === 'chores') return undefined;
  const outing = today.outings.find((each) => each.outing === task.outing);
  // A round may be started before its flowers open; a second time begins by itself.
  const from = kind === 'round' && outing && !again ? outing.hours.opens : (task.from ?? at);
  const lasts = Math.max(SHORTEST_MS, (task.minutes ?? 0) * MS_PER_MINUTE);
  const to = kind === 'round' || kind === 'routine' ? Math.max(task.by ?? 0, from + lasts) : from + lasts;
  if (kind === 'round') {
    if (!outing) return undefined;
    const uid = `round-${outing.outing}-${outing.day}${again ? '-again' : ''}`;
    return { uid, time: { from, to }, about: { kind, outing: outing.outing, again, size } };
  }
  const which = [kind, ...(again ? ['again'] : []), ...(task.period ? [task.period] : []), today.day];
  // Where the sun does not set, one walks at any time.
  const time = kind === 'walk' && task.from === undefined ? { day: today.day } : { from, to };
  return { uid: which.join('-'), time, about: { kind, size } };
}

/** Fruits to look at, by the day on which their look comes due; what is overdue is due today. */
function lookEvents(fruits: readonly Fruit[], today: Day): CalendarEvent[] {
  const due = fruits.flatMap(({ look, history }) =>
    look ? [addDays(today, Math.max(0, look.from - history.age))] : [],
  );
  return Array.from(
    groupBy(due, (day) => day),
    ([day, own]) => ({ uid: `looks-${day}`, time: { day }, about: { kind: 'looks', size: own.length } }),
  );
}

/** Fruits by the day on which they are ripe for what they are grown for; what hangs on is ripe today. */
function ripeEvents(journal: Journal, garden: Garden, fruits: readonly Fruit[], today: Day): CalendarEvent[] {
  const ripe = fruits.flatMap((fruit) => {
    const ripens = ripensFor(journal, garden, fruit);
    if (!ripens) return [];
    return [{ fruit, use: ripens.use, day: ripens.day < today ? today : ripens.day }];
  });
  return Array.from(
    groupBy(ripe, ({ fruit, use, day }) => `${use}-${fruit.variety.variety}-${day}`),
    ([key, own]) => ({
      uid: `ripe-${key}`,
      time: { day: own[0]!.day },
      about: {
        kind: 'ripe' as const,
        use: own[0]!.use,
        variety: own[0]!.fruit.variety,
        size: own.reduce((sum, { fruit }) => sum + fruit.histories.filter(isOnPlant).length, 0),
        codes: own.flatMap(({ fruit }) => (fruit.bloom.code ? [fruit.bloom.code] : [])).sort(),
      },
    }),
  );
}

function seedEvent(job: SeedJob, today: Day): CalendarEvent {
  const of =
    job.job === 'open'
      ? `${job.variety.variety}-${job.fruits[0]!.bloom.bloom}`
      : job.job === 'count'
        ? `${job.test}-${job.count}`
        : job.lot.lot;
  const day = job.from < today ? today : job.from;
  return { uid: `${job.job}-${of}`, time: { day }, about: { kind: 'seed', job } };
}

/** The last day on which pollinating a variety is worth while, and sowings to come. */
function planEvents(journal: Journal, garden: Garden, today: Day): CalendarEvent[] {
  const { varieties } = gardenPlan(journal, garden, today);
  const season = seasonAt(journal, today).from;
  const grown = new Map(
    varieties.flatMap(({ variety, places }) =>
      places.length > 0 ? [[variety.variety, variety] as const] : [],
    ),
  );
  const last = [...grown.values()].flatMap((variety): CalendarEvent[] => {
    const until = lastUsefulOf(journal, garden, variety, today);
    if (until === undefined || until === 'notToldFrost' || daysBetween(today, until.day) < 0) return [];
    const uid = `last-${variety.variety}-${season}`;
    return [{ uid, time: { day: until.day }, about: { kind: 'lastUseful', variety, last: until } }];
  });
  const sown = varieties.flatMap(({ planting, variety, sowing }): CalendarEvent[] =>
    sowing && sowing.day >= today
      ? [{ uid: `sow-${planting}`, time: { day: sowing.day }, about: { kind: 'sow', variety } }]
      : [],
  );
  return [...last, ...sown];
}
