import type { Bloom } from './state';

/**
 * The plants whose pollen a flower was given, each once, in the order of the pollinations.
 *
 * @example fatherPlants(flower) // ['p2', 'p3']
 */
export function fatherPlants({ pollination, laterPollinations }: Bloom): string[] {
  const all = pollination ? [pollination, ...laterPollinations] : [];
  return [...new Set(all.flatMap(({ donors }) => donors.map(({ plant }) => plant)))];
}
