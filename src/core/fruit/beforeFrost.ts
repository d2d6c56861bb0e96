import { cropOf } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import { byId } from '../text/byId';
import { addDays } from '../time/calendar';
import { nextYearDay } from '../time/nextYearDay';
import type { Day } from '../time/types';
import { isOnPlant } from './fruitHistory';
import type { Fruit } from './fruits';
import { isForSeed } from './ripe';

/** A fruit for seed that will not be ripe before frost may come. */
interface NotRipeByFrost {
  readonly fruit: Fruit;
  /** On which its seed would be ripe on the plant at the earliest. */
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
 * crops' seed ripens on indoors, and frost kills it. Nothing while that is weeks away, or nobody told when frost comes.
 *
 * @param earlyFrost a day of any year: its month and its day count.
 * @example beforeFrost(journal, fruits, { earlyFrost: '2020-10-01', today: '2026-09-10' })?.frost // '2026-10-01'
 */
export function beforeFrost(
  journal: Journal,
  fruits: readonly Fruit[],
  { earlyFrost, today }: { readonly earlyFrost: Day | undefined; readonly today: Day },
): BeforeFrost | undefined {
  if (earlyFrost === undefined) return undefined;
  const frost = nextYearDay(earlyFrost, today);
  if (addDays(today, AHEAD_DAYS) < frost) return undefined;
  const late = fruits.flatMap((fruit): NotRipeByFrost[] => {
    const { variety, histories, history, plant } = fruit;
    const after = cropOf(variety.crop).seedAfter?.value[0];
    // How old one is that was found set nobody knows.
    if (plant.removed || history.followed !== 'pollinated' || after === undefined) return [];
    if (!histories.some(isOnPlant)) return [];
    if (!isForSeed(journal, fruit)) return [];
    const ripe = addDays(history.since, after);
    return ripe > frost ? [{ fruit, ripe }] : [];
  });
  if (late.length === 0) return undefined;
  return {
    frost,
    fruits: late.sort((a, b) => byId(a.ripe, b.ripe) || byId(a.fruit.bloom.bloom, b.fruit.bloom.bloom)),
  };
}
