import { GATE, type Place } from '../../garden/places';
import type { Segment } from '../../garden/segments';
import { walkingDistance, type DistanceFunction } from '../../garden/walking';
import type { Donor } from '../../journal/kinds/round';
import { groupBy } from '../../text/groupBy';
import { reason, type Reason } from '../../text/reason';
import { MS_PER_MINUTE } from '../../time/calendar';
import { serviceMs, type HandlingMs } from '../handling';
import type { WorkingHours } from '../workingHours';
import type { Pair } from '../pairing/pairFlowers';
import { shortTour } from './tour';

export interface RoundVariety {
  readonly variety: string;
  readonly hours: WorkingHours;
  readonly handling: HandlingMs;
  /** What one set fruit of it is worth to the grower compared with another: 1 for eating, more for seed. */
  readonly weight: number;
}

export interface RoundRequest {
  readonly pairs: readonly Pair[];
  readonly varieties: readonly RoundVariety[];
  readonly places: ReadonlyMap<string, Place>;
  /** What one has to walk round. */
  readonly obstacles: readonly Segment[];
  /** Earliest start, UTC milliseconds. */
  readonly from: number;
  /** Males already cut and stood in water need no picking. */
  readonly inHand: ReadonlySet<string>;
}

interface PlannedStopBase {
  readonly plant: string;
  readonly variety: string;
  /** UTC milliseconds. */
  readonly eta: number;
  /** Walking there from the stop before, or from the gate, milliseconds. */
  readonly walk: number;
}

export interface PlannedPick extends PlannedStopBase {
  readonly kind: 'pick';
  readonly blooms: readonly string[];
}

export interface PlannedPollination extends PlannedStopBase {
  readonly kind: 'pollinate';
  readonly bloom: string;
  /** The variety that is to father the seed. */
  readonly father: string;
  /** Which pollination of it, from 1. */
  readonly application: number;
  readonly donors: readonly Donor[];
  /** Reached only after the last safe moment. */
  readonly late: boolean;
}

export type PlannedStop = PlannedPick | PlannedPollination;

export type RouteReason = 'byVariety' | 'picksFirst' | 'late';

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

/** Walking among plants. Our default, to be outweighed by the grower's own pace. */
export const WALKING_M_PER_MS = 0.8 / 1000;

/** The work of one variety with the pollen of one. */
interface Block {
  readonly variety: RoundVariety;
  readonly father: string;
  readonly picks: readonly { readonly plant: string; readonly blooms: readonly string[] }[];
  readonly females: readonly Pair[];
}

/**
 * Plans the order of a round: one variety after another, so that brush and hands carry one pollen at a time; within
 * each, all its males first, then its females, each by a short tour; varieties in the order that saves most.
 *
 * Orders of up to six varieties are all tried; more go by their last safe time. A heuristic: within a variety,
 * picking on the way could be a little shorter.
 *
 * @example planRound({ ...request, pairs: [] }).stops // []
 */
export function planRound(request: RoundRequest): RoundPlan {
  const blocks = blocksOf(request);
  const best = bestSchedule(blocks, request);
  const handling = new Map(
    blocks.flatMap(({ variety, father }) => [
      [father, variety.handling],
      [variety.variety, variety.handling],
    ]),
  );
  const late = best.stops.filter((stop) => stop.kind === 'pollinate' && stop.late).length;
  return {
    ...best,
    latestStart: latestStart(best.stops, blocks, handling),
    busyMs: best.stops.reduce(
      (sum, stop) => sum + stop.walk + serviceMs(stop, handling.get(stop.variety)!),
      0,
    ),
    reasons: [
      reason('byVariety', { count: blocks.length }),
      reason('picksFirst'),
      ...(late > 0 ? [reason('late' as const, { count: late })] : []),
    ],
  };
}

function blocksOf({ pairs, varieties, inHand }: RoundRequest): Block[] {
  const wanted = groupBy(
    pairs.filter(({ donors }) => donors.length > 0),
    ({ variety, father }) => `${variety}|${father}`,
  );
  return varieties.flatMap((variety) =>
    [...wanted.values()]
      .filter(([first]) => first!.variety === variety.variety)
      .map((females) => blockOf(variety, females, inHand)),
  );
}

