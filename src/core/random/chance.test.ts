import { unsafeUniformIntDistribution, xoroshiro128plus } from 'pure-rand';
import { seededChance } from './chance';

it.each([1, 7, 0, -5, 123_456_789])('seed %d gives what pure-rand gives', (seed) => {
  const chance = seededChance(seed);
  const generator = xoroshiro128plus(seed);
  for (let i = 0; i < 1000; i += 1) {
    const range = 2 ** 30;
    expect(chance.below(1)).toBe(unsafeUniformIntDistribution(0, range - 1, generator) / range);
  }
});

it('whole numbers stay below their bound, and all come up', () => {
  const chance = seededChance(3);
  const seen = new Set(Array.from({ length: 200 }, () => chance.index(6)));
  expect([...seen].sort()).toEqual([0, 1, 2, 3, 4, 5]);
});
