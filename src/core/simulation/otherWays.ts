import type { SimulatedGarden, WayOfSeason } from './simulatedGarden';

/** What one may do otherwise, and would like to know the worth of. */
export const OTHER_WAYS = ['helper', 'later', 'fewerDays', 'uncovered', 'plantFewer', 'plantMore'] as const;
export type OtherWay = (typeof OTHER_WAYS)[number];

/**
 * A way that differs from another in one thing, for a variety.
 *
 * @returns `undefined` where it would change nothing, or cannot be done.
 * @example otherWay({ ...AS_PLANNED, minutes: 30 }, 'helper', garden, squash)?.people // 2
 */
export function otherWay(
  way: WayOfSeason,
  other: OtherWay,
  { plantings }: SimulatedGarden,
  variety: string,
): WayOfSeason | undefined {
  const own = plantings.filter((planting) => planting.variety === variety);
  const plants = own.reduce((sum, planting) => sum + planting.plants, 0);
  switch (other) {
    case 'helper':
      // Who has all the time needs nobody.
      return way.minutes === undefined ? undefined : { ...way, people: way.people + 1 };
    case 'later':
      return { ...way, hoursLate: way.hoursLate + 1 };
    case 'fewerDays':
      return way.days === 1 ? undefined : { ...way, days: Math.ceil(way.days / 2) };
    case 'uncovered':
      return own.some(({ covered }) => covered) ? { ...way, covers: false } : undefined;
    case 'plantFewer':
      return plants > 1 ? { ...way, plants: { variety, count: plants - 1 } } : undefined;
    case 'plantMore':
      return { ...way, plants: { variety, count: plants + 1 } };
  }
}
