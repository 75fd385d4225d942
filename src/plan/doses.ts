import { ACIDS, gramsOfProduct, isLiquidAcid } from '../core/acid/acids';
import { FIRST_SHARE } from '../core/acid/coagulation';
import { type Spoonable, spoonsFor } from '../core/salt/spoons';
import { roundTo } from '../core/units/numbers';
import type { Resolved } from './brief/resolve';
import type { Dose } from './schema';
import { creamOf } from './world';

const g = (value: number) => roundTo(value, 4);

/** The acid's dose line for `amount` of product (g or mL). */
function acidDose(acid: Resolved['acid'], amount: number): Dose {
  const { name, diluteRatio } = ACIDS[acid.kind];
  const grams = gramsOfProduct(acid, amount);
  return {
    id: 'acid',
    ingredient: name,
    grams: g(grams),
    millilitres: isLiquidAcid(acid.kind) ? g(amount) : null,
    spoons: spoonsFor(name as Spoonable, grams).text,
    diluteInMl: g(amount * diluteRatio),
    holdBackGrams: g(grams * (1 - FIRST_SHARE)),
  };
}

const plain = (
  id: Dose['id'],
  ingredient: string,
  grams: number,
  millilitres: number | null,
  spoons: string,
): Dose => ({
  id,
  ingredient,
  grams: g(grams),
  millilitres: millilitres === null ? null : g(millilitres),
  spoons,
  diluteInMl: 0,
  holdBackGrams: 0,
});

/** All dose lines of an acid-set batch; what does not apply is left out. */
export function dosesOf(brief: Resolved, acidAmount: number, saltG: number): Dose[] {
  const cream = creamOf(brief);
  return [
    ...(cream ? [plain('cream', 'cream', cream.massKg * 1000, cream.litres * 1000, '')] : []),
    acidDose(brief.acid, acidAmount),
    ...(saltG > 0 ? [plain('salt', 'fine salt', saltG, null, spoonsFor('fine salt', saltG).text)] : []),
  ];
}
