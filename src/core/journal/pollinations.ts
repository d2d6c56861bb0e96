import type { Donor } from './kinds/stops';
import type { Day } from '../time/types';
import type { Bloom, Missed, Picked, Pollination } from './state';

/**
 * All pollinations of a bloom, the earliest first.
 *
 * @example pollinationsOf(male) // []
 */
export const pollinationsOf = ({ pollination, laterPollinations }: Bloom): Pollination[] =>
  pollination ? [pollination, ...laterPollinations] : [];

/**
 * Why a bloom was passed over on a day, where that was reported: by the last report.
 *
 * @example reportOn({ ...flower, reports: [] }, '2026-07-19') // undefined
 */
export const reportOn = ({ reports, day: own }: Bloom, day: Day): Missed | undefined =>
  reports.findLast((report) => (report.day ?? own) === day);

/**
 * The taking of a bloom's pollen for a day, if there was one: a male is taken once, and is in hand from then on.
 *
 * @example pickedFor({ sex: 'perfect', picked: { day: '2026-07-19', … } }, '2026-07-21') // undefined
 */
export const pickedFor = (
  { sex, picked, pickedBefore = [] }: Pick<Bloom, 'sex' | 'picked' | 'pickedBefore'>,
  day: Day,
): Picked | undefined =>
  sex === 'male' || picked?.day === day ? picked : pickedBefore.findLast((each) => each.day === day);

/**
 * The plants whose pollen a flower was given, each once, in the order of the pollinations.
 *
 * @example fatherPlants(flower) // ['p2', 'p3']
 */
export const fatherPlants = (bloom: Bloom): string[] => [
  ...new Set(pollinationsOf(bloom).flatMap(({ donors }) => donors.map(({ plant }) => plant))),
];

/**
 * Is it kept to its own pollen?
 *
 * @example getsItsOwn({ bloom: 'f' }, [{ plant: 'p1', bloom: 'f' }]) // true
 */
export const getsItsOwn = ({ bloom }: Pick<Bloom, 'bloom'>, donors: readonly Donor[]): boolean =>
  donors.length > 0 && donors.every((donor) => donor.bloom === bloom);

/**
 * Did it pollinate any of a cohort for the first time? A second pollination that counts none adds none.
 *
 * @example addsFlowers({ application: 2 }) // false
 */
export const addsFlowers = ({ application = 1, count }: { application?: number; count?: number }): boolean =>
  application === 1 || count !== undefined;

/** What was said of flowers of a cohort that got no pollen, for want of it or on purpose. */
export const countedUnpollinated = (bloom: Bloom | undefined): readonly Missed[] =>
  bloom?.reports.filter(
    ({ why, count }) => (why === 'noPollen' || why === 'leftToInsects') && count !== undefined,
  ) ?? [];

/**
 * How many flowers opened and got no pollen, for want of it. One of a round is put right by the pollination that came
 * later.
 *
 * @example leftWithoutPollen(bloom) // 2
 */
export function leftWithoutPollen(bloom: Bloom): number {
  const counted = countedUnpollinated(bloom).filter(({ why }) => why === 'noPollen');
  if (counted.length === 0) return bloom.missed?.why === 'noPollen' ? 1 : 0;
  return Math.max(...counted.map(({ count = 0 }) => count));
}
