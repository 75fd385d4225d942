import { memo, useMemo } from 'react';
import { checksDue } from '../../kitchen/thermometers';
import { kitOf } from '../../plan/kit';
import { scaledBy } from '../../plan/larger';
import type { Planned } from '../../plan/plan';
import { useFormat, useNow } from '../../store/hooks';
import { useAppSelector } from '../../store/store';
import { inMoney } from '../common/money';
import { hoursText } from '../common/times';

const TIMES = 3;

/** What has to stand ready before the first stage. */
export const Ready = memo(function Ready({ planned }: { planned: Planned }) {
  const format = useFormat();
  const kitchen = useAppSelector((state) => state.kitchen);
  const kit = useMemo(() => kitOf(planned, format, kitchen), [planned, format, kitchen]);
  const due = checksDue(kitchen.thermometers ?? [], useNow(3_600_000));
  return (
    <section aria-label="To have ready" className="mt-4">
      <h2 className="text-[23px]">To have ready</h2>
      <p className="mt-1 text-[15px]">
        {kit.map(({ what, why }, i) => (
          <span key={what}>
            <strong>{what}</strong> <span className="text-ink-soft">{why}</span>
            {i < kit.length - 1 && ' · '}
          </span>
        ))}
      </p>
      {due.length > 0 && (
        <p className="stitch mt-1 pt-1.5 text-[15px]">
          <strong>Check first:</strong> {due.join(' and ')}, in crushed ice and at the boil; the last check is
          over a month old.
        </p>
      )}
    </section>
  );
});

/** Whether three times as much would be worth its while. */
export const Worth = memo(function Worth({ planned }: { planned: Planned }) {
  const larger = useMemo(() => scaledBy(planned, TIMES)?.plan ?? null, [planned]);
  return larger && <WorthTable planned={planned} larger={larger} />;
});

function WorthTable({ planned, larger }: { planned: Planned; larger: Planned['plan'] }) {
  const format = useFormat();
  const once = planned.plan.predictions;
  const more = larger.predictions;
  const perMass = (p: typeof once) => hoursText(format.perMass(p.handsOnMin / p.yieldKg.likely));
  const rows = [
    { what: 'cheese', once: format.kg(once.yieldKg.likely), more: format.kg(more.yieldKg.likely) },
    { what: 'hands on', once: hoursText(once.handsOnMin), more: hoursText(more.handsOnMin) },
    { what: `hands a ${format.massWord}`, once: perMass(once), more: perMass(more) },
    { what: 'ready in', once: hoursText(once.totalHours * 60), more: hoursText(more.totalHours * 60) },
    ...(once.costPerKg !== null && more.costPerKg !== null
      ? [
          {
            what: inMoney(`a ${format.massWord} costs`, planned.plan.brief.currency),
            once: format.number(format.perMass(once.costPerKg), 2),
            more: format.number(format.perMass(more.costPerKg), 2),
          },
        ]
      : []),
  ];
  return (
    <section aria-label="Is more worth it?">
      <h2 className="text-[23px]">Is more worth it?</h2>
      <table className="mt-1 w-full text-[15px]">
        <thead>
          <tr className="text-left text-ink-soft">
            <th className="font-medium">
              <span className="sr-only">what</span>
            </th>
            <th className="py-1 text-right font-medium">
              {format.litres(planned.plan.brief.milk.litres ?? 0)}
            </th>
            <th className="py-1 text-right font-medium">{format.litres(larger.brief.milk.litres ?? 0)}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.what} className="stitch">
              <th className="py-1.5 text-left font-normal">{row.what}</th>
              <td className="figure pl-3 text-right text-[17px] whitespace-nowrap">{row.once}</td>
              <td className="figure pl-3 text-right text-[17px] whitespace-nowrap">{row.more}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
