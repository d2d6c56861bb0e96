/** Seeds that stand for all of a harvest. */
export const SEEDS = 20;

export type SeedKind = 'foreign' | 'possiblyForeign' | 'own';

/**
 * Twenty seeds as they would be: some with a foreign father to expect, some that may have one, the rest its own.
 *
 * @param share of the seed with a foreign father, 0 to 1: what to expect, and at most.
 * @example seedsOf(0.05, 0.1).slice(0, 3) // ['foreign', 'possiblyForeign', 'own']
 */
export function seedsOf(share: number, high: number): SeedKind[] {
  const foreign = Math.min(SEEDS, Math.round(share * SEEDS));
  const possibly = Math.min(SEEDS, Math.max(foreign, Math.ceil(high * SEEDS - 0.2)));
  return Array.from({ length: SEEDS }, (_, i) =>
    i < foreign ? 'foreign' : i < possibly ? 'possiblyForeign' : 'own',
  );
}
