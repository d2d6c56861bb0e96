import { View } from 'react-native';
import { readFacts, type KnownWeather } from '@/core/opening/weatherOn';
import { addDays, atClock, dayAt, MS_PER_HOUR } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { dayOfReadings, dayWeatherOf, type StationAnswer } from '@/core/weather/readings';
import { useGarden } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import { useRecord } from '@/data/hooks/useRecord';
import { useStation, type Station } from '@/data/hooks/useStation';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { WeatherChart } from '@/ui/charts/WeatherChart';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { sayTemperatures } from '../words/temperatures';
import { WithWidth } from '../shell/WithWidth';

interface StationPanelProps {
  readonly day: Day;
  readonly weather: KnownWeather | undefined;
}

/** What the chart shows before now, and at most from now on. */
const HOURS_BACK = 18;
const HOURS_AHEAD = 30;
const NAMED_HOURS = [0, 6, 12, 18];
/** An older answer is no forecast of the next morning any more. */
const STALE_HOURS = 24;

/** How fresh what is shown is, and why it is no fresher. */
function sayAge({ held, state }: Station, now: number, f: Format): string {
  const why = { reading: 'Being read…', read: '', offline: 'No connection.', failed: 'It does not answer.' }[
    state
  ];
  if (!held) return why;
  const hours = Math.floor((now - held.readAt) / MS_PER_HOUR);
  const age =
    hours < 1
      ? `Read at ${f.time(held.readAt)}.`
      : `Read ${f.count(hours, 'hour', 'hours')} ago, at ${f.time(held.readAt)}.`;
  return [why, age, hours >= STALE_HOURS ? 'Too old to plan by.' : ''].filter(Boolean).join(' ');
}

/** The simulated station: what it measured and expects, and a tap to count on it. */
export function StationPanel({ day, weather }: StationPanelProps) {
  const f = useFormat();
  const now = useNow();
  const { store, demo } = useGarden();
  const station = useStation();
  const record = useRecord();
  const { held, state, readAgain } = station;
  const zone = store.described?.zone ?? 'UTC';
  const site = store.described;
  const of = held && site && dayOfReadings(allOf(held.answer), day, site);
  const told = of && dayWeatherOf(of);
  const use = (answer: StationAnswer): void => {
    const wanted = ({ ms }: { readonly ms: number }): boolean =>
      [addDays(day, -1), day].includes(dayAt(ms, zone));
    if (!told) return;
    const by = answer.forecast.some(({ ms }) => dayAt(ms, zone) === day) ? 'forecast' : 'station';
    const { dawnC, maxC, rain } = told;
    const isWhole = dawnC !== undefined && maxC !== undefined;
    record([
      ...(isWhole ? [{ kind: 'weather.noted' as const, body: { day, dawnC, maxC, rain, by } as const }] : []),
      ...readFacts(answer.readings.filter(wanted), 'station', zone),
      ...readFacts(answer.forecast.filter(wanted), 'forecast', zone),
    ]);
  };
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Weather station
      </Text>
      <Text variant="small" tone={demo ? 'soft' : 'rust'}>
        {demo
          ? 'Simulated: it stands in for a real station.'
          : 'Simulated: its weather is invented. For your own plants note what you see, or import a logger’s file.'}
      </Text>
      <Text variant="small" tone="soft" live>
        {sayAge(station, now, f)}
      </Text>
      {held ? <Course answer={held.answer} now={now} zone={zone} /> : null}
      {held && of && told ? (
        <Text>
          {`${f.day(day)}: ${sayTemperatures(told, f)}, ${
            of.rainHours === 0 ? 'dry' : `${f.count(of.rainHours, 'hour', 'hours')} of rain`
          }${of.dewPoint ? `, dew point ${f.temperature(of.dewPoint.low)} to ${f.temperature(of.dewPoint.high)}` : ''}.`}
        </Text>
      ) : null}
      {weather && (weather.source !== 'noted' || weather.readings.length > 0) ? (
        <Text variant="small" tone="soft" live>
          {SOURCES[weather.source]}
        </Text>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        {held && of ? (
          <Button title={`Use it for ${f.shortDay(day)}`} onPress={() => use(held.answer)} />
        ) : null}
        {state === 'reading' ? null : <Button title="Read again" onPress={readAgain} />}
      </View>
    </View>
  );
}

const SOURCES = {
  noted: 'What you noted by hand goes before the readings of that day.',
  logger: 'The hours follow the readings of your logger.',
  station: 'The hours follow the station’s readings.',
  forecast: 'The hours follow the station’s readings and, for what is still to come, its forecast.',
} as const;

const allOf = ({ readings, forecast }: StationAnswer) => [...readings, ...forecast];

interface CourseProps {
  readonly answer: StationAnswer;
  readonly now: number;
  readonly zone: string;
}

function Course({ answer, now, zone }: CourseProps) {
  const f = useFormat();
  const near = ({ ms }: { readonly ms: number }): boolean =>
    now - HOURS_BACK * MS_PER_HOUR <= ms && ms <= now + HOURS_AHEAD * MS_PER_HOUR;
  const hours = [
    ...answer.readings.filter(near).map((reading) => ({ ...reading, forecast: false })),
    ...answer.forecast.filter(near).map((reading) => ({ ...reading, forecast: true })),
  ];
  if (hours.length === 0) return null;
  const today = dayAt(now, zone);
  const ticks = [-1, 0, 1, 2].flatMap((off) =>
    NAMED_HOURS.map((hour) => atClock(addDays(today, off), hour, zone)),
  );
  return (
    <WithWidth>
      {(width) => (
        <WeatherChart
          width={width}
          hours={hours}
          ticks={ticks}
          now={now}
          label="Temperature and rain by the hour, measured and forecast"
          time={f.time}
          moment={(ms) => `${f.shortDay(dayAt(ms, zone))}, ${f.time(ms)}`}
          temperature={f.temperature}
          rain={f.rain}
        />
      )}
    </WithWidth>
  );
}
