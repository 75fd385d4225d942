import { parseISO } from 'date-fns';
import { ACIDS } from '../../core/acid/acids';
import { imcuOfSoxhlet, soxhletOf } from '../../core/coagulant/strength';
import { BOUNDS } from '../../core/faults/bounds';
import type { Fault } from '../../core/faults/fault';
import { parse } from '../../core/faults/zodFaults';
import { trueProteinPct } from '../../core/milk/species';
import type { GivenUnit } from '../../core/units/given';
import { readNumber } from '../../core/units/numbers';
import type { GoodKind } from '../../kitchen/goods';
import { roomOverC } from '../../kitchen/hours';
import type { Kitchen } from '../../kitchen/kitchen';
import { type MethodBook, methodById } from '../../makes';
import { numberOption, type OptionValue } from '../../makes/method';
import { FINDS } from '../../plan/brief/given';
import { type Brief, briefSchema } from '../../plan/brief/schema';
import { withoutClock } from '../../plan/byClock';
import type { GivenDose } from '../../plan/givenDoses';
import { hoursOf } from '../../plan/likely';
import type { Draft, DraftField, FieldValue } from '../../store/slices/draft';
import { readSteps } from './steps';

export type BriefResult = { brief: Brief | null; faults: Fault[] };

/** Where each field of the form sits in a brief, and what it may be. */
export const FIELDS: Record<
  DraftField,
  { path: string; bounds: { min: number; max: number }; optional?: true }
> = {
  litres: { path: 'milk.litres', bounds: BOUNDS.litres },
  wantKg: { path: 'wantKg', bounds: BOUNDS.wantKg },
  fatPct: { path: 'milk.fatPct', bounds: BOUNDS.fatPct },
  proteinPct: { path: 'milk.proteinPct', bounds: BOUNDS.proteinPct },
  pH: { path: 'milk.pH', bounds: BOUNDS.milkPH, optional: true },
  startC: { path: 'milk.startC', bounds: BOUNDS.startC },
  strengthPct: { path: 'acid.strengthPct', bounds: BOUNDS.vinegarPct },
  creamLitres: { path: 'cream.litres', bounds: BOUNDS.creamLitres },
  creamFatPct: { path: 'cream.fatPct', bounds: BOUNDS.creamFatPct },
  pricePerLitre: { path: 'milk.pricePerLitre', bounds: BOUNDS.price, optional: true },
  wheyFatPct: { path: 'milk.fatPct', bounds: BOUNDS.fatPct },
  wheyProteinPct: { path: 'milk.proteinPct', bounds: { min: 0.2, max: 9 } },
  wheyPH: { path: 'milk.pH', bounds: BOUNDS.wheyPH },
  strengthImcu: { path: 'coagulant.strength', bounds: BOUNDS.imcuPerMl },
  soxhlet: { path: 'coagulant.strength', bounds: { min: 1000, max: 10_000_000 } },
  ageMonths: { path: 'coagulant.ageMonths', bounds: BOUNDS.ageMonths },
  setsLitres: { path: 'coagulant.setsLitres', bounds: { min: 0.1, max: 10_000 } },
  inMin: { path: 'coagulant.inMin', bounds: { min: 1, max: 300 } },
  atC: { path: 'coagulant.atC', bounds: { min: 15, max: 55 } },
  culturePercent: { path: 'culture.percent', bounds: { min: 0.05, max: 20 } },
  ageDays: { path: 'culture.ageDays', bounds: { min: 0, max: 365 } },
  generation: { path: 'culture.generation', bounds: { min: 0, max: 200 } },
  labelLitres: { path: 'culture.label', bounds: { min: 0.1, max: 100_000 } },
  heatKw: { path: 'heat.kW', bounds: BOUNDS.hobKw, optional: true },
  bathLitres: { path: 'heat.bathLitres', bounds: { min: 0.5, max: 1000 }, optional: true },
  bathC: { path: 'heat.bathC', bounds: { min: 20, max: 100 }, optional: true },
};

/** The field of a brief that holds a coagulant's strength, by its form. */
export const STRENGTH_FIELD = { liquid: 'imcuPerMl', tablet: 'imcuEach', powder: 'imcuPerG' } as const;
const LABEL_PER = { liquid: 'mL', tablet: 'tablet', powder: 'g' } as const;

function unreadable(path: string, text: string | null, bounds: { min: number; max: number }): Fault {
  const { min, max } = bounds;
  const problem = text === null || text.trim() === '' ? 'is empty' : `"${text}" is not a number`;
  return { path, problem, remedy: `give ${min} to ${max}`, bounds: { min, max } };
}

