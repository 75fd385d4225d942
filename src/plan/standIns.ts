import { ACID_KINDS, ACIDS, type AcidKind, gramsOfProduct, isLiquidAcid } from '../core/acid/acids';
import { bufferOf } from '../core/acid/buffer';
import { amountForPH, titrantOf } from '../core/acid/titrate';
import { Infeasible } from '../core/faults/fault';
import type { Resolved } from './brief/resolved';
import { acidStrengthIn } from './moved';
import type { Planned } from './plan';
import { acidAim, NO_DEPARTURE, pailOf } from './world';

/** Another acid that does the same work: its amount in its own measure. */
export interface StandIn {
  kind: AcidKind;
  name: string;
  grams: number;
  millilitres: number | null;
}

/** What could stand in for a plan's acid, each at its usual strength, computed anew for the same pH; those too weak left out. */
export function acidStandIns({ plan, method }: Planned): StandIn[] {
  const brief = plan.brief as Resolved;
  const aim = acidAim(brief, method);
  if (!brief.acid || aim === null) return [];
  const milk = pailOf(brief, method, brief.milk.litres ?? 1, NO_DEPARTURE);
  const buffer = bufferOf(milk, brief.milk.pH);
  return ACID_KINDS.filter((kind) => kind !== brief.acid?.kind).flatMap((kind) => {
    const strengthPct = ACIDS[kind].defaultStrengthPct ?? undefined;
    const product = { kind, ...(strengthPct !== undefined && { strengthPct }) };
    try {
      const titrant = titrantOf(product, { strength: acidStrengthIn(plan) });
      const amount = amountForPH(buffer, titrant, aim) * milk.litres;
      return [
        {
          kind,
          name: strengthPct === undefined ? ACIDS[kind].name : `${ACIDS[kind].name} of ${strengthPct} %`,
          grams: gramsOfProduct(product, amount),
          millilitres: isLiquidAcid(kind) ? amount : null,
        },
      ];
    } catch (error) {
      if (!(error instanceof Infeasible)) throw error;
      return [];
    }
  });
}
