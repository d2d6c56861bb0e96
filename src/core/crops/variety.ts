import type { Day } from '../time/types';

/** What a grower decides about a variety: value lists, their types, and what follows from them alone. */

/** What a variety is grown for; it decides covers, males per female and how strict the chain of purity is. */
export const PURPOSES = ['eat', 'seedForFun', 'seedToKeep', 'rareOrSold'] as const;
export type Purpose = (typeof PURPOSES)[number];

/** Where the seed that was sown came from: link 0 of purity. */
export const SEED_SOURCES = ['ownGuarded', 'boughtLine', 'swapped', 'openGarden', 'f1', 'unknown'] as const;
export type SeedSource = (typeof SEED_SOURCES)[number];

/** May a female take pollen of her own plant? `lastResort`: only when there is nothing else. */
export const OWN_POLLEN_RULES = ['allowed', 'lastResort', 'never'] as const;
export type OwnPollenRule = (typeof OWN_POLLEN_RULES)[number];

/** `sown`: seed into the ground; `plantedOut`: plants raised elsewhere. */
export const SOWING_METHODS = ['sown', 'plantedOut'] as const;

export interface Sowing {
  readonly how: (typeof SOWING_METHODS)[number];
  readonly day: Day;
}

/**
 * Is seed wanted of a variety grown for this purpose?
 *
 * @example wantsSeed('seedForFun') // true
 */
export const wantsSeed = (purpose: Purpose): boolean => purpose !== 'eat';
