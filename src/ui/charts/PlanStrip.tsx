import Svg, { Circle, G, Path, Rect, Text as SvgText } from 'react-native-svg';
import { cornersOf } from '@/core/garden/places';
import { FACE, usePalette } from '../theme';

export interface PlanBed {
  readonly id: string;
  readonly name: string;
  readonly x: number;
  readonly y: number;
  readonly length: number;
  readonly width: number;
  /** Degrees anticlockwise from east, about its corner. */
  readonly turn: number;
}

interface Spot {
  readonly x: number;
  readonly y: number;
}

export interface PlanStripProps {
  readonly width: number;
  readonly beds: readonly PlanBed[];
  readonly plants: readonly Spot[];
  readonly here?: Spot;
  readonly from?: Spot;
  readonly maxHeight: number;
  readonly label: string;
}

/** Beds to scale, north up, with the way to where one goes next. */
export function PlanStrip({ width, beds, plants, here, from, maxHeight, label }: PlanStripProps) {
  const palette = usePalette();
  const corners = beds.flatMap(cornersOf);
  const right = Math.max(1, ...corners.map(({ x }) => x));
  const top = Math.max(1, ...corners.map(({ y }) => y));
  const left = Math.min(0, ...corners.map(({ x }) => x));
  const low = Math.min(0, ...corners.map(({ y }) => y));
  const pad = 14;
  const scale = Math.min((width - 2 * pad) / (right - left), (maxHeight - 2 * pad) / (top - low));
  const height = (top - low) * scale + 2 * pad;
  const at = ({ x, y }: Spot): Spot => ({ x: pad + (x - left) * scale, y: height - pad - (y - low) * scale });
  // All plants in one path, so that thousands cost one node.
  const dots = plants.map((plant) => {
    const { x, y } = at(plant);
    return `M${(x - 2.5).toFixed(1)} ${y.toFixed(1)}a2.5 2.5 0 1 0 5 0a2.5 2.5 0 1 0 -5 0`;
  });
  const start = from && at(from);
  const end = here && at(here);
  return (
    <Svg width={width} height={height} role="img" aria-label={label}>
      {beds.map((bed) => {
        const corner = at(bed);
        const named = leftmost(cornersOf(bed).map(at));
        return (
          <G key={bed.id}>
            <Rect
              x={corner.x}
              y={corner.y - bed.width * scale}
              transform={`rotate(${-bed.turn} ${corner.x} ${corner.y})`}
              width={bed.length * scale}
              height={bed.width * scale}
              rx={4}
              fill="none"
              stroke={palette.line}
              strokeWidth={2}
            />
            <SvgText
              x={named.x - 5}
              y={named.y + 11}
              textAnchor="end"
              fontFamily={FACE.head}
              fontWeight="700"
              fontSize={12}
              fill={palette.soft}
            >
              {bed.name}
            </SvgText>
          </G>
        );
      })}
      <Path d={dots.join('')} fill={palette.edge} />
      {start && end ? (
        <Path
          d={`M${start.x} ${start.y}L${end.x} ${end.y}`}
          stroke={palette.ink}
          strokeWidth={2.5}
          strokeDasharray="2 6"
          strokeLinecap="round"
        />
      ) : null}
      {start ? <Circle cx={start.x} cy={start.y} r={5} fill={palette.ink} /> : null}
      {end ? (
        <Circle cx={end.x} cy={end.y} r={9} fill={palette.amber} stroke={palette.ink} strokeWidth={2} />
      ) : null}
    </Svg>
  );
}

/** The corner farthest left on the page, the upper one of two: a name before it lies on no plant. */
const leftmost = (corners: readonly Spot[]): Spot =>
  corners.reduce((best, spot) =>
    spot.x < best.x - 0.5 || (spot.x < best.x + 0.5 && spot.y < best.y) ? spot : best,
  );
