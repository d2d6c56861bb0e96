import type { Looks } from '../crops/crop';
import { FAILED, GROWING } from '../journal/looks';
import type { Cause, FruitEnd, FruitRemoval } from '../journal/kinds/fruit';
import { byTime } from '../journal/order';
import { addsFlowers, pollinationsOf } from '../journal/pollinations';
import { wasCounted } from '../journal/withCohortHistory';
import type { Bloom, Look, Pollination } from '../journal/state';
import { dayAt, daysBetween, toMs } from '../time/calendar';
import type { Day, Instant } from '../time/types';

/**
 * Why a flower is followed: it was pollinated; it was left without pollen, to see what sets by itself; it was left to
 * the insects, to compare; or its fruit had set before anybody chose it.
 */
type Followed = 'pollinated' | 'control' | 'left' | 'found';

/** What became of one flower that is followed, in days since its pollination, its opening, or since it was found. */
export interface FruitHistory {
  readonly bloom: string;
  readonly followed: Followed;
  readonly plant: string;
  /** When its crop is looked at. */
  readonly looks: Looks;
  /** Of one that was pollinated the day of that. */
  readonly since: Day;
  /** Its first. */
  readonly pollination?: Pollination;
  /** Days since then, today. */
  readonly age: number;
  /** Day of the last look that found it growing; 0 when none has. */
  readonly lastGrowing: number;
  /** Day on which it was found failed, when it was. It dropped after `lastGrowing`, by this day. */
  readonly failed?: number;
  readonly cause?: Cause;
  readonly ended?: { readonly how: FruitRemoval | FruitEnd; readonly day: number };
  readonly harvested?: number;
}

/**
 * Follows a flower from its beginning to today. A look that finds it growing after one that found it failing takes
 * the failure back: the eye was wrong. Looks after it was taken off say nothing.
 *
 * @param looks when its crop is looked at.
 * @param zone IANA zone of the garden.
 * @returns `undefined` for a flower that nobody follows, or that is still to open.
 */
export function fruitHistory(
  flower: Bloom,
  looks: Looks,
  today: Day,
  zone: string,
): FruitHistory | undefined {
  const begun = beginningOf(flower, zone);
  if (!begun || begun.since > today) return undefined;
  const { since } = begun;
  const endOf = ({ at, day }: NonNullable<Bloom['removed']>): number =>
    day === undefined ? dayOf(at) : daysBetween(since, day);
  const dayOf = (at: string): number => daysBetween(since, dayAt(toMs(at), zone));
  let lastGrowing = 0;
  let failed: number | undefined;
  let cause: Cause | undefined;
  const gone = [flower.removed, flower.harvest].flatMap((end) => (end ? [toMs(end.at)] : []));
  for (const look of flower.looks) {
    // What was taken off or picked is gone, and has not failed.
    if (gone.some((at) => toMs(look.at) > at)) continue;
    const day = dayOf(look.at);
    if (GROWING.includes(look.seen)) {
      lastGrowing = Math.max(lastGrowing, day);
      failed = undefined;
      cause = undefined;
    } else if (FAILED.includes(look.seen)) {
      failed ??= day;
      cause = look.cause ?? cause;
    }
  }
  const harvested = flower.harvest && dayOf(flower.harvest.at);
  return {
    bloom: flower.bloom,
    plant: flower.plant,
    looks,
    ...begun,
    age: daysBetween(since, today),
    lastGrowing,
    ...(failed !== undefined && harvested === undefined && { failed }),
    ...(cause && { cause }),
    ...(flower.removed && { ended: { how: flower.removed.how, day: endOf(flower.removed) } }),
    ...(harvested !== undefined && { harvested }),
  };
}

/**
 * Is a flower followed: was it pollinated, left without pollen as a control, left to the insects, or kept when it had
 * set by itself?
 *
 * @example isFollowed({ role: 'hand' }) // false
 */
export const isFollowed = ({ pollination, role, missed, day, keptOn }: Beginning): boolean =>
  pollination !== undefined ||
  (day !== undefined && (role === 'control' || missed?.why === 'leftToInsects')) ||
  keptOn !== undefined;

type Beginning = Pick<Bloom, 'pollination' | 'role' | 'missed' | 'day' | 'keptOn'>;

function beginningOf(
  { pollination, role, missed, day, keptOn }: Beginning,
  zone: string,
): Pick<FruitHistory, 'followed' | 'since' | 'pollination'> | undefined {
  if (pollination) return { followed: 'pollinated', since: dayAt(toMs(pollination.at), zone), pollination };
  if (role === 'control' && day !== undefined) return { followed: 'control', since: day };
  if (missed?.why === 'leftToInsects' && day !== undefined) return { followed: 'left', since: day };
  return keptOn === undefined ? undefined : { followed: 'found', since: keptOn };
}

/** What became of one of a cohort since it got a tag of its own. */
export interface Member {
  readonly history: FruitHistory;
  readonly taggedAt?: Instant | undefined;
}

