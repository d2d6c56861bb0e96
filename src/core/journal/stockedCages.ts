import type { Journal } from './journal';

/**
 * The plants that stand in a cage with insects of its own, which pollinate them.
 *
 * @example worksForItself(new Journal()).size // 0
 */
export const worksForItself = (journal: Journal): ReadonlySet<string> =>
  new Set([...journal.all('cage').values()].flatMap(({ plants, stocked }) => (stocked ? plants : [])));
