import Svg, { Circle, Line } from 'react-native-svg';
import { usePalette } from '../theme';

export interface PegStringProps {
  readonly width: number;
  readonly count: number;
  /** Index of the present stop. */
  readonly at: number;
  /** Stops whose outcome was a loss. */
  readonly missed: ReadonlySet<number>;
  readonly label: string;
}

/** More stops than this are shown as a string filled in part. */
const MOST_PEGS = 28;

/** The round as a string with a peg for each stop. */
export function PegString({ width, count, at, missed, label }: PegStringProps) {
  const palette = usePalette();
  const pegs = Math.min(count, MOST_PEGS);
  const step = (width - 28) / Math.max(1, pegs - 1);
  const present = Math.min(pegs - 1, Math.floor((at * pegs) / Math.max(1, count)));
  const finished = at >= count;
  return (
    <Svg width={width} height={26} role="img" aria-label={label}>
      <Line x1={4} x2={width - 4} y1={13} y2={13} stroke={palette.ink} strokeWidth={1.5} />
      {Array.from({ length: pegs }, (_, i) => {
        const now = !finished && i === present;
        const done = finished || i < present;
        const lost = done && count === pegs && missed.has(i);
        return (
          <Circle
            key={i}
            cx={14 + (pegs === 1 ? 0 : i * step)}
            cy={13}
            r={now ? 9 : Math.min(5, step / 2.6)}
            fill={now ? palette.amber : done && !lost ? palette.ink : palette.ground}
            stroke={lost ? palette.rust : palette.ink}
            strokeWidth={now || lost ? 2 : 1.5}
          />
        );
      })}
    </Svg>
  );
}
