import { tabletsText } from '../../core/coagulant/product';
import type { Format } from '../../core/units/format';
import { roundTo } from '../../core/units/numbers';
import type { Difference } from '../../plan/compare';
import { inMoney } from '../common/money';
import { hoursText } from '../common/times';

/** A compared figure in the maker's units. Example: 3.74 kg of cheese → `'3.74 kg'`. */
export function figureText(value: number, { measure }: Difference, format: Format): string {
  switch (measure) {
    case 'kg':
      return format.kg(value);
    case 'kg of 100 L':
      return format.kg(format.perVolume(value));
    case 'minutes of a kg':
      return hoursText(format.perMass(value));
    case 'money of a kg':
      return format.number(format.perMass(value), 2);
    case 'hours':
      return hoursText(value * 60);
    case 'minutes':
      return hoursText(value);
    case 'percent':
      return format.percent(value, 1);
    case 'litres':
      return format.litres(value);
    case 'grams':
      return format.grams(value);
    case 'tablets':
      return tabletsText(value);
    case 'pH':
      return format.pH(value);
    default:
      return format.number(value, 2);
  }
}

/** What is compared, in the maker's units and money. Example: `'cheese of 100 gal'`, `'a pound costs, €'`. */
export const whatText = (
  { what, measure }: Difference,
  { massWord, units }: Format,
  currency?: string,
): string =>
  measure === 'kg of 100 L'
    ? what.replace('100 L', `100\u00a0${units.volume}`)
    : measure === 'money of a kg'
      ? inMoney(what.replace('kilo', massWord), currency)
      : measure === 'minutes of a kg'
        ? what.replace('kilo', massWord)
        : what;

/** Those whose figures differ as they are told: 21 min instead of 21 min says nothing. */
export const toldApart = (found: readonly Difference[], format: Format): Difference[] =>
  found.filter(
    (one) =>
      one.before === null ||
      one.after === null ||
      figureText(one.before, one, format) !== figureText(one.after, one, format),
  );

/** How much a figure has changed: what is in percent already, in points of it. Example: `'−45 %'`, `'−18 points'`. */
export function howMuchText({ measure, relative, before, after }: Difference, format: Format): string {
  if (before === null) return 'new';
  if (after === null) return 'gone';
  // Between the figures as they are told beside it.
  const by =
    measure === 'percent' ? Math.abs(roundTo(after, 1) - roundTo(before, 1)) : Math.abs(relative) * 100;
  const figure = format.number(by, by < 10 ? 1 : 0);
  return `${relative > 0 ? '+' : '−'}${figure}\u00a0${measure === 'percent' ? 'points' : '%'}`;
}

/** What a figure was and what it is. Example: `'3.74 kg → 3.90 kg'`. */
export const differenceText = (one: Difference, format: Format): string =>
  `${one.before === null ? 'none' : figureText(one.before, one, format)} → ${one.after === null ? 'none' : figureText(one.after, one, format)}`;
