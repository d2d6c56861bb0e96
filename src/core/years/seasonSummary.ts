import { wantsSeed } from '../crops/variety';
import { fruitsOf, type Fruit } from '../fruit/fruits';
import { fruitSetRates, type SetRate } from '../fruit/setRates';
import type { Journal } from '../journal/journal';
import { meantOf } from '../journal/matingOf';
import type { Garden, Season, Variety } from '../journal/state';
import type { Grade } from '../purity/fruitPurity';
import type { IsolationOf } from '../purity/guards';
import { purityOf } from '../purity/purityOf';
import { remediesFor, settlesFor, type RemedyReason } from '../purity/remedies';
import { groupBy } from '../text/groupBy';
import { clockHour, toMs } from '../time/calendar';
import type { Day } from '../time/types';

/** What a season came to for one variety. */
export interface VarietySeason {
  readonly variety: Variety;
  readonly pollinated: number;
  readonly set: SetRate;
  /** Fruits that were picked, for seed and to eat. */
  readonly picked: { readonly seed: number; readonly eat: number };
  /** Fruits for seed by the grade of their seed, those that were picked for it; none where it is only eaten. */
  readonly seed: Readonly<Record<Grade, number>>;
}

/** What a season came to. */
export interface SeasonSummary {
  readonly season: Season;
  readonly fruits: readonly Fruit[];
  readonly varieties: readonly VarietySeason[];
  /** The hour of the clock in which pollination set best, where enough was done in several; 5: from five to six. */
  readonly bestHour?: { readonly hour: number; readonly set: SetRate };
  /** What would have made most seed better, or known, with the number of fruits it is about; the most first. */
  readonly toChange: readonly { readonly code: RemedyReason; readonly fruits: number }[];
}

/** Fewer flowers of an hour tell nothing. Our default. */
const FEW_FLOWERS = 8;

const NO_GRADES: Readonly<Record<Grade, number>> = { true: 0, unproven: 0, doubtful: 0, notForSeed: 0 };

/**
 * What was pollinated, set and kept in a season, by variety; how pure its seed is; the best hour, and what to change.
 *
 * @param isolationOf as for `purityOf`.
 * @example seasonSummary(new Journal(), garden, { season, today, isolationOf }).varieties // []
 */
export function seasonSummary(
  journal: Journal,
  garden: Garden,
  {
    season,
    today,
    isolationOf,
  }: { readonly season: Season; readonly today: Day; readonly isolationOf: IsolationOf },
): SeasonSummary {
  const fruits = fruitsOf(journal, garden, today, season);
  const changes = new Map<RemedyReason, number>();
  const gradeOf = (fruit: Fruit): Grade | undefined => {
    const purity = isForSeed(journal, fruit)
      ? purityOf(journal, garden, fruit.bloom, { isolationOf })
      : undefined;
    for (const { code } of purity ? [...remediesFor(purity), ...settlesFor(purity)] : [])
      changes.set(code, (changes.get(code) ?? 0) + 1);
    return purity?.grade;
  };
  const varieties = [...groupBy(fruits, ({ variety }) => variety.variety).values()].map(
    (own): VarietySeason => {
      const seed = { ...NO_GRADES };
      const picked = { seed: 0, eat: 0 };
      for (const fruit of own) {
        const grade = gradeOf(fruit);
        const { harvest } = fruit.bloom;
        if (harvest) picked[harvest.use] += 1;
        if (grade && harvest?.use === 'seed') seed[grade] += 1;
      }
      const histories = own.flatMap((fruit) => fruit.histories);
      const { set, pollinated } = fruitSetRates(histories);
      return { variety: own[0]!.variety, pollinated, set, picked, seed };
    },
  );
  const bestHour = bestHourOf(fruits, garden.zone);
  return {
    season,
    fruits,
    varieties: varieties.sort((a, b) => a.variety.name.localeCompare(b.variety.name, 'en')),
    ...(bestHour && { bestHour }),
    toChange: [...changes]
      .map(([code, count]) => ({ code, fruits: count }))
      .sort((a, b) => b.fruits - a.fruits || (a.code < b.code ? -1 : 1)),
  };
}

const isForSeed = (journal: Journal, { bloom }: Fruit): boolean =>
  bloom.harvest?.use === 'seed' ||
  bloom.keptOn !== undefined ||
  wantsSeed(meantOf(journal, bloom)?.purpose ?? 'eat');

/** The hour whose flowers set best for certain: by the low end of its share. */
function bestHourOf(fruits: readonly Fruit[], zone: string): SeasonSummary['bestHour'] {
  const byHour = groupBy(
    fruits.flatMap(({ bloom, histories }) =>
      histories.map((history) => ({
        history,
        hour: Math.floor(clockHour(toMs(bloom.pollination!.at), zone)),
      })),
    ),
    ({ hour }) => hour,
  );
  const hours = [...byHour]
    .map(([hour, own]) => ({ hour, set: fruitSetRates(own.map(({ history }) => history)).set }))
    .filter(({ set }) => set.of >= FEW_FLOWERS);
  if (hours.length < 2) return undefined;
  return hours.sort((a, b) => b.set.low - a.set.low || a.hour - b.hour)[0];
}
