import { fruitsOf, type Fruit } from '../fruit/fruits';
import { fruitSetRates, type SetRate } from '../fruit/setRates';
import { withoutPollen } from '../fruit/withoutPollen';
import type { Journal } from '../journal/journal';
import type { Garden, Season, Variety } from '../journal/state';
import type { IsolationOf } from '../purity/guards';
import { groupBy } from '../text/groupBy';
import { clockHour, toMs } from '../time/calendar';
import type { Day } from '../time/types';
import { seedStands, together, type OfFruits, type SeedStands } from './seedStands';

/** What a season came to for one variety. */
export interface VarietySeason {
  readonly variety: Variety;
  readonly pollinated: number;
  /** Opened, and there was no pollen. */
  readonly withoutPollen: number;
  readonly set: SetRate;
  /** Fruits that were picked, for seed and to eat. */
  readonly picked: { readonly seed: number; readonly eat: number };
  readonly seed: SeedStands;
}

/** What a season came to. */
export interface SeasonSummary {
  readonly season: Season;
  readonly fruits: readonly Fruit[];
  readonly varieties: readonly VarietySeason[];
  /** The hour of the clock in which pollination set best, where enough was done in several; 5: from five to six. */
  readonly bestHour?: { readonly hour: number; readonly set: SetRate };
  readonly toSettle: readonly OfFruits[];
  readonly toChange: readonly OfFruits[];
}

/** Fewer flowers of an hour tell nothing. Our default. */
const FEW_FLOWERS = 8;

export interface SummaryOf {
  readonly season: Season;
  readonly today: Day;
  /** As for `purityOf`. */
  readonly isolationOf: IsolationOf;
}

/**
 * What was pollinated, set and picked in a season, by variety; how pure its seed is; the best hour, and what to change.
 *
 * @example seasonSummary(new Journal(), garden, { season, today, isolationOf }).varieties // []
 */
export function seasonSummary(
  journal: Journal,
  garden: Garden,
  { season, today, isolationOf }: SummaryOf,
): SeasonSummary {
  const fruits = fruitsOf(journal, garden, today, season);
  const left = withoutPollen(journal, season);
  const varieties = [...groupBy(fruits, ({ variety }) => variety.variety).values()].map(
    (own): VarietySeason => {
      const picked = { seed: 0, eat: 0 };
      for (const { bloom } of own) {
        if (bloom.harvest) picked[bloom.harvest.use] += 1;
        for (const { use, count } of bloom.picks ?? []) picked[use] += count;
      }
      const { set, pollinated } = fruitSetRates(own.flatMap(({ histories }) => histories));
      const seed = seedStands(journal, garden, own, isolationOf);
      const { variety } = own[0]!;
      return {
        variety,
        pollinated,
        withoutPollen: left.get(variety.variety) ?? 0,
        set,
        picked,
        seed,
      };
    },
  );
  const bestHour = bestHourOf(fruits, garden.zone);
  return {
    season,
    fruits,
    varieties: varieties.sort((a, b) => a.variety.name.localeCompare(b.variety.name, 'en')),
    ...(bestHour && { bestHour }),
    toSettle: together(varieties.map(({ seed }) => seed.toSettle)),
    toChange: together(varieties.map(({ seed }) => seed.toChange)),
  };
}

/** The hour whose flowers set best for certain: by the low end of its share. */
function bestHourOf(fruits: readonly Fruit[], zone: string): SeasonSummary['bestHour'] {
  const byHour = groupBy(
    fruits.flatMap(({ bloom: { pollination }, histories }) =>
      pollination
        ? histories.map((history) => ({
            history,
            hour: Math.floor(clockHour(toMs(pollination.at), zone)),
          }))
        : [],
    ),
    ({ hour }) => hour,
  );
  const hours = [...byHour]
    .map(([hour, own]) => ({ hour, set: fruitSetRates(own.map(({ history }) => history)).set }))
    .filter(({ set }) => set.share !== undefined && set.of >= FEW_FLOWERS);
  if (hours.length < 2) return undefined;
  return hours.sort((a, b) => b.set.low - a.set.low || a.hour - b.hour)[0];
}
