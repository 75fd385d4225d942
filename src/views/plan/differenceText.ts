import { tabletsText } from '../../core/coagulant/product';
import type { Format } from '../../core/units/format';
import type { Difference } from '../../plan/compare';
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

/** What is compared, in the maker's units. Example: `'cheese of 100 gal'`. */
export const whatText = ({ what, measure }: Difference, { massWord, units }: Format): string =>
  measure === 'kg of 100 L'
    ? what.replace('100 L', `100\u00a0${units.volume}`)
    : measure === 'money of a kg' || measure === 'minutes of a kg'
      ? what.replace('kilo', massWord)
      : what;

/** What a figure was and what it is. Example: `'3.74 kg → 3.90 kg'`. */
export const differenceText = (one: Difference, format: Format): string =>
  `${one.before === null ? 'none' : figureText(one.before, one, format)} → ${one.after === null ? 'none' : figureText(one.after, one, format)}`;
