import { type Clotting, cutMinutesAlong, flocculationMin } from '../../core/coagulant/clotting';
import { advance, copyOf, fermentPH } from '../../core/culture/ferment';
import { LOSS_W_PER_M2K, potOf, tempAfter } from '../../core/heat/pot';
import type { PotState, Span, World } from '../grammar';
import { souringStepH } from './souring';
import { resting } from './spans';

/** A set is kept under a towel. Common practice. */
const SET_LOSS = LOSS_W_PER_M2K.towel;
/** What the pot loses while it sets, W/m²K: as the maker keeps it, or under a towel. */
export const setLoss = ({ keptW }: Pick<World, 'keptW'>): number => keptW ?? SET_LOSS;

/** Time in which the pot stands where it is kept to ripen, set and heal. */
export const standing = (world: World, pot: PotState, minutes: number, handsOnMin: number): Span =>
  resting({ roomC: world.keptRoundC }, pot, minutes, handsOnMin, setLoss(world));

/** Temperature and pH of the pot from now on while it stands and sets; the pH runs straight on as the ferment has it over `lookMin`. */
export function settingCourse(world: World, pot: PotState, lookMin: number) {
  const started = pot.tempC;
  const cooling = potOf(pot.litres, pot.kg, 'milk', setLoss(world));
  const tempC = (minute: number) => tempAfter(cooling, started, minute, world.keptRoundC, 0);
  let fall = 0;
  if (pot.ferment) {
    const ahead = copyOf(pot.ferment);
    advance(ahead, (hour) => tempC(hour * 60), 0, lookMin / 60, souringStepH(world));
    fall = (pot.pH - fermentPH(ahead)) / lookMin;
  }
  const pH = pot.pH;
  return (minute: number) => ({ tempC: tempC(minute), pH: pH - fall * minute });
}

const clotting = (world: World, pot: PotState, imcuPerLitre: number): Clotting => ({
  ...(world.coagulant as NonNullable<World['coagulant']>).milk,
  imcuPerLitre,
  tempC: pot.tempC,
  pH: pot.pH,
  calciumMmolPerLitre: pot.calciumMmolPerLitre,
});

/** IMCU per litre that give a clean cut `wantedMin` after the coagulant: its rate is in proportion to it, so 1 / ∫ dt / t₁. */
export function imcuForCut(
  world: World,
  pot: PotState,
  wantedMin: number,
  courseAt: (minute: number) => { tempC: number; pH: number },
): number {
  const { multiplier, believed } = world.coagulant as NonNullable<World['coagulant']>;
  const base = clotting(world, pot, believed);
  const STEPS = 40;
  let sum = 0;
  for (let i = 0; i < STEPS; i++) {
    sum += 1 / (multiplier * flocculationMin({ ...base, ...courseAt((wantedMin * (i + 0.5)) / STEPS) }));
  }
  return 1 / ((sum * wantedMin) / STEPS);
}

/** Minutes from the coagulant to a clean cut in this world. */
export function cutMin(
  world: World,
  pot: PotState,
  courseAt: (minute: number) => { tempC: number; pH: number },
): number {
  const c = world.coagulant as NonNullable<World['coagulant']>;
  return cutMinutesAlong(clotting(world, pot, (c.imcuPerLitre ?? 1) * c.strength), c.multiplier, courseAt);
}
