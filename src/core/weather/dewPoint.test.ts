import fc from 'fast-check';
import { dewPoint, relativeHumidity } from './dewPoint';

// Alduchov & Eskridge 1996: values recomputed from the published coefficients.
test.each([
  [20, 50, 9.3],
  [25, 60, 16.7],
  [30, 50, 18.4],
  [30, 80, 26.2],
])('at %i °C and %i %% dew falls at %d °C', (tempC, humidity, wanted) => {
  expect(dewPoint(tempC, humidity)).toBeCloseTo(wanted, 1);
});

// A hygrometer's rule (common practice, no source): near saturation the dew point falls by a degree for each five per
// cent.
test('near saturation five per cent are about a degree', () => {
  expect(dewPoint(20, 100)).toBeCloseTo(20, 9);
  expect(20 - dewPoint(20, 80)).toBeGreaterThan(3);
  expect(20 - dewPoint(20, 80)).toBeLessThan(4);
});

test('never above the air, and rises with humidity and with temperature', () => {
  const temp = fc.double({ min: -30, max: 50, noNaN: true });
  const humidity = fc.double({ min: 1, max: 99, noNaN: true });
  fc.assert(
    fc.property(temp, humidity, (tempC, percent) => {
      const point = dewPoint(tempC, percent);
      expect(point).toBeLessThanOrEqual(tempC + 1e-9);
      expect(dewPoint(tempC, percent + 1)).toBeGreaterThan(point);
      expect(dewPoint(tempC + 1, percent)).toBeGreaterThan(point);
    }),
  );
});

test.each([0, -5, 101, Number.NaN])('a humidity of %d is refused', (humidity) => {
  expect(() => dewPoint(20, humidity)).toThrow(RangeError);
});

test('humidity and dew point lead back to each other', () => {
  fc.assert(
    fc.property(
      fc.double({ min: -30, max: 50, noNaN: true }),
      fc.double({ min: 1, max: 100, noNaN: true }),
      (t, h) => {
        expect(relativeHumidity(t, dewPoint(t, h))).toBeCloseTo(h, 6);
      },
    ),
  );
});
