import type { Part, PollinationMethod } from '../crops/crop';
import { wantsSeed } from '../crops/variety';
import type { Fact } from '../journal/entry';
import { isCovered } from '../journal/isCovered';
import type { Journal } from '../journal/journal';
import type { MissedReason } from '../journal/kinds/roundBodies';
import type { Donor, PollinateStop, Stop } from '../journal/kinds/stops';
import { meantFor } from '../journal/matingOf';
import { getsItsOwn } from '../journal/pollinations';
import type { Bloom, Round } from '../journal/state';
import { cleanAt, methodAt, missedAt, pickedBesides, pollinatedAt, type HowPollinated } from './asPlanned';
import { malesOf } from '../due/flowersDue';
import { pollenElsewhere, type PollenElsewhere } from '../due/pollenElsewhere';
import { donorsNow, malesToPick, type DonorNow } from './donorsNow';
import { bloomsAt, wrongAt } from './operations/operations';
import type { CleanBefore } from './stops';

/** A stop as whoever comes to it finds it. */
export interface StopNow {
  /** What its work is done to, as far as it is known. */
  readonly blooms: readonly Bloom[];
  readonly part: Part;
  readonly covered: boolean;
  /** What can have gone wrong here, in the order in which it is offered. */
  readonly wrong: readonly MissedReason[];
  /** What last touched a variety that crosses with this one, and is cleaned first. */
  readonly clean: 'nothing' | 'hands' | 'brush' | 'handsAndBrush';
}

/**
 * A stop as it stands: not open yet can be a flower whose day nobody forced. What is no flower is not known to open,
 * and one whose own pollen was taken before its day is ready as it is.
 *
 * @example stopNow(journal, round, { kind: 'pick', blooms: ['tassel'], … }).wrong.includes('notYet') // false
 */
export function stopNow(journal: Journal, round: Round, stop: Stop): StopNow {
  const blooms = bloomsAt(stop).flatMap((id) => journal.all('bloom').get(id) ?? []);
  const part = blooms[0]?.part ?? 'flower';
  const mayBeEarly = blooms.every((bloom) => bloom.part === 'flower' && !bloom.emasculated);
  return {
    blooms,
    part,
    covered: blooms.some(isCovered),
    wrong: wrongAt(stop).filter((why) => why !== 'notYet' || mayBeEarly),
    clean: cleaningOf(cleanAt(journal, round, stop)),
  };
}

const cleaningOf = ({ hands, brush }: CleanBefore): StopNow['clean'] => {
  if (hands === undefined) return brush === undefined ? 'nothing' : 'brush';
  return brush === undefined ? 'hands' : 'handsAndBrush';
};

/** A female that waits for pollen: all that is shown of it, and what can be recorded. */
export interface PollinationNow extends StopNow {
  readonly female: Bloom | undefined;
  readonly donors: readonly DonorNow[];
  /** Where there is none at all: what is left to do for her. */
  readonly without: PollenElsewhere | undefined;
  /** Where there is no donor: males that still stand on their plants and could be picked for it. */
  readonly toPick: readonly Donor[];
  readonly method: PollinationMethod;
  /** Is it kept to its own pollen? */
  readonly own: boolean;
  /** Is its seed wanted? */
  readonly forSeed: boolean;
  readonly pollinated: (how: HowPollinated) => Fact;
  readonly missed: (why: MissedReason) => Fact;
  /** What was to be picked was. */
  readonly picked: readonly Fact[];
}

/**
 * A stop that brings pollen, as it stands.
 *
 * @example pollinationNow(journal, round, stop).donors.length // 0 where every male was spoiled
 */
export function pollinationNow(journal: Journal, round: Round, stop: PollinateStop): PollinationNow {
  const now = stopNow(journal, round, stop);
  const donors = donorsNow(stop, round, journal);
  const toPick = donors.length > 0 ? [] : malesToPick(stop, round, journal);
  const method = methodAt(journal, round, stop);
  const meant = meantFor(journal, stop.plant, round.day);
  // Without pollen no brush touches her.
  const { hands } = cleanAt(journal, round, stop);
  const clean = donors.length > 0 ? now.clean : cleaningOf({ ...(hands !== undefined && { hands }) });
  return {
    ...now,
    clean,
    female: now.blooms[0],
    donors,
    toPick,
    without: donors.length + toPick.length > 0 ? undefined : withoutNow(journal, round, stop),
    method,
    own: getsItsOwn(stop, stop.donors),
    forSeed: meant !== undefined && wantsSeed(meant.purpose),
    pollinated: (how) => pollinatedAt(journal, round, stop, { donors, ...how }),
    missed: (why) => missedAt(journal, round, stop, why),
    picked: pickedBesides(journal, round, toPick),
  };
}

function withoutNow(journal: Journal, round: Round, stop: PollinateStop): PollenElsewhere {
  const { plant, bloom, variety, father = variety } = stop;
  return pollenElsewhere(journal, { plant, bloom, variety, father }, malesOf(journal, round), round.day);
}
