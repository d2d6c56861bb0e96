import { cropOf, isCoveredTheEveningBefore } from '../crops/catalogue';
import { wantsSeed, type Purpose } from '../crops/variety';
import { placesOf } from '../garden/places';
import type { Segment } from '../garden/segments';
import { walkingDistance } from '../garden/walking';
import type { Journal } from '../journal/journal';
import type { Stop } from '../journal/kinds/round';
import { isCovered } from '../journal/isCovered';
import { compareEntries } from '../journal/order';
import { pollinationsOf } from '../journal/pollinations';
import type { Bloom, Garden, Round, StopDone, Variety } from '../journal/state';
import { windowsOf } from '../opening/windowsOf';
import { atClock } from '../time/calendar';
import type { Day } from '../time/types';
import type { FemaleBud, MaleBud } from './pairing/buds';
import { shortagesOf, type Shortage } from './pairing/shortages';
import type { MorningRequest } from './route/planMorning';
import { WALKING_M_PER_MS, type RoundVariety, type WorkingHours } from './route/planRound';

/** One morning's flowers and what can be done with them. */
export interface Morning {
  readonly day: Day;
  readonly round: Round | undefined;
  /** Females and males that were marked and of which nothing has been recorded since. */
  readonly females: readonly Bloom[];
  readonly males: readonly Bloom[];
  /** The same for the pairing; without those of plants that are gone. */
  readonly buds: { readonly females: readonly FemaleBud[]; readonly males: readonly MaleBud[] };
  readonly shortages: readonly Shortage[];
}

/** What one set fruit is worth compared with one grown to eat. Our defaults: a rare line has one chance a year. */
const WEIGHT: Readonly<Record<Purpose, number>> = { eat: 1, seedForFun: 2, seedToKeep: 4, rareOrSold: 6 };

const weightOf = (variety: Variety): number => WEIGHT[variety.purpose];

/**
 * The round of a morning, once one is planned: of several the one planned last. A stop is done once there is an
 * outcome for it, whoever recorded it, in whichever round.
 *
 * @example roundOf(new Journal(), '2026-07-19') // undefined
 */
export function roundOf(journal: Journal, morning: Day): Round | undefined {
  const rounds = [...journal.all('round').values()]
    .filter((round) => round.day === morning)
    .sort((a, b) => compareEntries(a.planned, b.planned));
  const round = rounds.at(-1);
  if (!round) return undefined;
  const done = new Map(round.done);
  for (const stop of round.stops) {
    const outcome = done.get(stop.stop) ?? outcomeOf(journal, stop);
    if (outcome) done.set(stop.stop, outcome);
  }
  return { ...round, done };
}

/** What became of the flowers of a stop, if anything was recorded of all of them. */
function outcomeOf(journal: Journal, stop: Stop): StopDone | undefined {
  const flowers = journal.all('bloom');
  const { stop: id } = stop;
  if (stop.kind === 'pollinate') {
    const flower = flowers.get(stop.bloom);
    if (flower?.pollination) {
      const { entry, at } = flower.pollination;
      return { stop: id, entry, at, outcome: 'done' };
    }
    return (
      flower?.missed && {
        stop: id,
        entry: flower.missed.entry,
        at: flower.missed.at,
        outcome: flower.missed.why,
      }
    );
  }
  const males = stop.blooms.map((flower) => flowers.get(flower));
  if (!males.every((male) => male?.picked ?? male?.spoiled)) return undefined;
  const picked = males.find((male) => male?.picked)?.picked;
  if (picked) return { stop: id, entry: picked.entry, at: picked.at, outcome: 'done' };
  const spoiled = males[0]?.spoiled;
  return spoiled && { stop: id, entry: spoiled.entry, at: spoiled.at, outcome: spoiled.why };
}

/** Female flowers, and perfect ones that carry the fruit. */
const bearsFruit = ({ sex }: Bloom): boolean => sex === 'female' || sex === 'perfect';

/**
 * The state of a morning: its round, the flowers still waiting, and what is short of males.
 *
 * @example morningOf(new Journal(), '2026-07-19').shortages // []
 */
export function morningOf(journal: Journal, morning: Day): Morning {
  const flowers = journal.bloomsOf(morning);
  const females = flowers.filter((flower) => bearsFruit(flower) && !flower.pollination && !flower.missed);
  const males = flowers.filter((flower) => flower.sex === 'male' && !flower.spoiled);
  const uses = usesOfMales(flowers);
  const buds = {
    females: females.flatMap((flower) => femaleBud(journal, flower)),
    males: males.flatMap((flower) => maleBud(journal, flower, uses.get(flower.bloom) ?? 0)),
  };
  return {
    day: morning,
    round: roundOf(journal, morning),
    females,
    males,
    buds,
    shortages: shortagesOf(buds.females, buds.males),
  };
}

/**
 * How many of some females each male has brushed, by the male's id.
 *
 * @example usesOfMales(journal.flowersOf('2026-07-19')).get(male) // 2
 */
export function usesOfMales(females: readonly Bloom[]): ReadonlyMap<string, number> {
  const uses = new Map<string, number>();
  for (const female of females) {
    const given = new Set(pollinationsOf(female).flatMap(({ donors }) => donors.map(({ bloom }) => bloom)));
    for (const flower of given) uses.set(flower, (uses.get(flower) ?? 0) + 1);
  }
  return uses;
}

