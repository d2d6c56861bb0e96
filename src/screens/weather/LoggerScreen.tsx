import { useRouter } from 'expo-router';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import { readFacts } from '@/core/opening/weatherOn';
import {
  LOGGER_COLUMNS,
  standardZone,
  type LoggerColumn,
  type LoggerMapping,
} from '@/core/records/loggerMapping';
import type { LoggerFault, LoggerFile } from '@/core/records/loggerTable';
import { dayAt } from '@/core/time/calendar';
import type { Reading } from '@/core/weather/readings';
import { loggerReader, LONGEST_LOGGER_FILE, type LoggerAnswer } from '@/data/files/loggerReader';
import { pickFile } from '@/data/files/pick';
import { said } from '@/data/device/said';
import { useZone } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import { useRecord } from '@/data/hooks/useRecord';
import { Outdated } from '@/worker/client';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { ListRow } from '@/ui/parts/ListRow';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { optionsOf } from '../words/options';
import { DATE_ORDER_NAMES } from '../words/sheet';

type Use = LoggerColumn | 'none';

const USES: Readonly<Record<Use, string>> = {
  time: 'Date and time',
  clock: 'Time of day, beside the date',
  tempC: 'Air temperature',
  humidity: 'Humidity, %',
  rainMm: 'Rain',
  wind: 'Wind',
  light: 'Sunlight, W/m²',
  none: 'Not used',
};

const DEGREES = [
  { value: 'C', title: '°C' },
  { value: 'F', title: '°F' },
] as const;
const RAINS = [
  { value: 'mm', title: 'mm' },
  { value: 'in', title: 'inches' },
] as const;
const WINDS = [
  { value: 'm/s', title: 'm/s' },
  { value: 'km/h', title: 'km/h' },
  { value: 'mph', title: 'mph' },
] as const;

type Stage =
  | { readonly at: 'idle' }
  | { readonly at: 'reading' }
  | { readonly at: 'refused'; readonly text: string }
  | { readonly at: 'preview'; readonly text: string; readonly answer: LoggerAnswer };

/** Readings from the file of a weather logger: columns, units and zone are guessed, shown and changed before anything is imported. */
export function LoggerScreen() {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const zone = useZone();
  const [stage, setStage] = useState<Stage>({ at: 'idle' });
  const reader = useRef<ReturnType<typeof loggerReader>>(undefined);

  const read = async (text: string, mapping?: LoggerMapping): Promise<void> => {
    const asked = (reader.current ??= loggerReader());
    try {
      const answer = await asked.ask((remote) => remote.read(text, zone, mapping));
      setStage(answer ? { at: 'preview', text, answer } : TOO_LONG);
    } catch (error) {
      if (!(error instanceof Outdated)) setStage({ at: 'refused', text: said(error) });
    }
  };
  const choose = async (): Promise<void> => {
    const file = await pickFile('.csv,.tsv,.txt,text/csv');
    if (!file) return;
    if (file.size > LONGEST_LOGGER_FILE) {
      setStage(TOO_LONG);
      return;
    }
    setStage({ at: 'reading' });
    await read(await file.text());
  };
  const stop = (): void => {
    reader.current?.cancel();
    setStage({ at: 'idle' });
  };
  const file = stage.at === 'preview' ? stage.answer.file : undefined;
  return (
    <Page
      title="Readings from a logger"
      foot={
        file && file.readings.length > 0 ? (
          <Button
            variant="main"
            size="big"
            title={`Import ${f.count(file.readings.length, 'hour', 'hours')}`}
            onPress={() => record(readFacts(file.readings, 'logger', zone), () => router.replace('/weather'))}
          />
        ) : undefined
      }
    >
      <View style={{ gap: SPACE.m }}>
        <Text>
          The file of a weather logger or station, as it exports it: one row for each reading, with date and
          time and the temperature of the air. Humidity, rain, wind and sunlight are read too. Readings are
          put together by the hour.
        </Text>
        {stage.at === 'reading' ? (
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.m }}>
            <Text live>Reading the file…</Text>
            <Button title="Stop" onPress={stop} />
          </View>
        ) : (
          <Button title="Choose a file" onPress={() => void choose()} />
        )}
        {stage.at === 'refused' ? (
          <Text tone="rust" live>
            {stage.text} Nothing was imported.
          </Text>
        ) : null}
        {stage.at === 'preview' ? (
          <Preview
            answer={stage.answer}
            onMapping={(mapping) => {
              // Shown at once, so that the next change adds to it.
              setStage({ ...stage, answer: { ...stage.answer, mapping } });
              void read(stage.text, mapping);
            }}
          />
        ) : null}
      </View>
    </Page>
  );
}

const TOO_LONG: Stage = { at: 'refused', text: 'This file is too long: 20 million characters at most.' };

interface PreviewProps {
  readonly answer: LoggerAnswer;
  readonly onMapping: (mapping: LoggerMapping) => void;
}

