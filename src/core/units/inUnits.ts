import type { Format } from './format';

/**
 * A sentence with its figures in the maker's units: `{57°C}`, `{57}` before another, and `{2kg}`.
 *
 * @example inUnits('Water at {71°C} scalds.', format) // 'Water at 160 °F scalds.'
 */
export const inUnits = (text: string, { temp, kg }: Format): string =>
  text.replaceAll(/\{([\d.]+)(°C|kg)?\}/g, (_all, figure: string, unit?: string) =>
    unit === 'kg'
      ? kg(Number(figure))
      : unit === '°C'
        ? temp(Number(figure))
        : temp(Number(figure)).replace(/\u00a0.*$/, ''),
  );
