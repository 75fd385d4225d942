import { coagulationPH } from '../../core/acid/coagulation';
import { setsWithCoagulant } from '../../core/coagulant/clotting';
import { imcuPerMeasure, LABEL_FIELDS, productOf } from '../../core/coagulant/product';
import { GROUP_FACTS, heatGrowth } from '../../core/culture/groups';
import { BOUNDS } from '../../core/faults/bounds';
import { type Fault, Infeasible } from '../../core/faults/fault';
import { BELOW_BOIL_C, boilingC } from '../../core/heat/boiling';
import { HOTTEST_STRETCH_WATER_C } from '../../core/heat/hotWater';
import { SATURATED_PCT_WW } from '../../core/salt/brine';
import type { DoseId } from '../../makes/grammar';
import { groupsOf, type Method } from '../../makes/method';
import type { Doing } from '../../makes/traits';
import type { Resolved } from './resolved';

/** A brief as the checks see it, what goes into its make, and what is done in it. */
export interface Checked {
  brief: Resolved;
  method: Method;
  takes(what: DoseId): boolean;
  does(what: Doing): boolean;
}

/** Milk this close above the pH at which it turns flecks where the stream goes in. Common practice. */
const TURNS_MARGIN_PH = 0.05;
const oneDecimal = (value: number) => Math.round(value * 10) / 10;
const already = (faults: readonly Fault[], path: string) => faults.some((fault) => fault.path === path);

/** Heats asked for that this altitude's boiling point, or the stretch, rules out. */
export function checkHeat({ brief, method }: Checked, faults: Fault[]) {
  const boil = boilingC(brief.altitudeM);
  const highest = Math.floor(boil - BELOW_BOIL_C);
  for (const key of ['setC', 'scaldC', 'poachC']) {
    const heat = brief.options[key];
    if (typeof heat !== 'number' || heat <= boil - BELOW_BOIL_C || already(faults, `options.${key}`))
      continue;
    faults.push({
      path: `options.${key}`,
      problem: `is ${heat} °C, which cannot be reached at ${brief.altitudeM} m: ${method.of} boils there at ${oneDecimal(boil)} °C`,
      remedy: `give ${highest} °C or less`,
      suggestion: highest,
    });
  }
  const water = brief.options.stretchWaterC;
  if (typeof water === 'number' && water > HOTTEST_STRETCH_WATER_C) {
    faults.push({
      path: 'options.stretchWaterC',
      problem: `is ${water} °C, hot enough to scald and to melt the fat out`,
      remedy: `give ${HOTTEST_STRETCH_WATER_C} °C or less`,
      suggestion: HOTTEST_STRETCH_WATER_C,
    });
  }
}

