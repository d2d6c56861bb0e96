/** What one plant contributed to the next generation, in seeds borne and in pollen; any unit, the same for all. */
export interface Contribution {
  readonly seed: number;
  readonly pollen: number;
}

/**
 * Effective population size of plants that are mother and father at once: 1/Σcᵢ², where cᵢ is half the plant's
 * share of the seed plus half its share of the pollen. It equals the number of plants when all contribute alike, and
 * where the sexes are apart it is 4·Nm·Nf/(Nm+Nf) [Wright 1931, Evolution in Mendelian populations]. It assumes
 * plants that are neither related nor inbred.
 *
 * @returns plants, from 1 up; 0 when nothing was contributed.
 * @throws RangeError for a negative contribution, or when there is seed without pollen or pollen without seed.
 * @example effectiveSize([{ seed: 1, pollen: 1 }, { seed: 1, pollen: 1 }]) // 2
 */
export function effectiveSize(plants: readonly Contribution[]): number {
  if (plants.some(({ seed, pollen }) => !(seed >= 0) || !(pollen >= 0))) {
    throw new RangeError('a contribution cannot be negative');
  }
  const seed = plants.reduce((sum, plant) => sum + plant.seed, 0);
  const pollen = plants.reduce((sum, plant) => sum + plant.pollen, 0);
  if (seed === 0 && pollen === 0) return 0;
  if (seed === 0 || pollen === 0) throw new RangeError('seed has a mother and a father');
  return 1 / plants.reduce((sum, plant) => sum + ((plant.seed / seed + plant.pollen / pollen) / 2) ** 2, 0);
}

/**
 * Effective size over several generations: their harmonic mean, so that one narrow year outweighs many wide ones
 * [Wright 1931].
 *
 * @throws RangeError without a generation, or with one of no plants.
 * @example effectiveSizeOver([10, 10]) // 10
 */
export function effectiveSizeOver(generations: readonly number[]): number {
  if (generations.length === 0) throw new RangeError('no generation');
  if (generations.some((size) => !(size > 0))) throw new RangeError('a generation without plants');
  return generations.length / generations.reduce((sum, size) => sum + 1 / size, 0);
}

/**
 * Inbreeding that one generation adds, 1/(2Ne), 0 to 1 [Wright 1931].
 *
 * @example inbreedingPerGeneration(25) // 0.02
 */
export const inbreedingPerGeneration = (size: number): number => Math.min(1, 1 / (2 * size));
