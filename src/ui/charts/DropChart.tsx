import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette } from '../theme';

export interface DropChartProps {
  readonly width: number;
  /** Drops of day 1, day 2, … */
  readonly drops: readonly number[];
  /** Days on which one looks, marked under the axis. */
  readonly lookDays: readonly number[];
  readonly label: string;
}

const HEIGHT = 130;
const BASE = 100;
const TOP = 16;

/** Fruitlets dropped by day since pollination. */
export function DropChart({ width, drops, lookDays, label }: DropChartProps) {
  const palette = usePalette();
  const days = Array.from({ length: Math.max(14, drops.length) }, (_, i) => i + 1);
  const step = (width - 16) / days.length;
  const most = Math.max(1, ...drops);
  const tall = (drop: number): number => (drop / most) * (BASE - TOP);
  return (
    <Svg width={width} height={HEIGHT} role="img" aria-label={label}>
      <Line x1={8} x2={width - 8} y1={BASE} y2={BASE} stroke={palette.ink} strokeWidth={1.5} />
      {days.map((day) => {
        const drop = drops[day - 1] ?? 0;
        const left = 8 + (day - 1) * step;
        return (
          <G key={day}>
            <Rect
              x={left + step * 0.1}
              y={BASE - tall(drop)}
              width={step * 0.8}
              height={tall(drop)}
              fill={palette.rust}
            />
            <SvgText
              x={left + step / 2}
              y={BASE + 17}
              textAnchor="middle"
              fontFamily={FACE.text}
              fontSize={13}
              fontWeight={lookDays.includes(day) ? '600' : '400'}
              fill={lookDays.includes(day) ? palette.ink : palette.soft}
            >
              {day % 2 === 0 || lookDays.includes(day) ? day : ''}
            </SvgText>
          </G>
        );
      })}
    </Svg>
  );
}