/** The milk's (or whey's) own pH and protein. */
export function checkMilk({ brief: { milk, options }, method }: Checked, faults: Fault[]) {
  const whey = method.of === 'whey';
  const { min, max } = whey ? BOUNDS.wheyPH : BOUNDS.milkPH;
  const setC = method.acid === 'turns' ? (options.setC as number) : null;
  const lowest = BOUNDS.proteinPct.min;
  if (milk.pH < min || milk.pH > max) {
    faults.push({
      path: 'milk.pH',
      problem: `is ${milk.pH}`,
      remedy: `give ${min} to ${max}`,
      bounds: { min, max },
    });
  } else if (whey && milk.pH <= 5.2) {
    faults.push({
      path: 'milk.pH',
      problem: `is ${milk.pH}: acid whey gives next to nothing when it is cooked again`,
      remedy: 'take fresh sweet whey, above pH 5.2',
    });
  } else if (!whey && setC !== null && milk.pH <= coagulationPH(setC) + 0.02) {
    faults.push({
      path: 'milk.pH',
      problem: `is ${milk.pH}, so sour that this milk curdles by itself on the way to ${setC} °C`,
      remedy: 'use fresher milk, or a cooler set',
    });
  }
  if (!whey && milk.proteinPct < lowest) {
    faults.push({
      path: 'milk.proteinPct',
      problem: `is ${milk.proteinPct}`,
      remedy: `give ${lowest} to ${BOUNDS.proteinPct.max} %`,
      bounds: { min: lowest, max: BOUNDS.proteinPct.max },
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

/** Acid poured into cold milk must leave it liquid until its coagulant sets it: a fault where the set curve says it turns first. */
export function checkAcid({ brief: { options }, method }: Checked, faults: Fault[]) {
  const { acidPH, setC } = options;
  if (method.acid === 'turns' || typeof acidPH !== 'number' || typeof setC !== 'number') return;
  const turns = coagulationPH(setC);
  if (acidPH > turns + TURNS_MARGIN_PH || already(faults, 'options.acidPH')) return;
  faults.push({
    path: 'options.acidPH',
    problem: `is ${acidPH}, and at ${setC} °C milk so sour curdles by itself at pH ${turns.toFixed(2)}, before the coagulant sets it`,
    remedy: 'set it cooler, or take less acid',
  });
}

export function checkCream({ brief, method }: Checked, faults: Fault[]) {
  if (!brief.cream || method.cream !== null) return;
  faults.push({
    path: 'cream',
    problem: `is given, and ${method.short} takes none`,
    remedy: 'leave it out, or raise the milk’s own fat',
  });
}

/** The coagulant's strength, and whether it can set this milk. A make that scalds its own milk leaves the setting to its culture. */
export function checkCoagulant({ brief, takes, does }: Checked, faults: Fault[]) {
  const { coagulant, milk } = brief;
  if (!coagulant || !takes('coagulant')) return;
  if (!setsWithCoagulant(milk.treatment) && !does('scalds')) {
    faults.push({
      path: 'milk.treatment',
      problem: `is ${milk.treatment}, and such milk does not set with a coagulant`,
      remedy: 'take raw or pasteurised milk, or a hot-acid make such as whole-milk-ricotta or paneer',
    });
  }
  const missing = LABEL_FIELDS.filter((field) => coagulant[field] === undefined);
  if (missing.length > 0 && missing.length < LABEL_FIELDS.length) {
    faults.push({
      path: `coagulant.${missing[0]}`,
      problem: 'is missing',
      remedy:
        'a label statement says how many litres (setsLitres) per what (per), in what time (inMin), at what heat (atC)',
    });
    return;
  }
  try {
    imcuPerMeasure(productOf(coagulant));
  } catch (error) {
    if (!(error instanceof Infeasible)) throw error;
    faults.push(error.fault);
  }
}

/** A culture whose every strain is nearly asleep at the set is none, share of its best pace. */
const ASLEEP = 0.03;

export function checkCulture({ brief, method, takes }: Checked, faults: Fault[]) {
  const setC = brief.options.setC;
  if (!brief.culture || !method.culture || !takes('culture') || typeof setC !== 'number') return;
  const groups = groupsOf(brief.options);
  if (groups.some((group) => heatGrowth(GROUP_FACTS[group], setC) > ASLEEP)) return;
  faults.push({
    path: 'options.cultureGroup',
    problem: `is ${String(brief.options.cultureGroup)}, which hardly grows at ${setC} °C`,
    remedy: `set at ${Math.min(...groups.map((group) => GROUP_FACTS[group].optC))} °C, or take a group that likes it cooler or warmer`,
  });
}

export function checkSalting({ brief }: Checked, faults: Fault[]) {
  const strength = brief.options.brinePctWw;
  if (typeof strength !== 'number' || strength <= SATURATED_PCT_WW) return;
  faults.push({
    path: 'options.brinePctWw',
    problem: `is ${strength} %, and water takes no more than ${SATURATED_PCT_WW} % of salt`,
    remedy: `give ${SATURATED_PCT_WW} % or less`,
    suggestion: SATURATED_PCT_WW,
  });
}
