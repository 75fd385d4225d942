import type { Format } from '../../core/units/format';

/** An amount of money with what it is in, where that was said. Example: `moneyText(3.534, '€', format)` → `'€ 3.53'`. */
export const moneyText = (value: number, currency: string | undefined, format: Format): string =>
  `${currency ? `${currency}\u00a0` : ''}${format.number(value, 2)}`;

/** A heading of amounts with what they are in. Example: `inMoney('a kilo costs', '€')` → `'a kilo costs, €'`. */
export const inMoney = (what: string, currency: string | undefined): string =>
  currency ? `${what}, ${currency}` : what;
