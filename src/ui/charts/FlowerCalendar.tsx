import Svg, { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette } from '../theme';

export interface FlowerBar {
  readonly id: string;
  readonly name: string;
  /** Days since the calendar's first day. */
  readonly from: number;
  readonly to: number;
  /** Seen in bloom, or reckoned? */
  readonly seen: boolean;
  /** Stretches in which something that crosses freely with it flowers too. */
  readonly shared: readonly (readonly [number, number])[];
}

export interface FlowerCalendarProps {
  readonly width: number;
  readonly days: number;
  readonly bars: readonly FlowerBar[];
  /** First days of months. */
  readonly months: readonly { readonly day: number; readonly name: string }[];
  readonly today?: number;
  readonly label: string;
}

const ROW = 46;
const HEAD = 24;
const BAR = 14;

/** When each variety flowers: a bar a variety, hatched where what it crosses with flowers too. */
export function FlowerCalendar({ width, days, bars, months, today, label }: FlowerCalendarProps) {
  const palette = usePalette();
  const x = (day: number): number => (day / days) * (width - 8) + 4;
  const height = HEAD + bars.length * ROW + 4;
  return (
    <Svg width={width} height={height} role="img" aria-label={label}>
      {months.map(({ day, name }) => (
        <G key={day}>
          <Line x1={x(day)} x2={x(day)} y1={HEAD - 6} y2={height} stroke={palette.line} strokeWidth={1.5} />
          <SvgText x={x(day) + 4} y={15} fontFamily={FACE.text} fontSize={13} fill={palette.soft}>
            {name}
          </SvgText>
        </G>
      ))}
      {today !== undefined ? (
        <Line x1={x(today)} x2={x(today)} y1={HEAD - 4} y2={height} stroke={palette.amber} strokeWidth={3} />
      ) : null}
      {bars.map(({ id, name, from, to, seen, shared }, row) => {
        const top = HEAD + row * ROW;
        const end = x(to + 1);
        return (
          <G key={id}>
            <SvgText
              x={Math.min(x(from), width - 150)}
              y={top + 17}
              fontFamily={FACE.text}
              fontWeight="600"
              fontSize={15}
              fill={palette.ink}
            >
              {name}
            </SvgText>
            <Rect
              x={x(from)}
              y={top + 23}
              width={Math.max(3, end - x(from))}
              height={BAR}
              rx={BAR / 2}
              fill={seen ? palette.petal : palette.paper}
              stroke={palette.edge}
              strokeWidth={1.5}
              strokeDasharray={seen ? undefined : '4 3'}
            />
            {shared.map(([a, b]) => (
              <Path
                key={a}
                d={hatch(x(a), x(b + 1), top + 23)}
                stroke={palette.rust}
                strokeWidth={2.2}
                fill="none"
              />
            ))}
          </G>
        );
      })}
    </Svg>
  );
}

/** Slanting lines from left to right within a bar. */
function hatch(left: number, right: number, top: number): string {
  const lines: string[] = [];
  for (let x = left + 3; x < right - 2; x += 7) {
    lines.push(`M${x.toFixed(1)} ${top + BAR - 2}L${Math.min(right, x + 6).toFixed(1)} ${top + 2}`);
  }
  return lines.join('');
}
