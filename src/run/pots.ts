import { carryOverC, type HeatSource, usualCarryOverC } from '../core/heat/carryOver';
import { learnedCarryOverC } from '../core/heat/learn';
import { USUAL_MILK_KG_PER_L } from '../core/milk/density';
import { does } from '../makes/asked';
import type { MakeState } from './state';

/** A pot still climbs for so long after the heat went off, min. Common practice. */
const COASTS_MIN = 10;

/** When the pot next went onto the heat, ms; never where it did not. */
function warmedAgainAt(state: MakeState, at: number): number {
  const again = state.runs.find((run) => {
    const stage = state.plan.stages.find((one) => one.id === run.stage);
    return run.startedAt > at && stage !== undefined && does(stage, 'ramps');
  });
  return again?.startedAt ?? Number.POSITIVE_INFINITY;
}

/**
 * How far a make's pot coasted each time it was told to turn the heat off, °C: from the reading that brought the
 * advice to the warmest one in the ten minutes after it, or until it went onto the heat again. A warming without a later reading says nothing.
 */
export function coastsOf(state: MakeState): number[] {
  return state.advice
    .filter(({ told }) => told?.of === 'heat' && told.says === 'turn-off')
    .flatMap(({ at }) => {
      const off = state.readings.findLast((one) => one.at <= at);
      const until = Math.min(at + COASTS_MIN * 60_000, warmedAgainAt(state, at));
      const later = state.readings.filter((one) => one.at > at && one.at <= until);
      if (!off || later.length === 0) return [];
      return [Math.max(0, Math.max(...later.map((one) => one.tempC)) - off.tempC)];
    });
}

/**
 * How far `litres` in a pot will coast, °C: what its earlier makes did, a degree in ten litres being two in five; the
 * usual of its heat source, or of a middling one, until there is any.
 */
export function carryOverFor(
  potId: string,
  litres: number,
  makes: readonly { pot: { id: string; degreeLitres: readonly number[] } | null }[],
  source: HeatSource | null = null,
): number {
  const degreeLitres = makes.flatMap(({ pot }) => (pot?.id === potId ? pot.degreeLitres : []));
  const usual = source ? carryOverC(source, litres * USUAL_MILK_KG_PER_L) : usualCarryOverC(litres);
  return learnedCarryOverC(degreeLitres, usual * litres) / litres;
}
