import fc from 'fast-check';
import {
  addDays,
  atClock,
  clockHour,
  dayAt,
  daysBetween,
  isDay,
  isOnDay,
  isZone,
  toInstant,
} from './calendar';

test('an instant falls on the day that clocks in the garden show', () => {
  const late = Date.parse('2026-07-18T23:30:00Z');
  expect(dayAt(late, 'Europe/London')).toBe('2026-07-19');
  expect(dayAt(late, 'America/New_York')).toBe('2026-07-18');
  expect(dayAt(late, 'Pacific/Auckland')).toBe('2026-07-19');
});

test('a clock time on a day and back again', () => {
  const day = fc.integer({ min: 0, max: 20_000 }).map((n) => addDays('1990-01-01', n));
  const zone = fc.constantFrom(
    'Europe/London',
    'America/New_York',
    'Pacific/Auckland',
    'Asia/Kathmandu',
    'UTC',
  );
  fc.assert(
    fc.property(day, fc.integer({ min: 4 * 60, max: 23 * 60 }), zone, (on, minutes, where) => {
      const ms = atClock(on, minutes / 60, where);
      expect(dayAt(ms, where)).toBe(on);
      expect(clockHour(ms, where)).toBeCloseTo(minutes / 60, 6);
    }),
  );
});

test('an hour that the clocks skip or repeat still gives a moment of that day', () => {
  // Common practice: London's clocks go from 01:00 to 02:00 on the last Sunday of March and back in October.
  expect(dayAt(atClock('2026-03-29', 1.5, 'Europe/London'), 'Europe/London')).toBe('2026-03-29');
  expect(atClock('2026-10-25', 1.5, 'Europe/London')).toBe(Date.parse('2026-10-25T00:30:00Z'));
});

test('counts days by the calendar, over leap days and clock changes', () => {
  expect(addDays('2028-02-28', 1)).toBe('2028-02-29');
  expect(addDays('2026-12-31', 1)).toBe('2027-01-01');
  expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2);
  expect(daysBetween('2026-07-18', '2026-07-10')).toBe(-8);
});

test('knows a day and a zone when it sees one', () => {
  expect(isDay('2026-02-29')).toBe(false);
  expect(isDay('2026-7-1')).toBe(false);
  expect(isDay('2026-07-01')).toBe(true);
  expect(isZone('Europe/London')).toBe(true);
  expect(isZone('Mars/Olympus')).toBe(false);
  expect(isZone('')).toBe(false);
  expect(() => atClock('2026-02-30', 5, 'UTC')).toThrow(RangeError);
});

test('counts every day of seventy years as the engine does, more than are kept', () => {
  let day = '2000-01-01';
  for (let i = 0; day < '2070-01-01'; i += 1) {
    const asUtc = Date.UTC(2000, 0, 1 + i);
    if (day !== new Date(asUtc).toISOString().slice(0, 10)) throw new Error(`${day} comes too early or late`);
    if (dayAt(asUtc, 'UTC') !== day || daysBetween('2000-01-01', day) !== i) throw new Error(day);
    day = addDays(day, 1);
  }
  expect(day).toBe('2070-01-01');
  expect(() => addDays('no day', 1)).toThrow(RangeError);
});

test('it is a day at an instant exactly where the clocks there show it', () => {
  for (const zone of ['Pacific/Kiritimati', 'Pacific/Pago_Pago', 'Europe/London', 'Asia/Kathmandu'])
    for (let hour = 0; hour < 96; hour += 1) {
      const at = toInstant(Date.UTC(2026, 6, 17, hour, 20));
      for (const day of ['2026-07-17', '2026-07-18', '2026-07-19', '2026-07-20'])
        expect(isOnDay(at, day, zone)).toBe(dayAt(Date.parse(at), zone) === day);
    }
});
