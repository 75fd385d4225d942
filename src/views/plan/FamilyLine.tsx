import { memo, useMemo } from 'react';
import { isLiquidAcid } from '../../core/acid/acids';
import { type MethodBook, methodById } from '../../makes';
import { type Method, numberOption } from '../../makes/method';
import type { Resolved } from '../../plan/brief/resolved';
import { continuum } from '../../plan/continuum';
import type { Planned } from '../../plan/plan';
import { useFormat } from '../../store/hooks';
import { useMethodBook } from '../../store/methodBook';
import { draftChanged, optionSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Continuum } from '../../ui/charts/Continuum';

interface Zone {
  method: string;
  label: string;
  fromC: number;
  toC: number;
}

/** A make and its neighbours along the line, from cool to hot, each as far as it goes. */
function zonesOf(method: Method, hottestC: number, methods: MethodBook): Zone[] {
  const { cooler, hotter } = method.heatLine ?? {};
  return [
    methodById(cooler?.method ?? '', methods),
    method,
    methodById(hotter?.method ?? '', methods),
  ].flatMap((one) => {
    const range = numberOption(one, 'setC');
    if (!one?.heatLine || !range) return [];
    return [
      {
        method: one.id,
        label: one.heatLine.label,
        fromC: one.heatLine.cooler?.belowC ?? range.min,
        toC: Math.min(hottestC, one.heatLine.hotter?.fromC ?? range.max),
      },
    ];
  });
}

/** The family's line of temperature against acid; pulled across a border, one make becomes the other. */
export const FamilyLine = memo(function FamilyLine({ planned }: { planned: Planned }) {
  const dispatch = useAppDispatch();
  const format = useFormat();
  const brief = planned.plan.brief as Resolved;
  const { method } = planned;
  const methods = useMethodBook();
  const all = useMemo(() => continuum(brief, method), [brief, method]);
  const own = numberOption(method, 'setC');
  const pulled = useAppSelector(({ draft }) => draft.options[method.id]?.setC?.value) ?? Number.NaN;
  if (!method.heatLine || !own || !brief.acid) return null;
  const zones = zonesOf(method, all.at(-1)?.tempC ?? own.max, methods);
  const min = Math.min(...zones.map((zone) => zone.fromC));
  const max = Math.max(...zones.map((zone) => zone.toC));
  const points = all.filter((point) => point.tempC >= min && point.tempC <= max);
  if (points.length === 0) return null;
  // The knob stands where it has been pulled, whatever has been planned of it yet; what is typed and cannot be does not move it.
  const tempC = pulled >= min && pulled <= max ? pulled : Number(brief.options.setC ?? own.default);
  const liquid = isLiquidAcid(brief.acid.kind);
  const change = (tempC: number) => {
    const target = zones.findLast((zone) => tempC >= zone.fromC)?.method ?? method.id;
    dispatch(optionSet({ method: target, key: 'setC', field: { value: tempC, text: null } }));
    if (target !== method.id) dispatch(draftChanged({ method: target }));
  };
  return (
    <section aria-label="Heat against acid" className="mt-4">
      <h2 className="text-[23px]">
        Heat or acid{' '}
        <span className="font-plain text-[15px] font-normal tracking-normal text-ink-soft">
          {zones.length > 1 && `one line from ${zones[0]?.label} to ${zones.at(-1)?.label}: `}pull the knob ·
          line: acid needed · dotted: whey protein caught
        </span>
      </h2>
      <Continuum
        points={points}
        zones={zones.map((zone) => ({ ...zone, open: zone.method === method.id }))}
        tempC={tempC}
        min={min}
        max={max}
        format={format}
        acidText={(perLitre) => (liquid ? format.millilitres(perLitre) : format.grams(perLitre))}
        onChange={change}
      />
    </section>
  );
});
