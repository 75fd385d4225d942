import { z } from 'zod';

/**
 * The one table of bounds of what a person may enter, in inner units. The interface shows them in the
 * maker's own units; files are held to them as they are.
 */
export const BOUNDS = {
  litres: { min: 0.2, max: 500, unit: 'L' },
  wantKg: { min: 0.02, max: 500, unit: 'kg' },
  fatPct: { min: 0, max: 12, unit: '%' },
  creamFatPct: { min: 10, max: 60, unit: '%' },
  creamLitres: { min: 0.01, max: 500, unit: 'L' },
  proteinPct: { min: 1, max: 9, unit: '%' },
  milkPH: { min: 5.8, max: 7, unit: '' },
  wheyPH: { min: 4, max: 6.9, unit: '' },
  startC: { min: 0, max: 45, unit: '°C' },
  roomC: { min: -5, max: 45, unit: '°C' },
  potLitres: { min: 0.5, max: 1000, unit: 'L' },
  mouldCm: { min: 2, max: 200, unit: 'cm' },
  hobKw: { min: 0.1, max: 100, unit: 'kW' },
  waterC: { min: 0, max: 40, unit: '°C' },
  fridgeC: { min: -2, max: 15, unit: '°C' },
  hands: { min: 1, max: 20, unit: '' },
  dropMl: { min: 0.02, max: 0.1, unit: 'mL' },
  hourOfDay: { min: 0, max: 24, unit: 'h' },
  altitudeM: { min: -400, max: 5000, unit: 'm' },
  vinegarPct: { min: 2, max: 30, unit: 'g per 100 mL' },
  lacticPct: { min: 1, max: 90, unit: 'g per 100 mL' },
  imcuPerMl: { min: 10, max: 3000, unit: 'IMCU/mL' },
  imcuEach: { min: 1, max: 100000, unit: 'IMCU' },
  imcuPerG: { min: 10, max: 1000000, unit: 'IMCU/g' },
  ageMonths: { min: 0, max: 120, unit: 'months' },
  price: { min: 0, max: 100000, unit: '' },
  kg: { min: 0.001, max: 1000, unit: 'kg' },
  grams: { min: 0.01, max: 1000000, unit: 'g' },
  potTempC: { min: -5, max: 110, unit: '°C' },
  probePH: { min: 2, max: 9, unit: '' },
  /** Minutes of a whole plan: about four months, longer than any fresh cheese hangs or lies in brine. */
  planMin: { min: 0, max: 200_000, unit: 'min' },
  /** A moment on the wall clock, ms since 1970 UTC, before the year 2100. */
  wallMs: { min: 0, max: 4_102_444_800_000, unit: 'ms' },
} as const;

/** A schema made once for each thing it is asked for: many fields are held to the same. */
function once<Asked, Schema>(make: (asked: Asked) => Schema): (asked: Asked) => Schema {
  const made = new Map<Asked, Schema>();
  return (asked) => {
    const known = made.get(asked);
    if (known !== undefined) return known;
    const schema = make(asked);
    made.set(asked, schema);
    return schema;
  };
}

const idOf = once((max: number) =>
  z
    .string()
    .regex(/^[A-Za-z0-9][\w-]*$/, 'give letters, digits, dashes and underscores')
    .max(max),
);

/** An id that can stand in an address, a file name and a calendar: letters, digits, dashes and underscores. */
export const idText = (max = 64): z.ZodString => idOf(max);

/** A key that people choose must not be one that every object has by birth. */
const inborn = (text: string) => text in {};

/** A key as methods, stages and options have it: `pattern` says how it is written, `remedy` says so in words. */
export const keyText = (pattern: RegExp, max: number, remedy: string): z.ZodString =>
  z
    .string()
    .regex(pattern, remedy)
    .max(max)
    .refine((text) => !inborn(text), {
      params: { problem: 'is a word of the machine', remedy: 'take another' },
    });

/** What no name or title of one line holds: line breaks and other control characters. */
const CONTROLS = /[\p{Cc}\u2028\u2029]+/gu;

/** A text of one line, as names and titles are: line breaks and other control characters become spaces. */
export const oneLine: (max: number) => z.ZodString = once((max) =>
  z
    .string()
    .overwrite((text) => text.replace(CONTROLS, ' '))
    .max(max),
);

export type BoundName = keyof typeof BOUNDS;

/** A finite number within the named bounds; a fault names the whole range. */
export const bounded: (name: BoundName) => z.ZodNumber = once((name) => {
  const { min, max, unit } = BOUNDS[name];
  return boundedBy(min, max, unit);
});

const ranges = new Map<string, { min: number; max: number }>();

/** The bounds a remedy text of `boundedBy` speaks of, so that the interface can say them in other units. */
export const boundsBehind = (remedy: string) => ranges.get(remedy);

/** A finite number from `min` to `max`; `unit` is for the words of the fault. */
export function boundedBy(min: number, max: number, unit = ''): z.ZodNumber {
  const remedy = `give ${min} to ${max}${unit === '' ? '' : ` ${unit}`}`;
  ranges.set(remedy, { min, max });
  return z.number().min(min, remedy).max(max, remedy);
}
