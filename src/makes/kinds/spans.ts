import { heatOver } from '../../core/heat/denaturation';
import { LOSS_W_PER_M2K, potOf, tempAfter } from '../../core/heat/pot';
import { expOf } from '../../core/numeric/elementary';
import type { PotState, Span, World } from '../grammar';

const SHARES = [0, 0.25, 0.5, 0.75, 1] as const;
/** Multiples of its time constant at which an exponential fall is sampled, so that it is not counted as a straight line. */
const FALLS = [0, 0.25, 0.5, 0.75, 1, 1.5, 2, 3, 5] as const;

/** A span over which the temperature follows `after`; the pot is moved along. */
export function along(
  pot: PotState,
  durationMin: number,
  handsOnMin: number,
  after: (minute: number) => number,
  targetC: number | null = null,
  tauMin?: number,
): Span {
  const minutes =
    tauMin === undefined || durationMin < tauMin
      ? SHARES.map((share) => share * durationMin)
      : [...FALLS.map((times) => times * tauMin).filter((minute) => minute < durationMin), durationMin];
  const course = minutes.map((minute) => [minute, after(minute)] as const);
  for (let i = 1; i < course.length; i++) {
    const [m0, c0] = course[i - 1] as readonly [number, number];
    const [m1, c1] = course[i] as readonly [number, number];
    pot.heat = heatOver(pot.heat, c0, c1, m1 - m0);
  }
  pot.tempC = after(durationMin);
  pot.minute += durationMin;
  return { durationMin, handsOnMin, targetC, course };
}

/** A pot that stands for hours is sampled this finely, min. */
const LONG_MIN = 120;

/** Time in which the batch comes exponentially to the warmth round it, with a time constant of its own, min. */
export function fading(
  pot: PotState,
  durationMin: number,
  handsOnMin: number,
  aroundC: number,
  tauMin: number,
  targetC: number | null = aroundC,
): Span {
  const started = pot.tempC;
  const after = (minute: number) => aroundC + (started - aroundC) * expOf(-minute / tauMin);
  return along(pot, durationMin, handsOnMin, after, targetC, tauMin);
}

/** Time at the pot in which nothing in it changes but what the room does to it. */
export function resting(
  world: Pick<World, 'roomC'>,
  pot: PotState,
  durationMin: number,
  handsOnMin: number,
  lossW: number = LOSS_W_PER_M2K.lidded,
): Span {
  const started = pot.tempC;
  const cooling = potOf(pot.litres, pot.kg, 'milk', lossW);
  return along(
    pot,
    durationMin,
    handsOnMin,
    (m) => tempAfter(cooling, started, m, world.roomC, 0),
    null,
    LONG_MIN,
  );
}

/** A temperature on its way to one that is kept, with ten minutes of lag. */
const LAG_MIN = 10;
export const approaching = (fromC: number, atC: number, minutes: number): number =>
  atC + (fromC - atC) * expOf(-minutes / LAG_MIN);

/** Time at a temperature that is kept: by a water bath, warm whey, or a hob on and off. */
export function kept(pot: PotState, durationMin: number, handsOnMin: number, atC: number): Span {
  return fading(pot, durationMin, handsOnMin, atC, LAG_MIN);
}

/** Curd out of the pot comes to the room's temperature within about half an hour. Common practice. */
export function curdResting(world: World, pot: PotState, durationMin: number, handsOnMin: number): Span {
  const started = pot.tempC;
  const after = (minutes: number) => world.roomC + (started - world.roomC) * expOf(-minutes / 15);
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
