/** A list by what its members share: groups in the order they first come up, each in the order of the list. */
export function grouped<T, K>(list: readonly T[], keyOf: (one: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>()
  for (const one of list) {
    const group = groups.get(keyOf(one))
    if (group) group.push(one)
    else groups.set(keyOf(one), [one])
  }
  return groups
}
