import { GATE, placesOf, type Place } from '../garden/places';
import type { Segment } from '../garden/segments';
import { walkingDistance } from '../garden/walking';
import type { Journal } from '../journal/journal';
import { walkId } from '../journal/kinds/walk';
import { isSuspect } from '../journal/plantCondition';
import { groupBy } from '../text/groupBy';
import { addDays } from '../time/calendar';
import { obstaclesOf } from '../round/roundConditions';
import type { WalkedPlant } from '../due/outings';

/** Of more beds than this the order is only sketched: each is put where it lengthens the way least. */
const MAX_SEARCHED = 40;
/** Of so few beds all orders are compared. */
const MAX_EXACT = 8;

/**
 * The plants of a walk with the beds in an order that is short to walk from the gate, each bed row by row; those that
 * look diseased after all others, since disease travels on hands. It depends on beds and plants alone, so that it
 * stays the same while one walks.
 *
 * @param walk in the order of {@link comparePlants}.
 * @example inWalkingOrder(journal, []) // []
 */
export function inWalkingOrder(journal: Journal, walk: readonly WalkedPlant[]): readonly WalkedPlant[] {
  const suspect = walk.filter(({ plant }) => isSuspect(plant));
  if (suspect.length === 0) return bedByBed(journal, walk);
  return [
    ...bedByBed(
      journal,
      walk.filter(({ plant }) => !isSuspect(plant)),
    ),
    ...bedByBed(journal, suspect),
  ];
}

function bedByBed(journal: Journal, walk: readonly WalkedPlant[]): readonly WalkedPlant[] {
  const plants = walk.map(({ plant }) => plant);
  const places = placesOf(plants, journal.all('bed'));
  const beds = [...groupBy(walk, ({ plant }) => plant.bed).values()];
  const ends = beds.map((bed): Ends => {
    const known = bed.flatMap(({ plant }) => places.get(plant.plant) ?? []);
    return { first: known[0], last: known.at(-1) };
  });
  return bedOrder(ends, obstaclesOf(journal)).flatMap((i) => beds[i]!);
}

/** Where one comes to a bed, and where one leaves it. */
interface Ends {
  readonly first: Place | undefined;
  readonly last: Place | undefined;
}

/** Of the plants that look healthy and of those that do not. */
const MAX_KEPT = 2;
const lastOrders = new Map<string, readonly number[]>();

/** The last answers are kept: they are the same at every plant of a walk. */
function bedOrder(ends: readonly Ends[], obstacles: readonly Segment[]): readonly number[] {
  const key = JSON.stringify([ends, obstacles]);
  const order = lastOrders.get(key) ?? shortestOrder(ends, obstacles);
  lastOrders.delete(key);
  lastOrders.set(key, order);
  if (lastOrders.size > MAX_KEPT) lastOrders.delete([...lastOrders.keys()][0]!);
  return order;
}

/** Metres from each bed, or from the gate (first), to a bed. */
type Ways = readonly (readonly number[])[];

function shortestOrder(ends: readonly Ends[], obstacles: readonly Segment[]): readonly number[] {
  const distance = walkingDistance(obstacles);
  const metres = (from: number, to: number): number => {
    const [a, b] = [from < 0 ? GATE : ends[from]?.last, ends[to]?.first];
    return a && b ? distance(a, b) : 0;
  };
  const ways = ends.map((_, to) => [-1, ...ends.keys()].map((from) => metres(from, to)));
  return ends.length <= MAX_EXACT ? exactOrder(ways) : goodOrder(ways);
}

