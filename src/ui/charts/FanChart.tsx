import Svg, { G, Line, Path, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette } from '../theme';
import { ChartTable, type ChartTableProps } from './ChartTable';
import { FAN_HEIGHT, fanGeometry, type FanDay } from './fan';

export interface FanChartProps {
  readonly width: number;
  readonly days: readonly FanDay[];
  /** The middle of what it is compared with, day by day. */
  readonly other?: readonly number[];
  readonly wanted?: number;
  /** The name of a day, by its place. */
  readonly dayName: (day: number) => string;
  readonly label: string;
  readonly table: Omit<ChartTableProps, 'label'>;
}

/** What seasons may bring, day by day: the middle, where half of them lie, and where eight of ten do. */
export function FanChart({ width, days, other, wanted, dayName, label, table }: FanChartProps) {
  const palette = usePalette();
  const fan = fanGeometry(days, width, { ...(other && { other }), ...(wanted !== undefined && { wanted }) });
  const { left, right, base } = fan;
  const text = { fontFamily: FACE.text, fontSize: 13 };
  const lastDay = fan.days.length - 1;
  return (
    <>
      <Svg width={width} height={FAN_HEIGHT} role="img" aria-label={label}>
        {fan.counts.map(({ count, y }) => (
          <G key={count}>
            <Line x1={left} x2={right} y1={y} y2={y} stroke={count === 0 ? palette.ink : palette.line} />
            <SvgText {...text} x={left - 6} y={y + 4} textAnchor="end" fill={palette.soft}>
              {count}
            </SvgText>
          </G>
        ))}
        <Path d={fan.outer} fill={palette.petal} fillOpacity={0.3} />
        <Path d={fan.inner} fill={palette.petal} fillOpacity={0.65} />
        <Path d={fan.middle} fill="none" stroke={palette.ink} strokeWidth={2} />
        {fan.other ? (
          <Path d={fan.other} fill="none" stroke={palette.rust} strokeWidth={2.5} strokeDasharray="7 5" />
        ) : null}
        {fan.wanted === undefined ? null : (
          <Line
            x1={left}
            x2={right}
            y1={fan.wanted}
            y2={fan.wanted}
            stroke={palette.leaf}
            strokeWidth={1.5}
            strokeDasharray="2 3"
          />
        )}
        {fan.days.map(({ day, x }, i) => (
          <SvgText
            key={day}
            {...text}
            x={x}
            y={base + 20}
            textAnchor={i === 0 ? 'start' : i === lastDay ? 'end' : 'middle'}
            fill={palette.soft}
          >
            {dayName(day)}
          </SvgText>
        ))}
      </Svg>
      <ChartTable label={label} {...table} />
    </>
  );
}
