import { z } from 'zod';
import { bounded, boundedBy, oneLine } from '../core/faults/bounds';
import { HEAT_SOURCES } from '../core/heat/carryOver';
import { cbrtOf } from '../core/numeric/elementary';
import { INSTRUMENTS } from '../core/units/format';
import { named } from './named';

/** Sour milk takes up metal from it. */
export const TAKEN_UP = 'aluminium';
export const POT_KINDS = ['thick-bottomed steel', 'thin steel', 'enamel', TAKEN_UP, 'vat'] as const;

/** A pot or a vat. */
export const potSchema = z.strictObject({
  ...named,
  litres: bounded('potLitres'),
  kind: z.enum(POT_KINDS),
});
export type PotOwned = z.infer<typeof potSchema>;

/** A ring, a plate or a burner, by its rated power. */
export const hobSchema = z.strictObject({
  ...named,
  source: z.enum(HEAT_SOURCES),
  kW: bounded('hobKw'),
});
export type Hob = z.infer<typeof hobSchema>;

export const SIDES = ['straight', 'tapered'] as const;

/** A mould, hoop or basket; `longCm` is null where it is round. */
export const mouldSchema = z.strictObject({
  ...named,
  acrossCm: bounded('mouldCm'),
  longCm: bounded('mouldCm').nullable(),
  heightCm: bounded('mouldCm'),
  sides: z.enum(SIDES),
  count: z.int('give a whole number').min(1, 'give 1 to 500').max(500, 'give 1 to 500'),
});
export type Mould = z.infer<typeof mouldSchema>;

/** A thermometer: what it shows in ice water and at the boil, °C, and the day that was read. */
export const thermometerSchema = z.strictObject({
  ...named,
  iceReadsC: boundedBy(-10, 10, '°C').nullable(),
  boilReadsC: boundedBy(80, 110, '°C').nullable(),
  checked: z.iso.date('give a day').nullable(),
});
export type Thermometer = z.infer<typeof thermometerSchema>;

export const PRESSES = ['none', 'board and weights', 'lever', 'screw'] as const;

/** The smallest spoon a kitchen has, in teaspoons. */
export const SMALLEST_SPOONS = ['1/8', '1/4', '1/2', '1'] as const;

/** The kitchen: how it measures, where it stands, who is in it, and what stands in it. */
export const kitchenSchema = z.strictObject({
  temperature: z.enum(['C', 'F']),
  volume: z.enum(['L', 'gal']),
  mass: z.enum(['g', 'oz']),
  decimal: z.enum(['.', ',']),
  /** What it is without. */
  lacks: z.array(z.enum(INSTRUMENTS)).max(INSTRUMENTS.length).optional(),
  proteinBasis: z.enum(['crude', 'true']),
  roomC: bounded('roomC'),
  altitudeM: bounded('altitudeM'),
  currency: oneLine(12),
  look: z.enum(['as the machine', 'light', 'dark']),
  /** Whether alarms sound, and whether they are spoken. */
  sound: z.boolean().optional(),
  spoken: z.boolean().optional(),
  /** The room while everybody sleeps, °C; left out where it is as by day. */
  roomNightC: bounded('roomC').nullable().optional(),
  /** Cold water from the tap and the fridge, °C; left out where nobody has measured. */
  tapC: bounded('waterC').nullable().optional(),
  fridgeC: bounded('fridgeC').nullable().optional(),
  /** Hours of the day between which nobody stands at a pot, and those in which nobody is there at all. */
  asleepFrom: bounded('hourOfDay').optional(),
  asleepTo: bounded('hourOfDay').optional(),
  awayFrom: bounded('hourOfDay').nullable().optional(),
  awayTo: bounded('hourOfDay').nullable().optional(),
  /** Pairs of hands at the pots. */
  hands: bounded('hands').optional(),
  pots: z.array(potSchema).optional(),
  hobs: z.array(hobSchema).optional(),
  moulds: z.array(mouldSchema).optional(),
  thermometers: z.array(thermometerSchema).optional(),
  press: z.enum(PRESSES).optional(),
  /** What a drop of the coagulant's dropper holds, mL. */
  dropMl: bounded('dropMl').optional(),
  smallestSpoon: z.enum(SMALLEST_SPOONS).optional(),
  /** What has been learned and is not to be gone by, by quantity and owner. */
  leftOut: z.array(oneLine(260)).max(1000).optional(),
  /** What a kilogram of such a cheese costs in a shop, by make, in the kitchen's currency. */
  shopPrices: z.record(oneLine(60), boundedBy(0, 1_000_000)).optional(),
});
export type Kitchen = z.infer<typeof kitchenSchema>;

/** What an earlier version kept of pots and the one thermometer. */
interface EarlierKitchen {
  potLitres?: number | null;
  mouldLitres?: number | null;
  iceReadsC?: number | null;
  boilReadsC?: number | null;
}

/** Reads a kitchen as an earlier version kept it; any other value comes back as it is. */
export function upcastKitchen(value: unknown): unknown {
  if (typeof value !== 'object' || value === null) return value;
  const { potLitres, mouldLitres, iceReadsC, boilReadsC, ...kitchen } = value as EarlierKitchen & Kitchen;
  if (potLitres != null)
    kitchen.pots ??= [
      { id: 'largest', name: 'largest pot', litres: potLitres, kind: 'thick-bottomed steel' },
    ];
  if (mouldLitres != null) {
    // As high as it is wide.
    const cm = Math.round(10 * cbrtOf((4000 * mouldLitres) / Math.PI)) / 10;
    kitchen.moulds ??= [
      {
        id: 'largest',
        name: 'largest mould',
        acrossCm: cm,
        longCm: null,
        heightCm: cm,
        sides: 'straight',
        count: 1,
      },
    ];
  }
  if (iceReadsC != null || boilReadsC != null)
    kitchen.thermometers ??= [
      {
        id: 'first',
        name: 'thermometer',
        iceReadsC: iceReadsC ?? null,
        boilReadsC: boilReadsC ?? null,
        checked: null,
      },
    ];
  return kitchen;
}
