import { AT_START, type Job, type RouteProblem } from './routeProblem';

const { max, min } = Math;
const NEVER = Infinity;

const MS_OF_RATE = 60_000;
const ROUNDING_MS = 1e-3;

/** When somebody is at work at a plant. */
interface Span {
  readonly from: number;
  readonly to: number;
}

/** By plant, when one person is there. */
export type AtPlants = ReadonlyMap<string, readonly Span[]>;

/** One person's order of jobs with all that follows from it; it never changes. Plain fields: it is made very often. */
export interface TimedRoute {
  readonly order: readonly number[];
  readonly ends: number;
  /** Ways and work, without any wait. */
  readonly busy: number;
  readonly worth: number;
  /** Is any job begun after its last safe moment? */
  readonly late: boolean;
  /** By place in the order: when each is begun, how much later that may be with nothing late, what each ms costs. */
  readonly begins: readonly number[];
  /** The way to each from the one before. */
  readonly ways: readonly number[];
  readonly slack: readonly number[];
  readonly rate: readonly number[];
  /** By block, the place of the first job that comes last; missing where there is none. */
  readonly firstLast?: ReadonlyMap<string | undefined, number>;
}

/**
 * Times of an order of jobs, each begun as soon as one is there, it is open, and nobody else is at work on the plant.
 *
 * @param others where the others are, and when.
 * @example timedRoute(problem, []).ends // problem.from
 */
export function timedRoute(
  problem: RouteProblem,
  order: readonly number[],
  others: readonly AtPlants[] = [],
): TimedRoute {
  const { jobs, between, from } = problem;
  const length = order.length;
  // Plain arrays: of a few numbers they are made sooner than typed ones.
  const begins = new Array<number>(length);
  const slacks = new Array<number>(length);
  const rates = new Array<number>(length);
  const waits = new Array<number>(length);
  const ways = new Array<number>(length);
  let now = from;
  let here = -1;
  let worth = 0;
  let busy = 0;
  let late = false;
  let firstLast: Map<string | undefined, number> | undefined;
  for (let at = 0; at < length; at += 1) {
    const id = order[at]!;
    const { opens, lastSafe, lasts, worthAt, last, block } = jobs[id]!;
    if (last) {
      firstLast ??= new Map();
      if (!firstLast.has(block)) firstLast.set(block, at);
    }
    const way = between(here, id);
    ways[at] = way;
    busy += way + lasts;
    const there = now + way;
    const comes = others.length > 0 && jobs[here]?.plant !== jobs[id]!.plant;
    const begin = max(comes ? freeFrom(problem, order, at, max(there, opens), others) : there, opens);
    waits[at] = begin - there;
    begins[at] = begin;
    if (begin > lastSafe) late = true;
    if (typeof worthAt === 'function') worth += worthAt(begin);
    now = begin + lasts;
    here = id;
  }
  let slack = NEVER;
  let rate = 0;
  let wait = 0;
  for (let at = length - 1; at >= 0; at -= 1) {
    const { lastSafe, worthAt } = jobs[order[at]!]!;
    const begin = begins[at]!;
    slack = min(slack + wait, lastSafe - begin);
    // What one would have waited there anyhow costs nothing.
    if (wait > 0) rate = 0;
    if (typeof worthAt === 'function')
      rate += max(0, worthAt(begin) - worthAt(begin + MS_OF_RATE)) / MS_OF_RATE;
    slacks[at] = slack;
    rates[at] = rate;
    wait = waits[at]!;
  }
  const timed = { order, ends: now, busy, worth, late, begins, ways, slack: slacks, rate: rates };
  return firstLast ? { ...timed, firstLast } : timed;
}

/** All that one does at a plant before one goes on: places in the order, the second one behind the last. */
function visitFrom(jobs: readonly Job[], order: readonly number[], at: number): number {
  const { plant } = jobs[order[at]!]!;
  let end = at + 1;
  while (end < order.length && jobs[order[end]!]!.plant === plant) end += 1;
  return end;
}

