import { habitsOf } from './countryHabits';

// Unicode CLDR: hour cycles come from the platform’s own copy of it; measurement from memory.
test.each([
  ['US', 'imperial', 'h12'],
  ['GB', 'metric', 'h24'],
  ['DE', 'metric', 'h24'],
  ['NZ', 'metric', 'h12'],
  ['IN', 'metric', 'h12'],
])('in %s one measures in %s, by a clock of %s', (country, units, hours) => {
  expect(habitsOf(country)).toEqual({ units, hours });
});

test('of no country nothing is known', () => {
  expect(habitsOf('')).toEqual({});
  expect(habitsOf('-99')).toEqual({});
});
