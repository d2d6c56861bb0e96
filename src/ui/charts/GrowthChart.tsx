import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette } from '../theme';
import { ChartTable, type ChartTableProps } from './ChartTable';
import { GROWTH_HEIGHT, growthGeometry, type SizeBand, type SizePoint } from './growth';

export interface GrowthChartProps {
  readonly width: number;
  readonly points: readonly SizePoint[];
  readonly band: readonly SizeBand[];
  /** Sizes at the left are whole ones of this, mm. */
  readonly step: number;
  readonly size: (mm: number) => string;
  readonly label: string;
  readonly table: Omit<ChartTableProps, 'label'>;
}

/** What was measured of a fruit, against the course that is usual. */
export function GrowthChart({ width, points, band, step, size, label, table }: GrowthChartProps) {
  const palette = usePalette();
  const { left, right, base, sizes, days, ...drawn } = growthGeometry(points, band, width, step);
  const text = { fontFamily: FACE.text, fontSize: 13 };
  return (
    <>
      <Svg width={width} height={GROWTH_HEIGHT} role="img" aria-label={label}>
        {sizes.map(({ mm, y }) => (
          <G key={mm}>
            <Line x1={left} x2={right} y1={y} y2={y} stroke={mm === 0 ? palette.ink : palette.line} />
            <SvgText {...text} x={left - 6} y={y + 4} textAnchor="end" fill={palette.soft}>
              {size(mm)}
            </SvgText>
          </G>
        ))}
        <Path d={drawn.band} fill={palette.petal} fillOpacity={0.5} />
        <Path d={drawn.curve} fill="none" stroke={palette.ink} strokeWidth={2} />
        {drawn.points.map(({ x, y }) => (
          <Circle key={x} cx={x} cy={y} r={4.5} fill={palette.ink} />
        ))}
        {days.map(({ day, x }) => (
          <SvgText key={day} {...text} x={x} y={base + 19} textAnchor="middle" fill={palette.soft}>
            {day}
          </SvgText>
        ))}
      </Svg>
      <ChartTable label={label} {...table} />
    </>
  );
}
