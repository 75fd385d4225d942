import { curdAt, keptDry, nonFatMoisture, usualMilk } from '../../core/curd/nonFat';
import { CURD_STYLES } from '../../core/curd/styles';
import { USUAL_WHEY, USUAL_WHEY_PROTEIN_PCT, wheyComposition } from '../../core/milk/whey';
import { AIMED_STRETCH_PH, souredBy } from '../../core/stretch/window';
import { clamp } from '../../core/units/measures';
import { roundTo } from '../../core/units/numbers';
import type { Method, OptionValue } from '../../makes/method';
import { NO_DEPARTURE, pailOf } from '../world';
import type { Resolved } from './resolved';

/**
 * Defaults that follow the batch where the maker has not said: the moisture a drain goes to, which is a make's own in the
 * non-fat substance and so lower in a rich cheese; the pH an acid brings curd to for its stretch.
 */
export function usualFor(brief: Resolved, method: Method, litres: number): Record<string, OptionValue> {
  const found: Record<string, OptionValue> = {};
  const wet = method.options.moisturePct;
  if (wet?.type === 'number' && (method.bag || method.drain)) {
    const style = CURD_STYLES[method.style];
    const usual =
      method.of === 'whey'
        ? wheyComposition('cow', USUAL_WHEY.fatPct, USUAL_WHEY_PROTEIN_PCT.cow)
        : usualMilk(style.milkFatPct);
    const pail = pailOf(brief, method, litres, NO_DEPARTURE).composition;
    const salt = style.saltPct / 100;
    const nonFat = nonFatMoisture(keptDry(usual, style, style.solutes), wet.default, salt);
    const own = curdAt(keptDry(pail, style, style.solutes), nonFat, salt).moisturePct;
    found.moisturePct = clamp(roundTo(own, 2), wet.min, wet.max);
  }
  if (method.acid !== null && method.acid !== 'turns' && brief.acid && method.options.acidPH)
    found.acidPH = AIMED_STRETCH_PH[souredBy(brief.acid.kind)];
  return found;
}
