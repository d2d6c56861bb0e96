import type { FruitShape } from './flowerForm';

/** Traits that differ between varieties of one crop; `CropFacts.variableTraits` says which of them a crop has. */

/** Melon, some watermelons: are the flowers that carry the fruit perfect or female? */
export const FRUITING_FLOWERS = ['perfect', 'female'] as const;

/** Tomato: does the style end inside the cone of anthers, or stand out of it, where insects reach the stigma? */
export const STYLE_POSITIONS = ['inserted', 'exserted'] as const;
export type StylePosition = (typeof STYLE_POSITIONS)[number];

/** Corn: what the kernel stores. It decides how foreign pollen changes the kernels of the same year (xenia). */
export const ENDOSPERMS = ['sweet', 'supersweet', 'pop', 'starchy'] as const;
export type Endosperm = (typeof ENDOSPERMS)[number];

export interface VarietyTraits {
  readonly flowers?: (typeof FRUITING_FLOWERS)[number];
  /** Sets fruit without pollen. */
  readonly parthenocarpic?: boolean;
  /** Has only, or nearly only, female flowers. */
  readonly gynoecious?: boolean;
  /** Sets seedless fruit, and only with pollen of a seeded variety. */
  readonly seedless?: boolean;
  readonly style?: StylePosition;
  readonly endosperm?: Endosperm;
  /** The shape of its fruit, which the fruitlet under a female flower has already. */
  readonly fruitShape?: FruitShape;
}

export type TraitName = keyof VarietyTraits;

/**
 * Does a variety shed pollen that is good for others? Not a seedless one, nor one with female flowers only.
 *
 * @example shedsPollen({ gynoecious: true }) // false
 */
export const shedsPollen = ({
  seedless,
  gynoecious,
}: Pick<VarietyTraits, 'seedless' | 'gynoecious'>): boolean => !seedless && !gynoecious;
