import Svg, { Circle, Line, Rect } from 'react-native-svg';
import { usePalette } from '../theme';

export interface IntervalBarProps {
  readonly width: number;
  /** 0 to 1. */
  readonly share: number | undefined;
  readonly low: number;
  readonly high: number;
  readonly label: string;
}

/** A share with its interval on a line from none to all. */
export function IntervalBar({ width, share, low, high, label }: IntervalBarProps) {
  const palette = usePalette();
  const x = (value: number): number => 8 + value * (width - 16);
  return (
    <Svg width={width} height={24} role="img" aria-label={label}>
      <Line x1={x(0)} x2={x(1)} y1={12} y2={12} stroke={palette.line} strokeWidth={2} />
      {[0, 0.5, 1].map((tick) => (
        <Line key={tick} x1={x(tick)} x2={x(tick)} y1={7} y2={17} stroke={palette.edge} />
      ))}
      {share !== undefined ? (
        <>
          <Rect
            x={x(low)}
            y={8}
            width={Math.max(2, x(high) - x(low))}
            height={8}
            rx={4}
            fill={palette.petal}
          />
          <Circle cx={x(share)} cy={12} r={6} fill={palette.ink} />
        </>
      ) : null}
    </Svg>
  );
}
