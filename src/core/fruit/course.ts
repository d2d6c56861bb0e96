import { cropOf } from '../crops/catalogue';
import type { CropId } from '../crops/catalogue';
import type { Cause, LookSeen } from '../journal/entry';
import type { Flower } from '../journal/state';
import { dayAt, daysBetween, toMs } from '../time/calendar';
import type { Day } from '../time/types';

export type LookKind = 'early' | 'set' | 'kept';

/** What became of one pollinated flower, in days since its pollination. */
export interface Course {
  readonly flower: string;
  readonly plant: string;
  readonly pollinated: Day;
  /** Days since pollination, today. */
  readonly age: number;
  /** Day of the last look that found it growing; 0 when none has. */
  readonly lastGrowing: number;
  /** Day on which it was found failed, when it was. It dropped after `lastGrowing`, by this day. */
  readonly failed?: number;
  readonly cause?: Cause;
  /** Taken off by choice, or lost to something that is no fault of the pollination. */
  readonly ended?: { readonly how: 'thinned' | 'lost'; readonly day: number };
  readonly harvested?: number;
}

const GROWING: readonly LookSeen[] = ['growing', 'misshapen'];
const FAILED: readonly LookSeen[] = ['yellowing', 'gone'];

/**
 * Follows a flower from its pollination to today.
 *
 * A look that finds it growing after one that found it failing takes the failure back: the eye erred.
 *
 * @returns `undefined` for a flower that was never pollinated.
 */
export function courseOf(flower: Flower, today: Day, zone: string): Course | undefined {
  if (!flower.pollination) return undefined;
  const pollinated = dayAt(toMs(flower.pollination.at), zone);
  const dayOf = (at: string): number => daysBetween(pollinated, dayAt(toMs(at), zone));
  let lastGrowing = 0;
  let failed: number | undefined;
  let cause: Cause | undefined;
  for (const look of flower.looks) {
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
    flower: flower.flower,
    plant: flower.plant,
    pollinated,
    age: daysBetween(pollinated, today),
    lastGrowing,
    ...(failed !== undefined && harvested === undefined && { failed }),
    ...(cause && { cause }),
    ...(flower.removed && { ended: { how: flower.removed.how, day: dayOf(flower.removed.at) } }),
    ...(harvested !== undefined && { harvested }),
  };
}

/** A look that is wanted of a fruit. */
export interface DueLook {
  readonly kind: LookKind;
  /** Days since pollination from which and by which to look. */
  readonly from: number;
  readonly by: number;
}

/**
 * The look that is due, or the next one to come: early on day 3–4, set on day 7–8, kept from day 14
 * (common practice, no source). A look made near its day counts for it.
 *
 * @returns `undefined` once the fruit failed, ended, was harvested or was seen kept.
 */
export function nextLook(course: Course, looks: Flower['looks'], crop: CropId): DueLook | undefined {
  if (course.failed !== undefined || course.ended || course.harvested !== undefined) return undefined;
  const { early, set, kept } = cropOf(crop).looks;
  if (course.lastGrowing >= kept.value) return undefined;
  const keptLook: DueLook = { kind: 'kept', from: kept.value, by: kept.value + 2 };
  if (course.lastGrowing >= set.value[0] || course.age >= kept.value) return keptLook;
  const setLook: DueLook = { kind: 'set', from: set.value[0], by: set.value[1] };
  // One day before the early look is near enough for it.
  const lookedEarly =
    course.lastGrowing >= early.value[0] - 1 || (looks.length > 0 && course.age > early.value[1]);
  if (lookedEarly || course.age >= set.value[0]) return setLook;
  return { kind: 'early', from: early.value[0], by: early.value[1] };
}
