import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette } from '../theme';
import { ChartTable, type ChartTableProps } from './ChartTable';
import { flowerMarksGeometry, type DrawnMark, type MarkRow } from './flowerMarks';

/** How marks are drawn, by shape before colour. */
export type MarkLook = 'full' | 'ring' | 'low' | 'line';

export interface FlowerMarksChartProps {
  readonly width: number;
  readonly rows: readonly MarkRow[];
  /** Of each kind of count. */
  readonly looks: readonly MarkLook[];
  readonly days: number;
  readonly dayName: (day: number) => string;
  readonly label: string;
  readonly table: Omit<ChartTableProps, 'label'>;
}

/** A season's flowers: a mark each, by day and by what became of it. */
export function FlowerMarksChart({ width, rows, looks, days, dayName, label, table }: FlowerMarksChartProps) {
  const palette = usePalette();
  const { height, ticks, rows: drawn } = flowerMarksGeometry(rows, days, width);
  return (
    <>
      <Svg width={width} height={height} role="img" aria-label={label}>
        {ticks.map(({ day, x }) => (
          <G key={day}>
            <Line x1={x} x2={x} y1={4} y2={height} stroke={palette.line} strokeWidth={1.5} />
            <SvgText x={x + 4} y={14} fontFamily={FACE.text} fontSize={13} fill={palette.soft}>
              {dayName(day)}
            </SvgText>
          </G>
        ))}
        {drawn.map(({ name, nameY, base, marks }) => (
          <G key={name}>
            <SvgText x={0} y={nameY} fontFamily={FACE.text} fontWeight="600" fontSize={14} fill={palette.ink}>
              {name}
            </SvgText>
            <Line x1={0} x2={width} y1={base + 1} y2={base + 1} stroke={palette.line} strokeWidth={1.5} />
            {marks.map((mark) => (
              <Mark key={`${mark.x} ${mark.y} ${mark.kind}`} mark={mark} look={looks[mark.kind]!} />
            ))}
          </G>
        ))}
      </Svg>
      <ChartTable label={label} {...table} />
    </>
  );
}

/** One mark, as in the chart and in its key. */
export function Mark({
  mark: { x, y, width, height },
  look,
}: {
  readonly mark: DrawnMark;
  readonly look: MarkLook;
}) {
  const palette = usePalette();
  switch (look) {
    case 'full':
      return <Rect x={x} y={y} width={width} height={height} fill={palette.leaf} />;
    case 'ring':
      return (
        <Rect
          x={x + 0.75}
          y={y + 0.75}
          width={Math.max(0.5, width - 1.5)}
          height={Math.max(0.5, height - 1.5)}
          fill="none"
          stroke={palette.soft}
          strokeWidth={1.5}
        />
      );
    case 'low':
      // Fallen: it fills the lower part of its place alone.
      return <Rect x={x} y={y + height * 0.4} width={width} height={height * 0.6} fill={palette.rust} />;
    case 'line':
      return (
        <Line
          x1={x}
          x2={x + width}
          y1={y + height / 2}
          y2={y + height / 2}
          stroke={palette.ink}
          strokeWidth={Math.min(2, height)}
        />
      );
  }
}
