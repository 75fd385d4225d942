/** So much of this and that, by its id. */
export type Uses = Readonly<Record<string, number>>;

/** Of each thing the sum of its amounts. */
export function summed(all: readonly (readonly [id: string, amount: number])[]): Uses {
  const sums: Record<string, number> = {};
  for (const [id, amount] of all) sums[id] = (sums[id] ?? 0) + amount;
  return sums;
}

/** What several makes used together. */
export const allUsed = (makes: readonly Uses[]): Uses => summed(makes.flatMap(Object.entries<number>));
