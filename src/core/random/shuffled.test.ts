import { seededChance } from './chance';
import { shuffled } from './shuffled';

test('every order of four is about as likely', () => {
  const chance = seededChance(8);
  const times = new Map<string, number>();
  for (let i = 0; i < 24_000; i += 1) {
    const order = shuffled(['a', 'b', 'c', 'd'], chance).join('');
    times.set(order, (times.get(order) ?? 0) + 1);
  }
  expect(times.size).toBe(24);
  // 1,000 each; five standard deviations of a binomial share.
  for (const each of times.values())
    expect(Math.abs(each - 1_000)).toBeLessThan(5 * Math.sqrt(1_000 * (23 / 24)));
});

test('nothing, and what was given stays as it was', () => {
  const given = [1, 2, 3];
  shuffled(given, seededChance(2));
  expect(given).toEqual([1, 2, 3]);
  expect(shuffled([], seededChance(2))).toEqual([]);
});
