import { nextLeft } from './nextLeft';

const plants = ['a', 'b', 'c', 'd'].map((plant) => ({ plant: { plant } }));
const next = (left: string, from?: string): string | undefined =>
  nextLeft(
    plants,
    plants.filter(({ plant }) => left.includes(plant.plant)),
    from,
  )?.plant.plant;

test('a walk goes on behind the plant that was jumped to, and comes back for those jumped over', () => {
  expect(next('abcd')).toBe('a');
  expect(next('abd', 'c')).toBe('d');
  expect(next('ab', 'd')).toBe('a');
  expect(next('', 'd')).toBeUndefined();
  // Taken back.
  expect(next('abcd', 'c')).toBe('c');
  expect(next('ab', 'gone')).toBe('a');
});
