import { chanceOf, playSeasons } from './playSeasons';
import type { SimulatedGarden, WayOfSeason } from './simulatedGarden';

/** More of one variety no garden has. Our default. */
const MOST_PLANTS = 2000;

/** Plants of a variety, and the chance of as many fruits as are wanted with them. */
export interface PlantsFor {
  readonly plants: number;
  readonly chance: number;
}

export interface PlantsToFind {
  readonly garden: SimulatedGarden;
  readonly way: WayOfSeason;
  /** Fruits, 1 or more. */
  readonly wanted: number;
  readonly chance: number;
  readonly seasons: number;
}

/**
 * The fewest plants of a variety that bring as many fruits as are wanted with a chance, worked as planned. The more
 * plants, the more fruit: each plant's own flowers stay as they were.
 *
 * @param garden with this variety alone.
 * @param chance 0 to 1.
 * @returns `undefined` where no number of plants does.
 * @example fewestPlants({ garden, way: AS_PLANNED, wanted: 12, chance: 0.9, seasons: 200 })?.plants // 5
 */
export function fewestPlants(
  { garden, way, wanted, chance, seasons }: PlantsToFind,
  onProgress?: (share: number) => void,
): PlantsFor | undefined {
  const [variety] = garden.plantings.map((planting) => planting.variety);
  if (variety === undefined) return undefined;
  let tried = 0;
  const chanceWith = (count: number): number => {
    const ways = [{ ...way, plants: { variety, count } }] as const;
    const found = chanceOf(playSeasons({ garden, ways, seasons }).ways[0]![0]!.totals, wanted);
    // About as often as that it is doubled and halved.
    onProgress?.(1 - 0.75 ** ++tried);
    return found;
  };
  let [few, plants] = [0, 1];
  let found = chanceWith(plants);
  while (found < chance) {
    if (plants >= MOST_PLANTS) return undefined;
    [few, plants] = [plants, Math.min(MOST_PLANTS, 2 * plants)];
    found = chanceWith(plants);
  }
  while (plants - few > 1) {
    const middle = (few + plants) >> 1;
    const there = chanceWith(middle);
    if (there < chance) few = middle;
    else [plants, found] = [middle, there];
  }
  return { plants, chance: found };
}
