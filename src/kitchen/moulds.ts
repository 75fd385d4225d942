import { squareOf } from '../core/numeric/elementary';
import type { Mould } from './kitchen';

/** A tapered mould against a straight one of its width and height; a taper of a tenth on each side. Common practice. */
const TAPERED_HOLDS = 0.81;
/** Loosely filled curd against finished cheese, L per kg: what a mould has to hold before it is pressed. Common practice. */
export const LOOSE_LITRES_PER_KG = 1.6;

/** What one mould holds, L. */
export function mouldLitres({ acrossCm, longCm, heightCm, sides }: Mould): number {
  const areaCm2 = longCm === null ? (Math.PI * squareOf(acrossCm)) / 4 : acrossCm * longCm;
  return (areaCm2 * heightCm * (sides === 'tapered' ? TAPERED_HOLDS : 1)) / 1000;
}

/**
 * The moulds of one sort that hold `litres`, the fewest of the sort that does it with the least room left over; null
 * where no sort has enough of them. `straight` leaves tapered ones out.
 */
export function mouldsFor(
  litres: number,
  moulds: readonly Mould[] = [],
  straight = false,
): { mould: Mould; count: number } | null {
  const right = moulds
    .filter((mould) => !straight || mould.sides === 'straight')
    .map((mould) => ({ mould, count: Math.max(1, Math.ceil(litres / mouldLitres(mould) - 1e-9)) }))
    .filter(({ mould, count }) => count <= mould.count)
    .map((one) => ({ ...one, spare: one.count * mouldLitres(one.mould) - litres }));
  return right.sort((a, b) => a.count - b.count || a.spare - b.spare)[0] ?? null;
}
