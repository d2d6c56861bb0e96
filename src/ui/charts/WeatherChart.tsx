import Svg, { Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette } from '../theme';
import { ChartTable } from './ChartTable';
import { LABEL_HALF, WEATHER_HEIGHT, weatherChart, type WeatherHour } from './weather';

export interface WeatherChartProps {
  readonly width: number;
  readonly hours: readonly WeatherHour[];
  /** Instants named under the axis. */
  readonly ticks: readonly number[];
  readonly now: number;
  readonly label: string;
  readonly time: (ms: number) => string;
  /** With its day. */
  readonly moment: (ms: number) => string;
  readonly temperature: (celsius: number) => string;
  readonly rain: (mm: number) => string;
}

/** Temperature and rain by the hour: what was measured, and what is forecast. */
export function WeatherChart({
  width,
  hours,
  ticks,
  now,
  label,
  time,
  moment,
  temperature,
  rain,
}: WeatherChartProps) {
  const palette = usePalette();
  const chart = weatherChart(hours, ticks, width);
  const kept = (x: number): number => Math.min(width - LABEL_HALF, Math.max(LABEL_HALF, x));
  return (
    <>
      <Svg width={width} height={WEATHER_HEIGHT} role="img" aria-label={label}>
        {chart.rain.map((bar) => (
          <Rect key={bar.x} {...bar} fill={palette.soft} opacity={0.45} />
        ))}
        <Line x1={0} x2={width} y1={chart.base} y2={chart.base} stroke={palette.ink} strokeWidth={1.5} />
        <Line
          x1={chart.x(now)}
          x2={chart.x(now)}
          y1={6}
          y2={chart.base}
          stroke={palette.amber}
          strokeWidth={2}
        />
        <Path d={chart.measured} stroke={palette.ink} strokeWidth={2} fill="none" />
        <Path d={chart.forecast} stroke={palette.ink} strokeWidth={2} strokeDasharray="5 4" fill="none" />
        {chart.extremes.map(({ ms, tempC, x, y }, i) => (
          <SvgText
            key={`${ms} ${tempC}`}
            x={kept(x)}
            y={i === 0 ? y - 8 : y - 6}
            textAnchor="middle"
            fontFamily={FACE.text}
            fontSize={13}
            fontWeight="600"
            fill={palette.ink}
          >
            {temperature(tempC)}
          </SvgText>
        ))}
        {chart.ticks.map(({ ms, x }) => (
          <SvgText
            key={ms}
            x={x}
            y={chart.base + 18}
            textAnchor="middle"
            fontFamily={FACE.text}
            fontSize={13}
            fill={palette.soft}
          >
            {time(ms)}
          </SvgText>
        ))}
      </Svg>
      <ChartTable
        label={label}
        head={['Hour', 'Temperature', 'Rain', 'How known']}
        rows={hours.map(({ ms, tempC, rainMm = 0, forecast }) => [
          moment(ms),
          temperature(tempC),
          rain(rainMm),
          forecast ? 'forecast' : 'measured',
        ])}
      />
    </>
  );
}
