import { clamp } from '../core/units/measures';
import type { OptionValue } from '../makes/method';
import type { NextTime } from './cause';
import { type Log, optionOf } from './log';

/** Next time something in words alone. */
export const words = (text: string): NextTime => ({ text, options: {} });

/**
 * Next time another number: as near to it as the make takes, in its own steps; in words alone where the make has no such
 * option, or has it so already.
 *
 * @example change(log, 'cookC', 37, (to) => `Cook to ${to} °C.`) // { text: 'Cook to 37 °C.', options: { cookC: 37 } }
 */
export function change(log: Log, key: string, wanted: number, text: (to: number) => string): NextTime {
  const option = log.method.options[key];
  const now = optionOf(log, key);
  if (option?.type !== 'number' || now === null) return words(text(wanted));
  const steps = Math.round((wanted - option.min) / option.step);
  const to = clamp(Number((option.min + steps * option.step).toFixed(6)), option.min, option.max);
  return { text: text(to), options: to === now ? {} : { [key]: to } };
}

/** Next time another choice, where the make has it. */
export function choose(log: Log, key: string, value: OptionValue, text: string): NextTime {
  const has = log.method.options[key] !== undefined && log.options[key] !== value;
  return { text, options: has ? { [key]: value } : {} };
}
