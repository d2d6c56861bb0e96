import { bearingSexOf, cropOf } from '@/core/crops/catalogue';
import { factsOf } from '@/core/flowers/forms/forms';
import type { FlowerCard } from '@/core/practice/cards';
import { FlowerDrawing } from '@/ui/flowers/FlowerDrawing';
import { hasFace } from '@/ui/flowers/geometry/drawFlower';
import type { FlowerLooks } from '@/ui/flowers/geometry/looks';
import type { Part } from '@/ui/flowers/geometry/shape';
import type { Light } from '@/ui/flowers/tones';

export interface ExerciseDrawingProps {
  readonly card: FlowerCard;
  readonly seed: number;
  readonly face: boolean;
  readonly size: number;
  /** What can be seen, in words. */
  readonly described: string;
  /** The tell-tale sign, once it was answered. */
  readonly mark?: Part;
  /** Another than that of the exercise's hour. */
  readonly light?: Light;
}

/** Eve buds are found in the evening; what may be used for seed is decided at dawn. */
const LIGHT: Readonly<Record<FlowerCard['exercise'], Light>> = { sex: 'day', age: 'dusk', seed: 'dawn' };

/** Into the open flower, or from the side. */
export const showsFace = ({ exercise, kind, crop }: FlowerCard, seed: number): boolean =>
  exercise === 'sex' && kind.stage === 'open' && hasFace(cropOf(crop).flower!) && seed % 2 === 0;

/** The flower of a card, another one each time. */
export function ExerciseDrawing({ card, seed, face, size, described, mark, light }: ExerciseDrawingProps) {
  return (
    <FlowerDrawing
      looks={looksOf(card, seed)}
      view={face ? 'face' : 'side'}
      fit={card.exercise === 'age' ? 'crop' : 'own'}
      size={size}
      label={described}
      light={light ?? LIGHT[card.exercise]}
      {...(mark && { mark })}
    />
  );
}

/** Shut under its cover, a flower looks as it did the evening before. */
export function looksOf({ crop: id, kind, finding }: FlowerCard, seed: number): FlowerLooks {
  const crop = cropOf(id);
  const form = crop.flower!;
  const shut = (finding === 'covered' || finding === 'hole') && factsOf(form).staysShut;
  const cover = crop.covers[0] === 'tape' ? 'tape' : 'bag';
  return {
    form,
    sex: kind.sex === 'female' ? bearingSexOf(crop, { flowers: 'female' }) : kind.sex,
    stage: shut ? 'eve' : kind.stage,
    ...(kind.style && { style: kind.style }),
    ...(finding && finding !== 'uncovered' && finding !== 'faded' && { cover }),
    ...(finding === 'hole' && { defect: 'hole' as const }),
    ...(finding === 'slipped' && { defect: 'slipped' as const }),
    seed,
  };
}
