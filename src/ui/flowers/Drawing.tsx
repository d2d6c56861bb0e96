import Svg, { Ellipse, Path } from 'react-native-svg';
import type { FlowerForm } from '@/core/crops/flowerForm';
import { useMode, usePalette } from '../theme';
import { boxOf, pathOf, type Box, type Part, type Shape } from './geometry/shape';
import { toneColours, type Light } from './tones';

export interface DrawingProps {
  readonly form: FlowerForm;
  readonly shapes: readonly Shape[];
  /** What of them is shown. */
  readonly box: Box;
  readonly width: number;
  readonly height: number;
  /** What it shows, for who cannot see it; left out where the words next to it say so. */
  readonly label?: string | undefined;
  /** A part to point at. */
  readonly mark?: Part | undefined;
  /** By day unless said otherwise. */
  readonly light?: Light | undefined;
}

/** Shapes in the colours of their crop, as large as there is room. */
export function Drawing({ form, shapes, box, width, height, label, mark, light }: DrawingProps) {
  const palette = usePalette();
  const colours = toneColours(form, useMode(), palette.ink, light);
  const unit = Math.max(box.width / width, box.height / height);
  return (
    <Svg
      width={width}
      height={height}
      viewBox={viewBoxOf(box)}
      // A ring round what lies at the edge is not cut off.
      style={{ overflow: 'visible' }}
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
    >
      <ShapePaths shapes={shapes} colours={colours} unit={unit} />
      {mark ? <Mark shapes={shapes} part={mark} unit={unit} /> : null}
    </Svg>
  );
}

const viewBoxOf = ({ x, y, width, height }: Box): string =>
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
function Mark({ shapes, part, unit }: MarkProps) {
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