type Read = (name: DraftField, at?: string) => number | undefined;

function coagulantOf({ coagulantForm: form, coagulantBy }: Draft, read: Read) {
  const ageMonths = read('ageMonths');
  const path = `coagulant.${STRENGTH_FIELD[form]}`;
  switch (coagulantBy) {
    case 'strength':
      return { form, [STRENGTH_FIELD[form]]: read('strengthImcu', path), ageMonths };
    case 'soxhlet': {
      const soxhlet = read('soxhlet', path);
      return { form, [STRENGTH_FIELD[form]]: soxhlet && imcuOfSoxhlet(soxhletOf(soxhlet)), ageMonths };
    }
    case 'nothing':
      return { form, ageMonths };
    case 'label':
      return {
        form,
        per: LABEL_PER[form],
        setsLitres: read('setsLitres'),
        inMin: read('inMin'),
        atC: read('atC'),
        ageMonths,
      };
  }
}

function cultureOf({ cultureForm: form, cultureLabel }: Draft, read: Read) {
  switch (form) {
    case 'freeze-dried':
      return {
        form,
        ...(cultureLabel === 'gram' && {
          labelLitresPerGram: read('labelLitres', 'culture.labelLitresPerGram'),
        }),
        ...(cultureLabel === 'sachet' && {
          labelLitresPerSachet: read('labelLitres', 'culture.labelLitresPerSachet'),
        }),
      };
    case 'liquid':
      return { form, percent: read('culturePercent'), ageDays: read('ageDays') };
    case 'saved':
      return {
        form,
        percent: read('culturePercent'),
        ageDays: read('ageDays'),
        generation: read('generation'),
      };
  }
}

/**
 * The brief a draft stands for, or what keeps it from being one. `nowWall` is local wall time as a brief writes it: a
 * start before it is a fault here, though not in a file.
 */
