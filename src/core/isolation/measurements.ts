import { cropOf } from '../crops/catalogue';
import { shedsPollen } from '../crops/traits';
import { metresBetween, type Place } from '../garden/places';
import type { BarrierSort } from '../garden/surroundings';
import { Barriers, DISTANCE_FACTOR } from '../pollen/barriers';
import { PlantTree } from '../pollen/plantTree';
import { dispersalOf, spellsOf, type Candidate, type SourceRef } from './candidates';
import type { PollenSource } from './emitters';
import { expectedOutcrossing, type ExpectedOutcrossing } from './expectedOutcrossing';
import type { IsolationQuestion, OutsideSource } from './question';

/** The pair of plants that decides whether distance isolates: the nearest, counting what stands between. */
export interface Nearest {
  readonly metres: number;
  /** Share of the required distance that is enough between them. */
  readonly distanceFactor: number;
  readonly barriers: readonly BarrierSort[];
}

/** What has to be measured plant by plant. */
export interface Measurements {
  /** @returns `undefined` where either has no plants. */
  nearest(variety: number, source: SourceRef): Nearest | undefined;
  /** @param candidates none of them without plants. */
  outcrossing(variety: number, candidates: readonly Candidate[]): ExpectedOutcrossing;
}

/** Measures with a tree for each variety, so that pairs of plants far apart are not visited one by one. */
export function measureByTrees({ varieties, outside, barriers }: IsolationQuestion): Measurements {
  const trees = varieties.map(({ places }) => new PlantTree(places));
  const byVector = { wind: new Barriers(barriers, 'wind'), insects: new Barriers(barriers, 'insects') };
  const barriersFor = (i: number): Barriers =>
    byVector[cropOf(varieties[i]!.crop).pollenVector === 'wind' ? 'wind' : 'insects'];
  const known = new Map<number, Nearest | undefined>();
  const betweenVarieties = (a: number, b: number): Nearest | undefined => {
    const [one, other] = a < b ? [a, b] : [b, a];
    const key = one * trees.length + other;
    if (!known.has(key)) known.set(key, nearestPlants(trees[one]!, trees[other]!, barriersFor(a)));
    return known.get(key);
  };
  return {
    nearest: (i, { from, index }) =>
      from === 'garden'
        ? betweenVarieties(i, index)
        : nearestToPatch(varieties[i]!.places, outside[index]!, barriersFor(i)),
    outcrossing: (i, candidates) => {
      const variety = varieties[i]!;
      const { kernels, outcrossing } = dispersalOf(variety);
      return expectedOutcrossing({
        own: trees[i]!,
        sheds: shedsPollen(variety),
        sources: candidates.map(({ from, index, success }): PollenSource =>
          from === 'garden' ? { tree: trees[index]!, success } : { patch: outside[index]!, success },
        ),
        kernels,
        outcrossing,
        barriers: barriersFor(i),
        spells: spellsOf(
          variety.flowering,
          candidates.map(({ from, index }) => (from === 'garden' ? varieties : outside)[index]!.flowering),
        ),
      });
    },
  };
}

function nearestPlants(own: PlantTree, others: PlantTree, barriers: Barriers): Nearest | undefined {
  const nearest = own.nearestPair(others);
  if (!nearest) return undefined;
  const between = barriers.sorts(nearest.own, nearest.others);
  if (between.length === 0) return open(Math.sqrt(nearest.squared));
  // A pair with nothing between decides instead, if a barrier is worth more than it is farther apart.
  const withinReach = nearest.squared / DISTANCE_FACTOR ** 2;
  const inSight = own.nearestPair(others, withinReach, {
    none: (a, b) => (barriers.transmissionBetween(a, b) ?? 1) < 1,
    counts: (a, b) => barriers.transmission(a, b) === 1,
  });
  if (inSight) return open(Math.sqrt(inSight.squared));
  return { metres: Math.sqrt(nearest.squared), distanceFactor: DISTANCE_FACTOR, barriers: between };
}

const open = (metres: number): Nearest => ({ metres, distanceFactor: 1, barriers: [] });

/** Measured to the nearest edge of the patch. */
function nearestToPatch(
  places: readonly Place[],
  { middle, radius }: Pick<OutsideSource, 'middle' | 'radius'>,
  barriers: Barriers,
): Nearest | undefined {
  let decisive: Nearest | undefined;
  for (const place of places) {
    const toMiddle = metresBetween(place, middle);
    const metres = Math.max(0, toMiddle - radius);
    if (decisive && metres >= decisive.metres / decisive.distanceFactor) continue;
    const share = toMiddle > 0 ? metres / toMiddle : 0;
    const edge = { x: place.x + share * (middle.x - place.x), y: place.y + share * (middle.y - place.y) };
    const between = barriers.none ? [] : barriers.sorts(place, edge);
    const found =
      between.length === 0 ? open(metres) : { metres, distanceFactor: DISTANCE_FACTOR, barriers: between };
    if (!decisive || found.metres / found.distanceFactor < decisive.metres / decisive.distanceFactor)
      decisive = found;
  }
  return decisive;
}
