import { heatOver } from '../../core/heat/denaturation';
import { minutesTo, potOf, tempAfter } from '../../core/heat/pot';
import type { PotState, Span, World } from '../grammar';

const POINTS = 8;

/**
 * Warming on a hob, straight through the lumped pot. The maker stops by the thermometer, so a probe that reads low
 * lets the milk go hotter than the target. `attended` is the share of the time at the pot.
 */
export function ramp(world: World, pot: PotState, toC: number, attended: number): Span {
  const from = pot.tempC;
  const reached = Math.max(toC + world.probeOffC, from);
  const hob = potOf(pot.litres, pot.kg);
  const power = hob.powerKw * world.power;
  const durationMin = minutesTo(hob, from, reached, world.roomC, power);
  const course = Array.from({ length: POINTS + 1 }, (_, i) => {
    const minute = (durationMin * i) / POINTS;
    return [minute, tempAfter(hob, from, minute, world.roomC, power)] as const;
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
