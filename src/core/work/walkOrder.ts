import { GATE, placesOf, type Place } from '../garden/places';
import type { Segment } from '../garden/segments';
import { walkingDistance } from '../garden/walking';
import type { Journal } from '../journal/journal';
import { walkId } from '../journal/kinds/scout';
import { isSuspect } from '../journal/plantCondition';
import { groupBy } from '../text/groupBy';
import { addDays } from '../time/calendar';
import { bestRoutes } from './route/bestRoutes';
import { obstaclesOf } from './route/outingRequest';
import type { WalkedPlant } from './outings';

/** Of more beds than this the order is only sketched: each is put where it lengthens the way least. */
const MOST_SEARCHED = 60;
/** Within some two per cent of the best for twenty beds, and soon enough to be found between two taps. */
const STEPS = 30;

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
const MOST_KEPT = 2;
const lastOrders = new Map<string, readonly number[]>();

/** The last answers are kept: they are the same at every plant of a walk. */
function bedOrder(ends: readonly Ends[], obstacles: readonly Segment[]): readonly number[] {
  const key = JSON.stringify([ends, obstacles]);
  const order = lastOrders.get(key) ?? shortestOrder(ends, obstacles);
  lastOrders.delete(key);
  lastOrders.set(key, order);
  if (lastOrders.size > MOST_KEPT) lastOrders.delete([...lastOrders.keys()][0]!);
  return order;
}

function shortestOrder(ends: readonly Ends[], obstacles: readonly Segment[]): readonly number[] {
  const distance = walkingDistance(obstacles);
  const metres = (from: number, to: number): number => {
    const [a, b] = [from < 0 ? GATE : ends[from]?.last, ends[to]?.first];
    return a && b ? distance(a, b) : 0;
  };
  const between = ends.map((_, to) => [-1, ...ends.keys()].map((from) => metres(from, to)));
  const bed = { opens: 0, lastSafe: Infinity, lasts: 0, needs: [], worthAt: () => 1 };
  const [order] = bestRoutes(
    {
      people: 1,
      from: 0,
      jobs: ends.map((_, i) => ({ ...bed, plant: String(i) })),
      between: (from, to) => between[to]![from + 1]!,
    },
    { steps: ends.length > MOST_SEARCHED ? 0 : STEPS },
  );
  return order!;
}

/** Of a bed with more plants than this one row is looked over at a time. Our default: what fits a screen or two. */
const MOST_LOOKED_OVER = 60;

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
  return bed.length > MOST_LOOKED_OVER ? bed.filter(({ plant }) => plant.row === here.plant.row) : bed;
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