export function briefOf(draft: Draft, kitchen: Kitchen, nowWall: string, methods: MethodBook): BriefResult {
  const method = methodById(draft.method, methods);
  const faults: Fault[] = [];
  const read = (name: DraftField, at?: string): number | undefined => {
    const field = draft.fields[name];
    if (field.value !== null) return field.value;
    const { path, bounds, optional } = FIELDS[name];
    if (!optional || (field.text ?? '').trim() !== '')
      faults.push(unreadable(at ?? path, field.text, bounds));
    return undefined;
  };
  const whey = method?.of === 'whey';
  const protein = read(whey ? 'wheyProteinPct' : 'proteinPct');
  const options: Record<string, OptionValue> = { ...draft.choices[draft.method] };
  for (const [key, option] of Object.entries(method?.options ?? {})) {
    const typed = options[key];
    if (option.type !== 'steps' || typeof typed !== 'string') continue;
    const steps = readSteps(typed);
    if (steps === null) {
      faults.push({
        path: `options.${key}`,
        problem: `"${typed}" is no row of loads`,
        remedy: 'give kilograms and minutes, like 14 kg 60 min, 23 kg 30 min',
      });
      delete options[key];
    } else options[key] = steps;
  }
  for (const [key, field] of Object.entries(draft.options[draft.method] ?? {}) as [string, FieldValue][]) {
    const option = numberOption(method, key);
    if (!option) continue;
    if (field.value === null) faults.push(unreadable(`options.${key}`, field.text, option));
    else options[key] = field.value;
  }
  const wantsStrength = ACIDS[draft.acid].defaultStrengthPct !== null;
  const moment = draft.when === 'now' ? {} : { [draft.when]: draft.moment };
  if (draft.when === 'start' && draft.moment !== '' && draft.moment < nowWall) {
    faults.push({
      path: 'start',
      problem: 'lies in the past',
      remedy: 'give a time from now on, or choose “now”',
    });
  }
  const inHand = (dose: GivenDose): { given?: { amount: number; unit: GivenUnit } } => {
    const typed = draft.given[dose];
    if (!typed) return {};
    const amount = readNumber(typed.text);
    if (amount !== null && amount > 0) {
      // A dose in hand decides what else would have found it.
      const found = (FINDS as Partial<Record<GivenDose, string>>)[dose];
      if (found) delete options[found];
      return { given: { amount, unit: typed.unit } };
    }
    faults.push({
      path: `${dose}.given`,
      problem: typed.text.trim() === '' ? 'is empty' : `"${typed.text}" is no amount`,
      remedy: 'give how much of it you have, or let it be computed',
    });
    return {};
  };
  const salt = {
    ...priced(draft, 'salt'),
    ...inHand('salt'),
    ...(draft.saltKind !== 'fine' && { kind: draft.saltKind }),
  };
  const calciumGiven = inHand('calcium');
  const heat = heatOf(draft, read);
  const value = {
    format: 'plump-pail/brief',
    version: 1,
    method: draft.method,
    milk: {
      species: draft.species,
      ...(draft.by === 'litres' && { litres: read('litres') }),
      fatPct: read(whey ? 'wheyFatPct' : 'fatPct'),
      proteinPct:
        protein !== undefined && !whey && kitchen.proteinBasis === 'crude'
          ? trueProteinPct(protein, draft.species)
          : protein,
      treatment: draft.treatment,
      // Not asked of a whey.
      ...(!whey && { homogenised: draft.homogenised }),
      pH: read(whey ? 'wheyPH' : 'pH'),
      startC: read('startC'),
      pricePerLitre: read('pricePerLitre'),
    },
    ...(draft.by === 'wantKg' && { wantKg: read('wantKg') }),
    ...(draft.cream &&
      method?.cream && { cream: { litres: read('creamLitres'), fatPct: read('creamFatPct') } }),
    ...(method?.acid != null && {
      acid: {
        kind: draft.acid,
        ...(wantsStrength && { strengthPct: read('strengthPct') }),
        ...priced(draft, 'acid'),
        ...inHand('acid'),
      },
    }),
    ...(method?.coagulant != null && {
      coagulant: { ...coagulantOf(draft, read), ...priced(draft, 'coagulant'), ...inHand('coagulant') },
    }),
    ...(method?.culture != null && {
      culture: { ...cultureOf(draft, read), ...priced(draft, 'culture'), ...inHand('culture') },
    }),
    ...(Object.keys(salt).length > 0 && { salt }),
    ...(draft.calcium && { calcium: calciumGiven.given ? calciumGiven : true }),
    ...(heat && { heat }),
    ...(draft.keepWarm && { keepWarm: draft.keepWarm }),
    ...(draft.byClock && draft.when !== 'now' && { asleep: nightOf(kitchen) }),
    ...(draft.away.length > 0 && draft.when !== 'now' && { away: draft.away }),
    roomC: kitchen.roomC,
    altitudeM: kitchen.altitudeM,
    ...(kitchen.currency !== '' && { currency: kitchen.currency }),
    options,
    ...moment,
  };
  if (faults.length > 0) return { brief: null, faults };
  const brief = parse<Brief>(briefSchema, value);
  if (!brief.ok) return { brief: null, faults: brief.faults };
  return { brief: withRoom(brief.value, kitchen, nowWall, methods), faults: [] };
}

/** What warms the pot: only what belongs to it is read, so that a bath's water does not stand in a hob's way. */
function heatOf({ heatBy: by }: Draft, read: Read) {
  switch (by) {
    case 'hob': {
      const kW = read('heatKw');
      return kW === undefined ? null : { by, kW };
    }
    case 'roaster':
      return { by, kW: read('heatKw') };
    case 'sink':
      return { by, bathLitres: read('bathLitres'), bathC: read('bathC') };
    case 'water-bath':
    case 'thermostat':
      return { by, bathC: read('bathC') };
  }
}

const clock = (hour: number) =>
  `${String(Math.floor(hour) % 24).padStart(2, '0')}:${String(Math.round((hour % 1) * 60)).padStart(2, '0')}`;
/** The kitchen's night, as a brief says it. */
const nightOf = ({ asleepFrom = 23, asleepTo = 6 }: Kitchen) => ({
  from: clock(asleepFrom),
  to: clock(asleepTo),
});

/** The price of what a kind takes off the shelf, where it has one. */
const priced = ({ prices }: Draft, kind: GoodKind) =>
  prices[kind] === undefined ? {} : { price: prices[kind] };

/** A brief with the room as it is over the hours of its make, where the kitchen is colder or warmer by night. */
function withRoom(brief: Brief, kitchen: Kitchen, nowWall: string, methods: MethodBook): Brief {
  if (kitchen.roomNightC == null) return brief;
  const hours = hoursOf(withoutClock(brief), methods);
  if (hours === null) return brief;
  const startMs = brief.readyBy
    ? parseISO(brief.readyBy).getTime() - hours * 3_600_000
    : parseISO(brief.start ?? nowWall).getTime();
  return { ...brief, roomC: roomOverC(kitchen, startMs, hours) };
}
