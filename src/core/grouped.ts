/**
 * Puts things together that share a key, in the order they first come.
 *
 * @example grouped([1, 2, 3], (n) => n % 2) // Map { 1: [1, 3], 0: [2] }
 */
export function grouped<T, K>(items: Iterable<T>, key: (item: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const item of items) {
    const group = groups.get(key(item));
    if (group) group.push(item);
    else groups.set(key(item), [item]);
  }
  return groups;
}
