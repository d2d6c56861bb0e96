import { formatFor } from '../../format/format';
import { GARDEN_REASONS, sayGardenReason } from './garden';
import { MORNING_REASONS, sayReason } from './morning';

test('every sentence reads in both systems of units', () => {
  const params = {
    count: 2,
    hours: 0.5,
    floorC: 10,
    maxC: 33,
    nightC: 21,
    dewC: 21,
    percent: 80,
    low: 50,
    high: 70,
    hour: 10,
    open: -0.5,
    shut: 4,
    flyC: 13,
    got: 1,
    fathers: 3,
    wanted: 3,
    method: 'tape',
    name: 'A',
    mother: 'sweet',
    father: 'pop',
    species: 'Zea mays',
    purpose: 'seedToKeep',
    least: 400,
    most: 800,
    have: 2,
    needed: 3,
    plants: 8,
    fruit: 4,
    share: 0.05,
    carriers: 0.26,
    sum: 620,
    baseC: 10,
    days: 60,
    minutes: 5,
    metres: 600,
    opensH: -0.5,
    shutsH: 0.25,
    day: '2026-07-18',
    found: 'torn',
    set: 1,
    of: 3,
  };
  for (const units of ['metric', 'imperial'] as const) {
    const f = formatFor('Europe/London', units, 'h24', 'en-GB');
    const texts = [
      ...MORNING_REASONS.map((code) => sayReason({ code, params }, f)),
      ...GARDEN_REASONS.map((code) => sayGardenReason({ code, params }, f)),
    ];
    for (const text of texts) {
      expect(text).toMatch(/\.$/);
      expect(text).not.toMatch(/undefined|NaN/);
    }
  }
});

test('numbers, times and temperatures are the grower’s', () => {
  const metric = formatFor('Europe/London', 'metric', 'h24', 'en-GB');
  const imperial = formatFor('America/New_York', 'imperial', 'h12', 'en-US');
  const noon = Date.parse('2026-07-18T17:05:00Z');
  expect(metric.time(noon)).toBe('18:05');
  expect(imperial.time(noon)).toMatch(/^1:05\sPM$/);
  expect(metric.day('2026-07-18')).toBe('Saturday 18 July');
  expect(imperial.temperature(30)).toBe('86 °F');
  expect(imperial.length(3.048)).toBe('10 ft');
  expect(metric.count(1, 'fruit', 'fruits')).toBe('1 fruit');
});
