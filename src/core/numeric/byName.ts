/**
 * A value for each of these names.
 *
 * @example byName(['salt', 'water'], (part) => part.length) // { salt: 4, water: 5 }
 */
export const byName = <K extends string, V>(names: readonly K[], of: (name: K) => V): Record<K, V> =>
  Object.fromEntries(names.map((name) => [name, of(name)])) as Record<K, V>;