/**
 * What became of each flower of a cohort that has no tag of its own. Looks by count say how many were growing: the
 * flowers are taken to fail one after another, those that have a tag since counted by their own looks. Where more are
 * growing than before, the eye was wrong before.
 *
 * @param members those that have a tag.
 * @example cohortHistories(twoFlowers, [], looks, today, zone).length // 2
 */
export function cohortHistories(
  cohort: Bloom,
  members: readonly Member[],
  looks: Looks,
  today: Day,
  zone: string,
): FruitHistory[] {
  const untagged = Math.max(0, cohort.count - members.length);
  const all = members.map(({ taggedAt }) => taggedAt);
  const pollinations = pollinationOfEach(cohort);
  const takenOff = takenOffOf(cohort);
  return Array.from({ length: untagged }, (_, i) => {
    const end = takenOff[i]?.end;
    const pollination = pollinations[i] ?? cohort.pollination;
    const own = cohort.looks.flatMap((look): Look[] => {
      if (look.growing === undefined) return [look];
      const day = dayAt(toMs(look.at), zone);
      // Who has a tag is looked at by itself; of those that were counted the rest has none.
      const withTag = members.filter(({ taggedAt }) => wasCounted(look, cohort, taggedAt, all));
      const tagged = withTag.filter(({ history }) => isGrowingOn(history, day)).length;
      // What opened later was not looked at then.
      if (look.of !== undefined && i >= look.of - withTag.length) return [];
      // Those that are off already were not there to be counted.
      const off = takenOff.filter(({ at }) => toMs(at) <= toMs(look.at)).length;
      const growing = Math.max(0, look.growing - tagged) + off;
      return [{ ...look, seen: i < growing ? 'growing' : look.seen === 'growing' ? 'gone' : look.seen }];
    });
    return fruitHistory(
      { ...cohort, ...(pollination && { pollination }), ...end, looks: own },
      looks,
      today,
      zone,
    );
  }).flatMap((history) => history ?? []);
}

/** What was taken off a cohort or picked, one by one: of those that grew, the ones that would be counted first. */
function takenOffOf({ thinned = [], picks = [] }: Bloom): readonly {
  readonly at: Instant;
  readonly end: Pick<Bloom, 'removed' | 'harvest'>;
}[] {
  const off = [
    ...thinned.map(({ how, at, count }) => ({ at, count, end: { removed: { how, at } } })),
    ...picks.map(({ use, at, count }) => ({
      ...{ at, count },
      end: { harvest: { use, at, tagThere: false, typical: true } },
    })),
  ];
  return off.sort(byTime).flatMap(({ at, count, end }) => Array.from({ length: count }, () => ({ at, end })));
}

/** The pollination that counted each flower for the first time: those of a truss open over many days. */
const pollinationOfEach = (cohort: Bloom): Pollination[] =>
  pollinationsOf(cohort)
    .filter(addsFlowers)
    .flatMap((each) => Array.from({ length: each.count ?? 1 }, () => each));

function isGrowingOn({ since, failed, ended, harvested }: FruitHistory, day: Day): boolean {
  const age = daysBetween(since, day);
  return ![failed, ended?.day, harvested].some((end) => end !== undefined && end <= age);
}

/**
 * Is it still on its plant, as far as is known: neither failed, nor taken off, nor harvested?
 *
 * @example isOnPlant({ failed: 4 }) // false
 */
export const isOnPlant = ({
  failed,
  ended,
  harvested,
}: Pick<FruitHistory, 'failed' | 'ended' | 'harvested'>): boolean =>
  failed === undefined && !ended && harvested === undefined;

export type LookStage = keyof Looks;

/** A look that is wanted of a fruit. */
export interface DueLook {
  readonly stage: LookStage;
  /** Days since pollination from which and by which to look. */
  readonly from: number;
  readonly by: number;
}

/**
 * The look that is due, or the next one to come. A look made near its day counts for it.
 *
 * @param looked how often it was looked at.
 * @returns `undefined` once it failed, ended, was harvested or was seen kept.
 */
export function nextLook(history: FruitHistory, looked: number): DueLook | undefined {
  if (history.failed !== undefined || history.ended || history.harvested !== undefined) return undefined;
  const { early, set, kept } = history.looks;
  if (history.lastGrowing >= kept.value) return undefined;
  const keptLook: DueLook = { stage: 'kept', from: kept.value, by: kept.value + 2 };
  // How old it is nobody knows, and it had set.
  if (history.followed === 'found') return keptLook;
  if (history.lastGrowing >= set.value[0] || history.age >= kept.value) return keptLook;
  const setLook: DueLook = { stage: 'set', from: set.value[0], by: set.value[1] };
  // One day before the early look is near enough for it.
  const lookedEarly =
    history.lastGrowing >= early.value[0] - 1 || (looked > 0 && history.age > early.value[1]);
  if (lookedEarly || history.age >= set.value[0]) return setLook;
  return { stage: 'early', from: early.value[0], by: early.value[1] };
}
