import { cropOf } from '../crops/catalogue';
import type { Purpose } from '../crops/variety';
import { GATE, placesOf } from '../garden/places';
import { ownSet } from '../fruit/ownSet';
import { plantLoads, setFactor } from '../fruit/plantLoad';
import type { Journal } from '../journal/journal';
import { meantFor } from '../journal/matingOf';
import { isFitForSeed } from '../journal/plantCondition';
import type { Garden, Round } from '../journal/state';
import { windowsOf } from '../opening/windowsOf';
import { worthByTime } from '../opening/worth';
import type { Day } from '../time/types';
import type { FemaleBud } from '../pairing/buds';
import { fatheredBefore } from '../pairing/fatheredBefore';
import type { Chore } from '../journal/kinds/stops';
import { purityOf } from '../purity/purityOf';
import { choresOf } from './chores';
import { flowersDue, isInHand, type FlowersDue } from '../due/flowersDue';
import { handlingTimes } from '../outing/handling';
import { malesCarried, type OutingDay } from '../outing/outingDay';
import { plannedFlowers } from './stopsLeft';
import { workingHours } from '../outing/workingHours';
import type { OutingRequest } from './planOuting';
import { femalesOfTrials } from '../trial/females';
import { obstaclesOf } from './roundConditions';
import type { RoundVariety } from './roundRequest';

/** What one set fruit is worth compared with one grown to eat. Our defaults: a rare line has one chance a year. */
const WEIGHT: Readonly<Record<Purpose, number>> = { eat: 1, seedForFun: 2, seedToKeep: 4, rareOrSold: 6 };

/**
 * Working hours, times and worth of each variety that has females, for the plan of a round.
 *
 * @example roundVarieties(journal, garden, flowersDue(journal, { day: '2026-12-24', outing: 'morning' })) // []
 */
export function roundVarieties(
  journal: Journal,
  garden: Garden,
  { buds, day, outing }: Pick<FlowersDue, 'buds' | 'day' | 'outing'>,
  chores: readonly Chore[] = [],
): RoundVariety[] {
  const ids = new Set([...buds.females, ...chores].map(({ variety }) => variety));
  const hours = workingHours(journal, garden, { day, outing });
  const times = handlingTimes(journal);
  const varieties = [...journal.all('variety').values()].filter(({ variety }) => ids.has(variety));
  const crops = varieties.map(({ crop }) => crop);
  const windows = windowsOf(journal, garden, day, crops);
  const setOf = ownSet(journal, garden, day);
  return varieties.flatMap((variety): RoundVariety[] => {
    const { variety: id, crop } = variety;
    const [own, handling, window] = [hours.get(id), times.get(id), windows.get(crop)];
    if (!own || !handling) return [];
    return [
      {
        variety: id,
        group: cropOf(crop).group,
        family: cropOf(crop).family,
        ...(cropOf(crop).pollenVector === 'wind' && { byWind: true }),
        hours: own,
        handling,
        // A set fruit's worth times the chance that it sets.
        weight: WEIGHT[variety.purpose] * setOf(id, crop).share,
        ...(window && {
          worth: { open: worthByTime(window), guarded: worthByTime(window, { guarded: true }) },
        }),
      },
    ];
  });
}

/**
 * How many times its variety's worth a flower is worth on its plant: less where it carries fruit already or its seed is
 * not to be kept, more where a cross of a variety grown to eat is wanted for its seed.
 */
function sharesOf(
  journal: Journal,
  garden: Garden,
  day: Day,
  females: readonly FemaleBud[],
): ReadonlyMap<string, number> {
  const plants = journal.all('plant');
  const varieties = journal.all('variety');
  const ids = new Set(females.map(({ plant }) => plant));
  const loads = plantLoads(journal, garden, day, ids);
  return new Map(
    Array.from(ids, (id) => {
      const plant = plants.get(id)!;
      const load = loads.get(id);
      const { purpose } = varieties.get(plant.variety)!;
      const wanted = isFitForSeed(plant) ? (meantFor(journal, id, day)?.purpose ?? purpose) : 'eat';
      return [id, ((load ? setFactor(load) : 1) * WEIGHT[wanted]) / WEIGHT[purpose]];
    }),
  );
}

/** Who walks the rounds to be planned. */
export interface Walkers {
  /** How many share the work. */
  readonly people: number;
  /** The rounds of others, whose flowers are left to them. */
  readonly beside: readonly Round[];
  /** The plant at which one is; else one sets out from the gate. */
  readonly at?: string | undefined;
}

/**
 * What the rounds of an outing are planned from, if they may begin at a time.
 *
 * @param from UTC milliseconds.
 * @example planOuting(outingRequest(journal, garden, service, now)).rounds[0].stops[0].kind // 'pick'
 */
export function outingRequest(
  journal: Journal,
  garden: Garden,
  service: OutingDay,
  from: number,
  { people, beside, at }: Walkers = { people: 1, beside: [] },
): OutingRequest {
  const due = flowersDue(journal, service);
  const [theirs, carried] = [plannedFlowers(beside), malesCarried(beside)];
  const females = femalesOfTrials(journal, garden, service.day, due.buds.females).filter(
    ({ bloom }) => !theirs.has(bloom),
  );
  const males = due.buds.males.filter(({ bloom }) => !carried.has(bloom));
  const chores = choresOf(
    journal,
    garden,
    { ...service, females: due.buds.females },
    (bloom) => purityOf(journal, garden, bloom)?.grade,
  ).filter(
    ({ kind, plant }) =>
      !beside.some(({ stops }) => stops.some((stop) => stop.kind === kind && stop.plant === plant)),
  );
  const plants = new Set([...females, ...males, ...chores].map(({ plant }) => plant));
  const places = placesOf(journal.all('plant').values(), journal.all('bed'));
  return {
    females,
    males,
    fathered: fatheredBefore(journal, service.day),
    chores,
    varieties: roundVarieties(journal, garden, due, chores),
    places: new Map([...places].filter(([plant]) => plants.has(plant))),
    obstacles: obstaclesOf(journal),
    start: places.get(at ?? '') ?? GATE,
    from,
    people,
    inHand: new Set([
      ...due.males.filter((male) => isInHand(male, service.day)).map(({ bloom }) => bloom),
      ...males.map(({ bloom }) => bloom).filter((bloom) => journal.all('pollen').has(bloom)),
    ]),
    shares: sharesOf(journal, garden, service.day, females),
    suspects: new Set([...females, ...males].flatMap(({ plant, suspect }) => (suspect ? [plant] : []))),
  };
}
