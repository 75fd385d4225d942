import { z } from 'zod';
import { Infeasible } from '../../core/faults/fault';
import { heatOver } from '../../core/heat/denaturation';
import { potOf } from '../../core/heat/pot';
import { coolingMinutes } from '../../core/heat/sinkBath';
import { warming } from '../../core/heat/warming';
import { expOf, lnOf } from '../../core/numeric/elementary';
import type { Format } from '../../core/units/format';
import type { PotState, Span, World } from '../grammar';
import { type Part, value } from '../sentence';
import type { Habit } from '../traits';
import { minutesTo, potC } from './bounds';
import { along } from './spans';

export const rampParams = z.strictObject({
  toC: potC(),
  overMin: minutesTo(600).default(0),
});
export type RampParams = z.infer<typeof rampParams>;

/** The pace a maker wishes for. Common practice. */
export const WARMED_OVER: Habit = {
  param: 'overMin',
  option: 'warmOverMin',
  usual: 0,
  label: 'Warmed over',
  range: { unit: 'min', min: 0, max: 240 },
  reason: 'Nought: as fast as the heat goes. Slower is gentler, and is judged as you warm.',
};

/** The pace wished for, where one is. */
export const overSaid = (overMin: number | undefined, format: Format): Part[] =>
  overMin ? [' over ', value('overMin', format.minutes(overMin))] : [];

const POINTS = 8;
/** Cold tap water, °C. Common practice. */
export const TAP_C = 12;

/** Cooling in a sink of cold running water, stirred. `attended` is the share of the time at the pot. */
export function cooling(world: World, pot: PotState, toC: number, attended: number): Span {
  const started = pot.tempC;
  const goal = toC + world.probeOffC;
  const tau = coolingMinutes(pot.litres, pot.kg);
  const reached = Math.max(goal, TAP_C + 1);
  const durationMin = started > reached ? tau * lnOf((started - TAP_C) / (reached - TAP_C)) : 0;
  return along(
    pot,
    durationMin,
    durationMin * attended,
    (m) => TAP_C + (started - TAP_C) * expOf(-m / tau),
    toC,
  );
}

/**
 * Warming by whatever heats the pot; milk that is warmer already is cooled in the sink. The maker stops
 * by the thermometer, so a probe that reads low lets the milk go hotter than the target. `attended` is the share of the
 * time at the pot.
 */
export function ramp(world: World, pot: PotState, toC: number, attended: number, overMin = 0): Span {
  const from = pot.tempC;
  const reached = toC + world.probeOffC;
  if (from > reached) return cooling(world, pot, toC, attended);
  const quickest = warming(
    world.heating,
    potOf(pot.litres, pot.kg),
    pot,
    from,
    reached,
    world.roomC,
    world.power,
  );
  if (overMin > 0 && overMin < quickest.minutes - 0.5 && world.likely) {
    throw new Infeasible({
      path: 'options.warmOverMin',
      problem: `is ${overMin} min, and this heat takes ${Math.ceil(quickest.minutes)} min at the fastest`,
      remedy: `give ${Math.ceil(quickest.minutes)} min or more, or a stronger heat`,
      suggestion: Math.ceil(quickest.minutes),
    });
  }
  const durationMin = Math.max(quickest.minutes, overMin);
  // A pace that is wished is kept by turning the heat down: even, all the way.
  const after = (minute: number) =>
    overMin > quickest.minutes ? from + ((reached - from) * minute) / durationMin : quickest.after(minute);
  const course = Array.from({ length: POINTS + 1 }, (_, i) => {
    const minute = (durationMin * i) / POINTS;
    return [minute, after(minute)] as const;
  });
  for (let i = 1; i < course.length; i++) {
    const [m0, c0] = course[i - 1] as readonly [number, number];
    const [m1, c1] = course[i] as readonly [number, number];
    pot.heat = heatOver(pot.heat, c0, c1, m1 - m0);
  }
  pot.tempC = reached;
  pot.minute += durationMin;
  return { durationMin, handsOnMin: durationMin * attended, targetC: toC, course };
}
