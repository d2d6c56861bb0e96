/**
 * Ids and days in their order, character by character: the same on every device.
 *
 * @example ['b', 'a'].sort(byId) // ['a', 'b']
 */
export const byId = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
