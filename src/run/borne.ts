import type { Plan } from '../plan/schema';
import type { MakeState, MishapCosts } from './makeState';

/** Costs taken together: points add up, shares multiply. */
export const together = (all: readonly (MishapCosts | null)[]): MishapCosts =>
  all.reduce<MishapCosts>(
    (sum, one) =>
      one === null
        ? sum
        : {
            moisturePoints: sum.moisturePoints + one.moisturePoints,
            fatShare: (1 + sum.fatShare) * (1 + one.fatShare) - 1,
            yieldShare: (1 + sum.yieldShare) * (1 + one.yieldShare) - 1,
          },
    { moisturePoints: 0, fatShare: 0, yieldShare: 0 },
  );

/** What has gone wrong since the plan was last made of it: what a plan made anew has reckoned with is not counted twice. */
export const unreckoned = (state: Pick<MakeState, 'mishaps'>): MishapCosts =>
  together(state.mishaps.map(({ costs, reckoned }) => (reckoned ? null : costs)));

const within = (pct: number) => Math.min(100, Math.max(0, pct));

/**
 * A plan that bears what went wrong: as much less cheese, drier or wetter, with less of the fat, dearer by the kilo, and salted
 * for what there will be; salt the maker has given stays as given.
 *
 * @example borne(plan, { moisturePoints: 0, fatShare: 0, yieldShare: -0.1 }).predictions.yieldKg.likely // a tenth less
 */
export function borne(plan: Plan, { moisturePoints, fatShare, yieldShare }: MishapCosts): Plan {
  if (moisturePoints === 0 && fatShare === 0 && yieldShare === 0) return plan;
  const left = 1 + yieldShare;
  const { yieldKg, moisturePct, fatInDryMatterPct, costPerKg } = plan.predictions;
  const fat = (fatInDryMatterPct / 100) * (1 + fatShare);
  const dry = 1 - fatInDryMatterPct / 100 + fat;
  const salted = !plan.brief.salt?.given;
  return {
    ...plan,
    predictions: {
      ...plan.predictions,
      yieldKg: { likely: yieldKg.likely * left, low: yieldKg.low * left, high: yieldKg.high * left },
      moisturePct: within(moisturePct + moisturePoints),
      fatInDryMatterPct: dry > 0 ? within((100 * fat) / dry) : 0,
      costPerKg: costPerKg === null || left <= 0 ? null : costPerKg / left,
    },
    doses: plan.doses.map((dose) =>
      dose.id === 'salt' && salted ? { ...dose, grams: dose.grams * left } : dose,
    ),
  };
}
