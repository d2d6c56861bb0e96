import type { Bloom, Pollination } from './state';

/**
 * All pollinations of a bloom, the earliest first.
 *
 * @example pollinationsOf(male) // []
 */
export const pollinationsOf = ({ pollination, laterPollinations }: Bloom): Pollination[] =>
  pollination ? [pollination, ...laterPollinations] : [];

/**
 * The plants whose pollen a flower was given, each once, in the order of the pollinations.
 *
 * @example fatherPlants(flower) // ['p2', 'p3']
 */
export const fatherPlants = (bloom: Bloom): string[] => [
  ...new Set(pollinationsOf(bloom).flatMap(({ donors }) => donors.map(({ plant }) => plant))),
];

/**
 * Did it pollinate any of a cohort for the first time? A second pollination that counts none adds none.
 *
 * @example addsFlowers({ application: 2 }) // false
 */
export const addsFlowers = ({ application = 1, count }: { application?: number; count?: number }): boolean =>
  application === 1 || count !== undefined;
