import { memo } from 'react';
import { stageKind } from '../../makes/kinds';
import type { Method } from '../../makes/method';
import { milkText } from '../../plan/milkText';
import type { Planned } from '../../plan/plan';
import { sentencesOf } from '../../plan/sentences';
import { doseText, tellingOf } from '../../plan/telling';
import { useFormat } from '../../store/hooks';
import { Said } from '../common/Said';
import { hoursText } from '../common/times';

/** One sheet for the wall: large, black on white, a box to tick at every stage and a line to write on. */
export const PrintSheet = memo(function PrintSheet({
  planned,
  method,
  startMs,
  clock,
}: {
  planned: Planned;
  method: Method;
  startMs: number;
  clock(ms: number): string;
}) {
  const format = useFormat();
  const { plan } = planned;
  const p = plan.predictions;
  const telling = tellingOf(planned, format);
  const said = sentencesOf(planned, method, format).stages;
  // So many stages only go on one sheet closer together.
  const many = plan.stages.length > 20;
  return (
    <article className="sheet hidden print:block" aria-hidden="true">
      <header className="flex items-baseline justify-between border-b-[3px] border-black pb-1">
        <p className="name text-[26pt]">{method.title}</p>
        <p className="text-[13pt]">
          {format.kg(p.yieldKg.likely)} · {hoursText(p.totalHours * 60)}
        </p>
      </header>
      <p className="mt-1 text-[11pt]">{milkText(plan, method, format)}</p>
      <p className="mt-1 text-[13pt]">
        {plan.doses.map((dose) => (
          <span key={dose.id} className="mr-6 inline-block">
            □ {dose.ingredient} <strong className="text-[15pt]">{doseText(dose, format)}</strong>
            {dose.diluteInMl > 0 && ` in ${format.millilitres(dose.diluteInMl)}`}
            {dose.holdBackGrams > 0 && `, hold back ${format.grams(dose.holdBackGrams)}`}
          </span>
        ))}
      </p>
      <ol className={`mt-2 ${plan.stages.length > 14 ? 'columns-2 gap-x-6' : ''}`}>
        {plan.stages.map((stage, index) => {
          const words = stageKind(stage.kind).words(planned.parameters[stage.id], telling);
          return (
            <li
              key={stage.id}
              className={`break-inside-avoid border-b border-black ${many ? 'py-[1.5pt]' : 'py-[3pt]'}`}
            >
              <div className={`flex items-baseline gap-2 ${many ? 'text-[11.5pt]' : 'text-[12.5pt]'}`}>
                <span>□</span>
                <strong className="whitespace-nowrap">{clock(startMs + stage.startMin * 60_000)}</strong>
                <span className="flex-1 font-semibold">
                  <Said clauses={said[index]?.clauses ?? []} />
                </span>
                <span className="whitespace-nowrap text-[10.5pt]">
                  {format.minutes(stage.durationMin.likely)}
                </span>
              </div>
              <div className="flex items-end gap-2 text-[10.5pt]">
                <span className="flex-1">{!many && words.right}</span>
                <span className="w-24 border-b border-dotted border-black">&nbsp;</span>
              </div>
            </li>
          );
        })}
      </ol>
      <p className="mt-2 text-[10pt]">
        {[...new Set(plan.cautions.map((one) => one.text.split(/[.:] /)[0]?.replace(/\.$/, '')))]
          .slice(0, 5)
          .join('. ')}
        . Local codes come first.
      </p>
      <p className="mt-1 text-[12pt]">Weighed: ____________ Tasted: ________________________________</p>
    </article>
  );
});
