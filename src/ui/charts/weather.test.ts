import { weatherChart, type WeatherHour } from './weather';

const HOUR = 3_600_000;
const hours: WeatherHour[] = [10, 12, 20, 16].map((tempC, i) => ({
  ms: i * HOUR,
  tempC,
  rainMm: i === 1 ? 4 : 0,
  forecast: i >= 2,
}));

test('what was measured is one line, and what is forecast goes on from its end', () => {
  const { measured, forecast } = weatherChart(hours, [], 300);
  expect(measured).toBe('M0,112L100,94');
  expect(forecast).toBe('M100,94L200,22L300,58');
});

test('the coldest and the warmest hour are named, rain stands on the ground, and only hours that are shown have ticks', () => {
  const { extremes, rain, ticks, base } = weatherChart(hours, [-HOUR, HOUR, 9 * HOUR], 300);
  expect(extremes.map(({ tempC }) => tempC)).toEqual([10, 20]);
  expect(rain).toEqual([{ x: 100, y: base - 40, width: 80, height: 40 }]);
  expect(ticks).toEqual([{ ms: HOUR, x: 100 }]);
});

test('one hour, and hours that are all alike, can be drawn', () => {
  const one = weatherChart([{ ms: 0, tempC: 9, forecast: false }], [], 300);
  expect(one.measured).toBe('M0,67');
  expect(one.forecast).toBe('');
  const alike = weatherChart(
    hours.map((hour) => ({ ...hour, tempC: 15 })),
    [],
    300,
  );
  expect(alike.measured).toBe('M0,67L100,67');
});
