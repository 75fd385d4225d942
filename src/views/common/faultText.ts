import type { Fault } from '../../core/faults/fault';
import { capital } from '../../core/units/capital';
import { FIELD_UNITS, type Format, type Quantity } from '../../core/units/format';

/** What a schema says of a field that was left empty. */
const NOTHING = /^is (""|null|undefined|empty|missing)$/;

/** The fault of a number typed into a field: empty, no number, or out of bounds (inner units). */
export const numberFault = (
  path: string,
  text: string,
  value: number | null,
  bounds: { min: number; max: number },
): Fault => ({
  path,
  problem: value !== null ? `is ${value}` : text.trim() === '' ? 'is empty' : `"${text}" is not a number`,
  remedy: '',
  bounds,
});

/** A fault in the maker's own units: what is wrong, what would be right. */
export function faultText(fault: Fault, format: Format, quantity: Quantity = 'plain', unit = ''): string {
  const { bounds } = fault;
  const said = NOTHING.test(fault.problem)
    ? 'Nothing is here yet'
    : fault.problem.startsWith('"')
      ? fault.problem
      : fault.problem.replace(/^is /, 'This is ').replace(/^lies/, 'This lies');
  if (!bounds) return `${capital(said)}; ${fault.remedy}.`;
  const field = FIELD_UNITS[quantity];
  const name = field.unit(format.units) || unit;
  const write = (value: number) => {
    const shown = field.out(value, format.units);
    return format.number(
      shown,
      Number.isInteger(Math.round(shown * 100) / 100) ? 0 : Math.abs(shown) < 10 ? 2 : 0,
    );
  };
  const number = /^This is -?[\d.]+$/.test(said);
  return `${number ? 'Out of range' : capital(said)}: give ${write(bounds.min)} to ${write(bounds.max)}${name ? `\u00a0${name}` : ''}.`;
}
