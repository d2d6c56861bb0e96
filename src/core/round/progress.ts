import type { Donor, Stop } from '../journal/kinds/stops';
import { meantFor } from '../journal/matingOf';
import type { Journal } from '../journal/journal';
import type { Bloom, Round } from '../journal/state';
import type { WorkingHours } from '../outing/workingHours';
import { isSuspect } from '../journal/plantCondition';
import { toMs } from '../time/calendar';
import { wantsSeed } from '../crops/variety';
import { isInHand, isOutOfUse, malesOf } from '../due/flowersDue';
import { USUAL_HANDLING } from '../outing/handling';
import { canBeLate, donorsAt, pollenAt, serviceMs } from './operations/operations';
import type { HandlingMs } from './operations/operation';
import { malesCarried, roundsBeside } from '../outing/outingDay';
import { isMaleForSeed, mayTake, usesLeft, type MaleBud } from '../pairing/buds';
import { stopsLeft } from './stops';

/** How far a round has come. The place in it follows from what was done, so closing the app loses nothing. */
export interface Progress {
  /** Index of the stop to do now; `stops.length` when all are done. */
  readonly at: number;
  readonly left: number;
  /** When it will be done at the pace so far, UTC milliseconds. */
  readonly finish: number;
  /** Stops still to come that would be reached too late. */
  readonly tooLate: readonly string[];
}

/** Fewer stops than this say nothing about the pace. */
const PACE_FROM_STOPS = 4;
const SLOWEST = 3;
const FASTEST = 0.5;

/** What the way ahead depends on besides the round itself. */
export interface RoundConditions {
  /** By variety. */
  readonly hours: ReadonlyMap<string, WorkingHours>;
  /** By variety; without it, or where it is not known, the usual. */
  readonly handling?: ReadonlyMap<string, HandlingMs>;
  /** Walking time between two plants, milliseconds; without it, or where it is not known, as planned. */
  readonly walkingMs?: (from: string, to: string) => number | undefined;
}

/**
 * Present stop, stops left and pace of a round. A flower that is not yet open is waited for, but not because the plan
 * once had to wait there.
 *
 * The pace is the time taken between consecutive stops divided by the time planned for them; the median, so that a
 * pause does not count.
 *
 * @param now UTC milliseconds.
 * @example progressOf(round, now, { hours }).at // 0 before the first stop
 */
export function progressOf(round: Round, now: number, conditions: RoundConditions): Progress {
  const { stops } = round;
  const left = stopsLeft(round);
  const at = left[0] ? stops.indexOf(left[0]) : stops.length;
  const pace = paceOf(round, conditions);
  const tooLate: string[] = [];
  let time = now;
  left.forEach((stop, i) => {
    if (i > 0) time += pace * walkingMs(stops, stop, conditions);
    const open = hoursAt(stop, conditions);
    if (open) time = Math.max(time, open.opens);
    if (canBeLate(stop) && open && time > open.lastSafe) tooLate.push(stop.stop);
    time += pace * serviceOf(stop, conditions);
  });
  return { at, left: left.length, finish: time, tooLate };
}

/**
 * The hours of the flowers of a stop; what touches no pollen has none.
 *
 * @example hoursAt(uncover, { hours }) // undefined
 */
export const hoursAt = (stop: Stop, { hours }: RoundConditions): WorkingHours | undefined =>
  pollenAt(stop) === undefined ? undefined : hours.get(stop.variety);

const serviceOf = (stop: Stop, { handling }: RoundConditions): number =>
  serviceMs(stop, handling?.get(stop.variety) ?? USUAL_HANDLING);

/** Walking time to a stop from the one before it: what was planned, less any wait. */
function walkingMs(stops: readonly Stop[], stop: Stop, conditions: RoundConditions): number {
  const before = stops[stops.indexOf(stop) - 1];
  if (!before) return 0;
  const planned = Math.max(0, toMs(stop.eta) - toMs(before.eta) - serviceOf(before, conditions));
  return Math.min(planned, conditions.walkingMs?.(before.plant, stop.plant) ?? Infinity);
}

function paceOf({ stops, done }: Round, conditions: RoundConditions): number {
  const ratios = stops.flatMap((stop, i): number[] => {
    const before = stops[i - 1];
    const was = before && done.get(before.stop);
    const is = done.get(stop.stop);
    if (!before || !was || !is) return [];
    // Who had to wait for it to open was not slow.
    if (toMs(was.at) < (hoursAt(stop, conditions)?.opens ?? -Infinity)) return [];
    return [
      (toMs(is.at) - toMs(was.at)) / (walkingMs(stops, stop, conditions) + serviceOf(stop, conditions)),
    ];
  });
  if (ratios.length < PACE_FROM_STOPS) return 1;
  return Math.min(SLOWEST, Math.max(FASTEST, medianOf(ratios)));
}

