import { useMemo } from 'react';
import type { FlowerForm, FruitShape } from '@/core/crops/flowerForm';
import type { FruitFate } from '@/core/flowers/fruitFate';
import { Drawing } from './Drawing';
import { fruitFate } from './geometry/fruitFate';
import { boxOf, type Part } from './geometry/shape';

export interface FruitPictureProps {
  readonly form: FlowerForm;
  readonly fate: FruitFate;
  readonly shape?: FruitShape | undefined;
  readonly size: number;
  /** What can be seen; left out where the words next to it say so. */
  readonly label?: string;
  /** A part to point at. */
  readonly mark?: Part;
}

/** What became of a fruitlet. */
export function FruitPicture({ form, fate, shape, size, label, mark }: FruitPictureProps) {
  const { shapes, box } = useMemo(() => {
    const drawn = fruitFate(form, fate, shape);
    // All in the scale of a growing one: what failed stays small.
    const growing = boxOf(fruitFate(form, 'growing', shape));
    const own = boxOf(drawn);
    return { shapes: drawn, box: { ...growing, y: own.y + own.height - growing.height } };
  }, [form, fate, shape]);
  return (
    <Drawing form={form} shapes={shapes} box={box} width={size} height={size} label={label} mark={mark} />
  );
}
