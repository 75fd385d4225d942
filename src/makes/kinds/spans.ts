import { heatOver } from '../../core/heat/denaturation';
import { LOSS_W_PER_M2K, potOf, tempAfter } from '../../core/heat/pot';
import type { PotState, Span, World } from '../grammar';

const SHARES = [0, 0.25, 0.5, 0.75, 1] as const;

/** A span over which the temperature follows `after`; the pot is moved along. */
export function along(
  pot: PotState,
  durationMin: number,
  handsOnMin: number,
  after: (minute: number) => number,
  targetC: number | null = null,
): Span {
  const course = SHARES.map((share) => [share * durationMin, after(share * durationMin)] as const);
  for (let i = 1; i < course.length; i++) {
    const [m0, c0] = course[i - 1] as readonly [number, number];
    const [m1, c1] = course[i] as readonly [number, number];
    pot.heat = heatOver(pot.heat, c0, c1, m1 - m0);
  }
  pot.tempC = after(durationMin);
  pot.minute += durationMin;
  return { durationMin, handsOnMin, targetC, course };
}

/** Time at the pot in which nothing in it changes but what the room does to it. */
export function resting(
  world: World,
  pot: PotState,
  durationMin: number,
  handsOnMin: number,
  lossW: number = LOSS_W_PER_M2K.lidded,
): Span {
  const started = pot.tempC;
  const cooling = potOf(pot.litres, pot.kg, 'milk', lossW);
  return along(pot, durationMin, handsOnMin, (m) => tempAfter(cooling, started, m, world.roomC, 0));
}

/** A temperature on its way to one that is kept, with ten minutes of lag. */
export const approaching = (fromC: number, atC: number, minutes: number): number =>
  atC + (fromC - atC) * Math.exp(-minutes / 10);

/** Time at a temperature that is kept: by a water bath, warm whey, or a hob on and off. */
export function kept(pot: PotState, durationMin: number, handsOnMin: number, atC: number): Span {
  const started = pot.tempC;
  return along(pot, durationMin, handsOnMin, (m) => approaching(started, atC, m), atC);
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

/** Work in which nothing in the pail changes. */
export function aside(pot: PotState, durationMin: number, handsOnMin = durationMin): Span {
  const tempC = pot.tempC;
  pot.minute += durationMin;
  return {
    durationMin,
    handsOnMin,
    targetC: null,
    course: [
      [0, tempC],
      [durationMin, tempC],
    ],
  };
}
