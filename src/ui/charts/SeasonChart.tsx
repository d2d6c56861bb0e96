import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette } from '../theme';
import { SEASON_BAR, SEASON_RULES_TOP, seasonGeometry, type SeasonBar } from './season';

export interface SeasonChartProps {
  readonly width: number;
  readonly bars: readonly SeasonBar[];
  readonly dayName: (day: number) => string;
  readonly label: string;
}

/** What there is to see of a crop, from sowing on; the list next to it says the same. */
export function SeasonChart({ width, bars, dayName, label }: SeasonChartProps) {
  const palette = usePalette();
  const { height, ticks, bars: drawn } = seasonGeometry(bars, width);
  return (
    <Svg width={width} height={height} role="img" aria-label={label}>
      {ticks.map(({ day, x }) => (
        <G key={day}>
          <Line x1={x} x2={x} y1={SEASON_RULES_TOP} y2={height} stroke={palette.line} strokeWidth={1.5} />
          <SvgText x={x + 4} y={15} fontFamily={FACE.text} fontSize={13} fill={palette.soft}>
            {dayName(day)}
          </SvgText>
        </G>
      ))}
      {drawn.map(({ name, nameX, nameY, y, early, sure }) => (
        <G key={name}>
          <SvgText
            x={nameX}
            y={nameY}
            fontFamily={FACE.text}
            fontWeight="600"
            fontSize={15}
            fill={palette.ink}
          >
            {name}
          </SvgText>
          {early.width > 0 ? (
            <Rect
              x={early.x}
              y={y + 1}
              width={early.width}
              height={SEASON_BAR - 2}
              fill={palette.paper}
              stroke={palette.edge}
              strokeWidth={1.5}
              strokeDasharray="4 3"
            />
          ) : null}
          <Rect
            x={sure.x}
            y={y}
            width={sure.width}
            height={SEASON_BAR}
            rx={3}
            fill={palette.petal}
            stroke={palette.edge}
            strokeWidth={1.5}
          />
        </G>
      ))}
    </Svg>
  );
}
