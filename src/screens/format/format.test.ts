import { formatFor } from './format';

/** Half past five in the evening of 18 July in London. */
const EVENING = Date.UTC(2026, 6, 18, 16, 30);
const british = formatFor('Europe/London', 'metric', 'auto', 'en-GB');
const american = formatFor('America/Denver', 'imperial', 'auto', 'en-US');

test('clock times are the garden’s, in the style the grower wants', () => {
  expect(british.time(EVENING)).toBe('17:30');
  expect(formatFor('Pacific/Auckland', 'metric', 'h24', 'en-NZ').time(EVENING)).toBe('04:30');
  expect(american.time(EVENING).replace(/\s/, ' ')).toBe('10:30 AM');
  expect(formatFor('Europe/London', 'metric', 'h12', 'en-GB').time(EVENING)).toMatch(/^5:30\spm$/);
  expect(formatFor('America/Denver', 'metric', 'h24', 'en-US').time(EVENING)).toBe('10:30');
});

test('hours on the ribbon follow the same style', () => {
  expect(british.hour(6)).toBe('6');
  expect(american.hour(6)).toMatch(/^6\sAM$/);
  // The sun may rise before one, and flowers of dusk shut on the next day.
  expect(british.hour(-1)).toBe('23');
  expect(british.hour(30)).toBe('6');
  expect(american.hour(-1)).toMatch(/^11\sPM$/);
});

test('days are calendar days, whatever the zone', () => {
  expect(british.day('2026-07-18')).toBe('Saturday 18 July');
  expect(british.shortDay('2026-07-18')).toBe('18 Jul');
  for (const zone of ['Pacific/Kiritimati', 'Pacific/Pago_Pago', 'UTC']) {
    expect(formatFor(zone, 'metric', 'auto', 'en-GB').shortDay('2026-01-01')).toBe('1 Jan');
  }
});

test('lengths and temperatures in the grower’s units, with their names', () => {
  expect(british.length(6)).toBe('6 m');
  expect(british.length(1.25)).toBe('1.3 m');
  expect(american.length(3.048)).toBe('10 ft');
  expect(british.temperature(11.6)).toBe('12 °C');
  expect(american.temperature(30)).toBe('86 °F');
  expect([british.unit.length, american.unit.length]).toEqual(['m', 'ft']);
  expect(american.typedLength(6)).toBe('19.69');
  expect(american.typedTemperature(12.2)).toBe('54');
});

test('numbers, shares and plurals', () => {
  expect(british.number(100_000)).toBe('100,000');
  expect(british.number(2.345, 1)).toBe('2.3');
  expect(british.percent(0.634)).toBe('63 %');
  expect([0, 1, 2].map((n) => british.count(n, 'fruit', 'fruits'))).toEqual([
    '0 fruits',
    '1 fruit',
    '2 fruits',
  ]);
});
