/**
 * Items by key, in the order in which the keys first come.
 *
 * @example groupBy(['pea', 'pepo', 'corn'], (word) => word[0]) // Map { 'p' => ['pea', 'pepo'], 'c' => ['corn'] }
 */
export function groupBy<T, K>(items: Iterable<T>, keyOf: (item: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const item of items) {
    const key = keyOf(item);
    const group = groups.get(key);
    if (group) group.push(item);
    else groups.set(key, [item]);
  }
  return groups;
}
