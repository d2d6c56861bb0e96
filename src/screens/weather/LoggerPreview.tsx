import { useState } from 'react';
import { View } from 'react-native';
import { LOGGER_COLUMNS, standardZone, type LoggerMapping } from '@/core/records/loggerMapping';
import type { LoggerFile } from '@/core/records/loggerTable';
import { dayAt } from '@/core/time/calendar';
import type { LoggerAnswer } from '@/data/files/loggerReader';
import { useZone } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import { Choice } from '@/ui/parts/Choice';
import { ListRow } from '@/ui/parts/ListRow';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { LOGGER_USES, sayFault, sayMissing, sayReading, type LoggerUse } from '../words/logger';
import { optionsOf } from '../words/options';
import { DATE_ORDER_NAMES } from '../words/sheet';

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

interface LoggerPreviewProps {
  readonly answer: LoggerAnswer;
  readonly onMapping: (mapping: LoggerMapping) => void;
}

/** What was read of the file, and how: its columns, units and zone can be changed. */
export function LoggerPreview({ answer: { mapping, names, sample, file }, onMapping }: LoggerPreviewProps) {
  const [column, setColumn] = useState<number>();
  const holdsOf = (at: number): LoggerUse =>
    LOGGER_COLUMNS.find((each) => mapping.columns[each] === at) ?? 'none';
  const assign = (at: number, use: LoggerUse): void => {
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
            end={LOGGER_USES[holdsOf(at)]}
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
        <Choice<LoggerUse>
          label="This column holds"
          options={optionsOf(LOGGER_USES)}
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
}: Pick<LoggerPreviewProps, 'onMapping'> & { readonly mapping: LoggerMapping }) {
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
  // Once asked it stays: what stands below it would move under the finger that answers.
  const [asksOrder, setAsksOrder] = useState(dates !== 'yearFirst');
  if (!asksOrder && dates !== 'yearFirst') setAsksOrder(true);
  return (
    <View style={{ gap: SPACE.m }}>
      {asksOrder ? (
        <Choice
          label="How are days written?"
          options={optionsOf(DATE_ORDER_NAMES)}
          value={dates}
          onChange={(order) => onMapping({ ...mapping, dates: order })}
        />
      ) : null}
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
