import { amountOfGrams, gramsOfProduct } from '../core/acid/acids';
import { pHAfter } from '../core/acid/titrate';
import { usualMultiplier } from '../core/coagulant/clotting';
import { type Bag, bagAfter } from '../core/curd/bag';
import type { Result } from '../core/faults/fault';
import { normal, type Random } from '../core/stats/random';
import type { Method } from '../makes/method';
import { resolveBrief } from '../plan/brief/resolve';
import type { Resolved } from '../plan/brief/resolved';
import type { Brief } from '../plan/brief/schema';
import { outcomeOf } from '../plan/outcome';
import { planBrief } from '../plan/plan';
import { bookOf } from '../plan/planOf';
import { stagesOf, walk } from '../plan/stages';
import { potAtStart, worldOf } from '../plan/world';
import { type Quirks, realBatch } from './quirks';

/** A real batch of a brief: this very milk, culture and coagulant, which nobody at the pot knows. */
export interface BenchBatch {
  brief: Resolved;
  method: Method;
  world: ReturnType<typeof worldOf>;
  /** What it will weigh in the end, kg. */
  kg: number;
  /** Minutes from the coagulant until the bowl stops; null without one. */
  flocculationMin: number | null;
  /** Acid until the whey clears, g of product; null without one. */
  acidNeededGrams: number | null;
}

/** A batch with a hob and a probe of its own, drawn from `random`; faults of the brief come back. */
export function benchBatch(brief: Brief, pot: Quirks['pot'], random: Random): Result<BenchBatch> {
  const planned = planBrief(brief, { spread: false });
  if (!planned.ok) return planned;
  const ready = resolveBrief(planned.value.plan.brief, bookOf(planned.value));
  if (!ready.ok) return ready;
  const { brief: resolved, method } = ready.value;
  const litres = planned.value.plan.brief.milk.litres as number;
  const world = worldOf(
    resolved,
    method,
    litres,
    realBatch({ milk: {}, pot }, () => normal(random)),
  );
  const end = potAtStart(resolved, world);
  walk(stagesOf(method, resolved), world, end);
  return {
    ok: true,
    value: {
      brief: { ...resolved, milk: { ...resolved.milk, litres } },
      method,
      world,
      kg: outcomeOf(resolved, method, world, end).yieldKg,
      flocculationMin: end.setMin === null ? null : end.setMin / usualMultiplier(resolved.milk.homogenised),
      acidNeededGrams: resolved.acid && world.acid ? gramsOfProduct(resolved.acid, world.acidNeeded) : null,
    },
  };
}

/** pH of its milk with so much acid in, g of product. */
export function pHWithAcid({ brief, world }: BenchBatch, grams: number): number {
  if (!brief.acid || !world.acid || grams <= 0) return world.buffer.pH0;
  return pHAfter(world.buffer, world.acid.titrant, amountOfGrams(brief.acid, grams) / world.milk.litres);
}

/** Its curd on the scale after `hours` of draining, kg: a bag as it runs off, all else as it comes out. */
export function curdOnScaleKg({ brief, method, world, kg }: BenchBatch, hours: number): number {
  if (!method.bag || !world.bag) return kg;
  const milkKg = Math.min(world.bagKg, world.milk.massKg);
  const bag: Bag = {
    composition: world.milk.composition,
    milkKg,
    tempC: brief.roomC,
    style: world.bag,
    weighed: [],
  };
  return Math.max(kg, (bagAfter(bag, hours).kgLeft * world.milk.massKg) / milkKg);
}
