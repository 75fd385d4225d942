import { pHAfter } from '../../core/acid/titrate';
import { washed } from '../../core/culture/curd';
import { fermentPH, startFerment } from '../../core/culture/ferment';
import { type Bag, bagAfter } from '../../core/curd/bag';
import { type DrainCurve, drainedMoisturePct } from '../../core/curd/drain';
import { keptDry, nonFatMoisture, richSlows } from '../../core/curd/nonFat';
import { mixedTempC } from '../../core/heat/mixing';
import { expOf, powOf } from '../../core/numeric/elementary';
import { saltKeptPct } from '../../core/salt/taken';
import { meanCurdC, type StretchWay } from '../../core/stretch/losses';
import { type StretchQuality, stretchQuality } from '../../core/stretch/quality';
import type { PotState, World } from '../grammar';
import { curdOf, keptBy } from './curd';
import { offWhey, saltSlows } from './offWhey';

/**
 * What a stage leaves in the pot, by what was really done in it. A kind's forecast calls these with what is planned, a pot that
 * answers with what somebody did: so that both are one physics.
 */

/** Acid stirred in, beside `before` of it, in its product's own measure: its water cools and thins, its acid sours. */
export function acidIn(world: World, pot: PotState, amount: number, before = 0): void {
  if (!world.acid) return;
  const { titrant } = world.acid;
  const waterKg = amount * titrant.litresPerUnit;
  pot.tempC = mixedTempC([
    { what: 'milk', kg: pot.kg, tempC: pot.tempC },
    { what: 'water', kg: waterKg, tempC: world.roomC },
  ]);
  pot.kg += waterKg;
  pot.litres += waterKg;
  pot.pH = pHAfter(world.buffer, titrant, (before + amount) / world.milk.litres);
}

/** Grid of the pH curve where two thousand are run, pH. */
const COARSE_PH = 0.06;

/** The culture is in, and counts from now. */
export function cultureIn(world: World, pot: PotState): void {
  pot.ferment = startFerment(world.buffer, world.cultures, 0, world.likely ? undefined : COARSE_PH);
  pot.ferment.pace = world.souringPace;
  pot.culturedAt = pot.minute;
  pot.fermentedTo = pot.minute;
}

/** The curve by which this milk's hot curd drains in a cloth: that of the make's usual milk, slower where it is rich. */
export const clothCurve = ({ drain, drainPace, milk }: World): DrainCurve | null =>
  drain && { ...drain, tauMin: drain.tauMin * drainPace * richSlows(milk.composition.fatPct) };

/** Curd that has hung in its cloth for so many minutes in all. */
export function drainedInCloth(world: World, pot: PotState, minutes: number): void {
  const curve = clothCurve(world);
  if (!curve) return;
  const usual = keptDry(world.usual, keptBy(world, pot), world.style.solutes);
  pot.nonFat = nonFatMoisture(usual, drainedMoisturePct(curve, world.milk.massKg, minutes));
}

/** One bag of this milk's curd, hung at `standsC`, or at the room's warmth for null. */
export const bagOf = (world: World & { bag: NonNullable<World['bag']> }, standsC: number | null): Bag => ({
  composition: world.milk.composition,
  milkKg: Math.min(world.bagKg, world.milk.massKg),
  tempC: standsC ?? world.roomC,
  style: world.bag,
  pace: world.drainPace,
});

/** Curd that has hung in its bags until the hour `until` of their hanging. */
export function drainedInBag(
  world: World & { bag: NonNullable<World['bag']> },
  pot: PotState,
  until: number,
  standsC: number | null,
): void {
  const bag = bagOf(world, standsC);
  pot.bagHours = until;
  pot.nonFat = nonFatMoisture(
    keptDry(bag.composition, world.bag, world.bag.solutes),
    bagAfter(bag, until).moisturePct,
  );
}

