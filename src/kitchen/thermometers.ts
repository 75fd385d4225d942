import { differenceInCalendarDays, parseISO } from 'date-fns';
import { probeOffsetC } from '../core/heat/probe';
import type { Format } from '../core/units/format';
import type { Kitchen, Thermometer } from './kitchen';

/** After so many days a thermometer wants checking again. Common practice. */
export const CHECK_EVERY_DAYS = 30;

/** Days since a thermometer was last read in ice or at the boil; null where nobody has said. */
export const daysSinceCheck = ({ checked }: Pick<Thermometer, 'checked'>, now: number): number | null =>
  checked === null ? null : differenceInCalendarDays(now, parseISO(checked));

/** The thermometers whose check is due, by name; none of those nobody has dated. */
export const checksDue = (thermometers: readonly Thermometer[], now: number): string[] =>
  thermometers.filter((one) => (daysSinceCheck(one, now) ?? 0) > CHECK_EVERY_DAYS).map((one) => one.name);

/** Less than this nobody can read off, °C. */
const SEEN_C = 0.3;

/** What the kitchen's thermometers show at a true temperature, where that is not the same; '' where it is. */
export function shownAs(
  tempC: number,
  { thermometers = [] }: Pick<Kitchen, 'thermometers'>,
  boilsAtC: number,
  format: Format,
): string {
  const off = thermometers.flatMap(({ name, iceReadsC, boilReadsC }) => {
    const by = probeOffsetC(iceReadsC, boilReadsC, boilsAtC)?.(tempC) ?? 0;
    return Math.abs(by) < SEEN_C ? [] : [`your ${name} shows ${format.temp(tempC + by, 1)}`];
  });
  return off.join(', ');
}
