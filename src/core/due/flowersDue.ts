import {
  bloomingCropOf,
  cropOf,
  daysWorked,
  keepsToItself,
  mostTimes,
  pollenGoodFor,
  protocolFor,
  type Crop,
} from '../crops/catalogue';
import type { Protocol } from '../crops/crop';
import { outingOf, type Outing } from '../crops/outing';
import { wantsSeed } from '../crops/variety';
import { cohortOf } from '../journal/cohort';
import { isCovered } from '../journal/isCovered';
import { isGone } from '../journal/looks';
import type { Journal } from '../journal/journal';
import type { MissedReason } from '../journal/kinds/roundBodies';
import { meantOf, type Meant } from '../journal/matingOf';
import { isDoubtfulType, isStand, isSuspect } from '../journal/plantCondition';
import { pickedFor, pollinationsOf, reportOn } from '../journal/pollinations';
import type { Bloom, Round, Variety } from '../journal/state';
import { addDays, daysBetween, MS_PER_HOUR, toMs } from '../time/calendar';
import type { Day } from '../time/types';
import type { FemaleBud, MaleBud } from '../pairing/buds';
import { shortagesOf, type Shortage } from '../pairing/shortages';
import { keptMales } from './keptPollen';
import { roundsOf, type OutingDay } from '../outing/outingDay';
import { spacingOf, techniqueOf } from '../outing/technique';

