import { blossomSeason } from '@/core/blossoms/blossomSeason';
import { surplusBlossoms } from '@/core/blossoms/surplus';
import { weatherOn } from '@/core/opening/weatherOn';
import { crossResult } from '@/core/outcome/crossWays';
import { populationSoFar } from '@/core/population/populationSoFar';
import { OUTINGS } from '@/core/crops/outing';
import { controlsOf } from '@/core/fruit/controls';
import { fruitsOf, type Fruit } from '@/core/fruit/fruits';
import type { Journal } from '@/core/journal/journal';
import type { Garden } from '@/core/journal/state';
import { floweringsOf, sowingFor } from '@/core/planning/floweringPlan';
import { gardenPlan, varietyReports } from '@/core/planning/gardenPlan';
import { purityOf } from '@/core/purity/purityOf';
import { rowsOf } from '@/core/records/tables/tables';
import { planRows } from '@/core/records/planLines';
import { seasonAt } from '@/core/season/seasons';
import { dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { beforeFrost } from '@/core/fruit/beforeFrost';
import { lotDescent } from '@/core/seed/descent';
import { grownOut } from '@/core/seed/grownOut';
import { lotParents } from '@/core/seed/lotParents';
import { motherCandidates } from '@/core/seed/motherCandidates';
import { inbreedingOfLot, lotPedigree } from '@/core/seed/pedigree';
import { seedJobs } from '@/core/seed/seedJobs';
import { seedLots } from '@/core/seed/seedLot';
import { openNowOf } from '@/core/due/openNow';
import { withTrials } from '@/core/due/withTrials';
import { outingRequest } from '@/core/round/outingRequest';
import { planOuting } from '@/core/round/planOuting';
import { gardenToSimulate } from '@/core/simulation/gardenToSimulate';
import { roundsOf } from '@/core/outing/outingDay';
import { todayOf } from '@/core/today/today';

/**
 * Every view of the work, each in the order in which it gives its answers: for tests that compare two gardens, or ask
 * whether one can be shown at all.
 *
 * @param days on which rounds are planned and asked for.
 */
export function viewsOf(journal: Journal, garden: Garden, now: number, days: readonly Day[]): unknown {
  const today = dayAt(now, garden.zone);
  const fruits = fruitsOf(journal, garden, today, seasonAt(journal, today));
  const reports = varietyReports(gardenPlan(journal, garden, today));
  return {
    today: todayOf(journal, garden, now),
    open: withTrials(journal, garden, openNowOf(journal, garden, now)),
    plans: days.flatMap((on) =>
      OUTINGS.map((outing) => planOuting(outingRequest(journal, garden, { day: on, outing }, now))),
    ),
    rounds: days.map((on) => roundsOf(journal, { day: on, outing: 'morning' })),
    simulated: gardenToSimulate(journal, garden, today, fruits),
    fruits: fruits.map(({ bloom: each, histories }) => [each.bloom, histories]),
    purity: [...journal.all('bloom').values()].map((each) => purityOf(journal, garden, each)),
    reports,
    flowerings: floweringsOf(reports, journal.all('outside').values()),
    sowing: reports.map((planned) =>
      floweringsOf(reports, journal.all('outside').values()).map((other) =>
        sowingFor(journal, garden, { planned, other, wish: 'after', daysApart: 14, today }),
      ),
    ),
    weather: days.map((on) => weatherOn(journal, garden, on)),
    blossoms: [
      days.map((on) => surplusBlossoms(journal, on)),
      blossomSeason(journal, seasonAt(journal, today)),
    ],
    crosses: [...journal.all('mating').keys()]
      .sort()
      .map((mating) => crossResult(journal, garden, mating, today)),
    parents: [...journal.all('variety').keys()].map((variety) =>
      populationSoFar(
        journal,
        fruits,
        variety,
        {
          fathers: [...journal.all('plant').keys()].sort(),
          mothers: [...journal.all('plant').keys()].sort(),
        },
        (bloom) => purityOf(journal, garden, bloom)?.grade,
      ),
    ),
    controls: [...journal.all('variety').keys()].map((variety) => controlsOf(journal, variety, garden.zone)),
    seed: seedViews(journal, garden, today, fruits),
    rows: rowsOf('flowers', { journal, garden, today }),
    table: planRows(journal),
  };
}

/** As early as in many gardens. */
const EARLY_FROST = '2020-10-01';

const seedViews = (journal: Journal, garden: Garden, today: Day, fruits: readonly Fruit[]): unknown => ({
  lots: seedLots(journal).map((each) => [
    each,
    ...[lotParents, lotPedigree, inbreedingOfLot, grownOut, lotDescent].map((view) =>
      view(journal, each.lot),
    ),
  ]),
  jobs: seedJobs(journal, garden, today),
  mothers: [...journal.all('variety').keys()].sort().map((variety) =>
    motherCandidates(journal, {
      variety,
      fruits,
      gradeOf: (bloom) => purityOf(journal, garden, bloom)?.grade,
    }),
  ),
  frost: beforeFrost(journal, garden, fruits, { earlyFrost: EARLY_FROST, today }),
});
