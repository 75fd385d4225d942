import { gramsOfProduct, isLiquidAcid } from '../core/acid/acids';
import { amountOfImcu, productOf } from '../core/coagulant/product';
import type { Method } from '../makes/method';
import type { Resolved } from './brief/resolved';
import { cultureDosed } from './given';
import type { Outcome } from './outcome';
import type { Dosed } from './world';

/** Acid, in the unit it is priced by: litres of a liquid, kilograms of a solid. */
const acidBought = (acid: NonNullable<Resolved['acid']>, amount: number) =>
  (isLiquidAcid(acid.kind) ? amount : gramsOfProduct(acid, amount)) / 1000;

/** Coagulant likewise: litres of a liquid, tablets by the piece, kilograms of a powder. */
function coagulantBought(coagulant: NonNullable<Resolved['coagulant']>, imcu: number): number {
  const amount = amountOfImcu(productOf(coagulant), imcu);
  return amount.tablets ?? (amount.millilitres ?? amount.grams ?? 0) / 1000;
}

/** What a batch's milk and everything bought for it cost, in the currency of the prices; null without the milk's price. */
export function priceOf(
  brief: Resolved,
  method: Pick<Method, 'culture'>,
  dosed: Dosed,
  outcome: Outcome,
): number | null {
  const { milk, acid, coagulant, culture, salt } = brief;
  if (milk.pricePerLitre === undefined) return null;
  const litres = milk.litres as number;
  let price = litres * milk.pricePerLitre;
  if (acid && dosed.acid !== null) price += (acid.price ?? 0) * acidBought(acid, dosed.acid);
  if (coagulant && dosed.imcuPerLitre !== null)
    price += (coagulant.price ?? 0) * coagulantBought(coagulant, dosed.imcuPerLitre * litres);
  price += ((culture?.price ?? 0) * (cultureDosed(brief, method, litres)?.grams ?? 0)) / 1000;
  return price + (salt?.price ?? 0) * (outcome.strewnGrams / 1000);
}
