import type { Chore, Donor } from '../journal/kinds/stops';
import { reason, type Reason } from '../text/reason';
import { MS_PER_MINUTE } from '../time/calendar';
import { bestRoutes, type SearchOptions } from '../route/bestRoutes';
import { mustClean, roundJobs, type RoundJob, type RoundJobs } from './roundJobs';
import type { RoundRequest } from './roundRequest';
import type { RouteProblem } from '../route/routeProblem';
import { atPlants, timedRoute, type TimedRoute } from '../route/timedRoute';

interface PlannedStopBase {
  readonly plant: string;
  readonly variety: string;
  /** UTC milliseconds. */
  readonly eta: number;
  /** The way there from the stop before, or from the gate, and cleaning hands where that is needed, milliseconds. */
  readonly way: number;
  /** What the work there takes, milliseconds. */
  readonly lasts: number;
}

interface PlannedPick extends PlannedStopBase {
  readonly kind: 'pick';
  readonly blooms: readonly string[];
}

interface PlannedPollination extends PlannedStopBase {
  readonly kind: 'pollinate';
  readonly bloom: string;
  /** The variety that is to father the seed. */
  readonly father: string;
  /** Which pollination of it, from 1. */
  readonly application: number;
  readonly donors: readonly Donor[];
  /** When it must be begun, UTC milliseconds. */
  readonly lastSafe: number;
  /** Reached only after that. */
  readonly late: boolean;
}

interface PlannedChore extends PlannedStopBase {
  readonly kind: 'chore';
  readonly chore: Chore;
}

export type PlannedStop = PlannedPick | PlannedPollination | PlannedChore;

export type RouteReason =
  'worthFirst' | 'cleanBetween' | 'picksFirst' | 'suspectsLast' | 'downwindLast' | 'late';

export interface RoundPlan {
  readonly stops: readonly PlannedStop[];
  readonly start: number;
  readonly finish: number;
  /** When one must leave the gate so that nothing is late; `undefined` when even the earliest start is too late. */
  readonly latestStart: number | undefined;
  readonly walkingM: number;
  /** Work and walking, milliseconds: less than from start to finish where one has to wait for flowers to open. */
  readonly busyMs: number;
  readonly reasons: readonly Reason<RouteReason>[];
}

/**
 * Plans the rounds of so many people: that most worth is saved before the flowers shut, and the work is over soon. Males are picked before the females that take them, by the same person; no two people are at one plant
 * at once. Females for which there is no time come last, with their males, and are called late.
 *
 * @example planRounds({ ...request, pairs: [] }, 2).map(({ stops }) => stops) // [[], []]
 */
export function planRounds(request: RoundRequest, people: number, options?: SearchOptions): RoundPlan[] {
  const round = roundJobs(request, people);
  const routes = withLate(round, bestRoutes(round, options), { ...options, onProgress: undefined });
  return routes.map((route) => planOf(round, route));
}

/** Those that found no time in it are put behind a route by a short way: who is faster than planned may reach them. */
function withLate(
  round: RoundJobs,
  timed: readonly TimedRoute[],
  options?: SearchOptions,
): readonly TimedRoute[] {
  const routes = timed.map(({ order }) => order);
  const done = new Set(routes.flat());
  const ownerOf = new Map(routes.flatMap((route, person) => route.map((id) => [id, person] as const)));
  const late = routes.map((): number[] => []);
  round.jobs.forEach((job, id) => {
    if (job.kind !== 'pollinate' || done.has(id)) return;
    // Who has a male of hers in hand, else who has the fewest; males in other hands she goes without.
    const owner = job.needs.map((need) => ownerOf.get(need)).find((each) => each !== undefined);
    const person =
      owner ?? late.indexOf(late.reduce((least, each) => (each.length < least.length ? each : least)));
    const missing = job.needs.filter((need) => !ownerOf.has(need));
    for (const each of [...missing, id]) ownerOf.set(each, person);
    late[person]!.push(...missing, id);
  });
  return routes.reduce((before, route, person) => {
    const left = late[person]!;
    if (left.length === 0) return before;
    const at = new Map(left.map((id, i) => [id, i]));
    const behind: RouteProblem = {
      people: 1,
      worthMs: round.worthMs,
      from: Math.max(round.from, ...left.map((id) => round.jobs[id]!.opens)),
      jobs: left.map((id) => {
        const { needs, worthAt, ...job } = round.jobs[id]!;
        const own = needs.flatMap((need) => at.get(need) ?? []);
        return {
          ...job,
          needs: own,
          lastSafe: Infinity,
          worthAt: worthAt === 'forOthers' ? worthAt : () => 1,
        };
      }),
      between: (from, to) => round.between(from < 0 ? (route.at(-1) ?? -1) : left[from]!, left[to]!),
    };
    const order = [...route, ...bestRoutes(behind, options)[0]!.order.map((i) => left[i]!)];
    // A healthy plant comes before one of its family that looks diseased, however late it is.
    const isTooSoon = (id: number, place: number): boolean => {
      const { block, last } = round.jobs[id]!;
      return (
        last === true &&
        order.slice(place).some((after) => round.jobs[after]!.block === block && !round.jobs[after]!.last)
      );
    };
    const inTurn = [
      ...order.filter((id, place) => !isTooSoon(id, place)),
      ...order.filter((id, place) => isTooSoon(id, place)),
    ];
    const others = before.filter((_, other) => other !== person).map((each) => atPlants(round, each));
    return before.with(person, timedRoute(round, inTurn, others));
  }, timed);
}

