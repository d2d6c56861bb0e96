import type { Bodies } from './kinds/kinds';

/**
 * Is fruit of earlier flowers judged by anything that changes where a variety is described again?
 *
 * @example isJudgedBy(held, { ...held, name: 'Wren' }) // false: a name judges nothing
 */
export const isJudgedBy = (held: Bodies['variety.described'], given: Bodies['variety.described']): boolean =>
  held.crop !== given.crop ||
  held.seedSource !== given.seedSource ||
  held.purpose !== given.purpose ||
  held.ownPollen !== given.ownPollen ||
  JSON.stringify(held.traits) !== JSON.stringify(given.traits);
