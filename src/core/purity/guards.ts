import { cropOf, lastReceptiveDay, type Crop } from '../crops/catalogue';
import { crossingFrequency } from '../isolation/compatibility';
import { worstIsolation, type FlowerIsolation, type FlowerVerdict } from '../isolation/isolationReport';
import type { GardenView } from '../journal/gardenOn';
import type { Journal } from '../journal/journal';
import { gardenOn, gardensOf, grownThen } from '../journal/past';
import { pollinationsOf } from '../journal/pollinations';
import { zoneOf } from '../journal/zoneOf';
import type { Bloom, Cage, Variety } from '../journal/state';
import { reason, type Reason } from '../text/reason';
import { addDays, dayAt, daysBetween, toMs } from '../time/calendar';
import type { Day } from '../time/types';

/** The verdict on flowers of a variety that are open on a day, where nothing is covered. */
export type IsolationOf = (variety: string, day: Day) => FlowerIsolation | undefined;

/** Why no unwanted pollen came to a bloom that was not covered itself. */
export type GuardReason =
  | 'guard.cage'
  | 'guard.cageOpen'
  | 'guard.cageInTurn'
  | 'guard.cageLate'
  | 'guard.cageStocked'
  | 'guard.cageMixed'
  | 'guard.cageMixedRarely'
  | 'guard.cageCaught'
  | 'guard.cageSetAlone'
  | 'guard.distance'
  | 'guard.rarely'
  | 'guard.notNoted'
  | 'guard.notLooked';

/** How far what stands round a bloom keeps unwanted pollen from it. */
export interface Guard {
  readonly by: 'cage' | 'distance';
  /** Is what flies in it meant to, as long as it brings nothing of another variety? */
  readonly ownInsects?: true;
  readonly state: 'holds' | 'unknown' | 'doubtful' | 'broken';
  readonly reason: Reason<GuardReason>;
}

const BEST_FIRST: readonly Guard['state'][] = ['holds', 'unknown', 'doubtful', 'broken'];

export interface GuardedBy {
  /** Verdict on a variety's flowers of a day where nothing is covered, where it is known. */
  readonly isolationOf?: IsolationOf | undefined;
  /** First opening of the bloom's crop on a day, UTC milliseconds, where it is known. */
  readonly opensOn?: (day: Day, plant: string) => number | undefined;
}

/**
 * What guards a bloom besides its own cover, on each day on which it can be pollinated: a cage, or the distance in space
 * and time of its variety from all that can cross with it. The best first; none where there is none.
 *
 * @example guardsOf(new Journal(), bloom, {}) // []
 */
export function guardsOf(
  journal: Journal,
  bloom: Bloom,
  { isolationOf, opensOn }: GuardedBy,
): readonly Guard[] {
  const variety = grownThen(journal, bloom.plant, bloom.day ?? bloom.keptOn)?.variety;
  const crop = variety && cropOf(variety.crop);
  const days = crop && daysGuarded(bloom, crop);
  if (!days) return [];
  const guards = [
    // Mesh stops insects, not what the wind carries.
    crop.pollenVector === 'wind' ? undefined : cageGuard(journal, bloom, variety, days, opensOn),
    isolationOf &&
      distanceGuard(
        days.map((day) => isolationOf(variety.variety, day)),
        (of) => {
          const then = gardenOn(journal, days[0]);
          return (then.all('variety').get(of) ?? then.all('outside').get(of))?.name ?? '?';
        },
      ),
  ].flatMap((guard) => guard ?? []);
  return guards.sort((a, b) => BEST_FIRST.indexOf(a.state) - BEST_FIRST.indexOf(b.state));
}

/** Fruit that set by itself is found so many days after it opened at the latest. Our default. */
const FOUND_WITHIN_DAYS = 21;

type Days = readonly [first: Day, ...others: Day[]];

/**
 * What can be pollinated for days has to be guarded on each of them, from its own day to the last on which it takes
 * pollen; what set by itself on any day on which it may have opened. `undefined` where no day of it is known.
 */
function daysGuarded(bloom: Bloom, crop: Crop): Days | undefined {
  const { day, keptOn } = bloom;
  if (day !== undefined) {
    const served = pollinationsOf(bloom).map((each) => each.day ?? day);
    return daysFrom(day, [lastReceptiveDay(crop, day), ...served].sort().at(-1)!);
  }
  return keptOn === undefined ? undefined : daysFrom(addDays(keptOn, -FOUND_WITHIN_DAYS), keptOn);
}

const daysFrom = (first: Day, last: Day): Days => [
  first,
  ...Array.from({ length: daysBetween(first, last) }, (_, i) => addDays(first, i + 1)),
];

/** What a verdict makes of a guard. */
const BY_VERDICT: Readonly<
  Partial<Record<FlowerVerdict, { readonly state: Guard['state']; readonly code: GuardReason }>>
> = {
  rareOnly: { state: 'doubtful', code: 'guard.rarely' },
  notNoted: { state: 'unknown', code: 'guard.notNoted' },
  notLooked: { state: 'unknown', code: 'guard.notLooked' },
  isolated: { state: 'holds', code: 'guard.distance' },
  noRisk: { state: 'holds', code: 'guard.distance' },
};

/** As good as on the worst of its days. */
function distanceGuard(
  found: readonly (FlowerIsolation | undefined)[],
  nameOf: (id: string) => string,
): Guard | undefined {
  const known = found.flatMap((each) => each ?? []);
  const worst = worstIsolation(known);
  if (!worst || known.length < found.length || known.some(({ verdict }) => verdict === 'notRequired'))
    return undefined;
  const guard = BY_VERDICT[worst.verdict];
  if (!guard) return undefined;
  const params = {
    ...(guard.code === 'guard.notLooked' && { metres: worst.requiredMetres }),
    ...(worst.notNoted !== undefined && { name: nameOf(worst.notNoted), source: worst.notNoted }),
  };
  return { by: 'distance', state: guard.state, reason: reason(guard.code, params) };
}

