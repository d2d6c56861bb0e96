import { cropOf } from '../crops/catalogue';
import type { CropId } from '../crops/catalogue';
import { groupBy } from '../groupBy';
import type { Course } from './course';
import { clusteredWilson, type Share } from './wilson';

/** Why a pollinated flower is not in a figure's denominator. */
export type LeftOut = 'notYetDue' | 'notLookedAt' | 'thinned' | 'lost';

export interface Figure extends Share {
  readonly leftOut: Readonly<Record<LeftOut, number>>;
  /**
   * Failed flowers last seen growing before the day that decides, and found gone after it: counted as
   * failed by that day, which makes the figure rather too low than too high.
   */
  readonly undatedDrops: number;
}

/** Three figures that growers mix up, each with its own denominator. */
export interface SetFigures {
  readonly pollinated: number;
  /** Still growing at the last look, of those looked at. */
  readonly soFar: Figure;
  /** Growing on day 7–8, of those that old. */
  readonly set: Figure;
  /** Growing on day 14 or harvested, of those that old. */
  readonly kept: Figure;
}

type Verdict = 'yes' | 'no' | LeftOut;

/**
 * Set so far, set and kept of some pollinated flowers, as shares with 95 % intervals. Flowers of one plant
 * count as a cluster.
 *
 * What is not yet due is in no denominator of `set` and `kept`, not even when it has failed already: else the
 * young flowers that fail would count before the young ones that grow.
 */
export function setFigures(courses: readonly Course[], cropId: CropId): SetFigures {
  const { early, set, kept } = cropOf(cropId).looks;
  return {
    pollinated: courses.length,
    soFar: figure(courses, (course) => soFarVerdict(course, early.value[0])),
    set: figure(courses, (course) => verdictByDay(course, set.value[0]), set.value[0]),
    kept: figure(courses, (course) => verdictByDay(course, kept.value), kept.value),
  };
}

function soFarVerdict(course: Course, firstLook: number): Verdict {
  if (course.failed !== undefined) return 'no';
  if (course.lastGrowing > 0 || course.harvested !== undefined) return 'yes';
  if (course.ended) return course.ended.how;
  return course.age < firstLook ? 'notYetDue' : 'notLookedAt';
}

/** Was the fruit growing on that day of its life? One picked to eat before it counts as if it were. */
function verdictByDay(course: Course, day: number): Verdict {
  if (course.age < day) return course.ended?.how ?? 'notYetDue';
  if (course.lastGrowing >= day || course.harvested !== undefined) return 'yes';
  if (course.failed !== undefined) return 'no';
  if (course.ended) return course.ended.how;
  return 'notLookedAt';
}

function figure(courses: readonly Course[], judge: (course: Course) => Verdict, day = 0): Figure {
  const leftOut = { notYetDue: 0, notLookedAt: 0, thinned: 0, lost: 0 };
  const clusters: { hits: number; of: number }[] = [];
  let undatedDrops = 0;
  for (const plantCourses of groupBy(courses, ({ plant }) => plant).values()) {
    const cluster = { hits: 0, of: 0 };
    for (const course of plantCourses) {
      const verdict = judge(course);
      if (verdict === 'yes' || verdict === 'no') {
        cluster.of += 1;
        if (verdict === 'yes') cluster.hits += 1;
        else if (day > 0 && course.failed! > day) undatedDrops += 1;
      } else leftOut[verdict] += 1;
    }
    clusters.push(cluster);
  }
  return { ...clusteredWilson(clusters), leftOut, undatedDrops };
}

/** Figures of each plant, by plant id. */
export const setByPlant = (courses: readonly Course[], crop: CropId): Map<string, SetFigures> =>
  new Map([...groupBy(courses, ({ plant }) => plant)].map(([plant, own]) => [plant, setFigures(own, crop)]));

/**
 * Fruitlets that dropped, by day since pollination. Looks only bracket the day of a drop, so each counts in
 * equal parts on the days of its bracket.
 *
 * @returns expected drops of day 1, day 2, … up to the last bracket; the sum is the number of failed fruit.
 */
export function dropsByDay(courses: readonly Course[]): number[] {
  const drops: number[] = [];
  for (const { lastGrowing, failed } of courses) {
    if (failed === undefined) continue;
    const first = Math.min(lastGrowing + 1, Math.max(failed, 1));
    const last = Math.max(failed, 1);
    for (let day = first; day <= last; day += 1) {
      while (drops.length < day) drops.push(0);
      drops[day - 1]! += 1 / (last - first + 1);
    }
  }
  return drops;
}
