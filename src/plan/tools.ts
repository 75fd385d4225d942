import type { HeatSource } from '../core/heat/carryOver';
import { heatIntoMilkKw } from '../core/heat/hob';
import { minutesTo, potOf } from '../core/heat/pot';
import { coolingMinutes } from '../core/heat/sinkBath';
import { USUAL_MILK_KG_PER_L } from '../core/milk/density';
import { does } from '../makes/asked';
import { methodIn, type PlanOf } from './planOf';
import type { Plan } from './schema';

/** A thing of the kitchen. */
interface Tool {
  id: string;
  name: string;
}
export interface PotTool extends Tool {
  litres: number;
  /** What it is made of. */
  kind: string;
}
export interface HobTool extends Tool {
  source: HeatSource;
  kW: number;
}
export interface MouldTool extends Tool {
  acrossCm: number;
  /** Null where it is round. */
  longCm: number | null;
  heightCm: number;
  sides: 'straight' | 'tapered';
  count: number;
}

/** What the kitchen has, as far as it has said. */
export interface Tools {
  pots?: readonly PotTool[] | undefined;
  hobs?: readonly HobTool[] | undefined;
  moulds?: readonly MouldTool[] | undefined;
  press?: 'none' | 'board and weights' | 'lever' | 'screw' | undefined;
  /** Cold water from the tap, °C. */
  tapC?: number | null | undefined;
}

/** Room a pot must leave above the milk: a fifth, a quarter where it is brought near the boil. Common practice. */
const HEADROOM = { usual: 1.2, scald: 1.33 } as const;
/** A tapered mould against a straight one of its width and height; a taper of a tenth on each side. Common practice. */
const TAPERED_HOLDS = 0.81;
/** Loosely filled curd against finished cheese, L per kg: what a mould has to hold before it is pressed. Common practice. */
export const LOOSE_LITRES_PER_KG = 1.6;

/** The pot a plan wants, L: its milk, its cream, and room above them. */
export function potWanted(of: PlanOf): number {
  const { plan } = of;
  const cream = methodIn(of)?.cream === 'milk' ? (plan.brief.cream?.litres ?? 0) : 0;
  const scalds = plan.stages.some((stage) => does(stage, 'scalds'));
  return ((plan.brief.milk.litres ?? 0) + cream) * (scalds ? HEADROOM.scald : HEADROOM.usual);
}

/** Sour milk takes up metal from it. */
export const TAKEN_UP = 'aluminium';

/**
 * The smallest pot that is large enough, or else the largest; `fits` says which. One of aluminium only where there is no
 * other. Null where none is listed.
 */
export function potFor(of: PlanOf, pots: readonly PotTool[] = []): { pot: PotTool; fits: boolean } | null {
  const sound = pots.filter((pot) => pot.kind !== TAKEN_UP);
  const bySize = [...(sound.length > 0 ? sound : pots)].sort((a, b) => a.litres - b.litres);
  const wanted = potWanted(of);
  const enough = bySize.find((pot) => pot.litres >= wanted);
  const pot = enough ?? bySize.at(-1);
  return pot ? { pot, fits: enough !== undefined } : null;
}

/** What one mould holds, L. */
export function mouldLitres({ acrossCm, longCm, heightCm, sides }: MouldTool): number {
  const areaCm2 = longCm === null ? (Math.PI * acrossCm ** 2) / 4 : acrossCm * longCm;
  return (areaCm2 * heightCm * (sides === 'tapered' ? TAPERED_HOLDS : 1)) / 1000;
}

/**
 * The moulds of one sort that hold `litres`, the fewest of the sort that does it with the least room left over; null
 * where no sort has enough of them. `straight` leaves tapered ones out.
 */
export function mouldsFor(
  litres: number,
  moulds: readonly MouldTool[] = [],
  straight = false,
): { mould: MouldTool; count: number } | null {
  const right = moulds
    .filter((mould) => !straight || mould.sides === 'straight')
    .map((mould) => ({ mould, count: Math.max(1, Math.ceil(litres / mouldLitres(mould) - 1e-9)) }))
    .filter(({ mould, count }) => count <= mould.count)
    .map((one) => ({ ...one, spare: one.count * mouldLitres(one.mould) - litres }));
  return right.sort((a, b) => a.count - b.count || a.spare - b.spare)[0] ?? null;
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
  hobs: readonly HobTool[] = [],
): { planKw: number; plannedMin: number; each: { hob: HobTool; minutes: number }[] } | null {
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
  return coolingMinutes(litres, litres * USUAL_MILK_KG_PER_L) * Math.log((fromC - tapC) / (toC - tapC));
}
