import { heatIntoMilkKw } from '../core/heat/hob';
import { minutesTo, potOf } from '../core/heat/pot';
import { coolingMinutes } from '../core/heat/sinkBath';
import { USUAL_MILK_KG_PER_L } from '../core/milk/density';
import { lnOf } from '../core/numeric/elementary';
import { type Hob, type Kitchen, type PotOwned, TAKEN_UP } from '../kitchen/kitchen';
import { does } from '../makes/asked';
import { methodIn, type PlanOf } from './planOf';
import type { Plan } from './schema';

/** What the kitchen has, as far as it has said. */
export type Tools = Partial<Pick<Kitchen, 'pots' | 'hobs' | 'moulds' | 'press' | 'tapC'>>;

/** Room a pot must leave above the milk: a fifth, a quarter where it is brought near the boil. Common practice. */
const HEADROOM = { usual: 1.2, scald: 1.33 } as const;
/** The pot a plan wants, L: its milk, its cream, and room above them. */
export function potWanted(of: PlanOf): number {
  const { plan } = of;
  const cream = methodIn(of)?.cream === 'milk' ? (plan.brief.cream?.litres ?? 0) : 0;
  const scalds = plan.stages.some((stage) => does(stage, 'scalds'));
  return ((plan.brief.milk.litres ?? 0) + cream) * (scalds ? HEADROOM.scald : HEADROOM.usual);
}

/**
 * The smallest pot that is large enough, or else the largest; `fits` says which. One of aluminium only where there is no
 * other. Null where none is listed.
 */
export function potFor(of: PlanOf, pots: readonly PotOwned[] = []): { pot: PotOwned; fits: boolean } | null {
  const sound = pots.filter((pot) => pot.kind !== TAKEN_UP);
  const bySize = [...(sound.length > 0 ? sound : pots)].sort((a, b) => a.litres - b.litres);
  const wanted = potWanted(of);
  const enough = bySize.find((pot) => pot.litres >= wanted);
  const pot = enough ?? bySize.at(-1);
  return pot ? { pot, fits: enough !== undefined } : null;
}

/** The longest warming of a plan from one temperature to the next, °C; null where nothing is warmed. */
function longestWarming(plan: Plan): { fromC: number; toC: number; minutes: number } | null {
  let tempC = plan.brief.milk.startC ?? 4;
  let longest: { fromC: number; toC: number; minutes: number } | null = null;
  for (const stage of plan.stages) {
    const { targetC, durationMin } = stage;
    if (does(stage, 'ramps') && targetC !== null && targetC > tempC) {
      if (longest === null || durationMin.likely > longest.minutes)
        longest = { fromC: tempC, toC: targetC, minutes: durationMin.likely };
    }
    tempC = targetC ?? tempC;
  }
  return longest;
}

/** Heat the plan reckons with, kW into the milk, and how long each hob would take for its longest warming, min. */
export function hobsFor(
  plan: Plan,
  hobs: readonly Hob[] = [],
): { planKw: number; plannedMin: number; each: { hob: Hob; minutes: number }[] } | null {
  const warming = longestWarming(plan);
  const litres = plan.brief.milk.litres;
  if (!warming || !litres) return null;
  const pot = potOf(litres, litres * USUAL_MILK_KG_PER_L);
  const roomC = plan.brief.roomC ?? 20;
  return {
    planKw: pot.powerKw,
    plannedMin: warming.minutes,
    each: hobs
      .map((hob) => ({
        hob,
        minutes: minutesTo(pot, warming.fromC, warming.toC, roomC, heatIntoMilkKw(hob.source, hob.kW)),
      }))
      .sort((a, b) => a.minutes - b.minutes),
  };
}

/** Minutes to cool a plan's milk under the tap, stirred; null where it cools nothing, Infinity where the tap is too warm. */
export function tapMinutes(plan: Plan, tapC: number): number | null {
  const at = plan.stages.findIndex((stage) => does(stage, 'cools-milk'));
  const toC = plan.stages[at]?.targetC;
  const fromC = plan.stages.slice(0, Math.max(0, at)).findLast((stage) => stage.targetC !== null)?.targetC;
  const litres = plan.brief.milk.litres;
  if (toC == null || fromC == null || !litres || fromC <= toC) return null;
  if (tapC >= toC) return Number.POSITIVE_INFINITY;
  return coolingMinutes(litres, litres * USUAL_MILK_KG_PER_L) * lnOf((fromC - tapC) / (toC - tapC));
}
