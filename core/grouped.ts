/**
 * Rows by what they have in common, in the order in which they come.
 * @example grouped([1, 2, 3], (n) => n % 2).get(1) // [1, 3]
 */
export function grouped<T, K>(rows: readonly T[], by: (row: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const row of rows) {
    const key = by(row);
    const group = groups.get(key);
    if (group) group.push(row);
    else groups.set(key, [row]);
  }
  return groups;
}
