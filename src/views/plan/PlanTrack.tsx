import { useMemo } from 'react';
import { CAUTIONS } from '../../core/safety/cautions';
import { courseOf } from '../../plan/course';
import type { Planned } from '../../plan/plan';
import { tellingOf } from '../../plan/telling';
import { stageKind } from '../../makes/kinds';
import { useFormat } from '../../store/hooks';
import { MakeTrack } from '../../ui/charts/MakeTrack';
import { Cautions } from '../../ui/parts/Cautions';
import { clockText, hoursText } from '../common/times';
import { HandGlyph } from '../../ui/glyphs/glyphs';

/** The make over its hours: heat, pH, stages; then the stages in words with their cautions in place. */
export function PlanTrack({ planned, startMs }: { planned: Planned; startMs: number }) {
  const format = useFormat();
  const course = useMemo(() => courseOf(planned), [planned]);
  const telling = useMemo(() => tellingOf(planned.plan, format), [planned, format]);
  const { stages, cautions, hinges } = planned.plan;
  const words = stages.map((stage) => stageKind(stage.kind).words(planned.parameters[stage.id], telling));
  return (
    <section aria-label="The make" className="mt-6">
      <h2 className="text-[23px]">
        The make{' '}
        <span className="font-plain text-[15px] font-normal tracking-normal text-ink-soft">
          line: heat · dots: pH · bands: what still works · hatched: your hands
        </span>
      </h2>
      <MakeTrack
        stages={stages.map((stage, index) => ({
          id: stage.id,
          title: words[index]?.title ?? stage.title,
          short: words[index]?.action ?? stage.id,
          startMin: stage.startMin,
          durationMin: stage.durationMin.likely,
          handsOnMin: stage.handsOnMin,
        }))}
        temps={course.temps}
        band={course.band}
        pHs={course.pHs}
        format={format}
        clockOf={(minute) => clockText(startMs + minute * 60_000)}
        caption="Planned temperature and pH over the make"
      />
      <div className="mt-5 grid gap-x-7 gap-y-4 tab:grid-cols-[minmax(0,1.6fr)_minmax(15rem,1fr)]">
        <ol className="space-y-1" aria-label="Stages">
          {stages.map((stage, index) => {
            const texts = cautions.filter((one) => one.stage === stage.id).map((one) => CAUTIONS[one.id as keyof typeof CAUTIONS] ?? one.text);
            const busy = stage.handsOnMin >= stage.durationMin.likely * 0.5;
            return (
              <li key={stage.id} className="stitch pt-2 pb-1">
                <div className="flex items-baseline gap-3">
                  <span className="figure w-14 shrink-0 text-[18px]">{clockText(startMs + stage.startMin * 60_000)}</span>
                  <span className="name min-w-0 flex-1 text-[18px]">{words[index]?.title}</span>
                  <span className="flex items-center gap-1 text-[15px] whitespace-nowrap text-ink-soft">
                    {busy && <HandGlyph size={18} />}
                    {hoursText(stage.durationMin.likely)}
                  </span>
                </div>
                {texts.length > 0 && (
                  <div className="mt-1.5 mb-2 pl-[4.25rem]">
                    <Cautions texts={texts} />
                  </div>
                )}
              </li>
            );
          })}
        </ol>
        {hinges.length > 0 && (
          <section aria-label="What the yield hangs on">
            <h3 className="stitch pt-2 text-[19px]">What the yield hangs on</h3>
            <ul className="mt-1 space-y-2.5">
              {hinges.slice(0, 4).map((hinge) => (
                <li key={hinge.on} className="text-[15px]">
                  <div className="flex items-center gap-2">
                    <span className="h-3.5 rounded-sm border-2 border-rim bg-now" style={{ width: `${Math.max(3, hinge.shareOfVariancePct * 0.8)}%` }} aria-hidden="true" />
                    <strong className="figure text-[17px]">{format.percent(hinge.shareOfVariancePct)}</strong>
                  </div>
                  <strong>{hinge.on}</strong>: {hinge.sharpenBy}
                </li>
              ))}
            </ul>
          </section>
        )}
      </div>
    </section>
  );
}
