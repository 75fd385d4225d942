import { ACIDS } from '../../core/acid/acids';
import { setsWeakly } from '../../core/coagulant/clotting';
import { bad, type Fault, good, type Result } from '../../core/faults/fault';
import { FRIDGE_C } from '../../core/heat/places';
import { FRESH_MILK_PH, SPECIES_FACTS } from '../../core/milk/species';
import { USUAL_WHEY, USUAL_WHEY_PROTEIN_PCT } from '../../core/milk/whey';
import { type MethodBook, methodById } from '../../makes';
import type { DoseId } from '../../makes/grammar';
import { stageKind } from '../../makes/kinds';
import { fillParams, type Method } from '../../makes/method';
import type { Doing } from '../../makes/traits';
import { applies } from '../stages';
import {
  checkAcid,
  checkCoagulant,
  checkCream,
  checkCulture,
  checkHeat,
  checkMilk,
  checkSalting,
} from './checks';
import { checkGiven } from './given';
import { resolveOptions } from './options';
import type { Resolved, ResolvedMilk } from './resolved';
import type { Brief } from './schema';
import { usualFor } from './usual';

const DEFAULT_ROOM_C = 20;
const USUAL_CREAM_FAT_PCT = 36;
const USUAL_COAGULANT = { form: 'liquid', imcuPerMl: 200, ageMonths: 0 } as const;

export interface ReadyBrief {
  brief: Resolved;
  method: Method;
  /** Paths the maker gave, so that a measured figure is trusted more than a default. */
  given: ReadonlySet<string>;
  /** Cream for each litre of milk where the make wants some and nobody says how much; it follows the litres. */
  creamPerLitre: number | null;
}

/** The milk of a brief with what its species and its make leave unsaid filled in. */
export function resolveMilk({ milk }: Pick<Brief, 'milk'>, method: Method): ResolvedMilk {
  const species = SPECIES_FACTS[milk.species];
  const usual =
    method.of === 'whey'
      ? { ...USUAL_WHEY, proteinPct: USUAL_WHEY_PROTEIN_PCT[milk.species] }
      : { fatPct: method.usual.fatPct ?? species.fatPct, proteinPct: species.proteinPct, pH: FRESH_MILK_PH };
  return {
    ...milk,
    fatPct: milk.fatPct ?? usual.fatPct,
    proteinPct: milk.proteinPct ?? usual.proteinPct,
    treatment: milk.treatment ?? 'pasteurised',
    homogenised: milk.homogenised ?? false,
    pH: milk.pH ?? usual.pH,
    startC: milk.startC ?? FRIDGE_C,
  };
}

function resolveAcid({ acid }: Brief): NonNullable<Brief['acid']> {
  const kind = acid?.kind ?? 'citric';
  const usual = ACIDS[kind].defaultStrengthPct;
  return { ...acid, kind, ...(usual !== null && { strengthPct: acid?.strengthPct ?? usual }) };
}

/** Fills in a brief by species and method and checks what only the method can know. */
export function resolveBrief(brief: Brief, methods: MethodBook): Result<ReadyBrief> {
  const method = methodById(brief.method, methods);
  if (!method) {
    return bad({
      path: 'method',
      problem: `is ${JSON.stringify(brief.method)}`,
      remedy: `give ${methods.map((m) => m.id).join(' or ')}`,
    });
  }
  const faults: Fault[] = [];
  const options = resolveOptions(brief, method, faults);
  const milk = resolveMilk(brief, method);
  const calcium = brief.calcium ?? (method.coagulant !== null && method.bag === null && setsWeakly(milk));
  // A dose of salt in hand is strewn, whatever the make's usual share.
  if (brief.salt?.given && Number(options.saltPct ?? 0) === 0 && method.options.saltPct) options.saltPct = 1;
  const choices = { options, calcium, cream: brief.cream };
  const stages = method.stages
    .filter((stage) => applies(stage, choices))
    .map((stage) => ({ kind: stageKind(stage.kind), params: fillParams(stage, options) }));
  const takes = (what: DoseId) => stages.some(({ kind, params }) => kind.takes(params).includes(what));
  const does = (what: Doing) => stages.some(({ kind }) => kind.does.includes(what));
  const creamPerLitre = brief.cream === undefined ? (method.usual.creamPerLitre ?? null) : null;
  const resolved: Resolved = {
    ...brief,
    milk,
    ...(method.acid !== null && { acid: resolveAcid(brief) }),
    ...(takes('coagulant') && { coagulant: brief.coagulant ?? USUAL_COAGULANT }),
    ...(takes('culture') && { culture: brief.culture ?? { form: 'freeze-dried' as const } }),
    // One litre's worth, until the litres are known.
    ...(creamPerLitre !== null && { cream: { litres: creamPerLitre, fatPct: USUAL_CREAM_FAT_PCT } }),
    options,
    altitudeM: brief.altitudeM ?? 0,
    roomC: brief.roomC ?? DEFAULT_ROOM_C,
    calcium,
    seed: brief.seed ?? 1,
  };
  // Cream that follows the litres stands here with one litre of milk.
  const pailLitres = creamPerLitre !== null ? 1 : (brief.milk.litres ?? (brief.cream ? null : 1));
  const usual = pailLitres === null ? {} : usualFor(resolved, method, pailLitres);
  for (const [key, value] of Object.entries(usual))
    if (brief.options?.[key] === undefined) resolved.options[key] = value;
  const about = { brief: resolved, method, takes, does };
  checkHeat(about, faults);
  checkMilk(about, faults);
  checkAcid(about, faults);
  checkCream(about, faults);
  checkCoagulant(about, faults);
  checkCulture(about, faults);
  checkSalting(about, faults);
  checkGiven(brief, about, faults);
  if (faults.length > 0) return bad(...faults);
  // A field that is there and empty has not been given.
  const said = (at: string, part: object | undefined) =>
    Object.entries(part ?? {}).flatMap(([key, value]) => (value === undefined ? [] : [`${at}.${key}`]));
  const given = new Set([
    ...said('milk', brief.milk),
    ...said('acid', brief.acid),
    ...said('coagulant', brief.coagulant),
    ...said('culture', brief.culture),
    ...said('options', brief.options),
    ...(brief.roomC === undefined ? [] : ['roomC']),
  ]);
  return good({ method, given, creamPerLitre, brief: resolved });
}

/** A ready brief for so many litres: milk, and cream that follows it. */
export function atLitres({ brief, creamPerLitre }: ReadyBrief, litres: number): Resolved {
  const sized = { ...brief, milk: { ...brief.milk, litres } };
  return creamPerLitre === null || !brief.cream
    ? sized
    : { ...sized, cream: { ...brief.cream, litres: creamPerLitre * litres } };
}