function blockOf(variety: RoundVariety, females: readonly Pair[], inHand: ReadonlySet<string>): Block {
  const flowersOf = new Map<string, Set<string>>();
  for (const { plant, bloom } of females.flatMap(({ donors }) => donors)) {
    if (inHand.has(bloom)) continue;
    flowersOf.set(plant, (flowersOf.get(plant) ?? new Set()).add(bloom));
  }
  const picks = [...flowersOf].map(([plant, flowers]) => ({ plant, blooms: [...flowers] }));
  return { variety, father: females[0]!.father, picks, females };
}

/** An order of the blocks with the times that follow from it. */
interface Schedule {
  readonly stops: readonly PlannedStop[];
  readonly start: number;
  readonly finish: number;
  readonly walkingM: number;
  /** Worth of the females reached in time. */
  readonly saved: number;
}

const MOST_TRIED = 6;

function bestSchedule(blocks: readonly Block[], request: RoundRequest): Schedule {
  const distance = walkingDistance(request.obstacles);
  const bySafety = [...blocks].sort((a, b) => a.variety.hours.lastSafe - b.variety.hours.lastSafe);
  if (blocks.length > MOST_TRIED) return scheduleOf(bySafety, request, distance);
  let best: Schedule | undefined;
  for (const order of permutations(bySafety)) {
    const tried = scheduleOf(order, request, distance);
    if (!best || tried.saved > best.saved || (tried.saved === best.saved && tried.finish < best.finish)) {
      best = tried;
    }
  }
  return best ?? scheduleOf([], request, distance);
}

function* permutations<T>(items: readonly T[]): Generator<readonly T[]> {
  if (items.length === 0) yield [];
  for (const [i, first] of items.entries()) {
    for (const rest of permutations(items.toSpliced(i, 1))) yield [first, ...rest];
  }
}

function scheduleOf(
  order: readonly Block[],
  { places, from }: RoundRequest,
  distance: DistanceFunction,
): Schedule {
  const stops: PlannedStop[] = [];
  const start = Math.max(from, order[0]?.variety.hours.opens ?? from);
  let now = start;
  let here = GATE;
  let walkingM = 0;
  let saved = 0;
  const placeOf = (plant: string): Place => places.get(plant) ?? here;
  const arriveAt = (plant: string, opens: number): { eta: number; walk: number } => {
    const there = placeOf(plant);
    const metres = distance(here, there);
    walkingM += metres;
    here = there;
    const walk = metres / WALKING_M_PER_MS;
    now = Math.max(now + walk, opens);
    return { eta: now, walk };
  };
  const tour = (plants: readonly { readonly plant: string }[]): number[] =>
    shortTour(
      here,
      plants.map(({ plant }) => placeOf(plant)),
      distance,
    );
  for (const { variety, father, picks, females } of order) {
    const { opens, lastSafe } = variety.hours;
    for (const i of tour(picks)) {
      const pick = picks[i]!;
      stops.push({ kind: 'pick', ...pick, variety: father, ...arriveAt(pick.plant, opens) });
      now += variety.handling.pick * pick.blooms.length;
    }
    for (const i of tour(females)) {
      const { plant, bloom, application, donors } = females[i]!;
      const arrival = arriveAt(plant, opens);
      const late = arrival.eta > lastSafe;
      stops.push({
        kind: 'pollinate',
        plant,
        bloom,
        father,
        application,
        donors,
        variety: variety.variety,
        ...arrival,
        late,
      });
      if (!late) saved += variety.weight;
      now += variety.handling.pollinate;
    }
  }
  return { stops, start, finish: now, walkingM, saved };
}

/**
 * When one must leave the gate to be nowhere late: back from the last stop, each must be reached by its last safe
 * moment, and in time for the next. Waiting for a flower to open only helps.
 */
function latestStart(
  stops: readonly PlannedStop[],
  blocks: readonly Block[],
  handling: ReadonlyMap<string, HandlingMs>,
): number | undefined {
  if (stops.some((stop) => stop.kind === 'pollinate' && stop.late)) return undefined;
  const lastSafe = new Map(blocks.map(({ variety }) => [variety.variety, variety.hours.lastSafe]));
  const leave = stops.reduceRight((next, stop) => {
    const own = stop.kind === 'pollinate' ? (lastSafe.get(stop.variety) ?? Infinity) : Infinity;
    return Math.min(own, next - serviceMs(stop, handling.get(stop.variety)!)) - stop.walk;
  }, Infinity);
  return Number.isFinite(leave) ? Math.floor(leave / MS_PER_MINUTE) * MS_PER_MINUTE : undefined;
}
