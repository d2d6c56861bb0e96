import { CROP_IDS, cropOf, type Crop, type CropId } from '../crops/catalogue';
import { FLOWER_STAGES, type FlowerForm } from '../crops/flowerForm';
import type { VarietyTraits } from '../crops/traits';
import { factsOf } from './forms/forms';
import type { FlowerKind, SignTable } from './signs/sign';

/** A crop whose flowers can be told apart here. */
export type SeenCrop = Crop & { readonly flower: FlowerForm };

/**
 * The crop, if its flowers can be told apart here.
 *
 * @example seenCropOf('lettuce') // undefined
 */
export function seenCropOf(id: CropId): SeenCrop | undefined {
  const crop = cropOf(id);
  return crop.flower ? (crop as SeenCrop) : undefined;
}

export const SEEN_CROPS: readonly SeenCrop[] = CROP_IDS.flatMap((id) => seenCropOf(id) ?? []);

export interface PossibleKind {
  readonly kind: FlowerKind;
  /** Before anything was seen. The chances of all kinds sum to 1. */
  readonly chance: number;
}

/** Males for each female where it is not known. Our default: they come first and outnumber females. */
const MALES_PER_FEMALE = 3;
/** On a variety that has nearly only female flowers. Our default. */
const MALES_ON_GYNOECIOUS = 0.05;
/** Perfect flowers among those that carry the fruit, where nobody said which they are. Our default. */
const PERFECT_UNLESS_SAID = 0.7;

/**
 * What a flower of a variety may be. Ages are taken as equally likely: one looks at those one cannot tell.
 *
 * @example kindsOf(tomato, {}).length // 5: perfect, of five ages
 */
export function kindsOf(crop: SeenCrop, traits: VarietyTraits): PossibleKind[] {
  const lengths = factsOf(crop.flower).styles?.(crop.flower) ?? [];
  const styles = lengths.length > 0 ? lengths : [undefined];
  return sexesOf(crop, traits).flatMap(([sex, share]) =>
    FLOWER_STAGES.flatMap((stage) =>
      styles.map((style) => ({
        kind: { sex, stage, ...(style && { style }) },
        chance: share / FLOWER_STAGES.length / styles.length,
      })),
    ),
  );
}

function sexesOf(crop: SeenCrop, traits: VarietyTraits): [FlowerKind['sex'], number][] {
  if (crop.habit === 'perfect') return [['perfect', 1]];
  const usual = crop.malesPerFemale
    ? (crop.malesPerFemale.value[0] + crop.malesPerFemale.value[1]) / 2
    : MALES_PER_FEMALE;
  const males = traits.gynoecious ? MALES_ON_GYNOECIOUS : usual;
  const male = males / (males + 1);
  return [['male', male], ...bearingSexes(crop, traits, 1 - male)];
}

function bearingSexes(
  { variableTraits }: SeenCrop,
  { flowers }: VarietyTraits,
  share: number,
): [FlowerKind['sex'], number][] {
  if (flowers) return [[flowers, share]];
  if (!variableTraits.includes('flowers')) return [['female', share]];
  return [
    ['perfect', share * PERFECT_UNLESS_SAID],
    ['female', share * (1 - PERFECT_UNLESS_SAID)],
  ];
}

/**
 * The signs by which the flowers of a form are told apart.
 *
 * @example Object.keys(signsOf({ type: 'dome' })) // ['petals', 'anthers', 'centre', 'size']
 */
export const signsOf = (form: FlowerForm): SignTable => factsOf(form).signs(form);
