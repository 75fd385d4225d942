import { ACIDS, type AcidProduct } from '../../core/acid/acids';
import { coagulationPH } from '../../core/acid/coagulation';
import { BOUNDS } from '../../core/faults/bounds';
import { bad, type Fault, good, type Result } from '../../core/faults/fault';
import { BELOW_BOIL_C, boilingC } from '../../core/heat/boiling';
import { FRESH_MILK_PH, SPECIES_FACTS } from '../../core/milk/species';
import { METHODS, methodById } from '../../makes';
import type { Method } from '../../makes/method';
import type { Brief } from './schema';

const DEFAULT_ROOM_C = 20;
const FRIDGE_C = 4;

type Milk = Brief['milk'];
type Filled = 'fatPct' | 'proteinPct' | 'treatment' | 'homogenised' | 'pH' | 'startC';
type ResolvedMilk = Omit<Milk, Filled> & { [Key in Filled]: NonNullable<Milk[Key]> };

/** A brief with every default filled in; `litres` stays open while kilograms are wanted. */
export interface Resolved extends Omit<Brief, 'milk' | 'acid' | 'options'> {
  milk: ResolvedMilk;
  acid: AcidProduct & { price?: number | undefined };
  options: Record<string, number>;
  roomC: number;
  altitudeM: number;
  calcium: boolean;
  seed: number;
}

export interface ReadyBrief {
  brief: Resolved;
  method: Method;
  /** Paths the maker gave, so that a measured figure is trusted more than a default. */
  given: ReadonlySet<string>;
}

const oneDecimal = (value: number) => Math.round(value * 10) / 10;

function resolveOptions(brief: Brief, method: Method, faults: Fault[]): Record<string, number> {
  const options: Record<string, number> = {};
  for (const [key, value] of Object.entries(brief.options ?? {})) {
    const option = method.options[key];
    const path = `options.${key}`;
    if (!option) {
      faults.push({
        path,
        problem: `is not an option of ${method.id}`,
        remedy: `its options are ${Object.keys(method.options).join(', ')}`,
      });
    } else if (typeof value !== 'number') {
      faults.push({ path, problem: `is ${JSON.stringify(value)}`, remedy: 'give a number' });
    } else if (value < option.min || value > option.max) {
      const { min, max } = option;
      faults.push({
        path,
        problem: `is ${value}`,
        remedy: `give ${min} to ${max}${option.unit ? ` ${option.unit}` : ''}`,
        bounds: { min, max },
      });
    } else if (key === 'rinses' && !Number.isInteger(value)) {
      faults.push({ path, problem: `is ${value}`, remedy: 'give a whole number' });
    }
  }
  for (const [key, option] of Object.entries(method.options)) {
    const value = brief.options?.[key];
    options[key] = typeof value === 'number' ? value : option.default;
  }
  return options;
}

function checkHeat(options: Record<string, number>, altitudeM: number, faults: Fault[]) {
  const setC = options.setC;
  if (setC === undefined) return;
  const boil = boilingC(altitudeM);
  if (setC <= boil - BELOW_BOIL_C) return;
  const highest = Math.floor(boil - BELOW_BOIL_C);
  faults.push({
    path: 'options.setC',
    problem: `is ${setC} °C, which cannot be reached at ${altitudeM} m: milk boils there at ${oneDecimal(boil)} °C`,
    remedy: `give ${highest} °C or less`,
    suggestion: highest,
  });
}

function checkMilk(milk: ResolvedMilk, setC: number | undefined, faults: Fault[]) {
  const { min, max } = BOUNDS.milkPH;
  if (milk.pH < min || milk.pH > max) {
    faults.push({
      path: 'milk.pH',
      problem: `is ${milk.pH}`,
      remedy: `give ${min} to ${max}`,
      bounds: { min, max },
    });
  } else if (setC !== undefined && milk.pH <= coagulationPH(setC) + 0.02) {
    faults.push({
      path: 'milk.pH',
      problem: `is ${milk.pH}, so sour that this milk curdles by itself on the way to ${setC} °C`,
      remedy: 'use fresher milk, or a cooler set',
    });
  }
  const solids = milk.fatPct + milk.proteinPct;
  if (solids > 20) {
    faults.push({
      path: 'milk.proteinPct',
      problem: `and fat make ${solids} % together`,
      remedy: 'check both: the richest milk has about 15 %',
    });
  }
}

/** Fills in a brief by species and method and checks what only the method can know. */
export function resolveBrief(brief: Brief): Result<ReadyBrief> {
  const method = methodById(brief.method);
  if (!method) {
    return bad({
      path: 'method',
      problem: `is ${JSON.stringify(brief.method)}`,
      remedy: `give ${METHODS.map((m) => m.id).join(' or ')}`,
    });
  }
  const faults: Fault[] = [];
  const species = SPECIES_FACTS[brief.milk.species];
  const milk: ResolvedMilk = {
    ...brief.milk,
    fatPct: brief.milk.fatPct ?? species.fatPct,
    proteinPct: brief.milk.proteinPct ?? species.proteinPct,
    treatment: brief.milk.treatment ?? 'pasteurised',
    homogenised: brief.milk.homogenised ?? false,
    pH: brief.milk.pH ?? FRESH_MILK_PH,
    startC: brief.milk.startC ?? FRIDGE_C,
  };
  const kind = brief.acid?.kind ?? 'citric';
  const acid: Resolved['acid'] = {
    ...brief.acid,
    kind,
    ...(ACIDS[kind].defaultStrengthPct !== null && {
      strengthPct: brief.acid?.strengthPct ?? ACIDS[kind].defaultStrengthPct,
    }),
  };
  const options = resolveOptions(brief, method, faults);
  const altitudeM = brief.altitudeM ?? 0;
  if (!faults.some((fault) => fault.path === 'options.setC')) checkHeat(options, altitudeM, faults);
  checkMilk(milk, options.setC, faults);
  if (options.setC !== undefined && milk.startC >= options.setC) {
    faults.push({
      path: 'milk.startC',
      problem: `is ${milk.startC} °C, at or above the set`,
      remedy: 'let the milk cool, or set hotter',
    });
  }
  if (brief.cream && method.cream === null) {
    faults.push({
      path: 'cream',
      problem: `is given, and ${method.short} takes none`,
      remedy: 'leave it out, or raise the milk’s own fat',
    });
  }
  if (faults.length > 0) return bad(...faults);
  const given = new Set([
    ...Object.keys(brief.milk).map((key) => `milk.${key}`),
    ...Object.keys(brief.acid ?? {}).map((key) => `acid.${key}`),
    ...Object.keys(brief.options ?? {}).map((key) => `options.${key}`),
  ]);
  return good({
    method,
    given,
    brief: {
      ...brief,
      milk,
      acid,
      options,
      altitudeM,
      roomC: brief.roomC ?? DEFAULT_ROOM_C,
      calcium: brief.calcium ?? false,
      seed: brief.seed ?? 1,
    },
  });
}
