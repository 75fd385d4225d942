import { doseText } from '../../plan/telling';
import { useFormat } from '../../store/hooks';
import { selectUsed, useAppSelector } from '../../store/store';
import { wantingFor } from '../draft/goods';
import type { WeekHere } from './useWeek';

/** What all that is placed wants together: milk by lot, and of each thing so much, with what the shelf lacks of it. */
export function Needs({ here }: { here: WeekHere }) {
  const format = useFormat();
  const goods = useAppSelector((state) => state.data.goods);
  const used = useAppSelector(selectUsed);
  const milks = useAppSelector((state) => state.data.milks);
  const placed = here.plans.filter(({ wish }) => here.laid?.placed.some(({ id }) => id === wish.id));
  if (placed.length === 0) return null;
  const milk = new Map<string, number>();
  const needs = new Map<string, { ingredient: string; grams: number; text: string; lacks: boolean }>();
  for (const { wish, planned } of placed) {
    if (!planned) continue;
    const { plan } = planned;
    if (planned.method.of !== 'whey') {
      const name = milks.find(({ id }) => id === wish.milkId)?.name ?? 'any milk';
      milk.set(name, (milk.get(name) ?? 0) + (plan.brief.milk.litres ?? 0));
    }
    for (const dose of plan.doses) {
      const known = needs.get(dose.ingredient);
      const grams = (known?.grams ?? 0) + dose.grams;
      const whole = { ...dose, grams, millilitres: null };
      const lacks = wantingFor({ ...plan, doses: [whole] }, goods, used.goods).length > 0;
      needs.set(dose.ingredient, {
        ingredient: dose.ingredient,
        grams,
        text: known ? format.grams(grams) : doseText(dose, format),
        lacks: goods.length > 0 && lacks,
      });
    }
  }
  return (
    <section aria-label="What the week needs" className="mt-6">
      <h2 className="text-[24px]">What the week needs</h2>
      <ul className="mt-1 grid gap-x-8 tab:grid-cols-2 lap:grid-cols-3">
        {[...milk].map(([name, litres]) => (
          <li key={name} className="stitch flex items-baseline gap-4 py-1.5 text-[17px]">
            <strong className="figure w-24 shrink-0 text-right text-[20px]">{format.litres(litres)}</strong>
            {name}
          </li>
        ))}
        {[...needs.values()].map(({ ingredient, text, lacks }) => (
          <li key={ingredient} className="stitch flex items-baseline gap-4 py-1.5 text-[17px]">
            <strong className="figure w-24 shrink-0 text-right text-[20px]">{text}</strong>
            <span>
              {ingredient}
              {lacks && (
                <span className="block text-[15px] font-semibold text-danger">not enough on the shelf</span>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
