import fc from 'fast-check';
import { livedSeason } from '@testing/seasons';
import { fruitsOf, looksDue } from '../fruit/fruits';
import { placesOf } from '../garden/places';
import type { StoredEntry } from '../journal/entry';
import { Journal } from '../journal/journal';
import { redoable, undoable } from '../journal/undo';
import { floweringsOf } from '../planning/floweringPlan';
import { gardenPlan, varietyReports } from '../planning/gardenPlan';
import { purityOf } from '../purity/purityOf';
import { rowsOf } from '../records/tables/tables';
import { seasonAt } from '../season/seasons';
import { donorsNow } from '../round/donorsNow';
import { flowersDue } from '../due/flowersDue';
import { outingRequest, roundVarieties } from '../round/outingRequest';
import { obstaclesOf } from '../round/roundConditions';
import { roundsOf } from '../outing/outingDay';
import { planOuting } from '../round/planOuting';
import { stopsLeft } from '../round/stopsLeft';
import { growingCrops, outingsAt, plantsToWalk, walkAt } from '../due/outings';
import { todayOf } from './today';

const DAY = '2026-07-18';
const MORNING = '2026-07-19';
const SERVICE = { day: MORNING, outing: 'morning' } as const;
const NOW = Date.parse('2026-07-18T17:44:00Z');
const SEASON = livedSeason('demo');
const LAST = SEASON.at(-1)!;

/** What the demo lacks: two rounds of a morning, two seasons that overlap, corrections. */
const more = [
  ['season.named', { season: 's1', name: 'Early', from: '2026-03-01', to: '2026-08-01' }],
  ['season.named', { season: 's2', name: 'Late', from: '2026-06-01', to: '2026-11-01' }],
  ['round.planned', { round: 'r1', morning: MORNING, stops: [] }],
  ['round.planned', { round: 'r2', morning: MORNING, stops: [] }],
  ['struck', { target: LAST.id }],
] as const;
const ENTRIES: readonly StoredEntry[] = [
  ...SEASON,
  ...more.map(([kind, body], i) => ({
    ...LAST,
    id: `more-${i}`,
    kind,
    v: 1,
    // Two devices that had not heard of each other.
    lamport: LAST.lamport + 1 + (i >> 1),
    device: i % 2 === 0 ? LAST.device : 'another',
    body,
  })),
];

/** Every view of the core, each in the order in which it gives its answers. */
function viewsOf(entries: readonly StoredEntry[]): unknown {
  const journal = new Journal();
  journal.add(entries);
  const garden = journal.all('garden').get('')!;
  const season = seasonAt(journal, DAY);
  const fruits = fruitsOf(journal, garden, DAY, season);
  const morning = flowersDue(journal, SERVICE);
  const plan = gardenPlan(journal, garden, DAY);
  const own = [...journal.entries()].filter(({ device }) => device === LAST.device);
  const past = roundsOf(journal, { day: DAY, outing: 'morning' })[0]!;
  return {
    season,
    fruits: fruits.map(({ bloom }) => bloom.bloom),
    looks: looksDue(fruits, garden, DAY).map(({ bloom }) => bloom.bloom),
    purity: fruits.map(({ bloom }) => purityOf(journal, garden, bloom)),
    morning,
    varieties: roundVarieties(journal, garden, morning),
    planned: planOuting(outingRequest(journal, garden, SERVICE, NOW)),
    left: stopsLeft(past),
    donors: past.stops.flatMap((stop) => (stop.kind === 'pollinate' ? [donorsNow(stop, past, journal)] : [])),
    today: todayOf(journal, garden, NOW),
    crops: growingCrops(journal),
    walk: walkAt(journal, outingsAt(journal, garden, NOW)),
    obstacles: obstaclesOf(journal),
    places: [...placesOf(plantsToWalk(journal), journal.all('bed'))],
    plan,
    reports: varietyReports(plan),
    flowerings: floweringsOf(plan.varieties, journal.all('outside').values()),
    flowers: rowsOf('flowers', { journal, garden, today: DAY }),
    undo: undoable(journal, own)?.action,
    redo: redoable(journal, own)?.action,
  };
}

test('no view depends on the order in which entries arrived', () => {
  const wanted = viewsOf(ENTRIES);
  fc.assert(
    fc.property(fc.shuffledSubarray([...ENTRIES], { minLength: ENTRIES.length }), (shuffled) => {
      expect(viewsOf(shuffled)).toEqual(wanted);
    }),
    { numRuns: 4 },
  );
});
