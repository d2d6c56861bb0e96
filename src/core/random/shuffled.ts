import type { Chance } from './chance';

/**
 * Items in an order by chance, each order as likely as any other [Durstenfeld, Algorithm 235: random permutation, 1964].
 *
 * @example shuffled(['a', 'b', 'c'], seededChance(1)).length // 3
 */
export function shuffled<T>(items: readonly T[], chance: Chance): T[] {
  const order = [...items];
  for (let left = order.length - 1; left > 0; left -= 1) {
    const at = chance.index(left + 1);
    [order[left], order[at]] = [order[at]!, order[left]!];
  }
  return order;
}