function planOf(round: RoundJobs, { order: route, begins, ends }: TimedRoute): RoundPlan {
  const stops: PlannedStop[] = [];
  const own = new Set(route);
  // Males in other hands.
  const elsewhere = new Set(
    round.jobs.flatMap((job, id) =>
      (job.kind === 'pick' || job.kind === 'carry') && !own.has(id) ? [job.bloom] : [],
    ),
  );
  let walkingM = 0;
  route.forEach((id, i) => {
    const job = round.jobs[id]!;
    const before = route[i - 1] ?? -1;
    const way = round.between(before, id);
    walkingM += round.metres(before, id);
    const last = stops.at(-1);
    const { plant } = job;
    if (job.kind === 'carry') return;
    if (job.kind === 'pick' && last?.kind === 'pick' && last.plant === plant && last.variety === job.father) {
      const { blooms, lasts } = last;
      stops[stops.length - 1] = { ...last, blooms: [...blooms, job.bloom], lasts: lasts + job.lasts };
      return;
    }
    const stop = stopOf(job, { eta: begins[i]!, way });
    stops.push(
      stop.kind === 'pollinate'
        ? { ...stop, donors: stop.donors.filter(({ bloom }) => !elsewhere.has(bloom)) }
        : stop,
    );
  });
  const first = route[0];
  const late = stops.filter((stop) => stop.kind === 'pollinate' && stop.late).length;
  return {
    stops,
    start: first === undefined ? round.from : Math.max(round.from, begins[0]! - round.between(-1, first)),
    finish: ends,
    latestStart: latestStart(stops),
    walkingM,
    busyMs: stops.reduce((sum, { way, lasts }) => sum + way + lasts, 0),
    reasons: reasonsFor(round, route, late),
  };
}

function stopOf(
  job: Exclude<RoundJob, { readonly kind: 'carry' }>,
  { eta, way }: { eta: number; way: number },
): PlannedStop {
  const { plant, lasts, father } = job;
  const at = { plant, eta, way, lasts };
  if (job.kind === 'chore') return { kind: 'chore', ...at, variety: job.chore.variety, chore: job.chore };
  if (job.kind === 'pick') return { kind: 'pick', ...at, variety: father, blooms: [job.bloom] };
  const { bloom, application, donors, variety } = job.pair;
  const { lastSafe } = job;
  return {
    kind: 'pollinate',
    ...at,
    variety,
    bloom,
    father,
    application,
    donors,
    lastSafe,
    late: eta > lastSafe,
  };
}

function reasonsFor({ jobs }: RoundJobs, route: readonly number[], late: number): Reason<RouteReason>[] {
  const changes = route.filter((id, i) => mustClean(jobs[route[i - 1] ?? -1], jobs[id]!)).length;
  return [
    reason('worthFirst'),
    ...(route.some((id) => jobs[id]!.kind === 'pick') ? [reason('picksFirst' as const)] : []),
    ...(changes > 0 ? [reason('cleanBetween' as const, { count: changes })] : []),
    ...(route.some((id) => jobs[id]!.last) ? [reason('suspectsLast' as const)] : []),
    ...(route.some((id) => jobs[id]!.variety.byWind) ? [reason('downwindLast' as const)] : []),
    ...(late > 0 ? [reason('late' as const, { count: late })] : []),
  ];
}

/**
 * When one must leave the gate to be nowhere late: back from the last stop, each must be reached by its last safe
 * moment, and in time for the next. Waiting for a flower to open only helps.
 */
function latestStart(stops: readonly PlannedStop[]): number | undefined {
  if (stops.some((stop) => stop.kind === 'pollinate' && stop.late)) return undefined;
  const leave = stops.reduceRight((next, stop) => {
    const own = stop.kind === 'pollinate' ? stop.lastSafe : Infinity;
    return Math.min(own, next - stop.lasts) - stop.way;
  }, Infinity);
  return Number.isFinite(leave) ? Math.floor(leave / MS_PER_MINUTE) * MS_PER_MINUTE : undefined;
}
