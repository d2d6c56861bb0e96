import { OWN_POLLEN_METHOD, type PollinationMethod } from '../crops/crop';
import { coverOff, stripped, thinned } from '../fruit/takenOff';
import type { Fact } from '../journal/entry';
import { isCovered } from '../journal/isCovered';
import type { Journal } from '../journal/journal';
import type { Bodies } from '../journal/kinds/kinds';
import type {
  CoverFinding,
  Finding,
  HandsState,
  MissedReason,
  ToolState,
} from '../journal/kinds/roundBodies';
import type { Donor, PickStop, PollinateStop, Stop, UncoverStop } from '../journal/kinds/stops';
import { meantFor } from '../journal/matingOf';
import { getsItsOwn } from '../journal/pollinations';
import type { Round } from '../journal/state';
import { donorsNow, type DonorNow } from './donorsNow';
import { groupBy } from '../text/groupBy';
import { cleanBefore, pickStopId, type CleanBefore } from './stops';
import { techniqueOf } from '../outing/technique';
import { wayOf } from '../trial/running';

/**
 * What brings the pollen at a stop.
 *
 * @example methodAt(journal, round, stop) // 'maleFlower'
 */
export function methodAt(
  journal: Journal,
  { day }: Round,
  { plant, bloom, donors }: PollinateStop,
): PollinationMethod {
  if (getsItsOwn({ bloom }, donors)) return OWN_POLLEN_METHOD;
  const tried = wayOf(journal, journal.all('bloom').get(bloom) ?? {})?.method;
  const meant = meantFor(journal, plant, day);
  return tried ?? (meant ? techniqueOf(journal, meant).method : 'maleFlower');
}

/**
 * What every entry about the female of a stop says.
 *
 * @example atFemale(journal, round, stop).bloom // stop.bloom
 */
function atFemale(
  journal: Journal,
  { round, day }: Round,
  { bloom, plant, stop }: PollinateStop,
): Pick<Bodies['missed'], 'bloom' | 'plant' | 'round' | 'stop' | 'day'> {
  const known = journal.all('bloom').get(bloom);
  const own = known?.putOffFrom ?? known?.day;
  return { bloom, plant, round, stop, ...(own !== undefined && own !== day && { day }) };
}

/** What can carry pollen from one flower to the next. */
const BRUSHES: readonly PollinationMethod[] = ['brush', 'swab'];

/**
 * What is cleaned before a stop, by the variety that it was on.
 *
 * @example cleanAt(journal, round, round.stops[0]) // {}
 */
export const cleanAt = (journal: Journal, round: Round, stop: Stop): CleanBefore =>
  cleanBefore(
    journal,
    round,
    stop,
    (each) => each.kind === 'pollinate' && BRUSHES.includes(methodAt(journal, round, each)),
  );

const handsAt = ({ hands }: CleanBefore, state: ToolState): { hands?: HandsState } =>
  hands === undefined ? {} : { hands: { of: hands, state } };

/** How a female got its pollen. */
export interface HowPollinated {
  readonly found: Finding;
  readonly shutAgain: boolean;
  /** Minutes for which it stood open before it was shut again. */
  readonly openMinutes?: number;
  /** Of hands and a brush that come from a variety that crosses; where nothing is said they were cleaned, as the stop asks. */
  readonly cleaned?: ToolState;
}

export interface Pollinating extends HowPollinated {
  readonly donors: readonly DonorNow[];
}

/**
 * How a female is pollinated where all is as it should be: found as it was left, and left as it was found.
 *
 * @example asItShouldBe(true) // { found: 'shut', shutAgain: true }
 */
export const asItShouldBe = (covered: boolean): HowPollinated => ({
  found: covered ? 'shut' : 'open',
  shutAgain: covered,
});

/**
 * A female that got its pollen at a stop.
 *
 * @example pollinatedAt(journal, round, stop, { donors, found: 'shut', shutAgain: true }).kind // 'pollinated'
 */
export function pollinatedAt(
  journal: Journal,
  round: Round,
  stop: PollinateStop,
  { donors, found, shutAgain, openMinutes, cleaned = 'clean' }: Pollinating,
): Fact {
  const method = methodAt(journal, round, stop);
  const clean = cleanAt(journal, round, stop);
  const mating = journal.all('mating').get(meantFor(journal, stop.plant, round.day)?.mating ?? '');
  return {
    kind: 'pollinated',
    body: {
      ...atFemale(journal, round, stop),
      ...(mating && { mating: mating.mating, matingEntry: mating.id }),
      ...(stop.application !== undefined && { application: stop.application }),
      donors: donors.map(({ plant, bloom }) => ({ plant, bloom })),
      found,
      method,
      ...(clean.brush !== undefined && { tool: cleaned }),
      ...handsAt(clean, cleaned),
      ...(openMinutes !== undefined && { openMinutes }),
      shutAgain,
      tagged: true,
    },
  };
}