function Preview({ answer: { mapping, names, sample, file }, onMapping }: PreviewProps) {
  const [column, setColumn] = useState<number>();
  const holdsOf = (at: number): Use => LOGGER_COLUMNS.find((each) => mapping.columns[each] === at) ?? 'none';
  const assign = (at: number, use: Use): void => {
    const kept = LOGGER_COLUMNS.filter((each) => mapping.columns[each] !== at && each !== use).flatMap(
      (each) => {
        const held = mapping.columns[each];
        return held === undefined ? [] : [[each, held] as const];
      },
    );
    onMapping({ ...mapping, columns: Object.fromEntries(use === 'none' ? kept : [...kept, [use, at]]) });
    setColumn(undefined);
  };
  return (
    <View style={{ gap: SPACE.m }}>
      <Found file={file} mapping={mapping} />
      <View>
        <Text variant="heading" level={2}>
          Columns
        </Text>
        {names.map((name, at) => (
          <ListRow
            key={`${at} ${name}`}
            title={name.trim() || `Column ${at + 1}`}
            note={sample
              .map((row) => row[at]?.trim())
              .filter(Boolean)
              .join(' · ')}
            end={USES[holdsOf(at)]}
            onPress={() => setColumn(at)}
          />
        ))}
      </View>
      <Units mapping={mapping} onMapping={onMapping} />
      <Sheet
        title={column === undefined ? '' : (names[column]?.trim() ?? '')}
        open={column !== undefined}
        onClose={() => setColumn(undefined)}
        closeTitle="Close"
      >
        <Choice<Use>
          label="This column holds"
          options={optionsOf(USES)}
          value={column === undefined ? undefined : holdsOf(column)}
          onChange={(use) => assign(column!, use)}
        />
      </Sheet>
    </View>
  );
}

function Units({
  mapping,
  onMapping,
}: Pick<PreviewProps, 'onMapping'> & { readonly mapping: LoggerMapping }) {
  const zone = useZone();
  const year = new Date(useNow()).getUTCFullYear();
  const standard = standardZone(zone, year);
  const zones = [
    { value: zone, title: 'The garden’s own time' },
    ...(standard
      ? [
          {
            value: standard,
            title: standard === 'UTC' ? 'Winter time all year (UTC)' : 'Winter time all year',
          },
        ]
      : []),
    ...(standard === 'UTC' || zone === 'UTC' ? [] : [{ value: 'UTC', title: 'UTC' }]),
  ];
  const { columns, temperature, rain, wind, dates } = mapping;
  return (
    <View style={{ gap: SPACE.m }}>
      {dates === 'yearFirst' ? null : (
        <Choice
          label="How are days written?"
          options={optionsOf(DATE_ORDER_NAMES)}
          value={dates}
          onChange={(order) => onMapping({ ...mapping, dates: order })}
        />
      )}
      <Choice
        label="Whose time?"
        options={zones}
        value={mapping.zone}
        onChange={(next) => onMapping({ ...mapping, zone: next })}
      />
      <Choice
        row
        label="Temperature"
        options={DEGREES}
        value={temperature}
        onChange={(next) => onMapping({ ...mapping, temperature: next })}
      />
      {columns.rainMm === undefined ? null : (
        <Choice
          row
          label="Rain"
          options={RAINS}
          value={rain}
          onChange={(next) => onMapping({ ...mapping, rain: next })}
        />
      )}
      {columns.wind === undefined ? null : (
        <Choice
          row
          label="Wind"
          options={WINDS}
          value={wind}
          onChange={(next) => onMapping({ ...mapping, wind: next })}
        />
      )}
    </View>
  );
}

/** Faults shown at once. */
const MAX_FAULTS = 8;
/** Hours shown of those that would be imported. */
const MAX_HOURS = 6;

function Found({
  file,
  mapping,
}: {
  readonly file: LoggerFile | undefined;
  readonly mapping: LoggerMapping;
}) {
  const f = useFormat();
  const zone = useZone();
  if (!file) return <Text tone="rust">{sayMissing(mapping)}</Text>;
  const { readings, rows, faults } = file;
  const [first, last] = [readings[0], readings.at(-1)];
  const temps = readings.map(({ tempC }) => tempC);
  return (
    <View style={{ gap: SPACE.xs }}>
      {first && last ? (
        <Text variant="strong" live>
          {`${f.count(rows, 'row', 'rows')}, ${f.date(dayAt(first.ms, zone))} to ${f.date(dayAt(last.ms, zone))}: ${f.temperature(Math.min(...temps))} to ${f.temperature(Math.max(...temps))}. Nothing has been imported yet.`}
        </Text>
      ) : (
        <Text tone="rust" live>
          No row of it can be read. Are the columns and the way days are written right?
        </Text>
      )}
      {readings.slice(0, MAX_HOURS).map((reading) => (
        <Text key={reading.ms} variant="small" tone="soft">
          {sayReading(reading, zone, f)}
        </Text>
      ))}
      {faults.length > 0 ? (
        <Text tone="rust">{`${f.count(faults.length, 'cell was', 'cells were')} left out:`}</Text>
      ) : null}
      {faults.slice(0, MAX_FAULTS).map((fault) => (
        <Text key={`${fault.line} ${fault.column}`} variant="small">
          {sayFault(fault, f)}
        </Text>
      ))}
    </View>
  );
}

function sayMissing({ columns, dates }: LoggerMapping): string {
  if (columns.time === undefined) return 'Which column holds date and time?';
  if (columns.tempC === undefined) return 'Which column holds the temperature of the air?';
  return dates === undefined
    ? 'Days and months cannot be told apart in this file: say how they are written.'
    : '';
}

const sayFault = ({ line, column, found }: LoggerFault, f: Format): string =>
  `Line ${f.number(line)}, ${USES[column].toLowerCase()}: ${found === '' ? 'empty' : `“${found.slice(0, 40)}”`}`;

function sayReading({ ms, tempC, humidity, rainMm }: Reading, zone: string, f: Format): string {
  return [
    `${f.shortDay(dayAt(ms, zone))}, ${f.time(ms)}: ${f.temperature(tempC)}`,
    humidity === undefined ? '' : f.percent(humidity / 100),
    rainMm === undefined || rainMm === 0 ? '' : `${f.rain(rainMm)} of rain`,
  ]
    .filter(Boolean)
    .join(', ');
}
