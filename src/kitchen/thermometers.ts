import { differenceInCalendarDays, parseISO } from 'date-fns';
import { probeOffsetC, trueC } from '../core/heat/probe';
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

/** A thermometer one may read with: what it shows is put right, and what is right can be said as it shows it, °C. */
export interface ReadWith {
  name: string;
  isC(shownC: number): number;
  showsC(isC: number): number;
}

/**
 * The thermometers of a kitchen, the one that reads nearest to right first, where one of them is known to be off by more than anybody
 * can read; none otherwise.
 */
export function readWith(
  { thermometers = [] }: Pick<Kitchen, 'thermometers'>,
  boilsAtC: number,
): readonly ReadWith[] {
  const all = thermometers
    .map(({ name, iceReadsC, boilReadsC }) => {
      const checks = { iceReadsC, boilReadsC, boilsAtC };
      const known = probeOffsetC(iceReadsC, boilReadsC, boilsAtC);
      const offset = known ?? (() => 0);
      return {
        name,
        known: known !== null,
        off: Math.max(Math.abs(offset(0)), Math.abs(offset(boilsAtC))),
        isC: (shownC: number) => trueC(shownC, checks),
        showsC: (isC: number) => isC + offset(isC),
      };
    })
    .sort((a, b) => (a.known ? a.off : SEEN_C) - (b.known ? b.off : SEEN_C));
  return all.some(({ off }) => off >= SEEN_C) ? all : [];
}
