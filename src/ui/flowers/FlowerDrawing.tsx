import { useMemo } from 'react';
import Svg, { Ellipse, Path } from 'react-native-svg';
import { useMode, usePalette } from '../theme';
import { closeUp, flowerFace, flowerSide, frameOf, type FlowerView } from './geometry/drawFlower';
import type { FlowerLooks } from './geometry/looks';
import { boxOf, pathOf, type Box, type Part, type Shape } from './geometry/shape';
import { toneColours } from './tones';

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
}

/** A flower, drawn from what it is. */
export function FlowerDrawing({ looks, view = 'side', fit = 'crop', size, label, mark }: FlowerDrawingProps) {
  const { form } = looks;
  const palette = usePalette();
  const mode = useMode();
  const colours = toneColours(form, mode, palette.ink);
  const key = JSON.stringify(looks);
  const { shapes, box } = useMemo(() => {
    const own: FlowerLooks = JSON.parse(key);
    const drawn = view === 'face' ? flowerFace(own) : flowerSide(own);
    return {
      shapes: drawn,
      box: view === 'face' ? boxOf(drawn) : (fit === 'crop' ? frameOf : closeUp)(own.form, drawn),
    };
  }, [key, view, fit]);
  const width = (size * box.width) / box.height;
  return (
    <Svg
      width={Math.min(size, width)}
      height={size}
      viewBox={viewBoxOf(box)}
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
    >
      <ShapePaths shapes={shapes} colours={colours} unit={box.height / size} />
      {mark ? <Mark shapes={shapes} part={mark} unit={box.height / size} /> : null}
    </Svg>
  );
}

export const viewBoxOf = ({ x, y, width, height }: Box): string =>
  [x, y, width, height].map((each) => each.toFixed(1)).join(' ');

interface ShapePathsProps {
  readonly shapes: readonly Shape[];
  readonly colours: ReturnType<typeof toneColours>;
  /** Of the drawing, for one px on the screen: lines are as thick whatever the scale. */
  readonly unit: number;
}

const LINE = 0.75;

export const ShapePaths = ({ shapes, colours, unit }: ShapePathsProps) =>
  shapes.map((shape, i) => (
    <Path
      key={i}
      d={pathOf(shape)}
      fill={colours[shape.fill]}
      stroke={colours[shape.line]}
      strokeWidth={shape.width * unit * LINE}
      strokeLinejoin="round"
      strokeLinecap="round"
    />
  ));

interface MarkProps {
  readonly shapes: readonly Shape[];
  readonly part: Part;
  readonly unit: number;
}

/** A ring round a part of the drawing. */
export function Mark({ shapes, part, unit }: MarkProps) {
  const { rust } = usePalette();
  const own = shapes.filter((shape) => shape.part === part);
  if (own.length === 0) return null;
  const { x, y, width, height } = boxOf(own, 6 * unit);
  return (
    <Ellipse
      cx={x + width / 2}
      cy={y + height / 2}
      rx={Math.max(width * 0.62, 14 * unit)}
      ry={Math.max(height * 0.56, 14 * unit)}
      fill="none"
      stroke={rust}
      strokeWidth={2.5 * unit}
      strokeDasharray={`${6 * unit} ${5 * unit}`}
    />
  );
}
