import { bufferOf } from '../core/acid/buffer';
import { aimedPH } from '../core/acid/coagulation';
import { amountForPH, titrantOf } from '../core/acid/titrate';
import { usualMultiplier } from '../core/coagulant/clotting';
import { freezeDried, type Inoculum, liquidStarter, savedStarter } from '../core/culture/dose';
import { BAGS } from '../core/curd/bag';
import { plainCurd, usualMilk } from '../core/curd/nonFat';
import { CURD_STYLES } from '../core/curd/styles';
import { gatheredShare } from '../core/curd/whey';
import { heatDoseOfTreatment } from '../core/heat/denaturation';
import { CUPBOARD_C } from '../core/heat/places';
import { KEPT_W_PER_M2K } from '../core/heat/warming';
import { blend, creamBatch } from '../core/milk/blend';
import { compositionOf, type MilkBatch, milkBatch } from '../core/milk/composition';
import { USUAL_WHEY, USUAL_WHEY_PROTEIN_PCT, wheyComposition } from '../core/milk/whey';
import { souredBy } from '../core/stretch/window';
import type { PotState, World } from '../makes/grammar';
import { groupsOf, type Method, numberOf } from '../makes/method';
import type { Resolved } from './brief/resolved';
import { calciumOf, givenAcid, givenCulture, givenImcu, givenSalt } from './given';

/** What one draw of the uncertain world adds to the nominal one; all nought or one in the likely run. */
export interface Departure {
  fatPct: number;
  proteinPct: number;
  pH: number;
  acidStrength: number;
  coagulantStrength: number;
  /** What the coagulant is taken to be worth as its dose is found. */
  coagulantBelieved: number;
  cultureActivity: number;
  culturePace: number;
  roomC: number;
  probeOffC: number;
  power: number;
  drainPace: number;
  moisturePct: number;
  fatRetention: number;
  caseinRetention: number;
  wheyRetention: number;
  yieldFactor: number;
}

export const NO_DEPARTURE: Departure = {
  fatPct: 0,
  proteinPct: 0,
  pH: 0,
  acidStrength: 1,
  coagulantStrength: 1,
  coagulantBelieved: 1,
  cultureActivity: 1,
  culturePace: 1,
  roomC: 0,
  probeOffC: 0,
  power: 1,
  drainPace: 1,
  moisturePct: 0,
  fatRetention: 0,
  caseinRetention: 0,
  wheyRetention: 1,
  yieldFactor: 1,
};

/** What the plan doses: amounts that stay as they are, whatever the world turns out to be. */
export interface Dosed {
  /** Acid product, g or mL. */
  acid: number | null;
  imcuPerLitre: number | null;
}

/** Milk to a bag where nobody says, kg: as much as a cloth hangs well with. Common practice. */
const USUAL_BAG_KG = 4;

/** The cream of a brief, or null. */
export const creamOf = (brief: Resolved): MilkBatch | null =>
  brief.cream ? creamBatch(brief.milk.species, brief.cream.litres, brief.cream.fatPct) : null;

/** What is in the pail when warming starts: the milk or whey, with the cream where the make takes it into the milk. */
export function pailOf(brief: Resolved, method: Method, litres: number, depart: Departure): MilkBatch {
  const { milk } = brief;
  const composition = (method.of === 'whey' ? wheyComposition : compositionOf)(
    milk.species,
    Math.max(0, milk.fatPct + depart.fatPct),
    Math.max(0.2, milk.proteinPct + depart.proteinPct),
  );
  const batch = milkBatch(litres, composition);
  const cream = method.cream === 'milk' ? creamOf(brief) : null;
  return cream ? blend([batch, cream]) : batch;
}

/** The pH a make's acid goes to, for a set `tooHotC` hotter than it looks. */
export function acidAim(brief: Resolved, method: Method, tooHotC = 0): number | null {
  if (method.acid === null) return null;
  return method.acid === 'turns'
    ? aimedPH((brief.options.setC as number) + tooHotC)
    : numberOf(method.acid, brief.options);
}

/** The cells a brief's culture brings into each millilitre, by strain group. */
export function inoculaOf(brief: Resolved, method: Method, litres: number, activity = 1): Inoculum[] {
  if (!method.culture || !brief.culture) return [];
  const groups = groupsOf(brief.options);
  const { form, ageDays, generation } = brief.culture;
  const given = givenCulture(brief, litres);
  const percent = given ?? brief.culture.percent ?? method.culture.percent;
  const share = given ?? numberOf(method.culture.labelShare, brief.options);
  return groups.map((group) => {
    const one =
      form === 'freeze-dried'
        ? freezeDried(group, share)
        : form === 'liquid'
          ? liquidStarter(group, percent, ageDays)
          : savedStarter(group, percent, ageDays, generation);
    return { ...one, cfuPerMl: (one.cfuPerMl * activity) / groups.length };
  });
}

