import Svg, { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette } from '../theme';
import { BAR_HEIGHT, calendarGeometry, RULES_TOP, type FlowerBar } from './calendar';
import { Gradually } from '../parts/Gradually';
import { ChartTable } from './ChartTable';

export interface FlowerCalendarProps {
  readonly width: number;
  readonly days: number;
  readonly bars: readonly FlowerBar[];
  /** First days of months. */
  readonly months: readonly { readonly day: number; readonly name: string }[];
  readonly today?: number;
  readonly label: string;
  /** A day of the calendar in words. */
  readonly dayName: (day: number) => string;
}

/** When each variety flowers: a bar a variety, hatched where what it crosses with flowers too. */
export function FlowerCalendar({ width, days, bars, months, today, label, dayName }: FlowerCalendarProps) {
  const palette = usePalette();
  const { height, x, bars: drawn, hatches } = calendarGeometry(bars, days, width);
  return (
    <>
      <Svg width={width} height={height} role="img" aria-label={label}>
        {months.map(({ day, name }) => (
          <G key={day}>
            <Line
              x1={x(day)}
              x2={x(day)}
              y1={RULES_TOP}
              y2={height}
              stroke={palette.line}
              strokeWidth={1.5}
            />
            <SvgText x={x(day) + 4} y={15} fontFamily={FACE.text} fontSize={13} fill={palette.soft}>
              {name}
            </SvgText>
          </G>
        ))}
        {today !== undefined ? (
          <Line
            x1={x(today)}
            x2={x(today)}
            y1={RULES_TOP + 2}
            y2={height}
            stroke={palette.amber}
            strokeWidth={3}
          />
        ) : null}
        <Gradually items={drawn}>
          {(bar) => (
            <G key={bar.id}>
              <SvgText
                x={bar.nameX}
                y={bar.nameY}
                fontFamily={FACE.text}
                fontWeight="600"
                fontSize={15}
                fill={palette.ink}
              >
                {bar.name}
              </SvgText>
              <Rect
                x={bar.x}
                y={bar.y}
                width={bar.width}
                height={BAR_HEIGHT}
                rx={BAR_HEIGHT / 2}
                fill={bar.seen ? palette.petal : palette.paper}
                stroke={palette.edge}
                strokeWidth={1.5}
                strokeDasharray={bar.seen ? undefined : '4 3'}
              />
              {hatches(bar).map((d) => (
                <Path key={d} d={d} stroke={palette.rust} strokeWidth={2.2} fill="none" />
              ))}
            </G>
          )}
        </Gradually>
      </Svg>
      <ChartTable
        label={label}
        head={['Variety', 'First day', 'Last day', 'Known from']}
        rows={bars.map(({ name, from, to, seen }) => [
          name,
          dayName(from),
          dayName(to),
          seen ? 'seen' : 'estimated',
        ])}
      />
    </>
  );
}
