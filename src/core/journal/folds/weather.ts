import { READING_SOURCES, type ReadingRow, type ReadingSource } from '../kinds/weather';
import type { EntryAbout } from '../taking';
import type { HourlyReadings, SeenHours } from '../state';
import type { Reading } from '../../weather/readings';

/** Of two readings of one hour the better believed counts, of two from one source the later recorded. */
export function reduceReadings(
  day: string,
  entries: readonly EntryAbout<'readings'>[],
): HourlyReadings | undefined {
  const read = entries.map(({ body }) => body);
  if (read.length === 0) return undefined;
  const rank = (source: ReadingSource): number => READING_SOURCES.indexOf(source);
  const byHour = new Map<number, { readonly source: ReadingSource; readonly row: ReadingRow }>();
  for (const { source, readings } of read) {
    for (const row of readings) {
      const held = byHour.get(row[0]);
      if (!held || rank(source) <= rank(held.source)) byHour.set(row[0], { source, row });
    }
  }
  const kept = [...byHour.values()].sort((a, b) => a.row[0] - b.row[0]);
  return {
    day,
    readings: kept.map(({ row }) => readingOf(row)),
    source: READING_SOURCES.findLast((source) => kept.some((each) => each.source === source))!,
  };
}

export function reduceHours(_id: string, entries: readonly EntryAbout<'hours'>[]): SeenHours | undefined {
  const crop = entries[0]?.body.crop;
  return crop && { crop, seen: entries.map(({ at, body }) => ({ day: body.day, at, seen: body.seen })) };
}

function readingOf([ms, tempC, humidity, rainMm, wind, light]: ReadingRow): Reading {
  return {
    ms,
    tempC,
    ...(humidity !== null && { humidity }),
    ...(rainMm !== null && { rainMm }),
    ...(wind !== null && { wind }),
    ...(light !== null && { light }),
  };
}
