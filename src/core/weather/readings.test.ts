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
  expect(day).toMatchObject({ hours: 1, min: one!.tempC, max: one!.tempC, hasAfternoon: false });
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

describe('a day that was measured in part', () => {
  const told = (from: number, to: number, every = 1) =>
    dayWeatherOf(
      dayOfReadings(
        hourly(from, to).filter((_, i) => i % every === 0),
        DAY,
        SITE,
      )!,
    );

  test('read at nine in the morning it is no cool day yet, and may be a hot one already', () => {
    const morning = told(-12, 10);
    expect(morning.maxC).toBeUndefined();
    expect(morning.dawnC).toBeLessThan(12);
    expect(morning.reachedC).toBeLessThan(20);
    expect(told(-12, 24).maxC).toBeCloseTo(24, 6);
    const readings = hourly(0, 10, () => ({ tempC: 31 }));
    expect(dayWeatherOf(dayOfReadings(readings, DAY, SITE)!).reachedC).toBe(31);
  });

  test('a logger that was hung up at two in the afternoon knows nothing of the dawn', () => {
    const afternoon = told(14, 24);
    expect(afternoon.dawnC).toBeUndefined();
    expect(afternoon.maxC).toBeCloseTo(24, 6);
    expect(told(17, 24).maxC).toBeUndefined();
    expect(told(17, 24).reachedC).toBeGreaterThan(20);
  });

  test('readings three hours apart are a whole day; with a gap at noon they are none', () => {
    expect(told(-12, 24, 3)).toMatchObject({ dawnC: expect.any(Number), maxC: expect.any(Number) });
    const gap = [...hourly(0, 11), ...hourly(20, 24)];
    expect(dayWeatherOf(dayOfReadings(gap, DAY, SITE)!).maxC).toBeUndefined();
  });

  test('a night is whole when all of it was measured', () => {
    const night = (from: number) => dayOfReadings(hourly(from, 24), DAY, SITE)!.night!;
    expect(night(-4).isWhole).toBe(true);
    expect(night(1).isWhole).toBe(false);
  });

  test('the reading before the warming counts, though it is three hours old', () => {
    const rising: Reading[] = [3, 6, 9].map((hour) => ({ ms: MIDNIGHT + hour * HOUR, tempC: 2 * hour }));
    // 10 °C at five, between the readings of three and six.
    expect(warmFrom(rising, 10, MIDNIGHT + 4.5 * HOUR)).toBeCloseTo(MIDNIGHT + 5 * HOUR, 3);
    // It is warm already when one begins to ask.
    expect(warmFrom(rising, 10, MIDNIGHT + 5.5 * HOUR)).toBe(MIDNIGHT + 5.5 * HOUR);
  });
});
