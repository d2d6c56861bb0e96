import { COUNTED_STAGES, daysToOpening, opensOn } from './budStages';

// Common practice, no source: an eve bud opens next morning, a green one in about two days, a pin in three or more.
test('the days until a bud opens are those of growers', () => {
  expect(daysToOpening('eve')).toEqual([1, 1]);
  expect(daysToOpening('green')).toEqual([2, 3]);
  expect(daysToOpening('pin')).toEqual([3, 6]);
});

test('most of what opens at all, on mild days, opens within the days that are named', () => {
  for (const stage of ['green', 'pin'] as const) {
    const days = Array.from({ length: 30 }, (_, day) => day);
    const shares = opensOn(stage, days, 1);
    // The first of the days is that on which eve buds open: one day after they were seen.
    const [from, to] = daysToOpening(stage);
    const within = shares.slice(from - 1, to).reduce((sum, share) => sum + share, 0);
    const all = shares.reduce((sum, share) => sum + share, 0);
    expect(within / all).toBeGreaterThan(0.75);
  }
});

test('younger buds take longer', () => {
  const first = COUNTED_STAGES.map((stage) => daysToOpening(stage)[0]);
  expect(first).toEqual(first.toSorted((a, b) => a - b));
});
