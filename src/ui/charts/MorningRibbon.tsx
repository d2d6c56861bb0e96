import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette } from '../theme';

/** One crop's open hours: worth by hour, 0 to 1. */
export interface RibbonPetal {
  readonly name: string;
  readonly points: readonly { readonly hour: number; readonly worth: number }[];
  /** The crop that the next task is about. */
  readonly first: boolean;
}

export interface MorningRibbonProps {
  readonly width: number;
  /** Hours since the morning's midnight that the band shows. */
  readonly from: number;
  readonly to: number;
  readonly petals: readonly RibbonPetal[];
  readonly sunrise: number | undefined;
  readonly insects: number | undefined;
  readonly insectsLabel: string;
  /** The present hour when it falls into the band. */
  readonly now: number | undefined;
  readonly hourName: (hour: number) => string;
  readonly rain: boolean;
  /** All of it in words. */
  readonly label: string;
}

const ROW = 34;
const TOP = 30;
const THICK = 11;

/** The morning as a band of hours; each crop a petal as thick as that hour is worth. */
export function MorningRibbon(props: MorningRibbonProps) {
  const { width, from, to, petals, sunrise, insects, now, hourName, rain, label } = props;
  const palette = usePalette();
  const margin = 20;
  const x = (hour: number): number => margin + ((hour - from) / (to - from)) * (width - 2 * margin);
  const bottom = TOP + petals.length * ROW;
  const height = bottom + 26;
  const hours = wholeHours(from, to);
  const text = { fontFamily: FACE.text, fontSize: 14, fill: palette.ink };
  return (
    <Svg width={width} height={height} role="img" aria-label={label}>
      {sunrise !== undefined && sunrise > from ? (
        <Rect x={0} y={0} width={Math.max(0, x(Math.min(sunrise, to)))} height={height} fill={palette.wash} />
      ) : null}
      {hours.map((hour) => (
        <G key={hour}>
          <Line x1={x(hour)} x2={x(hour)} y1={22} y2={bottom} stroke={palette.line} />
          <SvgText {...text} x={x(hour)} y={15} textAnchor="middle" fontSize={13} fill={palette.soft}>
            {hourName(hour)}
          </SvgText>
        </G>
      ))}
      {sunrise !== undefined ? (
        <Line x1={x(sunrise)} x2={x(sunrise)} y1={20} y2={bottom} stroke={palette.ink} strokeWidth={1.5} />
      ) : null}
      {petals.map(({ name, points, first }, row) => {
        const y = TOP + ROW * (row + 0.5);
        const end = points.at(-1)?.hour ?? from;
        const room = width - margin - x(end) > 7 * name.length + 8;
        return (
          <G key={name}>
            <Path
              d={petalOutline(points, x)}
              transform={`translate(0 ${y})`}
              fill={first ? palette.leaf : palette.petal}
            />
            <SvgText
              {...text}
              x={room ? x(end) + 8 : x(points[0]?.hour ?? from) + 14}
              y={room ? y + 5 : y - THICK - 2}
              textAnchor="start"
            >
              {name}
            </SvgText>
          </G>
        );
      })}
      {insects !== undefined && insects < to ? (
        <G>
          {Array.from({ length: Math.floor((width - x(insects)) / 7) }, (_, i) => (
            <Circle
              key={i}
              cx={x(insects) + 4 + i * 7}
              cy={bottom + 12 + [0, 4, -3][i % 3]!}
              r={1.6}
              fill={palette.soft}
            />
          ))}
          <SvgText
            {...text}
            x={x(insects) - 5}
            y={bottom + 17}
            textAnchor="end"
            fontSize={13}
            fill={palette.soft}
          >
            {props.insectsLabel}
          </SvgText>
        </G>
      ) : null}
      {rain
        ? Array.from({ length: 14 }, (_, i) => (
            <Line
              key={i}
              x1={30 + i * 26}
              x2={24 + i * 26}
              y1={TOP - 4 + (i % 3) * 8}
              y2={TOP + 8 + (i % 3) * 8}
              stroke={palette.edge}
              strokeWidth={1.5}
            />
          ))
        : null}
      {now !== undefined ? (
        <G>
          <Line x1={x(now)} x2={x(now)} y1={18} y2={bottom + 20} stroke={palette.amber} strokeWidth={3} />
          <Path d={`M${x(now) - 7} 18h14l-7 9z`} fill={palette.amber} />
        </G>
      ) : null}
    </Svg>
  );
}

/** Every hour that has room for its name: each one, or every other. */
function wholeHours(from: number, to: number): number[] {
  const step = to - from > 8 ? 2 : 1;
  const first = Math.ceil(from / step) * step;
  return Array.from({ length: Math.floor((to - first) / step) + 1 }, (_, i) => first + i * step);
}

/** A petal's outline: along its upper edge and back along the lower. Points are close enough to need no curve. */
function petalOutline(points: RibbonPetal['points'], x: (hour: number) => number): string {
  const upper = points.map(({ hour, worth }) => `${x(hour).toFixed(1)} ${(-worth * THICK).toFixed(2)}`);
  const lower = points
    .map(({ hour, worth }) => `${x(hour).toFixed(1)} ${(worth * THICK).toFixed(2)}`)
    .reverse();
  return `M${[...upper, ...lower].join('L')}Z`;
}
