import { cropOf } from '../crops/catalogue';
import type { IsolationVerdict } from '../isolation/isolationReport';
import type { GardenView } from '../journal/gardenOn';
import type { Journal } from '../journal/journal';
import { gardensOf } from '../journal/past';
import { pollinationsOf } from '../journal/pollinations';
import type { Bloom, Cage } from '../journal/state';
import { reason, type Reason } from '../text/reason';
import { addDays, dayAt, daysBetween, toMs } from '../time/calendar';
import type { Day } from '../time/types';

/** The verdict on flowers of a variety that are open on a day, where nothing is covered. */
export type IsolationOf = (variety: string, day: Day) => IsolationVerdict | undefined;

/** Why no unwanted pollen came to a bloom that was not covered itself. */
export type GuardReason =
  'guard.cage' | 'guard.cageOpen' | 'guard.cageInTurn' | 'guard.cageLate' | 'guard.distance' | 'guard.rarely';

/** How far what stands round a bloom keeps unwanted pollen from it. */
export interface Guard {
  readonly by: 'cage' | 'distance';
  readonly state: 'holds' | 'doubtful' | 'broken';
  readonly reason: Reason<GuardReason>;
}

const BEST_FIRST: readonly Guard['state'][] = ['holds', 'doubtful', 'broken'];

/**
 * What guards a bloom besides its own cover, on each day on which it can be pollinated: a cage, or the distance in space
 * and time of its variety from all that can cross with it. Of several the best; `undefined` where there is none.
 *
 * @param isolationOf verdict on a variety's flowers of a day where nothing is covered, where it is known.
 * @example guardOf(new Journal(), bloom, undefined) // undefined
 */
export function guardOf(
  journal: Journal,
  bloom: Bloom,
  isolationOf: IsolationOf | undefined,
): Guard | undefined {
  const days = daysGuarded(bloom);
  if (days.length === 0) return undefined;
  const variety = journal.all('plant').get(bloom.plant)?.variety ?? '';
  const guards = [
    cageGuard(journal, bloom, days),
    isolationOf && distanceGuard(days.map((day) => isolationOf(variety, day))),
  ].flatMap((guard) => guard ?? []);
  return guards.sort((a, b) => BEST_FIRST.indexOf(a.state) - BEST_FIRST.indexOf(b.state))[0];
}

/** Fruit that set by itself is found so many days after it opened at the latest. Our default. */
const FOUND_WITHIN_DAYS = 21;

/**
 * What can be pollinated for days has to be guarded on each of them, from its own day to the last pollination; what set
 * by itself on any day on which it may have opened.
 */
function daysGuarded(bloom: Bloom): Day[] {
  const first = bloom.day ?? (bloom.keptOn && addDays(bloom.keptOn, -FOUND_WITHIN_DAYS));
  if (first === undefined) return [];
  const last = pollinationsOf(bloom).reduce(
    (latest, { day }) => (day !== undefined && day > latest ? day : latest),
    bloom.day ?? bloom.keptOn ?? first,
  );
  return Array.from({ length: daysBetween(first, last) + 1 }, (_, i) => addDays(first, i));
}

const OPEN_VERDICTS: readonly (IsolationVerdict | undefined)[] = ['tooClose', 'notRequired', undefined];

/** As good as on the worst of its days. */
function distanceGuard(verdicts: readonly (IsolationVerdict | undefined)[]): Guard | undefined {
  if (verdicts.some((verdict) => OPEN_VERDICTS.includes(verdict))) return undefined;
  return verdicts.includes('rareOnly')
    ? { by: 'distance', state: 'doubtful', reason: reason('guard.rarely') }
    : { by: 'distance', state: 'holds', reason: reason('guard.distance') };
}

/**
 * A cage that is shut keeps insects out. Caged in turn, one variety is open on the days on which all that could cross
 * with it is shut in: then only what grows outside the cages can come.
 */
function cageGuard(journal: Journal, { plant }: Bloom, days: readonly Day[]): Guard | undefined {
  const zone = journal.all('garden').get('')?.zone ?? 'UTC';
  const [first] = days;
  const cages = [...journal.all('cage').values()].filter((cage) =>
    days.some((day) => standsIn(cage, plant, day, zone) !== 'never'),
  );
  // Of several the one in which it stood on most of the days.
  const stood = (cage: Cage): number =>
    days.filter((day) => standsIn(cage, plant, day, zone) === 'allDay').length;
  const cage = cages.sort((a, b) => stood(b) - stood(a) || (a.cage < b.cage ? -1 : 1))[0];
  if (!cage || first === undefined) return undefined;
  const name = { name: cage.name };
  if (days.some((day) => standsIn(cage, plant, day, zone) !== 'allDay')) {
    // A cage that was set up on the day itself may have come after the insects.
    const isLate = standsIn(cage, plant, first, zone) !== 'allDay';
    return {
      by: 'cage',
      state: 'broken',
      reason: reason(isLate ? 'guard.cageLate' : 'guard.cageOpen', name),
    };
  }
  const open = cage.openOn.filter((each) => days.includes(each));
  if (open.length === 0) return { by: 'cage', state: 'holds', reason: reason('guard.cage', name) };
  return open.every((each) => othersAreShutIn(journal, plant, each, zone))
    ? { by: 'cage', state: 'doubtful', reason: reason('guard.cageInTurn', name) }
    : { by: 'cage', state: 'broken', reason: reason('guard.cageOpen', name) };
}

/** Did a plant stand in a cage for the whole of a day, for a part of it, or not at all? */
function standsIn(
  { sets }: Pick<Cage, 'sets'>,
  plant: string,
  day: Day,
  zone: string,
): 'allDay' | 'partly' | 'never' {
  const before = sets.findLast(({ at }) => dayAt(toMs(at), zone) < day);
  const onTheDay = sets.filter(({ at }) => dayAt(toMs(at), zone) === day);
  const states = [before, ...onTheDay].map((set) => set?.plants.includes(plant) === true);
  if (states.every(Boolean)) return 'allDay';
  return states.some(Boolean) ? 'partly' : 'never';
}

/** Did all plants of other varieties of the same crossing group stand in cages that were shut on a day? */
const othersAreShutIn = (journal: Journal, plant: string, day: Day, zone: string): boolean =>
  gardensOf(journal, day).every((then) => areShutInAt(then, plant, day, zone));

function areShutInAt(then: GardenView, plant: string, day: Day, zone: string): boolean {
  const varieties = then.all('variety');
  const plants = then.all('plant');
  const own = varieties.get(plants.get(plant)?.variety ?? '');
  if (!own) return false;
  const { group } = cropOf(own.crop);
  const shut = [...then.all('cage').values()].filter((cage) => !cage.openOn.includes(day));
  return [...plants.values()].every((other) => {
    const variety = varieties.get(other.variety);
    const crosses =
      variety !== undefined && variety.variety !== own.variety && cropOf(variety.crop).group === group;
    return (
      !crosses ||
      other.removed !== undefined ||
      shut.some((cage) => standsIn(cage, other.plant, day, zone) === 'allDay')
    );
  });
}
