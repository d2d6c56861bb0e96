import { wantsSeed } from '../crops/variety';
import { isInHand, isOutOfUse, malesOf } from '../due/flowersDue';
import type { Journal } from '../journal/journal';
import type { Donor, PollinateStop } from '../journal/kinds/stops';
import { meantFor } from '../journal/matingOf';
import { isDoubtfulType, isStand, isSuspect } from '../journal/plantCondition';
import type { Bloom, Round } from '../journal/state';
import { malesCarried, roundsBeside } from '../outing/outingDay';
import { techniqueOf } from '../outing/technique';
import { isMaleForSeed, mayTake, usesLeft, type MaleBud, type Mother } from '../pairing/buds';
import { isTainted } from '../purity/contact';
import { donorsAt } from './operations/operations';
import { stopsLeft } from './stopsLeft';

/** A donor as it stands at the stop. */
export interface DonorNow extends Donor {
  /** `instead`: takes the place of a planned male that was spoiled or not found. */
  readonly state: 'planned' | 'instead';
}

/**
 * The males to use at a stop: those planned, with each one that proved unfit, whose plant was pulled out as off-type
 * or looks diseased, or, for seed, is in doubt or was in a flower that insects may have visited, replaced by a spare male in hand of the same variety: for seed one that was kept clean, from another plant,
 * the least used. A female that would get nothing may get her own plant's pollen, unless that is never allowed, or
 * pollen that was not kept clean.
 *
 * @example donorsNow(stop, round, journal).map(({ state }) => state) // ['planned', 'instead'] when one was spoiled
 */
export function donorsNow(stop: PollinateStop, round: Round, journal: Journal): DonorNow[] {
  const { mother, forSeed, isFit, isDoubted } = neededAt(stop, round, journal);
  const planned = stop.donors.filter(isFit).map((donor): DonorNow => ({ ...donor, state: 'planned' }));
  const donors = planned.filter((donor) => !isDoubted(donor));
  const candidates = malesOfRound(stop, round, journal, 'inHand').filter((male) => mayTake(mother, male));
  const clean = candidates.filter((male) => (!forSeed || isMaleForSeed(male)) && !isDoubted(male));
  while (donors.length < stop.donors.length) {
    const unused = clean.filter(({ bloom }) => !donors.some((donor) => donor.bloom === bloom));
    const next = unused.find(({ plant }) => mother.stand || plant !== stop.plant);
    // Rather her own plant's than none, rather one in doubt, and rather fruit without seed than none.
    const resort = donors.length === 0 ? (unused[0] ?? planned[0] ?? candidates[0]) : undefined;
    const taken = next ?? resort;
    if (!taken) break;
    donors.push('state' in taken ? taken : { plant: taken.plant, bloom: taken.bloom, state: 'instead' });
  }
  return donors;
}

/**
 * Where no pollen is in hand for a female: males that still stand on their plants and that she may take, as many as
 * she is to get; for seed those that were kept clean first, then those of other plants.
 *
 * @example malesToPick(stop, round, journal) // [] once they are picked
 */
export function malesToPick(stop: PollinateStop, round: Round, journal: Journal): Donor[] {
  const { mother, forSeed, wanted, isDoubted } = neededAt(stop, round, journal);
  const lessClean = (male: MaleBud): boolean => forSeed && (!isMaleForSeed(male) || isDoubted(male));
  return malesOfRound(stop, round, journal, 'standing')
    .filter((male) => mayTake(mother, male))
    .sort(
      (a, b) =>
        Number(lessClean(a)) - Number(lessClean(b)) ||
        Number(a.plant === stop.plant) - Number(b.plant === stop.plant),
    )
    .slice(0, Math.max(1, stop.donors.length, wanted))
    .map(({ plant, bloom }) => ({ plant, bloom }));
}

/** What a female needs of the males of her round. */
interface NeededAt {
  readonly mother: Mother;
  readonly forSeed: boolean;
  readonly wanted: number;
  readonly isFit: (donor: Donor) => boolean;
  /** For seed: of a plant in doubt of its type, or with what it got in a flower that insects may have visited. */
  readonly isDoubted: (donor: Donor) => boolean;
}

function neededAt(stop: PollinateStop, round: Round, journal: Journal): NeededAt {
  const flowers = journal.all('bloom');
  const looksSuspect = (plant: string): boolean => isSuspect(journal.all('plant').get(plant) ?? {});
  const meant = meantFor(journal, stop.plant, round.day);
  const forSeed = meant !== undefined && wantsSeed(meant.purpose);
  const mother = {
    plant: stop.plant,
    ownPollen: meant?.ownPollen ?? 'lastResort',
    ...(meant?.fathers && { fathers: meant.fathers }),
    suspect: looksSuspect(stop.plant),
    stand: isStand(journal.all('plant').get(stop.plant) ?? { count: 1 }),
  };
  const isUseless = (male: Bloom | undefined): boolean =>
    male !== undefined && (male.sex === 'male' ? male.spoiled !== undefined : isOutOfUse(male, round.day));
  const isFit = ({ bloom, plant }: Donor): boolean =>
    !isUseless(flowers.get(bloom)) &&
    (flowers.get(bloom)?.day ?? round.day) <= round.day &&
    !isOffType(journal, plant) &&
    (mother.suspect || !looksSuspect(plant));
  const isDoubted = ({ bloom, plant }: Donor): boolean =>
    forSeed &&
    (isDoubtfulType(journal.all('plant').get(plant) ?? {}) || isTainted(journal, bloom, round.day));
  return { mother, forSeed, wanted: meant ? techniqueOf(journal, meant).males : 1, isFit, isDoubted };
}

const isOffType = (journal: Journal, plant: string): boolean =>
  journal.all('plant').get(plant)?.removed?.why === 'offType';

/**
 * Fit males of the variety that is to father the seed of a stop, which have a use left, best first: those that were picked, not by somebody
 * else, or stand in water, or those that are still on their plants. What they have brushed counts, and what is planned for them at other stops that are still to come.
 */
function malesOfRound(
  { stop: here, father, variety: own }: PollinateStop,
  round: Round,
  journal: Journal,
  where: 'inHand' | 'standing',
): MaleBud[] {
  const planned = new Map<string, number>();
  for (const stop of stopsLeft(round)) {
    if (stop.stop === here) continue;
    for (const { bloom } of donorsAt(stop)) planned.set(bloom, (planned.get(bloom) ?? 0) + 1);
  }
  const flowers = journal.all('bloom');
  const plants = journal.all('plant');
  const isHeld = (male: Bloom | undefined): boolean => !male || isInHand(male, round.day);
  const elsewhere = malesCarried(roundsBeside(journal, round));
  return malesOf(journal, round)
    .filter(
      ({ bloom, plant, variety }) =>
        variety === (father ?? own) &&
        !elsewhere.has(bloom) &&
        !isOffType(journal, plant) &&
        // A portion that was kept is in hand.
        (where === 'inHand') === isHeld(flowers.get(bloom)) &&
        // What is in hand already may be of a plant that is gone since.
        (where === 'inHand' || plants.get(plant)?.removed === undefined),
    )
    .map((male) => ({ ...male, used: male.used + (planned.get(male.bloom) ?? 0) }))
    .filter((male) => usesLeft(male) > 0)
    .sort((a, b) => a.used - b.used || (a.bloom < b.bloom ? -1 : 1));
}
