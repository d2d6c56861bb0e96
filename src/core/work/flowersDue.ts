import {
  bloomingCropOf,
  cropOf,
  isCoveredBeforeOpening,
  protocolFor,
  receptiveDays,
  type Crop,
} from '../crops/catalogue';
import type { Protocol } from '../crops/crop';
import { BRUSHED_ONCE } from '../crops/figures';
import { outingOf, type Outing } from '../crops/outing';
import { wantsSeed, type Purpose } from '../crops/variety';
import { placesOf } from '../garden/places';
import type { Segment } from '../garden/segments';
import { walkingDistance } from '../garden/walking';
import { isCovered } from '../journal/isCovered';
import type { Journal } from '../journal/journal';
import type { MissedReason, Stop } from '../journal/kinds/round';
import { meantFor, type Meant } from '../journal/matingOf';
import { compareEntries } from '../journal/order';
import { pollinationsOf } from '../journal/pollinations';
import type { Bloom, Garden, Round, StopDone, Variety } from '../journal/state';
import { windowsOf } from '../opening/windowsOf';
import { addDays, atClock, daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import type { FemaleBud, MaleBud } from './pairing/buds';
import { shortagesOf, type Shortage } from './pairing/shortages';
import type { OutingRequest } from './route/planOuting';
import { WALKING_M_PER_MS, type HandlingMs, type RoundVariety, type WorkingHours } from './route/planRound';

/** An outing and the day whose flowers it serves. A round from dusk serves the day it began on, also past midnight. */
export interface Service {
  readonly day: Day;
  readonly outing: Outing;
}

/** The flowers of one outing and what can be done with them. */
export interface FlowersDue extends Service {
  readonly round: Round | undefined;
  /** Females to pollinate: marked or covered, and nothing has been recorded of them since. */
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
 * The round of an outing, once one is planned: of several the one planned last. A stop is done once there is an
 * outcome for it, whoever recorded it, in whichever round.
 *
 * @example roundOf(new Journal(), { day: '2026-07-19', outing: 'morning' }) // undefined
 */
export function roundOf(journal: Journal, { day, outing }: Service): Round | undefined {
  const rounds = [...journal.all('round').values()]
    .filter((round) => round.day === day && round.outing === outing)
    .sort((a, b) => compareEntries(a.planned, b.planned));
  const round = rounds.at(-1);
  if (!round) return undefined;
  const done = new Map(round.done);
  for (const stop of round.stops) {
    const outcome = done.get(stop.stop) ?? outcomeOf(journal, stop, day);
    if (outcome) done.set(stop.stop, outcome);
  }
  return { ...round, done };
}

/** What became of the flowers of a stop, if anything was recorded of all of them. */
function outcomeOf(journal: Journal, stop: Stop, day: Day): StopDone | undefined {
  const flowers = journal.all('bloom');
  const { stop: id } = stop;
  if (stop.kind === 'pollinate') {
    const flower = flowers.get(stop.bloom);
    if (!flower) return undefined;
    const application = stop.application ?? 1;
    const pollination = pollinationsOf(flower).find((each) => each.application === application);
    if (pollination) return { stop: id, entry: pollination.entry, at: pollination.at, outcome: 'done' };
    const missed = flower.reports.findLast((report) => (report.day ?? flower.day) === day);
    return missed && { stop: id, entry: missed.entry, at: missed.at, outcome: missed.why };
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

/** A bloom with the variety it belongs to, and how that is worked. */
interface Grown {
  readonly bloom: Bloom;
  readonly variety: Variety | undefined;
  readonly meant: Meant | undefined;
  readonly crop: Crop | undefined;
  readonly protocol: Protocol | undefined;
}

/**
 * Blooms that an outing may serve: those that opened, or became receptive, on its day, and those of days before that
 * still are. What stands on a plant that is not known belongs to the morning.
 */
function bloomsServed(journal: Journal, { day, outing }: Service): Grown[] {
  const plants = journal.all('plant');
  const varieties = journal.all('variety');
  const days = Array.from({ length: longestSpan(journal, outing) }, (_, before) => addDays(day, -before));
  return days
    .flatMap((each) => journal.bloomsOf(each))
    .map((bloom): Grown => {
      const variety = varieties.get(plants.get(bloom.plant)?.variety ?? '');
      const crop = variety && cropOf(variety.crop);
      const meant = variety && meantFor(journal, bloom.plant, bloom.day);
      return { bloom, variety, meant, crop, protocol: crop && meant && protocolFor(crop, meant.purpose) };
    })
    .filter(({ crop }) => outingOfCrop(crop) === outing);
}

function outingOfCrop(crop: Crop | undefined): Outing {
  const blooming = crop && bloomingCropOf(crop.id);
  return blooming ? outingOf(blooming) : 'morning';
}

/** Days, its own counted, for which a bloom of any variety may be served. */
function longestSpan(journal: Journal, outing: Outing): number {
  const crops = new Set(Array.from(journal.all('variety').values(), ({ crop }) => cropOf(crop)));
  const spans = [...crops].flatMap((crop) =>
    outingOfCrop(crop) === outing
      ? Object.values(crop.protocols).map((protocol) => spanOf(crop, protocol))
      : [],
  );
  return Math.max(1, ...spans);
}

const spanOf = (crop: Crop, { collect, pollinate }: Protocol): number =>
  Math.max(
    receptiveDays(crop) + (pollinate.times.value - 1) * pollinate.apart.value,
    1 + collect.keeps.value,
  );

/** Reported so, a female is of no use on a later day either. */
const LOST: readonly MissedReason[] = ['hole', 'insect', 'open', 'wilted', 'broke'];

/** Which pollination of a female is due on a day, from 1; `undefined` when none is. */
function applicationDue({ bloom, crop, protocol }: Grown, day: Day): number | undefined {
  if (bloom.day === undefined || bloom.role !== 'hand') return undefined;
  const given = pollinationsOf(bloom);
  const done = Math.max(0, ...given.map(({ application }) => application));
  const missed = bloom.reports.some((report) => (report.day ?? bloom.day) === day);
  if (done === 0) {
    const age = daysBetween(bloom.day, day);
    const lost = bloom.reports.some(({ why }) => LOST.includes(why));
    return missed || lost || age >= (crop ? receptiveDays(crop) : 1) ? undefined : 1;
  }
  if (!protocol || done >= protocol.pollinate.times.value || missed) return undefined;
  const last = given.findLast(({ application }) => application === done)!;
  return addDays(last.day ?? bloom.day, protocol.pollinate.apart.value) === day ? done + 1 : undefined;
}

/** A male serves on its own day, and, cut and kept, for as long as its pollen is good. */
function serves({ bloom, protocol }: Grown, day: Day): boolean {
  if (bloom.day === undefined || bloom.spoiled) return false;
  const age = daysBetween(bloom.day, day);
  if (age === 0) return true;
  return age <= (protocol?.collect.keeps.value ?? 0) && isInHand(bloom);
}

/**
 * Is a male cut already?
 *
 * @example isInHand({ cover: { method: 'indoors', at } }) // true
 */
export const isInHand = ({ picked, cover }: Pick<Bloom, 'picked' | 'cover'>): boolean =>
  picked !== undefined || cover?.method === 'indoors';

/**
 * The males of an outing that may give pollen, with what they have given so far.
 *
 * @example malesOf(new Journal(), { day: '2026-07-19', outing: 'morning' }) // []
 */
export function malesOf(journal: Journal, service: Service): MaleBud[] {
  const served = bloomsServed(journal, service);
  const uses = usesOfMales(served.map(({ bloom }) => bloom));
  return malesAmong(served, service.day).flatMap((male) => maleBud(male, uses));
}

const malesAmong = (served: readonly Grown[], day: Day): Grown[] =>
  served.filter((grown) => grown.bloom.sex === 'male' && serves(grown, day));

/**
 * The state of an outing: its round, the flowers still waiting, and what is short of males.
 *
 * @example flowersDue(new Journal(), { day: '2026-07-19', outing: 'morning' }).shortages // []
 */
export function flowersDue(journal: Journal, { day, outing }: Service): FlowersDue {
  const served = bloomsServed(journal, { day, outing });
  const females = served.flatMap((grown) => {
    const application = bearsFruit(grown.bloom) ? applicationDue(grown, day) : undefined;
    return application === undefined ? [] : [{ grown, application }];
  });
  const males = malesAmong(served, day);
  const standing = males.filter(({ bloom }) => isStanding(journal, bloom.plant));
  const uses = usesOfMales(served.map(({ bloom }) => bloom));
  const buds = {
    females: females.flatMap(({ grown, application }) => femaleBud(journal, grown, application)),
    males: standing.flatMap((male) => maleBud(male, uses)),
  };
  return {
    day,
    outing,
    round: roundOf(journal, { day, outing }),
    females: females.map(({ grown }) => grown.bloom),
    males: males.map(({ bloom }) => bloom),
    buds,
    shortages: shortagesOf(buds.females, buds.males),
  };
}

/** How often each male has been used on some females, by the male's id. What two phones recorded of one is one. */
function usesOfMales(females: readonly Bloom[]): ReadonlyMap<string, number> {
  const given = new Set(
    females.flatMap((female) =>
      pollinationsOf(female).flatMap(({ application, donors }) =>
        donors.map(({ bloom }) => `${female.bloom}|${application}|${bloom}`),
      ),
    ),
  );
  const uses = new Map<string, number>();
  for (const use of given) {
    const male = use.slice(use.lastIndexOf('|') + 1);
    uses.set(male, (uses.get(male) ?? 0) + 1);
  }
  return uses;
}

const isStanding = (journal: Journal, plant: string): boolean =>
  journal.all('plant').get(plant)?.removed === undefined;

function femaleBud(
  journal: Journal,
  { bloom: { bloom, plant }, variety, meant }: Grown,
  application: number,
): FemaleBud[] {
  if (!variety || !meant || !isStanding(journal, plant)) return [];
  const forSeed = wantsSeed(meant.purpose);
  const { malesWanted } = cropOf(variety.crop);
  const wanted = forSeed ? malesWanted.seed.value : malesWanted.fruit.value;
  return [
    {
      bloom,
      plant,
      variety: variety.variety,
      father: meant.father,
      application,
      malesWanted: wanted,
      fewestMales: Math.min(wanted, forSeed ? 2 : 1),
      ownPollen: meant.ownPollen,
      forSeed,
    },
  ];
}

function maleBud({ bloom: male, variety, protocol }: Grown, uses: ReadonlyMap<string, number>): MaleBud[] {
  if (!variety || !protocol) return [];
  const { bloom, plant } = male;
  return [
    {
      bloom,
      plant,
      variety: variety.variety,
      guarded: isCovered(male),
      used: uses.get(bloom) ?? 0,
      serves: protocol.collect.serves.value,
    },
  ];
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

/** Where the sun does not rise or set, the clock stands in for it: hours from midnight of the day. Our defaults. */
const CLOCK_HOURS: Readonly<Record<Outing, { readonly opens: number; readonly lastSafe: number }>> = {
  morning: { opens: 5, lastSafe: 10 },
  midday: { opens: 11, lastSafe: 16 },
  dusk: { opens: 19, lastSafe: 31 },
};

/**
 * Working hours on a day without sunrise or sunset.
 *
 * @example clockHours(garden, { day: '2026-06-21', outing: 'morning' }).opens // 5 o'clock of that day
 */
export function clockHours({ zone }: Garden, { day, outing }: Service): WorkingHours {
  const at = (hour: number): number => atClock(addDays(day, Math.floor(hour / 24)), hour % 24, zone);
  const { opens, lastSafe } = CLOCK_HOURS[outing];
  return { opens: at(opens), lastSafe: at(lastSafe) };
}

/**
 * Working hours of each variety on an outing, those of crops that it does not lead to left out. Where the sun does not
 * rise or set the clock stands in for it, which the grower is told by the window's reason.
 *
 * @example workingHours(journal, garden, { day: '2026-07-19', outing: 'morning' }).get(squash).lastSafe // 10 o'clock
 */
export function workingHours(journal: Journal, garden: Garden, service: Service): Map<string, WorkingHours> {
  const varieties = [...journal.all('variety').values()].filter(({ crop }) => {
    const worked = cropOf(crop);
    return isCoveredBeforeOpening(worked) && outingOf(worked) === service.outing;
  });
  const windows = windowsOf(
    journal,
    garden,
    service.day,
    varieties.map(({ crop }) => crop),
  );
  const byClock = clockHours(garden, service);
  return new Map(
    varieties.map(({ variety, crop }) => {
      const window = windows.get(crop);
      return [variety, window ? { opens: window.opens[0], lastSafe: window.lastSafe } : byClock];
    }),
  );
}

/**
 * How long the work at a flower takes for each variety, milliseconds, before own records speak.
 *
 * @example handlingTimes(journal).get(squash) // { pick: 25_000, pollinate: 75_000 }
 */
export function handlingTimes(journal: Journal): Map<string, HandlingMs> {
  return new Map(
    [...journal.all('variety').values()].flatMap(({ variety, crop, purpose }) => {
      const protocol = protocolFor(cropOf(crop), purpose);
      return protocol ? [[variety, handlingOf(protocol)] as const] : [];
    }),
  );
}

const MS_PER_SECOND = 1000;

const handlingOf = ({ collect, pollinate }: Protocol): HandlingMs => ({
  pick: collect.takes.value * MS_PER_SECOND,
  pollinate: pollinate.takes.value * MS_PER_SECOND,
});

/** For a variety that is no longer on the plan. */
export const USUAL_HANDLING = handlingOf(BRUSHED_ONCE);

/**
 * Working hours, times and weight of each variety that has females, for the plan of a round.
 *
 * @example roundVarieties(journal, garden, flowersDue(journal, { day: '2026-12-24', outing: 'morning' })) // []
 */
export function roundVarieties(
  journal: Journal,
  garden: Garden,
  { buds, day, outing }: Pick<FlowersDue, 'buds' | 'day' | 'outing'>,
): RoundVariety[] {
  const ids = new Set(buds.females.map(({ variety }) => variety));
  const hours = workingHours(journal, garden, { day, outing });
  const times = handlingTimes(journal);
  return [...journal.all('variety').values()].flatMap((variety): RoundVariety[] => {
    const { variety: id } = variety;
    const [own, handling] = [hours.get(id), times.get(id)];
    return ids.has(id) && own && handling
      ? [{ variety: id, hours: own, handling, weight: weightOf(variety) }]
      : [];
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
 * What the round of an outing is planned from, if it may begin at a time.
 *
 * @param from UTC milliseconds.
 * @example planOuting(outingRequest(journal, garden, service, now)).stops[0].kind // 'pick'
 */
export function outingRequest(
  journal: Journal,
  garden: Garden,
  service: Service,
  from: number,
): OutingRequest {
  const due = flowersDue(journal, service);
  const { females, males } = due.buds;
  const plants = new Set([...females, ...males].map(({ plant }) => plant));
  const places = placesOf(journal.all('plant').values(), journal.all('bed'));
  return {
    females,
    males,
    varieties: roundVarieties(journal, garden, due),
    places: new Map([...places].filter(([plant]) => plants.has(plant))),
    obstacles: obstaclesOf(journal),
    from,
    inHand: new Set(due.males.filter(isInHand).map(({ bloom }) => bloom)),
  };
}
