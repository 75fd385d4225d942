import type { Fault } from '../../core/faults/fault';
import type { Method, MethodOption, OptionValue } from '../../makes/method';
import type { Brief } from './schema';

/** What is wrong with a value for an option; null where nothing is. */
function faultIn(path: string, value: OptionValue, option: MethodOption): Fault | null {
  const shown = `is ${JSON.stringify(value)}`;
  switch (option.type) {
    case 'boolean':
      return typeof value === 'boolean' ? null : { path, problem: shown, remedy: 'give true or false' };
    case 'choice':
      return option.choices.some((choice) => choice.value === value)
        ? null
        : { path, problem: shown, remedy: `give ${option.choices.map((one) => one.value).join(' or ')}` };
    case 'steps':
      return Array.isArray(value)
        ? null
        : { path, problem: shown, remedy: 'give a list of [kg, minutes], one after the other' };
    case 'number': {
      const { min, max } = option;
      if (typeof value !== 'number') return { path, problem: shown, remedy: 'give a number' };
      if (value < min || value > max) {
        const remedy = `give ${min} to ${max}${option.unit ? ` ${option.unit}` : ''}`;
        return { path, problem: shown, remedy, bounds: { min, max } };
      }
      return option.whole && !Number.isInteger(value)
        ? { path, problem: shown, remedy: 'give a whole number' }
        : null;
    }
  }
}

/** A make's options, those the brief leaves out at their defaults; faults are added to `faults`. */
export function resolveOptions(brief: Brief, method: Method, faults: Fault[]): Record<string, OptionValue> {
  for (const [key, value] of Object.entries(brief.options ?? {})) {
    const option = Object.hasOwn(method.options, key) ? method.options[key] : undefined;
    const path = `options.${key}`;
    if (option) {
      const fault = faultIn(path, value, option);
      if (fault) faults.push(fault);
    } else {
      faults.push({
        path,
        problem: `is not an option of ${method.id}`,
        remedy: `its options are ${Object.keys(method.options).join(', ')}`,
      });
    }
  }
  return Object.fromEntries(
    Object.entries(method.options).map(([key, option]) => {
      const value = brief.options && Object.hasOwn(brief.options, key) ? brief.options[key] : undefined;
      return [key, value !== undefined && faultIn('', value, option) === null ? value : option.default];
    }),
  );
}
