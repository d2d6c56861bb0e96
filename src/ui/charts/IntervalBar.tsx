import Svg, { Circle, Line, Rect } from 'react-native-svg';
import { usePalette } from '../theme';
import { intervalGeometry } from './interval';

export interface IntervalBarProps {
  readonly width: number;
  /** 0 to 1. */
  readonly share: number | undefined;
  readonly low: number;
  readonly high: number;
  /** A share that is shown beside it, as a ring: what was counted, where the other is believed. */
  readonly counted?: number | undefined;
  readonly label: string;
}

/** A share with its interval on a line from none to all. */
export function IntervalBar({ width, share, low, high, counted, label }: IntervalBarProps) {
  const palette = usePalette();
  const { start, end, ticks, bar, at } = intervalGeometry(low, high, width);
  return (
    <Svg width={width} height={24} role="img" aria-label={label}>
      <Line x1={start} x2={end} y1={12} y2={12} stroke={palette.line} strokeWidth={2} />
      {ticks.map((tick) => (
        <Line key={tick} x1={tick} x2={tick} y1={7} y2={17} stroke={palette.edge} />
      ))}
      {share !== undefined ? (
        <>
          <Rect x={bar.x} y={8} width={bar.width} height={8} rx={4} fill={palette.petal} />
          {counted !== undefined ? (
            <Circle
              cx={at(counted)}
              cy={12}
              r={5}
              fill={palette.ground}
              stroke={palette.ink}
              strokeWidth={1.5}
            />
          ) : null}
          <Circle cx={at(share)} cy={12} r={6} fill={palette.ink} />
        </>
      ) : null}
    </Svg>
  );
}