/** From when on one may begin a visit to a plant that others visit too. */
function freeFrom(
  { jobs, between }: RouteProblem,
  order: readonly number[],
  at: number,
  there: number,
  others: readonly AtPlants[],
): number {
  const { plant } = jobs[order[at]!]!;
  // Most plants are visited by one alone, and this is asked of each.
  if (!others.some((each) => each.has(plant))) return there;
  const spans = others.flatMap((each) => each.get(plant) ?? []);
  const last = visitFrom(jobs, order, at);
  const endFrom = (begin: number): number => {
    let now = begin + jobs[order[at]!]!.lasts;
    for (let i = at + 1; i < last; i += 1) {
      const { opens, lasts } = jobs[order[i]!]!;
      now = max(now + between(order[i - 1]!, order[i]!), opens) + lasts;
    }
    return now;
  };
  let begin = there;
  for (const { from, to } of spans.sort((a, b) => a.from - b.from))
    if (from < endFrom(begin) && begin < to) begin = to;
  return begin;
}

/**
 * Where one person is, and when. What is taken along from the start is nobody's plant.
 *
 * @example atPlants(problem, timedRoute(problem, [])).size // 0
 */
export function atPlants({ jobs }: RouteProblem, { order, begins }: TimedRoute): AtPlants {
  const spans = new Map<string, Span[]>();
  for (let at = 0; at < order.length;) {
    const end = visitFrom(jobs, order, at);
    const { plant } = jobs[order[at]!]!;
    const own = spans.get(plant) ?? [];
    own.push({ from: begins[at]!, to: begins[end - 1]! + jobs[order[end - 1]!]!.lasts });
    if (plant !== AT_START) spans.set(plant, own);
    at = end;
  }
  return spans;
}

/**
 * What a job costs at a gap of a route: what it adds to the time and to the work, half of each, and the worth that what
 * comes after loses by it, less its own.
 *
 * @param scale milliseconds that a unit of worth outweighs.
 * @returns milliseconds; `Infinity` where it or anything after it becomes late, or it stands before what must come first.
 * @example costAt(problem, timedRoute(problem, []), { gap: 0, id: 0, scale: 0 }) // the way there and the work
 */
export function costAt(
  { jobs, between, from }: RouteProblem,
  route: TimedRoute,
  { gap, id, scale }: { readonly gap: number; readonly id: number; readonly scale: number },
): number {
  const { order, begins, ways, slack, rate, ends } = route;
  const { opens, lastSafe, lasts, worthAt } = jobs[id]!;
  const before = gap === 0 ? -1 : order[gap - 1]!;
  if (isOutOfTurn(jobs, route, gap, id)) return NEVER;
  const free = gap === 0 ? from : begins[gap - 1]! + jobs[before]!.lasts;
  const way = between(before, id);
  const begin = max(free + way, opens);
  if (begin > lastSafe) return NEVER;
  const gained = typeof worthAt === 'function' ? worthAt(begin) : 0;
  const next = order[gap];
  if (next === undefined) return (begin + lasts - ends + way + lasts) / 2 - gained * scale;
  const onward = between(id, next);
  const delay = max(0, begin + lasts + onward - begins[gap]!);
  // A sum of many ways: what is late by a rounding error is seen when the times are worked out.
  if (delay > slack[gap]! + ROUNDING_MS) return NEVER;
  const detour = way + lasts + onward - ways[gap]!;
  return (delay + detour) / 2 + (delay * rate[gap]! - gained) * scale;
}

/** Would a job that comes last in its block stand before another of it, or another after one that comes last? */
function isOutOfTurn(
  jobs: RouteProblem['jobs'],
  { order, firstLast }: TimedRoute,
  gap: number,
  id: number,
): boolean {
  const { block, last } = jobs[id]!;
  if (!last) return firstLast !== undefined && gap > (firstLast.get(block) ?? NEVER);
  for (let at = gap; at < order.length; at += 1) {
    const after = jobs[order[at]!]!;
    if (!after.last && after.block === block) return true;
  }
  return false;
}
