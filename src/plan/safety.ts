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

/** A stage that stands in the cold: how fast it cools is another rule's. */
const inTheCold = (stage: Stages[number]) => does(stage, 'brines') || (stage.uses ?? []).includes('fridge');

/**
 * The stages between which warm minutes count: from where curd is out of the pot, or its culture's care has ended (as it is
 * brined, chilled, stretched or put away), and from where it has been hot for the last time. `from` and `since` are the number
 * of stages where there is none.
 */
export function standsFrom(stages: Stages, parameters: Parameters): { from: number; since: number } {
  const culture = culturedAt(stages, parameters);
  const leaves = (stage: Stages[number]) =>
    culture >= 0
      ? inTheCold(stage) || does(stage, 'heats-curd') || does(stage, 'after')
      : does(stage, 'drains') || does(stage, 'presses') || does(stage, 'holds-curd');
  const milk = stages.findIndex((stage) => does(stage, 'heats-milk'));
  const first = stages.findIndex((stage, i) => i > Math.max(culture, milk) && leaves(stage));
  const from = first < 0 ? stages.length : first;
  return { from, since: Math.max(from, stages.findLastIndex((stage) => does(stage, 'heats-curd')) + 1) };
}

export interface Safety {
  /** Null without a culture. */
  souring: Souring | null;
  /** Minutes between 5 and 60 °C since it was last hot, outside the cold and its culture's care, and how many are allowed at its pH. */
  warmMin: number;
  /** Those before it was hot for the last time: the heat kills what grew, not what it left. */
  beforeHotMin: number;
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
  const warm = (first: number, end: number) =>
    lived.slice(first, end).reduce((sum, one, i) => {
      const stage = stages[first + i];
      return one && stage && !inTheCold(stage) ? sum + warmMinutes(one.temps) : sum;
    }, 0);
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
    warmMin: warm(counted.since, stages.length),
    beforeHotMin: warm(counted.from, Math.max(counted.from, counted.since - 1)),
    allowedMin: allowedWarmMin(curdPH),
  };
}
