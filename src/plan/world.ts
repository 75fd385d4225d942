import { bufferOf } from '../core/acid/buffer';
import { aimedPH } from '../core/acid/coagulation';
import { amountForPH, titrantOf } from '../core/acid/titrate';
import { CURD_STYLES } from '../core/curd/styles';
import { heatDoseOfTreatment } from '../core/heat/denaturation';
import { blend, creamBatch } from '../core/milk/blend';
import { compositionOf, type MilkBatch, milkBatch } from '../core/milk/composition';
import type { PotState, World } from '../makes/grammar';
import type { Method } from '../makes/method';
import type { Resolved } from './brief/resolve';

/** What one draw of the uncertain world adds to the nominal one; all nought or one in the likely run. */
export interface Departure {
  fatPct: number;
  proteinPct: number;
  pH: number;
  acidStrength: number;
  probeOffC: number;
  power: number;
  drainPace: number;
  moisturePct: number;
  fatRetention: number;
  caseinRetention: number;
  wheyRetention: number;
}

export const NO_DEPARTURE: Departure = {
  fatPct: 0,
  proteinPct: 0,
  pH: 0,
  acidStrength: 1,
  probeOffC: 0,
  power: 1,
  drainPace: 1,
  moisturePct: 0,
  fatRetention: 0,
  caseinRetention: 0,
  wheyRetention: 1,
};

/** The cream of a brief, or null. */
export const creamOf = (brief: Resolved): MilkBatch | null =>
  brief.cream ? creamBatch(brief.milk.species, brief.cream.litres, brief.cream.fatPct) : null;

/** What is in the pail when warming starts: the milk, with the cream where the make takes it into the milk. */
export function pailOf(brief: Resolved, method: Method, litres: number, depart: Departure): MilkBatch {
  const { milk } = brief;
  const composition = compositionOf(
    milk.species,
    Math.max(0, milk.fatPct + depart.fatPct),
    Math.max(0.5, milk.proteinPct + depart.proteinPct),
  );
  const batch = milkBatch(litres, composition);
  const cream = method.cream === 'milk' ? creamOf(brief) : null;
  return cream ? blend([batch, cream]) : batch;
}

/** The temperature the acid goes in at, °C. */
export const setTempC = (brief: Resolved): number => brief.options.setC as number;

/**
 * One world: the milk as a buffer, the acid, and how much of it this milk needs. `planned` is the amount the plan
 * says (g or mL); left out, the amount this very milk needs.
 */
export function worldOf(
  brief: Resolved,
  method: Method,
  litres: number,
  depart: Departure,
  planned?: number,
): World & { needed: number } {
  const milk = pailOf(brief, method, litres, depart);
  const buffer = bufferOf(milk, brief.milk.pH + depart.pH);
  const titrant = titrantOf(brief.acid, { strength: depart.acidStrength });
  const needed = amountForPH(buffer, titrant, aimedPH(setTempC(brief) + depart.probeOffC)) * milk.litres;
  return {
    milk,
    buffer,
    titrant,
    needed,
    acidAmount: planned ?? needed,
    roomC: brief.roomC,
    power: depart.power,
    probeOffC: depart.probeOffC,
    drain: { ...method.drain, tauMin: method.drain.tauMin * depart.drainPace },
    usualMoisturePct: CURD_STYLES[method.style].moisturePct,
  };
}

/** The pot at the start of the make. */
export const potAtStart = (brief: Resolved, world: World): PotState => ({
  minute: 0,
  tempC: brief.milk.startC,
  litres: world.milk.litres,
  kg: world.milk.massKg,
  pH: world.buffer.pH0,
  heat: heatDoseOfTreatment(brief.milk.treatment),
  moisturePct: null,
});
