import fc from 'fast-check';
import { atClock } from '../time/calendar';
import { dayOfReadings, dayWeatherOf, warmFrom, type Reading } from './readings';

const SITE = { latitude: 52.2, longitude: -1.7, zone: 'Europe/London' };
const DAY = '2026-07-19';
const HOUR = 3_600_000;
const MIDNIGHT = atClock(DAY, 0, SITE.zone);

/** Cold at five, warm at fifteen; by hours from the midnight that begins the day. */
const hourly = (
  from: number,
  to: number,
  change: (hour: number) => Partial<Reading> = () => ({}),
): Reading[] =>
  Array.from({ length: to - from }, (_, i) => {
    const hour = from + i;
    return {
      ms: MIDNIGHT + hour * HOUR,
      tempC: 17 - 7 * Math.cos((Math.PI * (hour - 3)) / 12),
      humidity: 60,
      rainMm: 0,
      ...change(hour),
    };
  });

test('a day in figures', () => {
  const day = dayOfReadings(
    hourly(-12, 30, (hour) => ({ rainMm: hour === 8 || hour === 9 ? 1.5 : 0 })),
    DAY,
    SITE,
  )!;
  expect(day).toMatchObject({ day: DAY, hours: 24, rainMm: 3, rainHours: 2 });
  expect(day.min).toBeCloseTo(10, 6);
  expect(day.max).toBeCloseTo(24, 6);
  // The night from 21:20 to 05:00, not the day's own evening.
  expect(day.night!.min).toBeCloseTo(10, 6);
  expect(day.night!.max).toBeLessThan(18);
  expect(day.dawnC).toBeLessThan(12);
  expect(dayWeatherOf(day)).toMatchObject({ day: DAY, rain: 'showers' });
});

test('long rain, and a gauge that only drips', () => {
  const rain = (mm: number): string =>
    dayWeatherOf(
      dayOfReadings(
        hourly(0, 24, (hour) => ({ rainMm: hour < 7 ? mm : 0 })),
        DAY,
        SITE,
      )!,
    ).rain;
  expect(rain(1)).toBe('long');
  expect(rain(0.1)).toBe('none');
});

test('one reading is a day too; none is none; twice the same counts once', () => {
  const [one] = hourly(6, 7);
  expect(dayOfReadings([], DAY, SITE)).toBeUndefined();
  expect(dayOfReadings([one!], '2026-07-20', SITE)).toBeUndefined();
  const day = dayOfReadings([one!], DAY, SITE)!;
  expect(day).toMatchObject({ hours: 1, min: one!.tempC, max: one!.tempC, dawnC: one!.tempC });
  expect(day.night).toBeUndefined();
  const twice = dayOfReadings(
    [
      { ...one!, rainMm: 2 },
      { ...one!, rainMm: 3 },
    ],
    DAY,
    SITE,
  )!;
  expect(twice).toMatchObject({ hours: 1, rainMm: 3 });
});

test('where the sun does not rise the dawn is the coldest hour, and there is no night', () => {
  const polar = { latitude: 69.6, longitude: 18.9, zone: 'Europe/London' };
  const day = dayOfReadings(hourly(-12, 24), '2026-07-19', { ...polar, latitude: 78 })!;
  expect(day.dawnC).toBe(day.min);
  expect(day.night).toBeUndefined();
});

test('a day on which the clocks change has 23 or 25 hours', () => {
  const around = (day: string): number => {
    const from = atClock(day, 0, SITE.zone) - 12 * HOUR;
    return dayOfReadings(
      Array.from({ length: 60 }, (_, i) => ({ ms: from + i * HOUR, tempC: 10 })),
      day,
      SITE,
    )!.hours;
  };
  expect(around('2026-03-29')).toBe(23);
  expect(around('2026-10-25')).toBe(25);
});

test('the order of readings does not matter', () => {
  const all = hourly(-12, 24, (hour) => ({ rainMm: hour % 5 === 0 ? 1 : 0 }));
  fc.assert(
    fc.property(fc.shuffledSubarray(all, { minLength: all.length }), (shuffled) => {
      expect(dayOfReadings(shuffled, DAY, SITE)).toEqual(dayOfReadings(all, DAY, SITE));
      expect(warmFrom(shuffled, 14, MIDNIGHT)).toBe(warmFrom(all, 14, MIDNIGHT));
    }),
  );
});

test('when it is warm enough lies between the two readings around it', () => {
  const morning: Reading[] = [
    { ms: 0, tempC: 8 },
    { ms: HOUR, tempC: 12 },
    { ms: 2 * HOUR, tempC: 16 },
  ];
  expect(warmFrom(morning, 10, 0)).toBe(HOUR / 2);
  expect(warmFrom(morning, 8, 0)).toBe(0);
  expect(warmFrom(morning, 13, 0)).toBe(1.25 * HOUR);
  expect(warmFrom(morning, 10, 0.75 * HOUR)).toBe(0.75 * HOUR);
  expect(warmFrom(morning, 17, 0)).toBeUndefined();
  expect(warmFrom([], 10, 0)).toBeUndefined();
});
