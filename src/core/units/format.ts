import {
  celsiusOf,
  FEET_PER_METRE,
  fahrenheitOf,
  GRAMS_PER_OUNCE,
  KG_PER_POUND,
  LITRES_PER_US_GALLON,
  LITRES_PER_US_QUART,
  ML_PER_CUP,
  MM_PER_INCH,
} from './measures';
import { decimalsFor, roundTo } from './numbers';

/** What a kitchen may be without: what is read off it is then told by hand, taste or spoon. */
export const INSTRUMENTS = ['thermometer', 'meter', 'scale'] as const;
export type Instrument = (typeof INSTRUMENTS)[number];

/** The units a maker reads in, and what there is to read them with; chosen once in the kitchen and remembered. */
export interface UnitChoice {
  temperature: 'C' | 'F';
  volume: 'L' | 'gal';
  mass: 'g' | 'oz';
  decimal: '.' | ',';
  /** Instruments that are not there. */
  lacks?: readonly Instrument[] | undefined;
}

export const METRIC: UnitChoice = { temperature: 'C', volume: 'L', mass: 'g', decimal: '.' };

/** Writes quantities in the maker's units, with the figures they deserve. No-break spaces keep number and unit together. */
export interface Format {
  units: UnitChoice;
  /** A plain number with fixed decimals. */
  number(value: number, decimals?: number): string;
  temp(tempC: number, decimals?: number): string;
  /** A difference of temperature. */
  tempStep(degreesC: number, decimals?: number): string;
  litres(litres: number): string;
  millilitres(ml: number): string;
  grams(grams: number): string;
  kg(kg: number): string;
  /** The number and the unit of `kg`, apart, for big figures. */
  kgParts(kg: number): { figure: string; unit: string };
  percent(value: number, decimals?: number): string;
  pH(value: number): string;
  metres(metres: number): string;
  /** A length of curd, cut or mould. */
  millimetres(mm: number): string;
  /** What cheese is sold by, and milk, in a word; and what is of a kilogram or a litre as it is of that. */
  massWord: 'kilo' | 'pound';
  volumeWord: 'litre' | 'gallon';
  perMass(perKg: number): number;
  perVolume(perLitre: number): number;
  /** A stretch of time: minutes, hours and minutes, or days and hours, as long as it is. */
  minutes(minutes: number): string;
}

const NB = '\u00a0';
const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const;

export function formatter(units: UnitChoice): Format {
  const number = (value: number, decimals = 0) => {
    const text = roundTo(value, decimals).toFixed(decimals).replace('-', '\u2212');
    return units.decimal === ',' ? text.replace('.', ',') : text;
  };
  const figures = (value: number, count: number, most = 2) => number(value, decimalsFor(value, count, most));
  const kgParts = (kg: number) => {
    if (units.mass === 'oz') {
      const pounds = kg / KG_PER_POUND;
      return pounds < 1
        ? { figure: figures(pounds * 16, 3, 1), unit: 'oz' }
        : { figure: figures(pounds, 3), unit: 'lb' };
    }
    return kg < 0.9995
      ? { figure: number(Math.round(kg * (kg < 0.1 ? 1000 : 100)) * (kg < 0.1 ? 1 : 10)), unit: 'g' }
      : { figure: figures(kg, 3), unit: 'kg' };
  };
  return {
    units,
    number,
    temp: (tempC, decimals = 0) =>
      `${number(units.temperature === 'F' ? fahrenheitOf(tempC) : tempC, decimals)}${NB}°${units.temperature}`,
    tempStep: (degreesC, decimals = 1) =>
      `${number(units.temperature === 'F' ? degreesC * 1.8 : degreesC, decimals)}${NB}°${units.temperature}`,
    litres: (litres) => {
      if (units.volume === 'L')
        return litres < 1 ? `${figures(litres * 1000, 2, 0)}${NB}mL` : `${figures(litres, 3, 1)}${NB}L`;
      const gallons = litres / LITRES_PER_US_GALLON;
      return gallons < 1
        ? `${figures(litres / LITRES_PER_US_QUART, 3)}${NB}qt`
        : `${figures(gallons, 3)}${NB}gal`;
    },
    millilitres: (ml) => {
      if (units.volume === 'L')
        return ml >= 1000
          ? `${figures(ml / 1000, 3)}${NB}L`
          : `${ml < 0.1 ? figures(ml, 2, 8) : number(ml, ml < 3 ? 2 : ml < 10 ? 1 : 0)}${NB}mL`;
      const cups = ml / ML_PER_CUP;
      return cups < 0.25
        ? `${figures(ml / 29.5735295625, 2, 8)}${NB}fl${NB}oz`
        : `${figures(cups, 2)}${NB}cups`;
    },
    grams: (grams) => {
      if (grams > 0 && grams < 0.1) return `${figures(grams * 1000, 2, 8)}${NB}mg`;
      if (units.mass === 'oz') return `${figures(grams / GRAMS_PER_OUNCE, 3)}${NB}oz`;
      return grams >= 1000
        ? `${figures(grams / 1000, 3)}${NB}kg`
        : `${number(grams, grams < 1 ? 2 : grams < 100 ? 1 : 0)}${NB}g`;
    },
    kg: (kg) => {
      const { figure, unit } = kgParts(kg);
      return `${figure}${NB}${unit}`;
    },
    kgParts,
    percent: (value, decimals = 0) => `${number(value, decimals)}${NB}%`,
    pH: (value) => number(value, 2),
    metres: (metres) =>
      units.volume === 'L' ? `${number(metres)}${NB}m` : `${number(metres * FEET_PER_METRE)}${NB}ft`,
    millimetres: (mm) => {
      if (units.volume === 'L') return `${number(mm)}${NB}mm`;
      const eighths = Math.max(1, Math.round((mm / MM_PER_INCH) * 8));
      const part = EIGHTHS[eighths % 8] ?? '';
      const whole = Math.floor(eighths / 8);
      return `${whole > 0 ? whole : ''}${part}${NB}in`;
    },
    massWord: units.mass === 'oz' ? 'pound' : 'kilo',
    volumeWord: units.volume === 'gal' ? 'gallon' : 'litre',
    perMass: (perKg) => FIELD_UNITS.perMass.out(perKg, units),
    perVolume: (perLitre) => FIELD_UNITS.perVolume.out(perLitre, units),
    minutes: (minutes) => {
      const whole = Math.round(minutes);
      if (whole < 90) return `${number(whole)}${NB}min`;
      if (whole >= 2880) return `${number(minutes / 1440, minutes % 1440 < 72 ? 0 : 1)}${NB}days`;
      const rest = whole % 60;
      const hours = `${number(Math.floor(whole / 60))}${NB}h`;
      return rest === 0 ? hours : `${hours}${NB}${number(rest)}${NB}min`;
    },
  };
}