/** The flowers of one outing and what can be done with them. */
export interface FlowersDue extends OutingDay {
  /** One a person, once planned. */
  readonly rounds: readonly Round[];
  /** Females to pollinate: marked or covered, on a plant that stands, and nothing has been recorded of them since. */
  readonly females: readonly Bloom[];
  readonly males: readonly Bloom[];
  /** The same for the pairing; males too without those of plants that are gone. */
  readonly buds: { readonly females: readonly FemaleBud[]; readonly males: readonly MaleBud[] };
  readonly shortages: readonly Shortage[];
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
 * still are. What stands on a plant that is not known belongs to the morning; a crop without a protocol to none.
 */
function bloomsServed(journal: Journal, { day, outing }: OutingDay): Grown[] {
  const plants = journal.all('plant');
  const varieties = journal.all('variety');
  const days = Array.from({ length: longestSpan(journal, outing) }, (_, before) => addDays(day, -before));
  return days
    .flatMap((each) => journal.bloomsOf(each))
    .map((bloom): Grown => {
      const variety = varieties.get(plants.get(bloom.plant)?.variety ?? '');
      const crop = variety && cropOf(variety.crop);
      const meant = variety && meantOf(journal, bloom);
      const own = crop && meant && protocolFor(crop, meant);
      const protocol = own && canServe(bloom, own) ? own : undefined;
      // Who only fathers a cross is worked as the cross is.
      const worked = protocol ?? (bloom.sex === 'male' ? crop?.protocols.cross : undefined);
      return { bloom, variety, meant, crop, protocol: worked };
    })
    .filter(({ crop, protocol }) => outingOfCrop(crop) === outing && (!crop || protocol));
}

/** To be kept to its own pollen a flower has to have some. */
const canServe = ({ sex, emasculated }: Bloom, protocol: Protocol): boolean =>
  !keepsToItself(protocol) || (sex !== 'male' && !emasculated);

/**
 * On which outing a crop is worked; what is not known on the morning's.
 *
 * @example outingOfCrop(cropOf('bottleGourd')) // 'dusk'
 */
export function outingOfCrop(crop: Crop | undefined): Outing {
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

const spanOf = (crop: Crop, protocol: Protocol): number =>
  Math.max(
    // As often as anybody may choose.
    daysWorked(crop, protocol) + (mostTimes(crop, protocol) - 1) * daysBetweenTimes(crop, protocol),
    1 + pollenGoodFor(crop, protocol),
  );

function daysBetweenTimes(crop: Crop, protocol: Protocol): number {
  const spacing = spacingOf(crop, protocol);
  return spacing?.unit === 'd' ? spacing.value : 0;
}

/** Reported so, a female is of no use on a later day either. */
const LOST: readonly MissedReason[] = ['hole', 'torn', 'insect', 'open', 'wilted', 'broke'];

/**
 * Was what bears found to be of no use, on that day or for good?
 *
 * @example isOutOfUse({ ...head, reports: [] }, day) // false
 */
export const isOutOfUse = (bloom: Bloom, day: Day): boolean =>
  isLost(bloom) || reportOn(bloom, day) !== undefined;

const isLost = ({ reports }: Bloom): boolean => reports.some(({ why }) => LOST.includes(why));

/**
 * How often a female was pollinated. On different days two phones may each have thought theirs the first; on one day
 * they recorded the same.
 */
function applicationsOf(bloom: Bloom): number {
  const given = pollinationsOf(bloom);
  const days = new Set(given.map(({ day = bloom.day }) => day));
  return Math.max(0, days.size, ...given.map(({ application }) => application));
}

/** Which pollination of a female is due on a day, from 1; `undefined` when none is. */
function applicationDue(
  journal: Journal,
  { bloom, crop, meant, protocol }: Grown,
  day: Day,
): number | undefined {
  // What is counted was pollinated when it was, and so was what got its tag later.
  const isCounted = bloom.of !== undefined || cohortOf(bloom.bloom) !== undefined;
  if (bloom.day === undefined || bloom.role !== 'hand' || isCounted) return undefined;
  const given = pollinationsOf(bloom);
  const done = applicationsOf(bloom);
  const worked = daysBetween(bloom.day, day) < (crop ? daysWorked(crop, protocol) : 1);
  if (isOutOfUse(bloom, day) || isGone(bloom)) return undefined;
  if (done === 0) return worked ? 1 : undefined;
  if (!meant || !crop || !protocol) return undefined;
  const { times, sameDay } = techniqueOf(journal, meant);
  const spacing = spacingOf(crop, protocol, sameDay);
  if (!spacing || done >= times) return undefined;
  const last = given.at(-1)!;
  if (spacing.unit === 'h') {
    // What was closing already is not tried twice.
    const again = done < spacing.most && !given.some(({ found }) => found === 'wilted');
    return again && (last.day ?? bloom.day) === day ? done + 1 : undefined;
  }
  const next = addDays(last.day ?? bloom.day, spacing.value);
  // Who could not come on its day comes on the next, as long as it takes pollen.
  return next === day || (next < day && worked) ? done + 1 : undefined;
}

/**
 * A male serves on its own day, and, cut and kept, for as long as its pollen is good; what bears as well on each day on
 * which it stands open.
 */
function serves({ bloom, crop, protocol }: Grown, day: Day): boolean {
  if (bloom.day === undefined || bloom.spoiled || !crop) return bloom.day === day && !bloom.spoiled;
  const age = daysBetween(bloom.day, day);
  if (age < 0 || age > pollenGoodFor(crop, protocol)) return false;
  if (protocol?.collect?.fromBearing) return !isOutOfUse(bloom, day);
  return age === 0 || isInHand(bloom, day);
}

/**
 * Has somebody its pollen with them already: is a male cut, or was what bears as well brushed that day?
 *
 * @example isInHand({ sex: 'male', cover: { method: 'indoors', at } }, day) // true
 */
export const isInHand = (
  bloom: Pick<Bloom, 'sex' | 'picked' | 'pickedBefore' | 'cover'>,
  day: Day,
): boolean => pickedFor(bloom, day) !== undefined || bloom.cover?.method === 'indoors';

/**
 * The males of an outing that may give pollen, with what they have given so far.
 *
 * @example malesOf(new Journal(), { day: '2026-07-19', outing: 'morning' }) // []
 */
export function malesOf(journal: Journal, service: OutingDay): MaleBud[] {
  const served = bloomsServed(journal, service);
  const uses = usesOfMales(served.map(({ bloom }) => bloom));
  return [
    ...malesAmong(served, service.day).flatMap((male) => maleBud(journal, male, uses, service.day)),
    ...keptFor(journal, service),
  ];
}

/** Kept pollen of the crops of an outing. */
const keptFor = (journal: Journal, { day, outing }: OutingDay): MaleBud[] =>
  keptMales(journal, day, (crop) => outingOfCrop(crop) === outing);

/** Males, and what bears and gives pollen as well. */
const malesAmong = (served: readonly Grown[], day: Day): Grown[] =>
  served.filter((grown) => givesPollen(grown) && serves(grown, day));

const givesPollen = ({ bloom: { sex, role }, protocol }: Grown): boolean =>
  sex === 'male' || (protocol?.collect?.fromBearing === true && sex === 'perfect' && role === 'hand');

/**
 * The state of an outing: its round, the flowers still waiting, and what is short of males.
 *
 * @example flowersDue(new Journal(), { day: '2026-07-19', outing: 'morning' }).shortages // []
 */
export function flowersDue(journal: Journal, { day, outing }: OutingDay): FlowersDue {
  const served = bloomsServed(journal, { day, outing });
  const females = served.flatMap((grown) => {
    const waits = bearsFruit(grown.bloom) && isStanding(journal, grown.bloom.plant);
    const application = waits ? applicationDue(journal, grown, day) : undefined;
    return application === undefined ? [] : [{ grown, application }];
  });
  const males = malesAmong(served, day);
  const standing = males.filter(({ bloom }) => isStanding(journal, bloom.plant));
  const uses = usesOfMales(served.map(({ bloom }) => bloom));
  const buds = {
    females: females.flatMap(({ grown, application }) => femaleBud(journal, grown, application)),
    males: [
      ...standing.flatMap((male) => maleBud(journal, male, uses, day)),
      // Nobody asks for it where nothing is to be pollinated.
      ...(females.length > 0 ? keptFor(journal, { day, outing }) : []),
    ],
  };
  return {
    day,
    outing,
    rounds: roundsOf(journal, { day, outing }),
    females: females.map(({ grown }) => grown.bloom),
    males: males.map(({ bloom }) => bloom),
    buds,
    shortages: shortagesOf(buds.females, buds.males),
  };
}

/** How often a male has been used: on one day, or in all. */
type Uses = (male: string, day?: Day) => number;

/** How often each male has been used on some females. What two phones recorded of one is one. */
function usesOfMales(females: readonly Bloom[]): Uses {
  const uses = new Map<string, Map<string, Day | undefined>>();
  for (const female of females) {
    for (const { application, donors, day = female.day } of pollinationsOf(female)) {
      for (const { bloom } of donors) {
        const ofMale = uses.get(bloom) ?? new Map<string, Day | undefined>();
        uses.set(bloom, ofMale.set(`${female.bloom}|${application}`, day));
      }
    }
  }
  return (male, on) => {
    const days = [...(uses.get(male)?.values() ?? [])];
    return on === undefined ? days.length : days.filter((day) => day === on).length;
  };
}

const isStanding = (journal: Journal, plant: string): boolean =>
  journal.all('plant').get(plant)?.removed === undefined;

function femaleBud(
  journal: Journal,
  { bloom: female, variety, meant, protocol }: Grown,
  application: number,
): FemaleBud[] {
  const { bloom, plant } = female;
  const stands = journal.all('plant').get(plant);
  if (!variety || !meant || !stands) return [];
  const forSeed = wantsSeed(meant.purpose);
  const { males: wanted, sameDay } = techniqueOf(journal, meant);
  const spacing =
    application > 1 && protocol ? spacingOf(cropOf(variety.crop), protocol, sameDay) : undefined;
  const last = pollinationsOf(female).at(-1);
  return [
    {
      bloom,
      plant,
      variety: variety.variety,
      father: meant.father,
      ...(meant.fathers && { fathers: meant.fathers }),
      application,
      ...(spacing?.unit === 'h' && last && { from: toMs(last.at) + spacing.value * MS_PER_HOUR }),
      malesWanted: wanted,
      fewestMales: Math.min(wanted, forSeed ? 2 : 1),
      ownPollen: meant.ownPollen,
      forSeed,
      ...(protocol && keepsToItself(protocol) && { selfed: true }),
      ...(isSuspect(stands) && { suspect: true }),
      ...(isStand(stands) && { stand: true }),
    },
  ];
}

function maleBud(
  journal: Journal,
  { bloom: male, variety, protocol }: Grown,
  uses: Uses,
  day: Day,
): MaleBud[] {
  if (!variety || !protocol?.collect) return [];
  const { fromBearing, serves: females } = protocol.collect;
  const { bloom, plant } = male;
  const stands = journal.all('plant').get(plant) ?? {};
  return [
    {
      bloom,
      plant,
      variety: variety.variety,
      guarded: isCovered(male),
      used: fromBearing ? uses(bloom, day) : uses(bloom),
      serves: females.value,
      ...(fromBearing && { standing: true }),
      // What bears as well opens afresh each day.
      ageDays: male.day === undefined || fromBearing ? 0 : daysBetween(male.day, day),
      ...(isSuspect(stands) && { suspect: true }),
      ...(isDoubtfulType(stands) && { doubtful: true }),
    },
  ];
}
