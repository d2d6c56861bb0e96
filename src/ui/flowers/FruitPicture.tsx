import { useMemo } from 'react';
import Svg from 'react-native-svg';
import type { FlowerForm, FruitShape } from '@/core/crops/flowerForm';
import type { FruitFate } from '@/core/flowers/fruitFate';
import { useMode, usePalette } from '../theme';
import { Mark, ShapePaths, viewBoxOf } from './FlowerDrawing';
import { fruitFate } from './geometry/fruitFate';
import { boxOf, type Part } from './geometry/shape';
import { toneColours } from './tones';

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
  const palette = usePalette();
  const mode = useMode();
  const { shapes, box } = useMemo(() => {
    const drawn = fruitFate(form, fate, shape);
    // All in the scale of a growing one: what failed stays small.
    const growing = boxOf(fruitFate(form, 'growing', shape));
    const own = boxOf(drawn);
    return { shapes: drawn, box: { ...growing, y: own.y + own.height - growing.height } };
  }, [form, fate, shape]);
  const unit = box.height / size;
  return (
    <Svg
      width={size}
      height={size}
      viewBox={viewBoxOf(box)}
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
    >
      <ShapePaths shapes={shapes} colours={toneColours(form, mode, palette.ink)} unit={unit} />
      {mark ? <Mark shapes={shapes} part={mark} unit={unit} /> : null}
    </Svg>
  );
}
