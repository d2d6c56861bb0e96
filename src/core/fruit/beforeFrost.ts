import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { isUnderGlass } from '../journal/underGlass';
import { byId } from '../text/byId';
import { addDays } from '../time/calendar';
import { nextYearDay } from '../time/nextYearDay';
import type { Day } from '../time/types';
import { isOnPlant } from './fruitHistory';
import type { Fruit } from './fruits';
import { isForSeed } from './ripe';
import { ripeningAt } from './ripening';

/** A fruit for seed that will not be ripe before frost may come. */
interface NotRipeByFrost {
  readonly fruit: Fruit;
  /** On which its seed would be ripe on the plant, as warm as it was and is to be expected. */
  readonly ripe: Day;
}

export interface BeforeFrost {
  /** As early as it comes in one year of ten. */
  readonly frost: Day;
  /** The ripest first. */
  readonly fruits: readonly NotRipeByFrost[];
}

/** So long before the frost one looks what has to be picked. Our default. */
const AHEAD_DAYS = 28;

/**
 * Fruits for seed that hang, and whose seed is not ripe before frost may come: they are picked before it, since many
 * crops' seed ripens on indoors, and frost kills it. Nothing while that is weeks away, or nobody told when frost comes; nothing of those under glass.
 *
 * @param earlyFrost a day of any year: its month and its day count.
 * @example beforeFrost(journal, garden, fruits, { earlyFrost: '2020-10-01', today: '2026-09-10' })?.frost // '2026-10-01'
 */
export function beforeFrost(
  journal: Journal,
  garden: Garden,
  fruits: readonly Fruit[],
  { earlyFrost, today }: { readonly earlyFrost: Day | undefined; readonly today: Day },
): BeforeFrost | undefined {
  if (earlyFrost === undefined) return undefined;
  const frost = nextYearDay(earlyFrost, today);
  if (addDays(today, AHEAD_DAYS) < frost) return undefined;
  const ripens = ripeningAt(journal, garden);
  const late = fruits.flatMap((fruit): NotRipeByFrost[] => {
    const { histories, history, plant } = fruit;
    // How old one is that was found set nobody knows.
    if (plant.removed || history.followed !== 'pollinated') return [];
    if (!histories.some(isOnPlant) || isUnderGlass(journal, plant)) return [];
    if (!isForSeed(journal, fruit)) return [];
    const ripe = ripens(fruit, 'seed');
    return ripe !== undefined && ripe > frost ? [{ fruit, ripe }] : [];
  });
  if (late.length === 0) return undefined;
  return {
    frost,
    fruits: late.sort((a, b) => byId(a.ripe, b.ripe) || byId(a.fruit.bloom.bloom, b.fruit.bloom.bloom)),
  };
}