/** Shares of the lactose, of the acid and of the salt that one water takes out of the curd. Common practice and from memory. */
const TAKEN = { lactose: 0.4, acid: 0.06, salt: 0.4 } as const;
/** How far one water brings a curd set by acid back towards its milk's pH. From memory. */
const SWEETENS = 0.1;

/** Curd rinsed once in water of `waterC`. */
export function rinsed(world: World, pot: PotState, waterC: number): void {
  offWhey(world, pot);
  pot.work.rinses = (pot.work.rinses ?? 0) + 1;
  pot.saltKg *= 1 - TAKEN.salt;
  if (pot.ferment) {
    pot.ferment = washed(pot.ferment, TAKEN.lactose, TAKEN.acid);
    pot.pH = fermentPH(pot.ferment);
  } else pot.pH += (world.buffer.pH0 - pot.pH) * SWEETENS;
  // Curd lies in its water until it is as warm or as cold.
  pot.tempC = waterC;
}

/** How it is stretched: what heats it, how hot its core gets and its water is, °C, and how long it is worked. */
export interface Stretched {
  by: StretchWay;
  coreC: number;
  waterC: number;
  workMin: number;
}

/** Curd stretched so: what fat it keeps, how well it went, and its souring at an end. */
export function stretchedSo(
  world: World,
  pot: PotState,
  { by, coreC, waterC, workMin }: Stretched,
): StretchQuality {
  offWhey(world, pot);
  const curd = curdOf(world, pot);
  const fatKg = (world.milk.massKg * world.milk.composition.fatPct * keptBy(world, pot).fat) / 100;
  const quality = stretchQuality({
    soured: world.soured ?? 'lactic',
    pH: pot.pH,
    coreC: by === 'microwave' ? coreC : meanCurdC(coreC, waterC),
    nonFatMoisturePct: (100 * curd.waterKg) / (curd.kg - fatKg),
    calciumMmolPerLitre: pot.calciumMmolPerLitre,
    workMin,
  });
  pot.fatKept = quality.fatKept;
  pot.ferment = null;
  return quality;
}

/** Share of the fat that a poached slab loses at most, and how soon, min. From memory. */
const MOST_FAT = 0.01;
const SOON_MIN = 30;

/** Slabs that have lain in hot whey for so many minutes, `before` it as much of the fat kept. */
export function poachedFor(world: World, pot: PotState, minutes: number, before = pot.fatKept): void {
  offWhey(world, pot);
  pot.ferment = null;
  pot.work.poachMin = minutes;
  pot.fatKept = (before ?? world.style.fat) - MOST_FAT * (1 - expOf(-minutes / SOON_MIN));
}

/** Water in a pot of milk or whey, kg. */
const potWaterKg = ({ milk }: World, pot: PotState): number =>
  (milk.massKg * milk.composition.waterPct) / 100 + Math.max(0, pot.kg - milk.massKg);

/** Share of salt stirred into milk or whey that stays with the curd: its share of the water. */
export const keptOfWater = (world: World, pot: PotState): number =>
  Math.min(1, curdOf(world, pot).waterKg / potWaterKg(world, pot));

/** The share of salt given into milk or whey that is in the cheese in the end: the curd's share of the water, less what rinses take. */
export const keptOfSalt = (world: World, pot: PotState): number =>
  keptOfWater(world, pot) * powOf(1 - TAKEN.salt, pot.rinsesAhead);

/** Salt given, kg: into the milk or the whey, or over curd that may be pressed afterwards. */
export function saltIn(
  world: World,
  pot: PotState,
  givenKg: number,
  how: { at: 'water' } | { at: 'curd'; pressed: boolean },
): void {
  pot.strewnKg += givenKg;
  pot.givenSaltKg += givenKg;
  if (how.at === 'water') pot.saltKg += givenKg * keptOfWater(world, pot);
  else {
    const { kg } = curdOf(world, pot);
    pot.saltKg += (kg * saltKeptPct((100 * givenKg) / kg, how.pressed)) / 100;
  }
  saltSlows(world, pot);
}