/**
 * A cage that is shut keeps insects out. Caged in turn, one variety is open on the days on which all that could cross
 * with it is shut in: then only what grows outside the cages can come.
 */
function cageGuard(
  journal: Journal,
  { plant, role }: Bloom,
  variety: Variety,
  days: Days,
  opensOn: GuardedBy['opensOn'],
): Guard | undefined {
  const zone = zoneOf(journal);
  const [first] = days;
  // What opens at dusk may be caged that afternoon.
  const opens = opensOn?.(first, plant);
  const standsIn = (cage: Cage, day: Day): Stands =>
    stoodIn(cage, plant, day, { zone, opens: day === first ? opens : undefined });
  const cages = [...journal.all('cage').values()].filter((cage) =>
    days.some((day) => standsIn(cage, day) !== 'never'),
  );
  // Of several the one in which it stood on most of the days.
  const stood = (cage: Cage): number => days.filter((day) => standsIn(cage, day) === 'allDay').length;
  const cage = cages.sort((a, b) => stood(b) - stood(a) || (a.cage < b.cage ? -1 : 1))[0];
  if (!cage) return undefined;
  const name = { name: cage.name };
  if (days.some((day) => standsIn(cage, day) !== 'allDay')) {
    // A cage that was set up on the day itself may have come after the insects.
    const isLate = standsIn(cage, first) !== 'allDay';
    return {
      by: 'cage',
      state: 'broken',
      reason: reason(isLate ? 'guard.cageLate' : 'guard.cageOpen', name),
    };
  }
  const open = cage.openOn.filter((each) => days.includes(each));
  if (open.length === 0) {
    const own = stockedGuard(journal, cage, { plant, variety, days, zone });
    if (own) return own;
    // Nobody brought it pollen, and something did.
    return role === 'open' && needsCarrier(variety)
      ? { by: 'cage', state: 'doubtful', reason: reason('guard.cageSetAlone', name) }
      : { by: 'cage', state: 'holds', reason: reason('guard.cage', name) };
  }
  return open.every((each) => othersAreShutIn(journal, plant, each, zone))
    ? { by: 'cage', state: 'doubtful', reason: reason('guard.cageInTurn', name) }
    : { by: 'cage', state: 'broken', reason: reason('guard.cageOpen', name) };
}

/** Insects that were caught outside carry what they had for so long, days. Our default. */
const CAUGHT_DAYS = 2;

/**
 * A shut cage with insects of its own: they go from flower to flower in it, so that it guards where nothing else stands in
 * it that crosses. `undefined` where none had been put in by then.
 */
function stockedGuard(
  journal: Journal,
  cage: Cage,
  {
    plant,
    variety,
    days,
    zone,
  }: {
    readonly plant: string;
    readonly variety: Variety;
    readonly days: Days;
    readonly zone: string;
  },
): Guard | undefined {
  const last = days.at(-1)!;
  const stocked = (cage.stocked ?? []).filter(({ day }) => day <= last);
  if (stocked.length === 0) return undefined;
  const name = { name: cage.name };
  const found = (state: Guard['state'], code: GuardReason): Guard => ({
    by: 'cage',
    ownInsects: true,
    state,
    reason: reason(code, name),
  });
  const beside = new Set(
    days.flatMap((day) =>
      gardensOf(journal, day).flatMap((then) =>
        [...then.all('plant').values()].flatMap((other) => {
          const of = then.all('variety').get(other.variety);
          const isOther = of && of.variety !== variety.variety && other.plant !== plant;
          return isOther && stoodIn(cage, other.plant, day, { zone }) !== 'never'
            ? [crossingFrequency(variety.crop, of.crop)]
            : [];
        }),
      ),
    ),
  );
  if (beside.has('freely')) return found('broken', 'guard.cageMixed');
  const bringsAlong = stocked.some(
    ({ from, day }) => from === 'caught' && days[0] <= addDays(day, CAUGHT_DAYS),
  );
  if (bringsAlong) return found('doubtful', 'guard.cageCaught');
  return beside.has('rarely')
    ? found('doubtful', 'guard.cageMixedRarely')
    : found('holds', 'guard.cageStocked');
}

/** Does nothing set unless something brings pollen from another flower? */
const needsCarrier = ({ crop, traits }: Pick<Variety, 'crop' | 'traits'>): boolean =>
  cropOf(crop).habit !== 'perfect' && !traits.parthenocarpic;

/** For the whole of the time on a day on which its flowers are open, for a part of it, or not at all. */
type Stands = 'allDay' | 'partly' | 'never';

/** Did a plant stand in a cage for the whole of a day, for a part of it, or not at all? */
function stoodIn(
  { sets }: Pick<Cage, 'sets'>,
  plant: string,
  day: Day,
  { zone, opens = -Infinity }: { readonly zone: string; readonly opens?: number | undefined },
): Stands {
  const isBefore = (at: string): boolean => dayAt(toMs(at), zone) < day || toMs(at) < opens;
  const before = sets.findLast(({ at }) => isBefore(at));
  const onTheDay = sets.filter(({ at }) => dayAt(toMs(at), zone) === day && !isBefore(at));
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
      shut.some((cage) => stoodIn(cage, other.plant, day, { zone }) === 'allDay')
    );
  });
}