/** Of an even count the mean of the two in the middle. */
function medianOf(numbers: readonly number[]): number {
  const sorted = [...numbers].sort((a, b) => a - b);
  const middle = (sorted.length - 1) / 2;
  return (sorted[Math.floor(middle)]! + sorted[Math.ceil(middle)]!) / 2;
}

/** A donor as it stands at the stop. */
export interface DonorNow extends Donor {
  /** `instead`: takes the place of a planned male that was spoiled or not found. */
  readonly state: 'planned' | 'instead';
}

/**
 * The males to use at a stop: those planned, with each one that proved unfit, or whose plant was pulled out as
 * off-type or looks diseased, replaced by a spare male in hand of the same variety: for seed one that was kept clean, from another plant,
 * the least used. A female that would get nothing may get her own plant's pollen, unless that is never allowed, or
 * pollen that was not kept clean.
 *
 * @example donorsNow(stop, round, journal).map(({ state }) => state) // ['planned', 'instead'] when one was spoiled
 */
export function donorsNow(
  stop: Extract<Stop, { kind: 'pollinate' }>,
  round: Round,
  journal: Journal,
): DonorNow[] {
  const flowers = journal.all('bloom');
  const looksSuspect = (plant: string): boolean => isSuspect(journal.all('plant').get(plant) ?? {});
  const meant = meantFor(journal, stop.plant, round.day);
  const forSeed = meant !== undefined && wantsSeed(meant.purpose);
  const mother = {
    plant: stop.plant,
    ownPollen: meant?.ownPollen ?? 'lastResort',
    ...(meant?.fathers && { fathers: meant.fathers }),
    suspect: looksSuspect(stop.plant),
  };
  const isUseless = (male: Bloom | undefined): boolean =>
    male !== undefined && (male.sex === 'male' ? male.spoiled !== undefined : isOutOfUse(male, round.day));
  const fit = ({ bloom, plant }: Donor): boolean =>
    !isUseless(flowers.get(bloom)) &&
    (flowers.get(bloom)?.day ?? round.day) <= round.day &&
    !isOffType(journal, plant) &&
    (mother.suspect || !looksSuspect(plant));
  const donors: DonorNow[] = stop.donors.filter(fit).map((donor) => ({ ...donor, state: 'planned' }));
  const candidates = malesInHand(stop.father ?? stop.variety, stop.stop, round, journal).filter((male) =>
    mayTake(mother, male),
  );
  const clean = candidates.filter((male) => !forSeed || isMaleForSeed(male));
  while (donors.length < stop.donors.length) {
    const unused = clean.filter(({ bloom }) => !donors.some((donor) => donor.bloom === bloom));
    const next = unused.find(({ plant }) => plant !== stop.plant);
    // Rather her own plant's than none, and rather fruit without seed than none.
    const resort = donors.length === 0 ? (unused[0] ?? candidates[0]) : undefined;
    const taken = next ?? resort;
    if (!taken) break;
    donors.push({ plant: taken.plant, bloom: taken.bloom, state: 'instead' });
  }
  return donors;
}

const isOffType = (journal: Journal, plant: string): boolean =>
  journal.all('plant').get(plant)?.removed?.why === 'offType';

/**
 * Fit males of a variety that were picked, not by somebody else, or stand in water, and have a use left, best first. What they have
 * brushed counts, and what is planned for them at other stops that are still to come.
 */
function malesInHand(id: string, here: string, round: Round, journal: Journal): MaleBud[] {
  const planned = new Map<string, number>();
  for (const stop of stopsLeft(round)) {
    if (stop.stop === here) continue;
    for (const { bloom } of donorsAt(stop)) planned.set(bloom, (planned.get(bloom) ?? 0) + 1);
  }
  const flowers = journal.all('bloom');
  const elsewhere = malesCarried(roundsBeside(journal, round));
  return malesOf(journal, round)
    .filter(
      ({ bloom, plant, variety }) =>
        variety === id &&
        !elsewhere.has(bloom) &&
        !isOffType(journal, plant) &&
        isInHand(flowers.get(bloom)!, round.day),
    )
    .map((male) => ({ ...male, used: male.used + (planned.get(male.bloom) ?? 0) }))
    .filter((male) => usesLeft(male) > 0)
    .sort((a, b) => a.used - b.used || (a.bloom < b.bloom ? -1 : 1));
}