/**
 * One world: the milk as a buffer, the acid and how much of it this milk needs, culture, coagulant, room and hob.
 * `dosed` is what the plan says goes in; left out, this very milk's own need, as the likely run finds it.
 */
export function worldOf(
  brief: Resolved,
  method: Method,
  litres: number,
  depart: Departure,
  dosed?: Dosed,
): World & { acidNeeded: number } {
  const milk = pailOf(brief, method, litres, depart);
  const buffer = bufferOf(milk, brief.milk.pH + depart.pH);
  const aim = acidAim(brief, method, depart.probeOffC);
  const titrant =
    brief.acid && aim !== null ? titrantOf(brief.acid, { strength: depart.acidStrength }) : null;
  const acidNeeded = titrant && aim !== null ? amountForPH(buffer, titrant, aim) * milk.litres : 0;
  const style = CURD_STYLES[method.style];
  const { coagulant } = method;
  const roomC = brief.roomC + depart.roomC;
  const imcu = givenImcu(brief);
  return {
    milk,
    buffer,
    acidNeeded,
    acid: titrant && { titrant, amount: givenAcid(brief) ?? dosed?.acid ?? acidNeeded },
    cultures: inoculaOf(brief, method, litres, depart.cultureActivity),
    coagulant: coagulant && {
      milk: { species: brief.milk.species, treatment: brief.milk.treatment },
      multiplier: usualMultiplier(brief.milk.homogenised),
      strength: depart.coagulantStrength,
      believed: depart.coagulantBelieved,
      wantedMin: 'minutes' in coagulant ? numberOf(coagulant.minutes, brief.options) : null,
      imcuPerLitre:
        imcu !== null
          ? imcu / milk.litres
          : 'imcuPerLitre' in coagulant
            ? coagulant.imcuPerLitre
            : (dosed?.imcuPerLitre ?? null),
      neededImcuPerLitre: 'imcuPerLitre' in coagulant ? coagulant.imcuPerLitre : null,
    },
    calciumMmolPerLitre: calciumOf(brief, milk.litres),
    saltGrams: givenSalt(brief),
    heating: brief.heat,
    keptW: brief.keepWarm ? KEPT_W_PER_M2K[brief.keepWarm] : null,
    keptRoundC: brief.keepWarm === 'cupboard' ? Math.max(CUPBOARD_C, roomC) : roomC,
    roomC,
    power: depart.power,
    probeOffC: depart.probeOffC,
    drain: method.drain,
    bag: method.bag && BAGS[method.bag],
    bagKg: typeof brief.options.bagKg === 'number' ? brief.options.bagKg : USUAL_BAG_KG,
    souringPace: depart.culturePace,
    curdFactor: depart.yieldFactor,
    drainPace: depart.drainPace,
    style,
    usual:
      method.of === 'whey'
        ? wheyComposition('cow', USUAL_WHEY.fatPct, USUAL_WHEY_PROTEIN_PCT.cow)
        : usualMilk(style.milkFatPct),
    plain: plainCurd(style),
    soured: brief.acid && method.acid !== null ? souredBy(brief.acid.kind) : brief.culture ? 'lactic' : null,
    off: {
      fat: depart.fatRetention,
      casein: depart.caseinRetention,
      moisturePct: depart.moisturePct + weakMilkPoints(brief, method),
      wheyProtein:
        depart.wheyRetention * (method.of === 'whey' ? gatheredShare(brief.milk.pH + depart.pH) : 1),
    },
    likely: dosed === undefined,
  };
}

/** Moisture points by which curd of high-pasteurised, and of homogenised, milk stays wetter. From memory. */
const WETTER = { 'high-pasteurised': 2.5, homogenised: 2 } as const;

/** How much wetter this milk's coagulant curd stays than a style's usual, points. */
const weakMilkPoints = ({ milk }: Resolved, { coagulant, bag }: Method): number =>
  coagulant === null || bag !== null
    ? 0
    : Math.max(
        milk.treatment === 'high-pasteurised' ? WETTER['high-pasteurised'] : 0,
        milk.homogenised ? WETTER.homogenised : 0,
      );

/** The pot at the start of the make. */
export const potAtStart = (brief: Resolved, world: World): PotState => ({
  minute: 0,
  tempC: brief.milk.startC,
  litres: world.milk.litres,
  kg: world.milk.massKg,
  pH: world.buffer.pH0,
  heat: heatDoseOfTreatment(brief.milk.treatment),
  caught: null,
  nonFat: null,
  calciumMmolPerLitre: 0,
  ferment: null,
  fermentedTo: 0,
  culturedAt: null,
  clot: null,
  work: {},
  fatKept: null,
  saltKg: 0,
  strewnKg: 0,
  rinsesAhead: 0,
  givenSaltKg: 0,
  bagHours: 0,
  wheyPH: null,
  setMin: null,
  acidifyHours: null,
  drainMin: 0,
});