/** Inner units to and from the ones typed into a field of that quantity. */
export const FIELD_UNITS = {
  temperature: {
    unit: (u: UnitChoice) => `°${u.temperature}`,
    out: (value: number, u: UnitChoice) => (u.temperature === 'F' ? fahrenheitOf(value) : value),
    in: (value: number, u: UnitChoice) => (u.temperature === 'F' ? celsiusOf(value) : value),
  },
  volume: {
    unit: (u: UnitChoice) => (u.volume === 'gal' ? 'gal' : 'L'),
    out: (value: number, u: UnitChoice) => (u.volume === 'gal' ? value / LITRES_PER_US_GALLON : value),
    in: (value: number, u: UnitChoice) => (u.volume === 'gal' ? value * LITRES_PER_US_GALLON : value),
  },
  cheese: {
    unit: (u: UnitChoice) => (u.mass === 'oz' ? 'lb' : 'kg'),
    out: (value: number, u: UnitChoice) => (u.mass === 'oz' ? value / KG_PER_POUND : value),
    in: (value: number, u: UnitChoice) => (u.mass === 'oz' ? value * KG_PER_POUND : value),
  },
  dose: {
    unit: (u: UnitChoice) => (u.mass === 'oz' ? 'oz' : 'g'),
    out: (value: number, u: UnitChoice) => (u.mass === 'oz' ? value / GRAMS_PER_OUNCE : value),
    in: (value: number, u: UnitChoice) => (u.mass === 'oz' ? value * GRAMS_PER_OUNCE : value),
  },
  height: {
    unit: (u: UnitChoice) => (u.volume === 'gal' ? 'ft' : 'm'),
    out: (value: number, u: UnitChoice) => (u.volume === 'gal' ? value * FEET_PER_METRE : value),
    in: (value: number, u: UnitChoice) => (u.volume === 'gal' ? value / FEET_PER_METRE : value),
  },
  length: {
    unit: (u: UnitChoice) => (u.volume === 'gal' ? 'in' : 'cm'),
    out: (value: number, u: UnitChoice) => (u.volume === 'gal' ? (value * 10) / MM_PER_INCH : value),
    in: (value: number, u: UnitChoice) => (u.volume === 'gal' ? (value * MM_PER_INCH) / 10 : value),
  },
  /** What is of a kilogram, or of a litre, said of a pound or a gallon: a price, minutes of hands. */
  perMass: {
    unit: () => '',
    out: (value: number, u: UnitChoice) => (u.mass === 'oz' ? value * KG_PER_POUND : value),
    in: (value: number, u: UnitChoice) => (u.mass === 'oz' ? value / KG_PER_POUND : value),
  },
  perVolume: {
    unit: () => '',
    out: (value: number, u: UnitChoice) => (u.volume === 'gal' ? value * LITRES_PER_US_GALLON : value),
    in: (value: number, u: UnitChoice) => (u.volume === 'gal' ? value / LITRES_PER_US_GALLON : value),
  },
  plain: { unit: () => '', out: (value: number) => value, in: (value: number) => value },
} as const;
export type Quantity = keyof typeof FIELD_UNITS;
