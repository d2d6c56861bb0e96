import { cropOf } from '../crops/catalogue';
import type { FloweringSpan } from '../isolation/question';
import type { Journal } from '../journal/journal';
import type { Garden, Outside } from '../journal/state';
import { ownDegreeDays } from '../season/flowering';
import { seasonAt } from '../season/seasons';
import { sowingDay, type SowingDay, type Wish } from '../season/sowingDay';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { underGlass } from '../weather/climate';
import { temperaturesAt } from '../opening/temperaturesAt';
import type { PlannedVariety } from './gardenPlan';

/** Something that flowers on known days: a variety, or a source outside the garden. */
export interface Flowering {
  readonly id: string;
  /** Plantings of one variety share it, and do not cross with each other. */
  readonly variety: string;
  readonly name: string;
  /** Crossing group: only what shares it crosses. */
  readonly group: string;
  readonly span: FloweringSpan;
  /** Seen, or told by someone; otherwise estimated. */
  readonly seen: boolean;
}

/**
 * Everything known to flower: crossing groups together, in each the earliest first.
 *
 * @example floweringsOf([], []) // []
 */
export function floweringsOf(
  varieties: readonly PlannedVariety[],
  outside: Iterable<Outside>,
): readonly Flowering[] {
  const own = varieties.flatMap(({ variety: { variety, name, crop }, planting, flowering }): Flowering[] => {
    if (!flowering) return [];
    const { first, last, by } = flowering;
    const { group } = cropOf(crop);
    return [{ id: planting, variety, name, group, span: [first, last], seen: by === 'seen' }];
  });
  const others = [...outside].flatMap(({ source, name, crop, flowering }): Flowering[] =>
    flowering
      ? [
          {
            id: source,
            variety: source,
            name,
            group: cropOf(crop).group,
            span: [flowering.from, flowering.to],
            seen: true,
          },
        ]
      : [],
  );
  const all = [...own, ...others];
  const groups = [...new Set(all.map(({ group }) => group))];
  return all.sort(
    (a, b) => groups.indexOf(a.group) - groups.indexOf(b.group) || (a.span[0] < b.span[0] ? -1 : 1),
  );
}

/**
 * Can pollen of one reach the other's flowers at some time, as far as kinship goes?
 *
 * @example mayCross({ variety: 'a', group: 'corn' }, { ...other, variety: 'b', group: 'corn' }) // true
 */
export const mayCross = (one: Pick<Flowering, 'variety' | 'group'>, other: Flowering): boolean =>
  one.variety !== other.variety && one.group === other.group;

/**
 * Spans of days on which something that may cross with it flowers too, the earliest first, none overlapping another.
 *
 * @example sharedSpans(a, [a, b]) // [['2026-07-10', '2026-07-20']] if b opens on the 10th and a ends on the 20th
 */
export function sharedSpans(one: Flowering, all: readonly Flowering[]): readonly FloweringSpan[] {
  const shared = all.flatMap((other): FloweringSpan[] => {
    if (!mayCross(one, other)) return [];
    const from = one.span[0] > other.span[0] ? one.span[0] : other.span[0];
    const to = one.span[1] < other.span[1] ? one.span[1] : other.span[1];
    return from <= to ? [[from, to]] : [];
  });
  const merged: FloweringSpan[] = [];
  for (const [from, to] of shared.sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0))) {
    const last = merged.at(-1);
    const joins = last !== undefined && (from <= last[1] || from === addDays(last[1], 1));
    if (!joins) merged.push([from, to]);
    else if (to > last[1]) merged[merged.length - 1] = [last[0], to];
  }
  return merged;
}

/**
 * How long before a named season one may sow for it, and how long from then, in days; without one from today on, over New
 * Year too. Our defaults.
 */
const DAYS_BEFORE_SEASON = 60;
const SOWING_DAYS = 300;

export interface SowingWish {
  readonly planned: PlannedVariety;
  readonly other: Flowering;
  readonly wish: Wish;
  /** Days wanted between the two flowerings; 0 or more. */
  readonly daysApart: number;
  readonly today: Day;
}

/**
 * When to sow a variety of the plan so that it flowers with another or apart from it, this season. What the variety
 * needed this year, if its first flower was seen, forecasts its other sowings.
 *
 * @returns `undefined` when no sowing of the season will do.
 * @example sowingFor(journal, garden, { planned, other, wish: 'after', daysApart: 14, today })?.day // '2026-06-04'
 */
export function sowingFor(
  journal: Journal,
  garden: Garden,
  { planned: { variety, sowing, flowering, glass }, other, wish, daysApart, today }: SowingWish,
): SowingDay | undefined {
  const named = seasonAt(journal, today);
  const begin = named.season === '' ? today : addDays(named.from, -DAYS_BEFORE_SEASON);
  const outside = temperaturesAt(journal, garden);
  const temperatures = glass ? underGlass(outside) : outside;
  const seen = flowering?.by === 'seen' ? { seen: { days: [flowering.first], over: [] } } : {};
  const own = ownDegreeDays({ crop: variety.crop, ...(sowing && { sowing }), ...seen }, temperatures);
  const question = {
    crop: variety.crop,
    ...(variety.daysToFlower !== undefined && { daysToFlower: variety.daysToFlower }),
    ...(own !== undefined && { ownDegreeDays: own }),
  };
  return sowingDay(
    {
      variety: question,
      other: other.span,
      wish,
      daysApart: wish === 'together' ? 0 : daysApart,
      within: [begin, addDays(begin, SOWING_DAYS)],
    },
    temperatures,
  );
}