/** The shortest of all orders [dynamic programming over sets of beds: Held & Karp 1962, from memory]. */
function exactOrder(ways: Ways): number[] {
  const beds = ways.length;
  const all = 1 << beds;
  const lengths = new Float64Array(all * beds).fill(Infinity);
  const before = new Int8Array(all * beds).fill(-1);
  ways.forEach((way, bed) => (lengths[(1 << bed) * beds + bed] = way[0]!));
  for (let been = 1; been < all; been += 1) {
    for (let last = 0; last < beds; last += 1) {
      const length = lengths[been * beds + last]!;
      if (length === Infinity) continue;
      for (let next = 0; next < beds; next += 1) {
        if ((been >> next) & 1) continue;
        const at = (been | (1 << next)) * beds + next;
        const longer = length + ways[next]![last + 1]!;
        if (longer < lengths[at]!) [lengths[at], before[at]] = [longer, last];
      }
    }
  }
  const order: number[] = [];
  let been = all - 1;
  const ending = lengths.subarray(been * beds);
  let last = beds === 0 ? -1 : ending.indexOf(Math.min(...ending));
  while (last >= 0) {
    order.unshift(last);
    const held = before[been * beds + last]!;
    been &= ~(1 << last);
    last = held;
  }
  return order;
}

/**
 * Beds one by one where they lengthen the way least, then runs of them moved to where the way is shorter, until none
 * is [Or-opt: Or 1976, from memory]. Much quicker than the search for a round, and it need not be as good: nothing shuts
 * on this walk.
 */
function goodOrder(ways: Ways): readonly number[] {
  const lengthOf = (order: readonly number[]): number =>
    order.reduce((sum, to, i) => sum + ways[to]![(order[i - 1] ?? -1) + 1]!, 0);
  const shortest = (orders: Iterable<readonly number[]>, than: readonly number[]): readonly number[] => {
    let [best, least] = [than, than.length > 0 ? lengthOf(than) - LEAST_GAIN_M : Infinity];
    for (const order of orders) {
      const length = lengthOf(order);
      if (length < least) [best, least] = [order, length];
    }
    return best;
  };
  let order: readonly number[] = [];
  for (const bed of ways.keys()) {
    const gaps = Array.from({ length: order.length + 1 }, (_, gap) => order.toSpliced(gap, 0, bed));
    order = shortest(gaps, []);
  }
  if (ways.length > MAX_SEARCHED) return order;
  for (;;) {
    const better = shortest(withRunsMoved(order), order);
    if (better === order) return order;
    order = better;
  }
}

/** Beds of so many side by side are moved together. */
const LONGEST_RUN = 3;
const LEAST_GAIN_M = 1e-6;

/** All orders in which a run of beds stands elsewhere, as it was or the other way round. */
function* withRunsMoved(order: readonly number[]): Generator<readonly number[]> {
  for (let length = 1; length <= LONGEST_RUN; length += 1) {
    for (let from = 0; from + length <= order.length; from += 1) {
      const run = order.slice(from, from + length);
      const rest = order.toSpliced(from, length);
      for (let gap = 0; gap <= rest.length; gap += 1) {
        yield rest.toSpliced(gap, 0, ...run);
        if (length > 1) yield rest.toSpliced(gap, 0, ...run.toReversed());
      }
    }
  }
}

/** Of a bed with more plants than this one row is looked over at a time. Our default: what fits a screen or two. */
const MAX_LOOKED_OVER = 60;

/**
 * The plants that are looked over together with one: those of its bed that are still to visit, or of its row where the
 * bed is large.
 *
 * @param left still to visit.
 * @example lookedOverWith(here, [here]).length // 1
 */
export function lookedOverWith(here: WalkedPlant, left: readonly WalkedPlant[]): readonly WalkedPlant[] {
  const bed = left.filter(
    ({ plant, day }) =>
      plant.bed === here.plant.bed && day === here.day && isSuspect(plant) === isSuspect(here.plant),
  );
  return bed.length > MAX_LOOKED_OVER ? bed.filter(({ plant }) => plant.row === here.plant.row) : bed;
}

/**
 * Green buds that were counted at each plant on the walk of the day before, by plant: where something is most likely
 * to open now.
 *
 * @example greenBefore(new Journal(), []).size // 0
 */
export function greenBefore(journal: Journal, walk: readonly WalkedPlant[]): ReadonlyMap<string, number> {
  const walks = journal.all('walk');
  return new Map(
    walk.flatMap(({ plant: { plant }, day }) => {
      const green = walks.get(walkId(plant, addDays(day, -1)))?.green;
      const count = green ? green.female + green.male : 0;
      return count > 0 ? [[plant, count] as const] : [];
    }),
  );
}
