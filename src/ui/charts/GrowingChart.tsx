import Svg, { G, Line, Path, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette } from '../theme';
import { ChartTable, type ChartTableProps } from './ChartTable';
import { growingGeometry, GROWING_HEIGHT, type GrowingDay } from './growing';

export interface GrowingChartProps {
  readonly width: number;
  readonly days: readonly GrowingDay[];
  /** Days on which one looks, in bold. */
  readonly lookDays: readonly number[];
  readonly percent: (share: number) => string;
  readonly label: string;
  readonly table: Omit<ChartTableProps, 'label'>;
}

/** The share of pollinated flowers that still grow, day after day. */
export function GrowingChart({ width, days, lookDays, percent, label, table }: GrowingChartProps) {
  const palette = usePalette();
  const { left, right, base, shares, band, unsure, curve, ...geometry } = growingGeometry(days, width);
  const text = { fontFamily: FACE.text, fontSize: 13 };
  return (
    <>
      <Svg width={width} height={GROWING_HEIGHT} role="img" aria-label={label}>
        {shares.map(({ share, y }) => (
          <G key={share}>
            <Line x1={left} x2={right} y1={y} y2={y} stroke={share === 0 ? palette.ink : palette.line} />
            <SvgText {...text} x={left - 6} y={y + 4} textAnchor="end" fill={palette.soft}>
              {percent(share)}
            </SvgText>
          </G>
        ))}
        <Path d={band} fill={palette.petal} fillOpacity={0.3} />
        <Path d={unsure} fill={palette.petal} fillOpacity={0.65} />
        <Path d={curve} fill="none" stroke={palette.ink} strokeWidth={2} />
        {geometry.days.map(({ day, x, named }) => {
          const isLookDay = lookDays.includes(day);
          return named || isLookDay ? (
            <SvgText
              key={day}
              {...text}
              x={x}
              y={base + 19}
              textAnchor="middle"
              fontWeight={isLookDay ? '600' : '400'}
              fill={isLookDay ? palette.ink : palette.soft}
            >
              {day}
            </SvgText>
          ) : null;
        })}
      </Svg>
      <ChartTable label={label} {...table} />
    </>
  );
}
