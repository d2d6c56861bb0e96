import type { Task } from '@/core/due/dayTasks';
import type { Today } from '@/core/today/today';
import { formatFor } from '../format/format';
import { sayTask } from './taskWords';

const f = formatFor('Europe/London', 'metric', 'h24', 'en-GB');
const NOW = Date.parse('2026-07-21T05:00:00Z');
const HOUR = 3_600_000;

/** The rest of the day says nothing of what is open now. */
const said = (task: Partial<Task>): string =>
  sayTask({ kind: 'open', size: 6, minutes: 6, started: false, ...task }, {} as Today, NOW, f).text;

test('what is open is told with how long it takes and by when; more than one can do by then is said to be', () => {
  expect(said({ by: NOW + 2 * HOUR })).toBe('6 plants to look at, about 6 min. Be done by 8:00.');
  expect(said({ size: 90, minutes: 90 })).toBe('90 plants to look at, about 90 min.');
  expect(said({ size: 120, minutes: 120, by: NOW + 2 * HOUR })).toBe(
    '120 plants to look at, about 2 hours. Be done by 8:00.',
  );
  expect(said({ size: 600, minutes: 605, by: NOW + 3 * HOUR })).toBe(
    '600 plants to look at, about 10 hours. Be done by 9:00. More than one person can do by then: go by row or bed, begin where most is open, or share the beds.',
  );
});
