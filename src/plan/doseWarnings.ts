import { gramsOfProduct, isLiquidAcid } from '../core/acid/acids';
import { CALCIUM_G_PER_L } from '../core/coagulant/calcium';
import { amountOfImcu, productOf } from '../core/coagulant/product';
import { cultureAmount, usualLitresPerGram } from '../core/culture/measure';
import type { Told } from '../core/safety/told';
import type { World } from '../makes/grammar';
import { type Method, numberOf, setsForTheKnife } from '../makes/method';
import type { Resolved } from './brief/resolved';
import { calciumGrams, givenCulture, USUAL_SACHET_L } from './given';
import type { Outcome } from './outcome';
import type { Plan } from './schema';

/** How far a dose in hand may lie from the computed one before it is said, as factors. Common practice. */
const WITHIN = {
  acid: [0.95, 1.15],
  coagulant: [0.6, 1.8],
  culture: [0.5, 3],
  calcium: [0, 1.1],
} as const;
/** Salt in a cheese below and above which it is said, %. Common practice. */
const SALT_PCT = [0.4, 5] as const;

type DoseOff = Extract<Told, { id: 'dose-off' }>;

/** What the doses a maker has in hand fall short of, or go beyond, and what comes of it. */
export function dosesOff(
  brief: Resolved,
  method: Method,
  {
    world,
    acidNeeded,
    outcome,
    predictions,
  }: {
    world: World;
    acidNeeded: number;
    outcome: Outcome;
    predictions: Pick<Plan['predictions'], 'pHAfterAcid' | 'setMin'>;
  },
): DoseOff[] {
  const found: DoseOff[] = [];
  const litres = brief.milk.litres as number;
  const off = (
    of: keyof typeof WITHIN,
    given: number,
    computed: {
      grams: number;
      ml: number | null;
      tablets?: number | null;
      sachets?: number | undefined;
      amount: number;
    },
    grams: number,
    result: number | null,
    meantFor?: DoseOff['meantFor'],
  ) => {
    const ratio = given / computed.amount;
    const [low, high] = WITHIN[of];
    if (ratio >= low && ratio <= high) return;
    found.push({
      id: 'dose-off',
      of,
      side: ratio < low ? 'short' : 'over',
      ratio,
      grams,
      computedGrams: computed.grams,
      computedMl: computed.ml,
      ...(computed.tablets != null && { computedTablets: computed.tablets }),
      ...(meantFor && { meantFor }),
      ...(computed.sachets !== undefined && { computedSachets: computed.sachets }),
      result,
    });
  };
  if (brief.acid?.given && world.acid) {
    const { kind } = brief.acid;
    off(
      'acid',
      world.acid.amount,
      {
        grams: gramsOfProduct(brief.acid, acidNeeded),
        ml: isLiquidAcid(kind) ? acidNeeded : null,
        amount: acidNeeded,
      },
      gramsOfProduct(brief.acid, world.acid.amount),
      predictions.pHAfterAcid,
      method.acid === 'turns' ? 'clear-whey' : 'stretch',
    );
  }
  const needed = world.coagulant?.neededImcuPerLitre ?? null;
  if (brief.coagulant?.given && world.coagulant && needed !== null) {
    const imcu = (world.coagulant.imcuPerLitre ?? 0) * litres;
    const product = productOf(brief.coagulant);
    const computed = amountOfImcu(product, needed * litres);
    off(
      'coagulant',
      imcu,
      {
        grams: computed.grams ?? 0,
        ml: computed.millilitres,
        tablets: computed.tablets,
        amount: needed * litres,
      },
      amountOfImcu(product, imcu).grams ?? 0,
      predictions.setMin?.likely ?? null,
      setsForTheKnife(method) ? 'knife' : 'trace',
    );
  }
  const culture = givenCulture(brief, litres);
  if (culture !== null && method.culture && brief.culture?.given) {
    const { given, ...ungiven } = brief.culture;
    const live = ungiven.form !== 'freeze-dried';
    const usual = live
      ? (ungiven.percent ?? method.culture.percent)
      : numberOf(method.culture.labelShare, brief.options);
    const { labelLitresPerGram, labelLitresPerSachet } = ungiven;
    const made = cultureAmount(ungiven, litres, usual, usual);
    const grams = live
      ? made.grams
      : (usual * litres) / (labelLitresPerGram ?? usualLitresPerGram(labelLitresPerSachet));
    const sachets =
      given.unit === 'sachet' ? (usual * litres) / (labelLitresPerSachet ?? USUAL_SACHET_L) : undefined;
    off(
      'culture',
      culture,
      { grams, ml: made.millilitres, sachets, amount: usual },
      (culture / usual) * grams,
      null,
    );
  }
  if (typeof brief.calcium === 'object' && brief.calcium.given) {
    const grams = calciumGrams(brief, litres);
    off(
      'calcium',
      grams,
      { grams: CALCIUM_G_PER_L * litres, ml: null, amount: CALCIUM_G_PER_L * litres },
      grams,
      null,
    );
  }
  if (brief.salt?.given && (outcome.saltPct < SALT_PCT[0] || outcome.saltPct > SALT_PCT[1])) {
    const usual = method.options.saltPct;
    const percent = usual?.type === 'number' ? usual.default : 1;
    found.push({
      id: 'dose-off',
      of: 'salt',
      side: outcome.saltPct < SALT_PCT[0] ? 'short' : 'over',
      ratio: outcome.saltPct / Math.max(0.1, percent),
      grams: outcome.strewnGrams,
      computedGrams: outcome.yieldKg * percent * 10,
      computedMl: null,
      result: outcome.saltPct,
    });
  }
  return found;
}
