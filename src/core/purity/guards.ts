import { cropOf } from '../crops/catalogue';
import type { IsolationVerdict } from '../isolation/isolationReport';
import type { Journal } from '../journal/journal';
import { pollinationsOf } from '../journal/pollinations';
import type { Bloom } from '../journal/state';
import { reason, type Reason } from '../text/reason';
import { dayAt, toMs } from '../time/calendar';
import type { Day } from '../time/types';

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
 * What guards a bloom besides its own cover, on its own day: a cage, or the distance of its variety from all that can
 * cross with it. Of several the best; `undefined` where there is none.
 *
 * @param isolationOf verdict on a variety where nothing is covered, where it is known.
 * @example guardOf(new Journal(), bloom, undefined) // undefined
 */
export function guardOf(
  journal: Journal,
  bloom: Bloom,
  isolationOf: ((variety: string) => IsolationVerdict | undefined) | undefined,
): Guard | undefined {
  const variety = journal.all('plant').get(bloom.plant)?.variety ?? '';
  const guards = [cageGuard(journal, bloom), distanceGuard(isolationOf?.(variety))].flatMap(
    (guard) => guard ?? [],
  );
  return guards.sort((a, b) => BEST_FIRST.indexOf(a.state) - BEST_FIRST.indexOf(b.state))[0];
}

function distanceGuard(isolation: IsolationVerdict | undefined): Guard | undefined {
  switch (isolation) {
    case 'isolated':
    case 'noRisk':
      return { by: 'distance', state: 'holds', reason: reason('guard.distance') };
    case 'rareOnly':
      return { by: 'distance', state: 'doubtful', reason: reason('guard.rarely') };
    case 'tooClose':
    case 'notRequired':
    case undefined:
      return undefined;
  }
}

/**
 * A cage that is shut keeps insects out. Caged in turn, one variety is open on the days on which all that could cross
 * with it is shut in: then only what grows outside the cages can come.
 */
function cageGuard(journal: Journal, bloom: Bloom): Guard | undefined {
  const { plant, day } = bloom;
  const cage = [...journal.all('cage').values()].find(({ plants }) => plants.includes(plant));
  if (!cage || day === undefined) return undefined;
  const name = { name: cage.name };
  const zone = journal.all('garden').get('')?.zone ?? 'UTC';
  // A cage that was set up on the day itself may have come after the insects.
  if (dayAt(toMs(cage.from), zone) >= day)
    return { by: 'cage', state: 'broken', reason: reason('guard.cageLate', name) };
  // What can be pollinated for days has to be guarded on each of them.
  const last = pollinationsOf(bloom).reduce(
    (latest, each) => (each.day && each.day > latest ? each.day : latest),
    day,
  );
  const open = cage.openOn.filter((each) => day <= each && each <= last);
  if (open.length === 0) return { by: 'cage', state: 'holds', reason: reason('guard.cage', name) };
  return open.every((each) => othersAreShutIn(journal, plant, each))
    ? { by: 'cage', state: 'doubtful', reason: reason('guard.cageInTurn', name) }
    : { by: 'cage', state: 'broken', reason: reason('guard.cageOpen', name) };
}

/** Do all plants of other varieties of the same crossing group stand in cages that are shut on a day? */
function othersAreShutIn(journal: Journal, plant: string, day: Day): boolean {
  const varieties = journal.all('variety');
  const plants = journal.all('plant');
  const own = varieties.get(plants.get(plant)?.variety ?? '');
  if (!own) return false;
  const { group } = cropOf(own.crop);
  const shut = new Set(
    [...journal.all('cage').values()]
      .filter((cage) => !cage.openOn.includes(day))
      .flatMap((cage) => cage.plants),
  );
  return [...plants.values()].every((other) => {
    const variety = varieties.get(other.variety);
    const crosses =
      variety !== undefined && variety.variety !== own.variety && cropOf(variety.crop).group === group;
    return !crosses || other.removed !== undefined || shut.has(other.plant);
  });
}