function growing(journal: Journal, plant: string): Variety | undefined {
  const stands = journal.all('plant').get(plant);
  return stands && !stands.removed ? journal.all('variety').get(stands.variety) : undefined;
}

function femaleBud(journal: Journal, { bloom, plant }: Bloom): FemaleBud[] {
  const variety = growing(journal, plant);
  if (!variety) return [];
  const forSeed = wantsSeed(variety.purpose);
  const { malesWanted } = cropOf(variety.crop);
  return [
    {
      bloom,
      plant,
      variety: variety.variety,
      malesWanted: forSeed ? malesWanted.seed.value : malesWanted.fruit.value,
      fewestMales: forSeed ? 2 : 1,
      ownPollen: variety.ownPollen,
      forSeed,
    },
  ];
}

function maleBud(journal: Journal, male: Bloom, used: number): MaleBud[] {
  const variety = growing(journal, male.plant);
  const { bloom, plant } = male;
  return variety ? [{ bloom, plant, variety: variety.variety, guarded: isCovered(male), used }] : [];
}

/**
 * What one has to walk round: everything that stands in the way, except dense bloom.
 *
 * @example obstaclesOf(new Journal()) // []
 */
export const obstaclesOf = (journal: Journal): Segment[] =>
  [...journal.all('barrier').values()]
    .filter(({ sort }) => sort !== 'forage')
    .map(({ from, to }) => ({ from, to }));

/** Where the sun does not rise, the clock stands in for it: working hours from five to ten. Our default. */
const CLOCK_HOURS = { opens: 5, lastSafe: 10 };

/**
 * Working hours on a day without sunrise.
 *
 * @example clockHours(garden, '2026-06-21').opens // 5 o'clock of that day
 */
export const clockHours = ({ zone }: Garden, morning: Day): WorkingHours => ({
  opens: atClock(morning, CLOCK_HOURS.opens, zone),
  lastSafe: atClock(morning, CLOCK_HOURS.lastSafe, zone),
});

/**
 * Working hours of each variety on a morning, those of crops that the round does not lead to left out. Where the sun
 * does not rise the clock stands in for it, which the grower is told by the window's reason.
 *
 * @example workingHours(journal, garden, '2026-07-19').get(squash).lastSafe // 10 o'clock
 */
export function workingHours(journal: Journal, garden: Garden, morning: Day): Map<string, WorkingHours> {
  const varieties = [...journal.all('variety').values()].filter(({ crop }) =>
    isCoveredTheEveningBefore(cropOf(crop)),
  );
  const windows = windowsOf(
    journal,
    garden,
    morning,
    varieties.map(({ crop }) => crop),
  );
  const byClock = clockHours(garden, morning);
  return new Map(
    varieties.map(({ variety, crop }) => {
      const window = windows.get(crop);
      return [variety, window ? { opens: window.opens[0], lastSafe: window.lastSafe } : byClock];
    }),
  );
}

/**
 * Working hours and weight of each variety that has females, for the plan of a round.
 *
 * @example roundVarieties(journal, garden, morningOf(journal, '2026-12-24')) // []
 */
export function roundVarieties(
  journal: Journal,
  garden: Garden,
  { buds, day }: Pick<Morning, 'buds' | 'day'>,
): RoundVariety[] {
  const ids = new Set(buds.females.map(({ variety }) => variety));
  const hours = workingHours(journal, garden, day);
  return [...journal.all('variety').values()].flatMap((variety): RoundVariety[] => {
    const own = ids.has(variety.variety) ? hours.get(variety.variety) : undefined;
    return own ? [{ variety: variety.variety, hours: own, weight: weightOf(variety) }] : [];
  });
}

/**
 * Walking time between two plants, milliseconds, round what stands in the way; `undefined` where the place of either
 * is not known.
 *
 * @example walkingTimes(new Journal())('p1', 'p2') // undefined
 */
export function walkingTimes(journal: Journal): (from: string, to: string) => number | undefined {
  const places = placesOf(journal.all('plant').values(), journal.all('bed'));
  const metres = walkingDistance(obstaclesOf(journal));
  return (from, to) => {
    const [a, b] = [places.get(from), places.get(to)];
    return a && b && metres(a, b) / WALKING_M_PER_MS;
  };
}

/**
 * What the round of a morning is planned from, if it may begin at a time.
 *
 * @param from UTC milliseconds.
 * @example planMorning(morningRequest(journal, garden, '2026-07-19', now)).stops[0].kind // 'pick'
 */
export function morningRequest(journal: Journal, garden: Garden, day: Day, from: number): MorningRequest {
  const morning = morningOf(journal, day);
  const { females, males } = morning.buds;
  const plants = new Set([...females, ...males].map(({ plant }) => plant));
  const places = placesOf(journal.all('plant').values(), journal.all('bed'));
  const inHand = morning.males.filter(({ picked, cover }) => picked || cover?.method === 'indoors');
  return {
    females,
    males,
    varieties: roundVarieties(journal, garden, morning),
    places: new Map([...places].filter(([plant]) => plants.has(plant))),
    obstacles: obstaclesOf(journal),
    from,
    inHand: new Set(inHand.map(({ bloom }) => bloom)),
  };
}
