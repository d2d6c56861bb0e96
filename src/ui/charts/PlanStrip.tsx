import Svg, { Circle, G, Path, Rect, Text as SvgText } from 'react-native-svg';
import type { Place } from '@/core/garden/places';
import { FACE, usePalette } from '../theme';
import { stripGeometry, type PlanBed } from './strip';

export interface PlanStripProps {
  readonly width: number;
  readonly beds: readonly PlanBed[];
  readonly plants: readonly Place[];
  readonly here?: Place;
  readonly from?: Place;
  /** The whole way, place by place. */
  readonly path?: readonly Place[];
  readonly maxHeight: number;
  /** Only what lies about the two, as large as there is room. */
  readonly near?: boolean;
  readonly label: string;
}

/** Beds to scale, north up, with the path to the next stop. */
export function PlanStrip(props: PlanStripProps) {
  const { width, beds, plants, here, from, path = [], maxHeight, near = false, label } = props;
  const palette = usePalette();
  const about = near ? [here, from].filter((place) => place !== undefined) : [];
  const strip = stripGeometry(beds, plants, { width, maxHeight, about });
  const start = from && strip.at(from);
  const end = here && strip.at(here);
  return (
    <Svg width={width} height={strip.height} role="img" aria-label={label}>
      {strip.beds.map((bed) => (
        <G key={bed.id}>
          <Rect
            x={bed.corner.x}
            y={bed.corner.y - bed.height}
            transform={`rotate(${-bed.turn} ${bed.corner.x} ${bed.corner.y})`}
            width={bed.width}
            height={bed.height}
            rx={4}
            fill="none"
            stroke={palette.line}
            strokeWidth={2}
          />
          <SvgText
            x={bed.nameX}
            y={bed.nameY}
            textAnchor={bed.nameInside ? 'start' : 'end'}
            fontFamily={FACE.head}
            fontWeight="700"
            fontSize={12}
            fill={palette.soft}
          >
            {bed.name}
          </SvgText>
        </G>
      ))}
      <Path d={strip.plants} fill={palette.edge} />
      {path.length > 1 ? (
        <Path
          d={`M${path
            .map((place) => strip.at(place))
            .map(({ x, y }) => `${x} ${y}`)
            .join('L')}`}
          stroke={palette.ink}
          strokeWidth={1.5}
          strokeLinejoin="round"
          fill="none"
        />
      ) : null}
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
