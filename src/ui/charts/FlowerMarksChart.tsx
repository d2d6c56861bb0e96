import Svg, { G, Line, Path, Text as SvgText } from 'react-native-svg';
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
            {looks.map((look, kind) => (
              <Marks key={look} marks={marks.filter((mark) => mark.kind === kind)} look={look} />
            ))}
          </G>
        ))}
      </Svg>
      <ChartTable label={label} {...table} />
    </>
  );
}

interface MarksProps {
  readonly marks: readonly DrawnMark[];
  readonly look: MarkLook;
}

/** Marks of one look, as in the chart and in its key: one path for all, however many there are. */
export function Marks({ marks, look }: MarksProps) {
  const palette = usePalette();
  if (marks.length === 0) return null;
  const d = marks.map((mark) => OUTLINES[look](mark)).join('');
  switch (look) {
    case 'full':
      return <Path d={d} fill={palette.leaf} />;
    case 'ring':
      return <Path d={d} fill="none" stroke={palette.soft} strokeWidth={RING} />;
    case 'low':
      return <Path d={d} fill={palette.rust} />;
    case 'line':
      return <Path d={d} fill="none" stroke={palette.ink} strokeWidth={Math.min(2, marks[0]!.height)} />;
  }
}

const RING = 1.5;

const box = (x: number, y: number, width: number, height: number): string =>
  `M${x.toFixed(1)},${y.toFixed(1)}h${width.toFixed(1)}v${height.toFixed(1)}h${(-width).toFixed(1)}z`;

/** The `d` of one mark. */
const OUTLINES: Readonly<Record<MarkLook, (mark: DrawnMark) => string>> = {
  full: ({ x, y, width, height }) => box(x, y, width, height),
  ring: ({ x, y, width, height }) =>
    box(x + RING / 2, y + RING / 2, Math.max(0.5, width - RING), Math.max(0.5, height - RING)),
  // Fallen: it fills the lower part of its place alone.
  low: ({ x, y, width, height }) => box(x, y + height * 0.4, width, height * 0.6),
  line: ({ x, y, width, height }) => `M${x.toFixed(1)},${(y + height / 2).toFixed(1)}h${width.toFixed(1)}`,
};
