import * as fc from 'fast-check';
import { celsiusFrom, lengthIn, metresFrom, temperatureIn } from './units';

// NIST Special Publication 811 (2008), appendix B.8: 1 ft = 0.3048 m; t/°C = (t/°F − 32)/1.8. The fixed points
// of the Fahrenheit scale: water freezes at 32 °F and boils at 212 °F; both scales agree at −40.
test('feet and degrees Fahrenheit by their definitions', () => {
  expect(metresFrom('imperial', 100)).toBe(30.48);
  expect(lengthIn('imperial', 3.048)).toBe(10);
  expect([-40, 32, 212].map((f) => celsiusFrom('imperial', f))).toEqual([-40, 0, 100]);
  expect([-40, 0, 100].map((c) => temperatureIn('imperial', c))).toEqual([-40, 32, 212]);
});

test('metric growers read what is stored', () => {
  expect(lengthIn('metric', 1.2)).toBe(1.2);
  expect(metresFrom('metric', 1.2)).toBe(1.2);
  expect(celsiusFrom('metric', 12.5)).toBe(12.5);
});

test('what is shown in either unit and saved again does not drift', () => {
  fc.assert(
    fc.property(fc.integer({ min: -1_000_000, max: 1_000_000 }), (centimetres) => {
      const metres = centimetres / 100;
      expect(metresFrom('imperial', lengthIn('imperial', metres))).toBeCloseTo(metres, 9);
    }),
  );
  fc.assert(
    fc.property(fc.integer({ min: -400, max: 600 }), (tenths) => {
      expect(celsiusFrom('imperial', temperatureIn('imperial', tenths / 10))).toBeCloseTo(tenths / 10, 9);
    }),
  );
});
