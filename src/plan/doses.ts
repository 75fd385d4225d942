import { ACIDS, gramsOfProduct, isLiquidAcid } from '../core/acid/acids';
import { FIRST_SHARE } from '../core/acid/coagulation';
import { amountOfImcu, productOf, tabletsText } from '../core/coagulant/product';
import { brineSaltGrams } from '../core/salt/brine';
import { type Spoonable, saltOf, spoonsFor } from '../core/salt/spoons';
import { type Given, givenText } from '../core/units/given';
import { decimalsFor, roundTo } from '../core/units/numbers';
import { stockFor } from '../core/units/stock';
import type { Method } from '../makes/method';
import type { Resolved } from './brief/resolved';
import { calciumGrams, cultureDosed } from './given';
import type { Outcome } from './outcome';
import type { Dose } from './schema';
import type { BatchStage } from './stages';
import { creamOf, type Dosed } from './world';

/** To a tenth of a milligram, or to three figures where there is less than that. */
const g = (value: number) => roundTo(value, Math.max(4, decimalsFor(value, 3, 12)));

const plain = (id: Dose['id'], ingredient: string, grams: number, more: Partial<Dose> = {}): Dose => {
  const inMl = more.millilitres ?? null;
  const stock = stockFor(inMl ?? grams, inMl === null ? 'g' : 'mL');
  return {
    id,
    ingredient,
    grams: g(grams),
    millilitres: null,
    spoons: '',
    diluteInMl: 0,
    holdBackGrams: 0,
    measure: inMl === null ? 'weight' : 'volume',
    ...more,
    ...(stock !== '' && { spoons: stock, measure: 'stock' as const }),
  };
};

/** A dose as the maker has it in hand: said as it was given, and counted where it is counted. */
const inHand = (given: Given | undefined): Partial<Dose> =>
  given === undefined
    ? {}
    : {
        spoons: givenText(given),
        ...(['tablet', 'sachet'].includes(given.unit) && { measure: 'pieces' as const }),
        ...(given.unit === 'drop' && { measure: 'drops' as const }),
      };

/** The acid's dose line for `amount` of product (g or mL); held back in part where it is given until the whey clears. */
function acidDose(acid: NonNullable<Resolved['acid']>, amount: number, held: boolean): Dose {
  const { name, diluteRatio } = ACIDS[acid.kind];
  const grams = gramsOfProduct(acid, amount);
  return plain('acid', name, grams, {
    millilitres: isLiquidAcid(acid.kind) ? g(amount) : null,
    spoons: spoonsFor(name as Spoonable, grams).text,
    diluteInMl: g(amount * diluteRatio),
    holdBackGrams: held ? g(grams * (1 - FIRST_SHARE)) : 0,
    ...inHand(acid.given),
  });
}

/** Water a coagulant goes into, twenty times its volume and never less than a small glass; common practice. */
const waterForCoagulant = (millilitres: number) => Math.max(30, 20 * millilitres);
/** A tablet weighs about this, g. From memory. */
export const TABLET_G = 0.6;

/** Nobody counts more drops than this. */
const MOST_DROPS = 20;

const dropsText = (drops: number) => {
  const whole = Math.max(1, Math.round(drops));
  return whole === 1 ? '1 drop' : `${whole} drops`;
};

function coagulantDose(coagulant: NonNullable<Resolved['coagulant']>, imcu: number): Dose {
  const amount = amountOfImcu(productOf(coagulant), imcu);
  return plain(
    'coagulant',
    `coagulant, ${coagulant.form}`,
    amount.grams ?? (amount.tablets ?? 0) * TABLET_G,
    {
      millilitres: amount.millilitres === null ? null : g(amount.millilitres),
      ...(amount.tablets !== null
        ? { spoons: tabletsText(amount.tablets), measure: 'pieces' as const }
        : amount.drops !== null && amount.drops <= MOST_DROPS
          ? { spoons: dropsText(amount.drops), measure: 'drops' as const }
          : {}),
      diluteInMl: g(waterForCoagulant(amount.millilitres ?? 1)),
      ...inHand(coagulant.given),
    },
  );
}

/** Nobody spoons more salt than this. */
const MOST_SPOONED_G = 250;

const salted = (
  id: Dose['id'],
  ingredient: string,
  grams: number,
  spooned: Spoonable,
  diluteInMl = 0,
): Dose =>
  plain(id, ingredient, grams, {
    spoons: grams < MOST_SPOONED_G ? spoonsFor(spooned, grams).text : '',
    diluteInMl: g(diluteInMl),
  });

/** Water for calcium chloride, parts by mass; common practice. */
const CALCIUM_WATER = 20;
/** Lipase powder, g per litre of milk; common practice. */
const LIPASE_G_PER_L = 0.05;
/** Where the make does not say, brine enough to float in, kg of water for each kg of cheese. Common practice. */
const BRINE_WATER_PER_KG = 3;

/** All dose lines of a batch; what does not apply is left out. */
export function dosesOf(
  brief: Resolved,
  method: Method,
  stages: readonly BatchStage[],
  dosed: Dosed,
  outcome: Outcome,
): Dose[] {
  const takes = (what: Dose['id']) => stages.some((stage) => stage.kind.takes(stage.params).includes(what));
  const litres = brief.milk.litres as number;
  const lines: Dose[] = [];
  const salt = saltOf(brief.salt?.kind);
  const cream = creamOf(brief);
  if (cream)
    lines.push(plain('cream', 'cream', cream.massKg * 1000, { millilitres: g(cream.litres * 1000) }));
  if (brief.acid && dosed.acid !== null && dosed.acid > 0 && takes('acid'))
    lines.push(acidDose(brief.acid, dosed.acid, method.acid === 'turns'));
  if (takes('calcium')) {
    const grams = calciumGrams(brief, litres);
    lines.push(
      plain('calcium', 'calcium chloride, dihydrate', grams, {
        diluteInMl: g(grams * CALCIUM_WATER),
        ...inHand(typeof brief.calcium === 'object' ? brief.calcium.given : undefined),
      }),
    );
  }
  const culture = cultureDosed(brief, method, litres);
  if (culture && takes('culture'))
    lines.push(
      plain('culture', culture.name, culture.grams, {
        millilitres: culture.millilitres,
        spoons: culture.text,
        ...(culture.sachets && { measure: 'pieces' as const }),
        ...inHand(brief.culture?.given),
      }),
    );
  if (takes('lipase'))
    lines.push(plain('lipase', 'lipase', LIPASE_G_PER_L * litres, { diluteInMl: g(10 * litres) }));
  if (brief.coagulant && dosed.imcuPerLitre !== null && takes('coagulant'))
    lines.push(coagulantDose(brief.coagulant, dosed.imcuPerLitre * litres));
  if (takes('salt') && outcome.strewnGrams > 0)
    lines.push({
      ...salted('salt', salt, outcome.strewnGrams, salt),
      ...inHand(brief.salt?.given),
    });
  if (takes('brine-salt')) {
    const water = outcome.yieldKg * (method.brineWaterPerKg ?? BRINE_WATER_PER_KG);
    const grams = brineSaltGrams(water, Number(brief.options.brinePctWw));
    lines.push(salted('brine-salt', 'salt for the brine', grams, salt, water * 1000));
  }
  return lines;
}
