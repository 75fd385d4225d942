import type { Planned } from '../../plan/planned';
import { doseText } from '../../plan/telling';
import { useFormat } from '../../store/hooks';
import { selectUsed, useAppSelector } from '../../store/store';
import { milkShort, milksOf, wantingFor } from '../draft/goods';

/** What the plan that lies open lacks. */
export function ToBuy({ planned }: { planned: Planned | null }) {
  const format = useFormat();
  const goods = useAppSelector((state) => state.data.goods);
  const used = useAppSelector(selectUsed);
  const milks = useAppSelector((state) => state.data.milks);
  const draft = useAppSelector((state) => state.draft);
  if (!planned) return null;
  const { plan } = planned;
  const lacking = wantingFor(plan, goods, used.goods);
  const short = milkShort(milksOf(planned, draft, milks), milks, used.milks);
  return (
    <section aria-label="To buy" className="mt-8">
      <h2 className="text-[26px]">To buy</h2>
      <p className="text-[15px] text-ink-soft">
        For the {planned.method.short} that lies open on the plan,{' '}
        {format.litres(plan.brief.milk.litres ?? 0)}.
      </p>
      {lacking.length === 0 && short.length === 0 ? (
        <p className="mt-1 text-[17px]">Nothing: the shelf has it all.</p>
      ) : (
        <ul className="mt-1">
          {short.map(({ name, litres, haveLitres }) => (
            <li key={name} className="stitch flex items-baseline gap-4 py-1.5 text-[17px]">
              <strong className="figure w-28 text-[20px]">{format.litres(litres)}</strong>
              {name}
              {haveLitres > 0 && (
                <span className="text-[15px] text-ink-soft">there are {format.litres(haveLitres)}</span>
              )}
            </li>
          ))}
          {lacking.map(({ ingredient, dose, haveGrams }) => (
            <li key={dose.id} className="stitch flex items-baseline gap-4 py-1.5 text-[17px]">
              <strong className="figure w-28 text-[20px]">{doseText(dose, format)}</strong>
              {ingredient}
              {haveGrams > 0 && (
                <span className="text-[15px] text-ink-soft">there are {format.grams(haveGrams)}</span>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