/**
 * Males picked at a stop, less those found unfit.
 *
 * @example pickedAt(journal, round, stop, []).kind // 'picked'
 */
export const pickedAt = (
  journal: Journal,
  { round, day }: Round,
  { stop, plant, blooms }: Pick<PickStop, 'stop' | 'plant' | 'blooms'>,
  spoiled: Bodies['picked']['spoiled'],
  hands?: HandsState,
): Fact => ({
  kind: 'picked',
  body: {
    round,
    stop,
    plant,
    blooms: blooms.filter((bloom) => !spoiled.some((each) => each.bloom === bloom)),
    spoiled,
    ...((spoiled.some(({ why }) => why === 'notYet') || blooms.some((id) => bearsToo(journal, id))) && {
      day,
    }),
    ...(hands && { hands }),
  },
});

/**
 * The same at a stop of the round: hands that come from another variety that crosses were cleaned, as it asks, or not.
 *
 * @example pickedAtStop(journal, round, stop, { spoiled: [] }).kind // 'picked'
 */
export const pickedAtStop = (
  journal: Journal,
  round: Round,
  stop: PickStop,
  { spoiled, cleaned = 'clean' }: { spoiled: Bodies['picked']['spoiled']; cleaned?: ToolState },
): Fact => pickedAt(journal, round, stop, spoiled, handsAt(cleanAt(journal, round, stop), cleaned).hands);

/**
 * Males picked on the way that no stop of the round leads to, plant by plant.
 *
 * @example pickedBesides(journal, round, [{ plant: 'p2', bloom: 'm' }])[0].kind // 'picked'
 */
export const pickedBesides = (journal: Journal, round: Round, males: readonly Donor[]): Fact[] =>
  [...groupBy(males, ({ plant }) => plant)].map(([plant, own]) => {
    const blooms = own.map(({ bloom }) => bloom);
    return pickedAt(journal, round, { stop: pickStopId(blooms[0]!), plant, blooms }, []);
  });

/** What bears as well gives its pollen on several days. */
const bearsToo = (journal: Journal, bloom: string): boolean => {
  const sex = journal.all('bloom').get(bloom)?.sex;
  return sex !== undefined && sex !== 'male';
};

/**
 * A female that was passed over at a stop, and why.
 *
 * @example missedAt(journal, round, stop, 'notYet').body.day // the day on which it was not open
 */
export const missedAt = (
  journal: Journal,
  round: Round,
  stop: PollinateStop,
  why: MissedReason,
): Extract<Fact, { kind: 'missed' }> => ({
  kind: 'missed',
  body: {
    ...atFemale(journal, round, stop),
    // Its own day moves with it.
    ...(why === 'notYet' && { day: round.day }),
    why,
  },
});

/**
 * The covers of a stop that came off, as they were found: taken off on the day of the round, else since nobody knows when.
 *
 * @example uncoveredAt(round, stop, 'off').length // one for each bloom
 */
export const uncoveredAt = (round: Round, { blooms, plant }: UncoverStop, found: CoverFinding): Fact[] =>
  blooms.map((bloom) => coverOff({ bloom, plant }, found, found === 'whole' ? round.day : undefined));

/**
 * A stop without pollen that was left as it is.
 *
 * @example leftAt(round, stop).kind // 'stop.left'
 */
export const leftAt = ({ round }: Round, { stop, plant }: Stop): Fact => ({
  kind: 'stop.left',
  body: { round, stop, plant },
});

/**
 * What is recorded of a stop where all went as planned.
 *
 * @example asPlanned(journal, round, pick)[0].kind // 'picked'
 */
export function asPlanned(journal: Journal, round: Round, stop: Stop): readonly Fact[] {
  switch (stop.kind) {
    case 'pick':
      return [pickedAtStop(journal, round, stop, { spoiled: [] })];
    case 'pollinate': {
      const donors = donorsNow(stop, round, journal);
      if (donors.length === 0) return [missedAt(journal, round, stop, 'noPollen')];
      const covered = isCovered(journal.all('bloom').get(stop.bloom) ?? {});
      return [pollinatedAt(journal, round, stop, { donors, ...asItShouldBe(covered) })];
    }
    case 'uncover':
      return uncoveredAt(round, stop, 'whole');
    case 'thin':
      return stop.blooms.map((bloom) => thinned(bloom));
    case 'strip':
      return [stripped(stop.plant, round.day, 0)];
  }
}
