/** So many packs for all makes, however many they are. */
const PACKS = 16;

/** The pack a make's summary goes into. */
export function packOf(id: string): number {
  let sum = 0;
  for (let i = 0; i < id.length; i++) sum = (31 * sum + id.charCodeAt(i)) % 65_521;
  return sum % PACKS;
}
