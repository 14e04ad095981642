/** Values by a key of each, in the order in which they come. */
export function grouped<T, K extends string>(
  values: readonly T[],
  key: (value: T) => K,
): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const value of values) {
    const group = groups.get(key(value));
    if (group) group.push(value);
    else groups.set(key(value), [value]);
  }
  return groups;
}
