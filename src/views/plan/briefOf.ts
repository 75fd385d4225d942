import { ACIDS } from '../../core/acid/acids';
import { BOUNDS } from '../../core/faults/bounds';
import type { Fault } from '../../core/faults/fault';
import { parse } from '../../core/faults/zodFaults';
import { trueProteinPct } from '../../core/milk/species';
import type { Kitchen } from '../../files/backup';
import { methodById } from '../../makes';
import { numberOption } from '../../makes/method';
import { type Brief, briefSchema } from '../../plan/brief/schema';
import type { Draft, DraftField, FieldValue } from '../../store/slices/draft';

export type BriefResult = { brief: Brief | null; faults: Fault[] };

/** Where each field of the form sits in a brief. */
export const PATHS: Record<DraftField, string> = {
  litres: 'milk.litres',
  wantKg: 'wantKg',
  fatPct: 'milk.fatPct',
  proteinPct: 'milk.proteinPct',
  pH: 'milk.pH',
  startC: 'milk.startC',
  strengthPct: 'acid.strengthPct',
  creamLitres: 'cream.litres',
  creamFatPct: 'cream.fatPct',
  pricePerLitre: 'milk.pricePerLitre',
};

const EMPTY_BOUNDS = {
  litres: BOUNDS.litres,
  wantKg: BOUNDS.wantKg,
  fatPct: BOUNDS.fatPct,
  proteinPct: BOUNDS.proteinPct,
  pH: BOUNDS.milkPH,
  startC: BOUNDS.startC,
  strengthPct: BOUNDS.vinegarPct,
  creamLitres: BOUNDS.creamLitres,
  creamFatPct: BOUNDS.creamFatPct,
  pricePerLitre: BOUNDS.price,
} as const satisfies Record<DraftField, { min: number; max: number }>;

/** Fields that may be left empty. */
const OPTIONAL: readonly DraftField[] = ['pH', 'pricePerLitre'];

function unreadable(path: string, text: string | null, bounds: { min: number; max: number }): Fault {
  const { min, max } = bounds;
  const problem = text === null || text.trim() === '' ? 'is empty' : `"${text}" is not a number`;
  return { path, problem, remedy: `give ${min} to ${max}`, bounds: { min, max } };
}

/**
 * The brief a draft stands for, or what keeps it from being one. `nowWall` is local wall time as a brief writes it: a
 * start before it is a fault here, though not in a file.
 */
export function briefOf(draft: Draft, kitchen: Kitchen, nowWall: string): BriefResult {
  const method = methodById(draft.method);
  const faults: Fault[] = [];
  const read = (name: DraftField): number | undefined => {
    const field = draft.fields[name];
    if (field.value !== null) return field.value;
    if (!OPTIONAL.includes(name) || (field.text ?? '').trim() !== '')
      faults.push(unreadable(PATHS[name], field.text, EMPTY_BOUNDS[name]));
    return undefined;
  };
  const protein = read('proteinPct');
  const options: Record<string, number | string | boolean> = { ...draft.choices[draft.method] };
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
  const value = {
    format: 'plump-pail/brief',
    version: 1,
    method: draft.method,
    milk: {
      species: draft.species,
      ...(draft.by === 'litres' && { litres: read('litres') }),
      fatPct: read('fatPct'),
      proteinPct:
        protein !== undefined && kitchen.proteinBasis === 'crude'
          ? trueProteinPct(protein, draft.species)
          : protein,
      treatment: draft.treatment,
      homogenised: draft.homogenised,
      pH: read('pH'),
      startC: read('startC'),
      pricePerLitre: read('pricePerLitre'),
    },
    ...(draft.by === 'wantKg' && { wantKg: read('wantKg') }),
    ...(draft.cream &&
      method?.cream && { cream: { litres: read('creamLitres'), fatPct: read('creamFatPct') } }),
    ...(method?.acid != null && {
      acid: { kind: draft.acid, ...(wantsStrength && { strengthPct: read('strengthPct') }) },
    }),
    roomC: kitchen.roomC,
    altitudeM: kitchen.altitudeM,
    ...(kitchen.currency !== '' && { currency: kitchen.currency }),
    options,
    ...moment,
  };
  if (faults.length > 0) return { brief: null, faults };
  const brief = parse<Brief>(briefSchema, value);
  if (!brief.ok) return { brief: null, faults: brief.faults };
  return { brief: brief.value, faults: [] };
}
