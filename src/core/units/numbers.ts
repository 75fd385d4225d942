import { powOf, tensOf } from '../numeric/elementary';
/** Reading numbers as people type them, and writing them with no more digits than they deserve. */

/**
 * Reads a number typed with a decimal point or a decimal comma; thin, plain and no-break spaces may
 * group digits. Returns null for anything else, an empty field included. "1,234.5" and "1.234,5" are read with
 * the last mark as the decimal one.
 */
export function readNumber(text: string): number | null {
  const tight = text
    .trim()
    .replace(/[\s\u00a0\u202f']/g, '')
    .replace(/\u2212/g, '-');
  if (!/^[+-]?[\d.,]*\d[\d.,]*$/.test(tight)) return null;
  const mark = Math.max(tight.lastIndexOf('.'), tight.lastIndexOf(','));
  if (mark < 0) return Number(tight);
  const whole = tight.slice(0, mark);
  const fraction = tight.slice(mark + 1);
  const other = tight[mark] === '.' ? ',' : '.';
  if (whole.includes(tight.charAt(mark))) return null;
  if (whole.includes(other) && !new RegExp(`^[+-]?\\d{1,3}(\\${other}\\d{3})+$`).test(whole)) return null;
  const value = Number(`${whole.replaceAll(other, '')}.${fraction === '' ? '0' : fraction}`);
  return Number.isFinite(value) ? value : null;
}

/** The decimals a step needs. Example: `decimalsOf(0.05)` → `2`. */
export const decimalsOf = (step: number): number => String(step).split('.')[1]?.length ?? 0;

/** The decimals that leave `figures` significant figures of `value`, between 0 and `most`. */
export function decimalsFor(value: number, figures: number, most = 3): number {
  if (value === 0 || !Number.isFinite(value)) return 0;
  return Math.min(most, Math.max(0, figures - 1 - tensOf(value)));
}

/** Rounds to `decimals`, half away from zero, without a negative zero. */
export function roundTo(value: number, decimals: number): number {
  const factor = powOf(10, decimals);
  const rounded = (Math.sign(value) * Math.round(Math.abs(value) * factor)) / factor;
  return rounded === 0 ? 0 : rounded;
}

/**
 * A number to so many significant figures, written out without an exponent; `round` says which way. 0.0617 to two
 * figures, upwards, is "0.062"; 2134 to three is "2130".
 */
export function toFigures(
  value: number,
  figures: number,
  round: (value: number) => number = Math.round,
): string {
  if (value === 0 || !Number.isFinite(value)) return String(value);
  const place = tensOf(value) + 1 - figures;
  const step = powOf(10, place);
  return (round(value / step) * step).toFixed(Math.min(Math.max(0, -place), 20));
}
