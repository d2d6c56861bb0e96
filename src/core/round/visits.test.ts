import type { Stop } from '../journal/kinds/stops';
import type { Round } from '../journal/state';
import { visitAt, visitsLeft, visitsOf } from './visits';

const at = (stop: string, plant: string): Stop => ({
  ...{ stop, plant, kind: 'pick', variety: 'v', blooms: [stop], eta: '2026-07-19T05:00:00.000Z' },
});
const STOPS = [at('a', 'C1'), at('b', 'C2'), at('c', 'C2'), at('d', 'C1')];
const round = (...done: readonly string[]): Round =>
  ({ stops: STOPS, done: new Map(done.map((stop) => [stop, { outcome: 'done' }])) }) as unknown as Round;

test('what is done at one plant before one goes on is a visit; who comes back visits it again', () => {
  expect(visitsOf(STOPS).map(({ plant, steps }) => `${plant} ${steps.length}`)).toEqual([
    'C1 1',
    'C2 2',
    'C1 1',
  ]);
  expect(visitAt(STOPS, STOPS[2]!)).toMatchObject({ visit: 1, step: 1, plant: 'C2' });
  expect(visitsOf([])).toEqual([]);
});

test('a visit is left until its last step is done', () => {
  expect([round(), round('a', 'b'), round('a', 'b', 'c'), round('a', 'b', 'c', 'd')].map(visitsLeft)).toEqual(
    [3, 2, 1, 0],
  );
});
