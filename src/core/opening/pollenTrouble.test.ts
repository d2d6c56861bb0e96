import { cropOf } from '../crops/catalogue';
import { pollenTrouble, type Air } from './pollenTrouble';

const codes = (crop: 'tomato' | 'annuum' | 'pepo', air: Air): string[] =>
  pollenTrouble(cropOf(crop).weather, air).reasons.map(({ code }) => code);
const troubleOf = (crop: 'tomato' | 'annuum', air: Air): string =>
  pollenTrouble(cropOf(crop).weather, air).trouble;
const day = (max: number, low: number, high = low + 6): Air => ({
  day: { max, night: { min: low, max: high, isWhole: true } },
});

// Trade facts (common practice, no source): tomatoes fail when days exceed 32 °C and nights exceed 21 °C, both; cold
// nights under 13 °C stop set as well [extension bulletins, from memory].
test.each([
  [33, 22, 'stops', ['air.hotDayAndNight']],
  [33, 18, 'none', []],
  [30, 22, 'none', []],
  [32, 21, 'none', []],
  [24, 12, 'poor', ['air.coldNight']],
] as const)('tomato, day %i, night %i °C: %s', (max, low, trouble, reasons) => {
  expect(troubleOf('tomato', day(max, low))).toBe(trouble);
  expect(codes('tomato', day(max, low))).toEqual(reasons);
});

// Pepper drops flowers above 32 °C by day or 24 °C by night, and below 15 °C at night [extension bulletins, from
// memory].
test.each([
  [33, 20, ['air.hotDay']],
  [30, 25, ['air.hotNight']],
  [33, 25, ['air.hotDayAndNight']],
  [28, 14, ['air.coldNight']],
  [30, 18, []],
] as const)('pepper, day %i, night %i °C', (max, low, reasons) => {
  expect(codes('annuum', day(max, low))).toEqual(reasons);
});

// Tomato by the humidity of the working hour: best from 50 to 70 %, clumps above 80 to 85 %, sticks poorly under 40 to
// 50 % [extension bulletins, from memory].
test.each([
  [60, 'none', 'air.good'],
  [75, 'none', 'air.damp'],
  [90, 'poor', 'air.clumps'],
  [47, 'none', 'air.dry'],
  [30, 'poor', 'air.sticksPoorly'],
] as const)('tomato at %i %% humidity: %s', (humidity, trouble, code) => {
  expect(troubleOf('tomato', { humidity })).toBe(trouble);
  expect(codes('tomato', { humidity })).toEqual([code]);
});

test('a dew point that stays at 19 °C is the sign of it; one that falls below is none', () => {
  const sign = (low: number): string[] => codes('tomato', { day: { max: 30, dewPoint: { low, high: 24 } } });
  expect(sign(19)).toEqual(['air.dewPoint']);
  expect(sign(18)).toEqual([]);
});

test('crops without limits, and air that nobody measured, give no trouble', () => {
  expect(pollenTrouble(cropOf('pepo').weather, day(40, 30))).toEqual({ trouble: 'none', reasons: [] });
  expect(pollenTrouble(cropOf('tomato').weather, {})).toEqual({ trouble: 'none', reasons: [] });
  expect(codes('tomato', { day: { max: 40 } })).toEqual([]);
});
