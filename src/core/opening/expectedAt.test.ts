import type { OpeningForecast } from './forecastOpenings';
import { expectedAt } from './expectedAt';

const DAYS = ['2026-07-19', '2026-07-20'];
const some = (mean: number) => ({ mean, low: 0, high: 2 });
const flowers = (female: readonly number[], male: readonly number[]) => [
  { sex: 'male' as const, days: male.map(some), total: some(0) },
  { sex: 'female' as const, days: female.map(some), total: some(0) },
];
const FORECAST: OpeningForecast = {
  days: DAYS,
  varieties: [
    {
      variety: 'w',
      flowers: [],
      learntFrom: 0,
      plants: [{ plant: 'p1', countedFor: DAYS[0]!, flowers: flowers([9, 9], [9, 9]) }],
    },
    {
      variety: 'v',
      flowers: [],
      learntFrom: 0,
      plants: [
        { plant: 'p1', countedFor: DAYS[0]!, flowers: flowers([1, 2], [3, 4]) },
        { plant: 'p2', flowers: flowers([5, 5], [5, 5]) },
      ],
    },
  ],
};

test('what a plant should have open on a day, female and male, of its own variety', () => {
  expect(expectedAt(FORECAST, { variety: 'v', plant: 'p1', day: DAYS[1]! })).toMatchObject({
    female: { mean: 2 },
    male: { mean: 4 },
  });
});

test('nothing is expected of a plant that was not counted lately, nor for a day that was not asked for', () => {
  expect(expectedAt(FORECAST, { variety: 'v', plant: 'p2', day: DAYS[0]! })).toBeUndefined();
  expect(expectedAt(FORECAST, { variety: 'v', plant: 'p9', day: DAYS[0]! })).toBeUndefined();
  expect(expectedAt(FORECAST, { variety: 'v', plant: 'p1', day: '2026-07-21' })).toBeUndefined();
});
