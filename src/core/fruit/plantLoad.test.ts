import type { Fact } from '../journal/entry';
import { begin, YARD } from '@testing/yard';
import { isLoaded, plantLoads, setFactor } from './plantLoad';

const pollinated = (bloom: string): Fact => ({
  kind: 'pollinated',
  body: {
    bloom,
    plant: 'p1',
    day: '2026-07-10',
    donors: [],
    found: 'open',
    method: 'maleFlower',
    shutAgain: false,
    tagged: true,
  },
});
const looked = (bloom: string, seen: 'growing' | 'gone'): Fact => ({ kind: 'looked', body: { bloom, seen } });

// Fruit per plant for seed: big squash 1 to 3 (common practice, no source).
test('counts what grows and what was not looked at; what failed, was taken off or harvested is no load', () => {
  const phone = begin([{ variety: 'v', crop: 'maxima', plants: ['p1', 'p2'] }]);
  const blooms = ['a', 'b', 'c', 'd', 'e', 'f'];
  phone.say('2026-07-10T06:00:00Z', ...blooms.map(pollinated));
  phone.say('2026-07-14T18:00:00Z', looked('a', 'growing'), looked('b', 'growing'), looked('c', 'gone'));
  phone.say('2026-07-15T18:00:00Z', { kind: 'removed', body: { bloom: 'd', how: 'thinned' } });
  phone.say('2026-07-16T18:00:00Z', {
    kind: 'harvested',
    body: { bloom: 'e', use: 'eat', tagThere: true, typical: true },
  });
  const loads = plantLoads(phone.journal, YARD, '2026-07-20', new Set(['p1', 'p2']));
  expect(loads.get('p1')).toEqual({ growing: 2, young: 1, most: 3 });
  expect(loads.has('p2')).toBe(false);
  expect(plantLoads(phone.journal, YARD, '2026-07-20', new Set(['p2'])).size).toBe(0);
});

test('the more a plant carries, the less is expected of the next flower', () => {
  const at = (growing: number) => ({ growing, young: 0, most: 3 });
  const factors = [0, 1, 2, 3, 4].map((growing) => setFactor(at(growing)));
  expect(factors[0]).toBe(1);
  expect(factors).toEqual([...factors].sort((a, b) => b - a));
  expect(factors[4]).toBe(factors[3]);
  expect(isLoaded(at(2))).toBe(false);
  expect(isLoaded(at(3))).toBe(true);
});
