import { useMemo } from 'react';
import { Drawing } from './Drawing';
import { closeUp, flowerFace, flowerSide, frameOf, type FlowerView } from './geometry/drawFlower';
import type { FlowerLooks } from './geometry/looks';
import { boxOf, type Part } from './geometry/shape';
import type { Light } from './tones';

export interface FlowerDrawingProps {
  readonly looks: FlowerLooks;
  readonly view?: FlowerView;
  /** `crop`: in one scale for all ages of a crop, so that a bud is as small as it is; `own`: as large as there is room. */
  readonly fit?: 'crop' | 'own';
  readonly size: number;
  /** What it shows, for who cannot see it; left out where the words next to it say so. */
  readonly label?: string;
  /** A part to point at. */
  readonly mark?: Part;
  /** By day unless said otherwise. */
  readonly light?: Light;
}

/** A flower, drawn from what it is. */
export function FlowerDrawing({
  looks,
  view = 'side',
  fit = 'crop',
  size,
  label,
  mark,
  light,
}: FlowerDrawingProps) {
  const key = JSON.stringify(looks);
  const { shapes, box } = useMemo(() => {
    const own: FlowerLooks = JSON.parse(key);
    const drawn = view === 'face' ? flowerFace(own) : flowerSide(own);
    return {
      shapes: drawn,
      box: view === 'face' ? boxOf(drawn) : (fit === 'crop' ? frameOf : closeUp)(own.form, drawn),
    };
  }, [key, view, fit]);
  const width = Math.min(size, (size * box.width) / box.height);
  return (
    <Drawing
      form={looks.form}
      shapes={shapes}
      box={box}
      width={width}
      height={size}
      label={label}
      mark={mark}
      light={light}
    />
  );
}
