import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette } from '../theme';
import { ChartTable } from './ChartTable';
import { dropBars, DROPS_BASE, DROPS_HEIGHT } from './drops';

export interface DropChartProps {
  readonly width: number;
  /** Drops of day 1, day 2, … */
  readonly drops: readonly number[];
  /** Days on which one looks, marked under the axis. */
  readonly lookDays: readonly number[];
  readonly label: string;
  readonly number: (value: number, digits?: number) => string;
}

/** Fruitlets dropped by day since pollination. */
export function DropChart({ width, drops, lookDays, label, number }: DropChartProps) {
  const palette = usePalette();
  const bars = dropBars(drops, lookDays, width);
  return (
    <>
      <Svg width={width} height={DROPS_HEIGHT} role="img" aria-label={label}>
        <Line x1={8} x2={width - 8} y1={DROPS_BASE} y2={DROPS_BASE} stroke={palette.ink} strokeWidth={1.5} />
        {bars.map((bar) => (
          <G key={bar.day}>
            <Rect x={bar.x} y={bar.y} width={bar.width} height={bar.height} fill={palette.rust} />
            <SvgText
              x={bar.middle}
              y={DROPS_BASE + 17}
              textAnchor="middle"
              fontFamily={FACE.text}
              fontSize={13}
              fontWeight={bar.isLookDay ? '600' : '400'}
              fill={bar.isLookDay ? palette.ink : palette.soft}
            >
              {bar.named ? bar.day : ''}
            </SvgText>
          </G>
        ))}
      </Svg>
      <ChartTable
        label={label}
        head={['Day', 'Dropped']}
        rows={bars.filter(({ drop }) => drop > 0).map(({ day, drop }) => [`${day}`, number(drop, 1)])}
      />
    </>
  );
}
