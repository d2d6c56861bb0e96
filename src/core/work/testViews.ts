import { weatherOn } from '../opening/weatherOn';
import { populationSoFar } from '../population/populationSoFar';
import { OUTINGS } from '../crops/outing';
import { controlsOf } from '../fruit/controls';
import { fruitsOf } from '../fruit/fruits';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { floweringsOf, sowingFor } from '../planning/floweringPlan';
import { gardenPlan, varietyReports } from '../planning/gardenPlan';
import { purityOf } from '../purity/purityOf';
import { flowerRows } from '../records/flowerRows';
import { planRows } from '../records/planRows';
import { seasonAt } from '../season/seasons';
import { dayAt } from '../time/calendar';
import type { Day } from '../time/types';
import { openNowOf } from './openNow';
import { outingRequest } from './route/outingRequest';
import { planOuting } from './route/planOuting';
import { roundsOf } from './service';
import { todayOf } from './today';

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
    open: openNowOf(journal, garden, now),
    plans: days.flatMap((on) =>
      OUTINGS.map((outing) => planOuting(outingRequest(journal, garden, { day: on, outing }, now))),
    ),
    rounds: days.map((on) => roundsOf(journal, { day: on, outing: 'morning' })),
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
    parents: [...journal.all('variety').keys()].map((variety) =>
      populationSoFar(journal, fruits, variety, [...journal.all('plant').keys()].sort()),
    ),
    controls: [...journal.all('variety').keys()].map((variety) => controlsOf(journal, variety)),
    rows: flowerRows(journal, garden, today),
    table: planRows(journal),
  };
}
