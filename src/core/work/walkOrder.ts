import { GATE, placesOf, type Place } from '../garden/places';
import type { Segment } from '../garden/segments';
import { walkingDistance } from '../garden/walking';
import type { Journal } from '../journal/journal';
import { walkId } from '../journal/kinds/scout';
import { groupBy } from '../text/groupBy';
import { addDays } from '../time/calendar';
import { bestRoutes } from './route/bestRoutes';
import { obstaclesOf } from './route/outingRequest';
import type { WalkedPlant } from './outings';

/** Of more beds than this the order is only sketched: each is put where it lengthens the way least. */
const MOST_SEARCHED = 60;
const STEPS = 200;

/**
 * The plants of a walk with the beds in an order that is short to walk from the gate, each bed row by row. It depends
 * on beds and plants alone, so that it stays the same while one walks.
 *
 * @param walk in the order of {@link comparePlants}.
 * @example inWalkingOrder(journal, []) // []
 */
export function inWalkingOrder(journal: Journal, walk: readonly WalkedPlant[]): readonly WalkedPlant[] {
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

let lastOrder: { readonly key: string; readonly order: readonly number[] } | undefined;

/** The last answer is kept: it is the same at every plant of a walk. */
function bedOrder(ends: readonly Ends[], obstacles: readonly Segment[]): readonly number[] {
  const key = JSON.stringify([ends, obstacles]);
  if (lastOrder?.key !== key) lastOrder = { key, order: shortestOrder(ends, obstacles) };
  return lastOrder.order;
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
  const bed = left.filter(({ plant, day }) => plant.bed === here.plant.bed && day === here.day);
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
