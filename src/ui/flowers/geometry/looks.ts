import { bearingSexOf, cropOf, type CropId } from '@/core/crops/catalogue';
import type { FlowerForm, FlowerStage, FruitShape, StyleLength } from '@/core/crops/flowerForm';
import type { VarietyTraits } from '@/core/crops/traits';
import type { Sex } from '@/core/journal/kinds/walk';
import type { Chance } from '@/core/random/chance';
import type { Shape } from './shape';

/** What may be wrong with a flower, or has been done to it. */
export const DEFECTS = ['hole', 'torn', 'visited', 'slipped'] as const;
type Defect = (typeof DEFECTS)[number];

/** What a flower is, as far as it shows. */
export interface FlowerLooks<Form extends FlowerForm = FlowerForm> {
  readonly form: Form;
  readonly sex: 'female' | 'male' | 'perfect';
  readonly stage: FlowerStage;
  readonly style?: StyleLength;
  /** Of the variety, where it is another than most of its crop have. */
  readonly fruitShape?: FruitShape;
  readonly defect?: Defect;
  readonly cover?: 'tape' | 'bag';
  /** Of silk the first tips alone. */
  readonly tips?: true;
  /** No two flowers are alike. */
  readonly seed: number;
}

/**
 * A flower with the middle of its base at the origin, where petals and stalk (or fruitlet) meet; it points up, and its
 * stalk leads down to `foot`.
 */
export interface Standing {
  readonly shapes: readonly Shape[];
  /** The end of the stalk, on the axis. */
  readonly foot: number;
  /** The tip of the petals, on the axis. */
  readonly tip: number;
}

/**
 * A seed for what has an id: it always looks the same.
 *
 * @example seedOf('a') // 6638
 */
export const seedOf = (id: string): number =>
  Array.from(id).reduce((hash, letter) => (Math.imul(hash, 31) + letter.charCodeAt(0)) | 0, 211);

/** What is known of a variety that shows in its flowers. */
interface ShownVariety {
  readonly crop: CropId;
  readonly traits: VarietyTraits;
}

/**
 * A flower of a variety: a male one, or the one that carries its fruit; perfect where there is no other.
 *
 * @returns nothing where the flowers of its crop are not drawn.
 * @example looksOfVariety({ crop: 'pepo', traits: {} }, 'female', 'open')?.sex // 'female'
 */
export function looksOfVariety(
  { crop: id, traits }: ShownVariety,
  sex: Sex,
  stage: FlowerStage,
  seed = seedOf(id),
): FlowerLooks | undefined {
  const crop = cropOf(id);
  if (!crop.flower) return undefined;
  return {
    form: crop.flower,
    sex: sex === 'male' && crop.habit !== 'perfect' ? 'male' : bearingSexOf(crop, traits),
    stage,
    ...(traits.fruitShape && { fruitShape: traits.fruitShape }),
    seed,
  };
}

/** A number that is a little off, by no more than a part of it. */
export const about = (chance: Chance, value: number, part = 0.06): number =>
  value * (1 - part + chance.below(2 * part));
