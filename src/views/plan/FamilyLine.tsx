import { useMemo } from 'react';
import { isLiquidAcid } from '../../core/acid/acids';
import { methodById } from '../../makes';
import { numberOption } from '../../makes/method';
import type { Resolved } from '../../plan/brief/resolved';
import { continuum } from '../../plan/continuum';
import type { Planned } from '../../plan/plan';
import { useFormat } from '../../store/hooks';
import { draftChanged, optionSet } from '../../store/slices/draft';
import { useAppDispatch } from '../../store/store';
import { Continuum } from '../../ui/charts/Continuum';

/** Where pot cheese ends and ricotta begins, °C. Common practice. */
const RICOTTA_FROM_C = 80;

/** The family's line of temperature against acid; pulled across its border, one make becomes the other. */
export function FamilyLine({ planned }: { planned: Planned }) {
  const dispatch = useAppDispatch();
  const format = useFormat();
  const brief = planned.plan.brief as Resolved;
  const method = methodById(planned.plan.method);
  const all = useMemo(() => (method ? continuum(brief, method) : []), [brief, method]);
  const pot = numberOption(methodById('warm-acid-pot-cheese'), 'setC');
  const own = numberOption(method, 'setC');
  const ricotta = numberOption(methodById('whole-milk-ricotta'), 'setC');
  if (!method || !own || !pot || !ricotta || !brief.acid) return null;
  const pressed = method.id === 'paneer';
  const hottest = all.at(-1)?.tempC ?? own.max;
  const min = pressed ? own.min : pot.min;
  const max = Math.min(hottest, pressed ? own.max : ricotta.max);
  const points = all.filter((point) => point.tempC >= min && point.tempC <= max);
  if (points.length === 0) return null;
  const liquid = isLiquidAcid(brief.acid.kind);
  const change = (tempC: number) => {
    const target = pressed
      ? method.id
      : tempC >= RICOTTA_FROM_C
        ? 'whole-milk-ricotta'
        : 'warm-acid-pot-cheese';
    dispatch(optionSet({ method: target, key: 'setC', field: { value: tempC, text: null } }));
    if (target !== method.id) dispatch(draftChanged({ method: target }));
  };
  return (
    <section aria-label="Heat against acid" className="mt-6">
      <h2 className="text-[23px]">
        Heat or acid{' '}
        <span className="font-plain text-[15px] font-normal tracking-normal text-ink-soft">
          one line from pot cheese to {pressed ? 'paneer' : 'ricotta'}: pull the knob · line: acid needed ·
          dotted: whey protein caught
        </span>
      </h2>
      <Continuum
        points={points}
        zones={
          pressed
            ? [{ fromC: own.min, toC: Math.min(hottest, own.max), label: 'paneer, pressed', open: true }]
            : [
                {
                  fromC: pot.min,
                  toC: RICOTTA_FROM_C,
                  label: 'pot cheese',
                  open: method.id === 'warm-acid-pot-cheese',
                },
                {
                  fromC: RICOTTA_FROM_C,
                  toC: max,
                  label: 'ricotta',
                  open: method.id === 'whole-milk-ricotta',
                },
              ]
        }
        tempC={Number(brief.options.setC ?? own.default)}
        min={min}
        max={max}
        format={format}
        acidText={(perLitre) => (liquid ? format.millilitres(perLitre) : format.grams(perLitre))}
        onChange={change}
      />
    </section>
  );
}
