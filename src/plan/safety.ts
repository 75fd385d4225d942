import { type Souring, souringOf } from '../core/safety/slowSouring';
import { allowedWarmMin, warmMinutes } from '../core/safety/warmTime';
import { does, takes } from '../makes/asked';
import type { Plan } from './schema';

type Stages = Plan['stages'];
type Parameters = Readonly<Record<string, unknown>>;

/** One stage as it went, or as it is meant to go: minutes and °C, minutes and pH, counted from the make's first minute. */
export interface Lived {
  temps: readonly (readonly [minute: number, tempC: number])[];
  pHs: readonly (readonly [minute: number, pH: number])[];
}

/** The stage whose end is the culture's beginning; -1 without one. */
export const culturedAt = (stages: Stages, parameters: Parameters): number =>
  stages.findIndex((stage) => takes(stage, parameters, 'culture'));

/**
 * The stage from which warm minutes count: where curd leaves the heat, or the care of its culture, which ends as it is
 * salted, brined, chilled or put away; the number of stages where none is.
 */
export function standsFrom(stages: Stages, parameters: Parameters): number {
  const culture = culturedAt(stages, parameters);
  const leaves = (stage: Stages[number]) =>
    culture >= 0
      ? takes(stage, parameters, 'salt') ||
        does(stage, 'brines') ||
        does(stage, 'after') ||
        (stage.uses ?? []).includes('fridge')
      : does(stage, 'drains') || does(stage, 'presses') || does(stage, 'holds-curd');
  const heated = stages.findIndex((stage) => does(stage, 'heats-milk'));
  const found = stages.findIndex((stage, i) => i > Math.max(culture, heated) && leaves(stage));
  return found < 0 ? stages.length : found;
}

export interface Safety {
  /** Null without a culture. */
  souring: Souring | null;
  /** Minutes between 5 and 60 °C that count, and how many are allowed at the curd's pH. */
  warmMin: number;
  allowedMin: number;
}

/** How a make stands against slow souring and warm time, from its stages as they went or are meant to go. */
export function safetyOf(
  stages: Stages,
  parameters: Parameters,
  lived: readonly (Lived | null)[],
  curdPH: number,
): Safety {
  const from = culturedAt(stages, parameters);
  const counted = standsFrom(stages, parameters);
  const after = (index: number) => lived.slice(index).filter((one) => one !== null);
  const warm = after(counted).flatMap((one) => one.temps);
  const cultured = from < 0 ? [] : after(from + 1);
  const begin = cultured[0]?.temps[0]?.[0] ?? 0;
  const hours = (points: Lived['temps']) =>
    points.map(([minute, value]) => [(minute - begin) / 60, value] as const);
  return {
    souring:
      from < 0
        ? null
        : souringOf(
            cultured.flatMap((one) => hours(one.temps)),
            cultured.flatMap((one) => hours(one.pHs)),
          ),
    warmMin: warmMinutes(warm),
    allowedMin: allowedWarmMin(curdPH),
  };
}
