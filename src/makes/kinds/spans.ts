import { heatOver } from '../../core/heat/denaturation';
import { LOSS_W_PER_M2K, potOf, tempAfter } from '../../core/heat/pot';
import type { PotState, Span, World } from '../grammar';

/** Time at the pot in which nothing in it changes but what the room does to it. */
export function resting(
  world: World,
  pot: PotState,
  durationMin: number,
  handsOnMin: number,
  lossW = LOSS_W_PER_M2K.lidded,
): Span {
  const started = pot.tempC;
  const cooling = potOf(pot.litres, pot.kg, 'milk', lossW);
  const after = (minutes: number) => tempAfter(cooling, started, minutes, world.roomC, 0);
  const ended = after(durationMin);
  pot.heat = heatOver(pot.heat, started, ended, durationMin);
  pot.tempC = ended;
  pot.minute += durationMin;
  return {
    durationMin,
    handsOnMin,
    targetC: null,
    course: [0, 0.25, 0.5, 0.75, 1].map(
      (share) => [share * durationMin, after(share * durationMin)] as const,
    ),
  };
}

/** Curd out of the pot comes to the room's temperature within about half an hour. Common practice. */
export function curdResting(world: World, pot: PotState, durationMin: number, handsOnMin: number): Span {
  const started = pot.tempC;
  const after = (minutes: number) => world.roomC + (started - world.roomC) * Math.exp(-minutes / 15);
  pot.tempC = after(durationMin);
  pot.minute += durationMin;
  const points = durationMin > 0 ? [0, 5, 10, 20, 30, 45, 60].filter((m) => m < durationMin) : [0];
  return {
    durationMin,
    handsOnMin,
    targetC: null,
    course: [...points, durationMin].map((m) => [m, after(m)] as const),
  };
}

/** Work before the milk is warmed: nothing in the pail changes. */
export function aside(pot: PotState, durationMin: number): Span {
  const tempC = pot.tempC;
  pot.minute += durationMin;
  return {
    durationMin,
    handsOnMin: durationMin,
    targetC: null,
    course: [
      [0, tempC],
      [durationMin, tempC],
    ],
  };
}
