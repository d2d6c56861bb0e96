import { GATE, type Place } from '../garden/places';
import { walkingMetres, type Metres, type Stretch } from '../garden/walking';
import type { Donor } from '../journal/entry';
import type { Pair } from '../pairing/pairFlowers';
import { reason, type Reason } from '../reason';
import { MS_PER_MINUTE } from '../time/calendar';
import { shortTour } from './tour';

/** When a variety's flowers can be worked; UTC milliseconds. */
export interface WorkingHours {
  readonly opens: number;
  readonly lastSafe: number;
}

export interface RoundVariety {
  readonly variety: string;
  readonly hours: WorkingHours;
  /** What one set fruit of it is worth to the grower beside another: 1 eating, more for seed. */
  readonly weight: number;
}

export interface RoundRequest {
  readonly pairs: readonly Pair[];
  readonly varieties: readonly RoundVariety[];
  readonly places: ReadonlyMap<string, Place>;
  /** What one has to walk round. */
  readonly walls: readonly Stretch[];
  /** Earliest start, UTC milliseconds. */
  readonly from: number;
  /** Males already cut and stood in water need no picking. */
  readonly inHand: ReadonlySet<string>;
}

interface Visit {
  readonly plant: string;
  readonly variety: string;
  /** UTC milliseconds. */
  readonly eta: number;
}

export interface PickVisit extends Visit {
  readonly kind: 'pick';
  readonly flowers: readonly string[];
}

export interface PollinateVisit extends Visit {
  readonly kind: 'pollinate';
  readonly flower: string;
  readonly donors: readonly Donor[];
  /** Reached only after the last safe moment. */
  readonly late: boolean;
}

export type RoundVisit = PickVisit | PollinateVisit;

export interface RoundPlan {
  readonly visits: readonly RoundVisit[];
  readonly start: number;
  readonly finish: number;
  /** The latest start at which nothing is late; `undefined` when even the earliest is too late. */
  readonly latestStart: number | undefined;
  readonly walkM: number;
  readonly reasons: readonly Reason<'byVariety' | 'picksFirst' | 'late'>[];
}

/** Times of the work and the walk. Our defaults, to be outweighed by the grower's own pace. */
export const PICK_MS = 25_000;
export const POLLINATE_MS = 75_000;
const WALK_M_PER_MS = 0.8 / 1000;

interface Block {
  readonly variety: RoundVariety;
  readonly picks: readonly { readonly plant: string; readonly flowers: readonly string[] }[];
  readonly females: readonly Pair[];
}

/**
 * The order of walking: varieties in turn, so that brush and hands meet one pollen at a time; within each, all
 * its males first, then its females, each by a short walk; varieties in the order that saves most.
 *
 * Orders of up to six varieties are all tried; more go by their last safe time. A heuristic: within a variety
 * picking on the way could be a little shorter.
 */
export function planRound(request: RoundRequest): RoundPlan {
  const blocks = blocksOf(request);
  const best = bestOrder(blocks, request);
  const late = best.visits.filter((visit) => visit.kind === 'pollinate' && visit.late).length;
  return {
    ...best,
    latestStart: latestStart(best.visits, blocks),
    reasons: [
      reason('byVariety', { count: blocks.length }),
      reason('picksFirst'),
      ...(late > 0 ? [reason('late' as const, { count: late })] : []),
    ],
  };
}

function blocksOf({ pairs, varieties, inHand }: RoundRequest): Block[] {
  return varieties.flatMap((variety): Block[] => {
    const females = pairs.filter((pair) => pair.variety === variety.variety && pair.donors.length > 0);
    if (females.length === 0) return [];
    const flowersOf = new Map<string, Set<string>>();
    for (const { plant, flower } of females.flatMap(({ donors }) => donors)) {
      if (inHand.has(flower)) continue;
      flowersOf.set(plant, (flowersOf.get(plant) ?? new Set()).add(flower));
    }
    const picks = [...flowersOf].map(([plant, flowers]) => ({ plant, flowers: [...flowers] }));
    return [{ variety, picks, females }];
  });
}

interface Walked {
  readonly visits: readonly RoundVisit[];
  readonly start: number;
  readonly finish: number;
  readonly walkM: number;
  readonly saved: number;
}

const MOST_TRIED = 6;

function bestOrder(blocks: readonly Block[], request: RoundRequest): Walked {
  const metres = walkingMetres(request.walls);
  const bySafety = [...blocks].sort((a, b) => a.variety.hours.lastSafe - b.variety.hours.lastSafe);
  if (blocks.length > MOST_TRIED) return walk(bySafety, request, metres);
  let best: Walked | undefined;
  for (const order of permutations(bySafety)) {
    const walked = walk(order, request, metres);
    if (!best || walked.saved > best.saved || (walked.saved === best.saved && walked.finish < best.finish)) {
      best = walked;
    }
  }
  return best ?? walk([], request, metres);
}

function* permutations<T>(items: readonly T[]): Generator<readonly T[]> {
  if (items.length === 0) yield [];
  for (const [i, first] of items.entries()) {
    for (const rest of permutations(items.toSpliced(i, 1))) yield [first, ...rest];
  }
}

function walk(order: readonly Block[], { places, from }: RoundRequest, metres: Metres): Walked {
  const visits: RoundVisit[] = [];
  const start = Math.max(from, order[0]?.variety.hours.opens ?? from);
  let now = start;
  let here = GATE;
  let walkM = 0;
  let saved = 0;
  const placeOf = (plant: string): Place => places.get(plant) ?? here;
  const go = (plant: string, opens: number): number => {
    const there = placeOf(plant);
    const way = metres(here, there);
    walkM += way;
    here = there;
    now = Math.max(now + way / WALK_M_PER_MS, opens);
    return now;
  };
  for (const { variety, picks, females } of order) {
    const { opens, lastSafe } = variety.hours;
    for (const i of shortTour(
      here,
      picks.map(({ plant }) => placeOf(plant)),
      metres,
    )) {
      const pick = picks[i]!;
      visits.push({ kind: 'pick', ...pick, variety: variety.variety, eta: go(pick.plant, opens) });
      now += PICK_MS * pick.flowers.length;
    }
    for (const i of shortTour(
      here,
      females.map(({ plant }) => placeOf(plant)),
      metres,
    )) {
      const { plant, flower, donors } = females[i]!;
      const eta = go(plant, opens);
      const late = eta > lastSafe;
      visits.push({ kind: 'pollinate', plant, flower, donors, variety: variety.variety, eta, late });
      if (!late) saved += variety.weight;
      now += POLLINATE_MS;
    }
  }
  return { visits, start, finish: now, walkM, saved };
}

/** How much later one could start: the smallest slack of any flower, by the clock of this walk. */
function latestStart(visits: readonly RoundVisit[], blocks: readonly Block[]): number | undefined {
  const lastSafe = new Map(blocks.map(({ variety }) => [variety.variety, variety.hours.lastSafe]));
  const slack = visits.reduce(
    (least, visit) =>
      visit.kind === 'pollinate'
        ? Math.min(least, (lastSafe.get(visit.variety) ?? Infinity) - visit.eta)
        : least,
    Infinity,
  );
  const start = visits[0]?.eta;
  if (start === undefined || slack < 0 || slack === Infinity) return undefined;
  return Math.floor((start + slack) / MS_PER_MINUTE) * MS_PER_MINUTE;
}
