/**
 * Items by key, in the order in which the keys first come.
 *
 * @example groupBy(['pea', 'pepo', 'corn'], (word) => word[0]) // Map { 'p' => ['pea', 'pepo'], 'c' => ['corn'] }
 */
export function groupBy<T, K>(items: Iterable<T>, keyOf: (item: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const item of items) addToGroup(groups, keyOf(item), item);
  return groups;
}

/**
 * Adds an item to the group of a key, which may be new.
 *
 * @example addToGroup(new Map(), 'p', 'pea') // the map becomes { 'p' => ['pea'] }
 */
export function addToGroup<T, K>(groups: Map<K, T[]>, key: K, item: T): void {
  const group = groups.get(key);
  if (group) group.push(item);
  else groups.set(key, [item]);
}
