import { acidPerUnit, gramsOfProduct } from '../core/acid/acids';
import { BOUND_MINERALS, fatInDryMatterPct } from '../core/curd/balance';
import { denaturedShare } from '../core/heat/denaturation';
import type { MilkBatch } from '../core/milk/composition';
import { byName } from '../core/numeric/byName';
import type { PotState, World } from '../makes/grammar';
import { curdOf, keptBy } from '../makes/kinds/curd';
import type { Method } from '../makes/method';
import type { Resolved } from './brief/resolved';
import { creamOf } from './world';

/** What a body is made of, kg. */
export interface Parts {
  fat: number;
  casein: number;
  wheyProtein: number;
  lactose: number;
  minerals: number;
  salt: number;
  acid: number;
  water: number;
}
export const PART_NAMES = [
  'fat',
  'casein',
  'wheyProtein',
  'lactose',
  'minerals',
  'salt',
  'acid',
  'water',
] as const satisfies readonly (keyof Parts)[];

export const totalKg = (parts: Parts): number => PART_NAMES.reduce((sum, part) => sum + parts[part], 0);

export interface Outcome {
  yieldKg: number;
  moisturePct: number;
  fatInDryMatterPct: number;
  /** Salt in the finished cheese, %, and in its moisture. */
  saltPct: number;
  saltInMoisturePct: number;
  /** Salt strewn by hand, g. */
  strewnGrams: number;
  /** Whether the curd takes all there is, and no whey leaves it. */
  wheyless: boolean;
  /** Share of the whey protein that is denatured. */
  denatured: number;
  cheese: Parts;
  whey: Parts;
}

/** What a milk or a cream is made of. */
export function partsOf(batch: MilkBatch): Parts {
  const kg = (pct: number) => (batch.massKg * pct) / 100;
  const c = batch.composition;
  return {
    fat: kg(c.fatPct),
    casein: kg(c.caseinPct),
    wheyProtein: kg(c.wheyProteinPct),
    lactose: kg(c.lactosePct),
    minerals: kg(c.ashPct),
    salt: 0,
    acid: 0,
    water: kg(c.waterPct),
  };
}

const partsBy = (of: (part: keyof Parts) => number): Parts => byName(PART_NAMES, of);

const combine = (a: Parts, b: Parts, sign: 1 | -1): Parts => partsBy((part) => a[part] + sign * b[part]);

/** Everything that goes into the pot: milk (and cream taken into it), acid, the water it is diluted in. */
export function poured(brief: Resolved, world: World): Parts {
  const parts = partsOf(world.milk);
  if (!world.acid || !brief.acid) return parts;
  const { amount, titrant } = world.acid;
  const acidKg = (acidPerUnit(brief.acid) * amount) / 1000;
  const productKg = gramsOfProduct(brief.acid, amount) / 1000;
  const litres = titrant.litresPerUnit * amount;
  const ownLitres = productKg > acidKg ? amount / 1000 : 0;
  parts.acid = acidKg;
  parts.water += productKg - acidKg + (litres - ownLitres);
  return parts;
}

/** So many times a curd, as far as there is of it in the pot; its salt by its own factor. */
const timesAs = (curd: Parts, factor: number, inPot: Parts, salted: number): Parts =>
  factor === 1
    ? curd
    : partsBy((part) => (part === 'salt' ? curd.salt * salted : Math.min(inPot[part], curd[part] * factor)));

/**
 * Cheese and whey of one batch at the end of its stages. The curd keeps fat, casein with its bound minerals and the
 * denatured whey protein; its moisture brings along dissolved matter in the whey's own proportions. What goes in comes
 * out: every part of cheese and whey adds up to what was poured, salt and dressing included.
 */
export function outcomeOf(brief: Resolved, method: Method, world: World, pot: PotState): Outcome {
  const keep = keptBy(world, pot);
  const inPot = poured(brief, world);
  const { waterKg: water, saltKg, wheyless } = curdOf(world, pot);

  const fat = inPot.fat * keep.fat;
  const casein = inPot.casein * keep.casein;
  const wheyProtein = inPot.wheyProtein * keep.wheyProtein;
  const boundMinerals = casein * BOUND_MINERALS;
  const dissolved = {
    wheyProtein: inPot.wheyProtein - wheyProtein,
    lactose: inPot.lactose,
    minerals: Math.max(0, inPot.minerals - boundMinerals),
    acid: inPot.acid,
  };
  const all = dissolved.wheyProtein + dissolved.lactose + dissolved.minerals + dissolved.acid;
  const along = (water * world.style.solutes) / all;
  const curd: Parts = {
    fat,
    casein,
    wheyProtein: wheyProtein + dissolved.wheyProtein * along,
    lactose: dissolved.lactose * along,
    minerals: boundMinerals + dissolved.minerals * along,
    acid: dissolved.acid * along,
    salt: saltKg,
    water,
  };
  // What such makes come to, weighed: salt that follows the weight follows it here too.
  const salted = world.saltGrams === null ? world.curdFactor : 1;
  const got = timesAs(curd, world.curdFactor, inPot, salted);
  const whey = combine({ ...inPot, salt: pot.givenSaltKg * salted }, got, -1);
  const dressing = method.cream === 'dressing' ? creamOf(brief) : null;
  const cheese = dressing ? combine(got, partsOf(dressing), 1) : got;
  const yieldKg = totalKg(cheese);
  const moisturePct = (100 * cheese.water) / yieldKg;
  return {
    yieldKg,
    moisturePct,
    fatInDryMatterPct: fatInDryMatterPct(cheese.fat, yieldKg, moisturePct),
    saltPct: (100 * cheese.salt) / yieldKg,
    saltInMoisturePct: (100 * cheese.salt) / cheese.water,
    strewnGrams: pot.strewnKg * salted * 1000,
    wheyless,
    denatured: denaturedShare(pot.heat),
    cheese,
    whey,
  };
}
