import { memo, useMemo, useState } from 'react';
import type { Fault } from '../../core/faults/fault';
import { stageKind } from '../../makes/kinds';
import type { Method } from '../../makes/method';
import { courseOfPlanned } from '../../plan/course';
import type { Planned } from '../../plan/plan';
import { tellingOf } from '../../plan/telling';
import { useFormat } from '../../store/hooks';
import { MakeTrack } from '../../ui/charts/MakeTrack';
import { FOLD_FROM_MIN } from '../../ui/charts/trackScale';
import { Button } from '../../ui/parts/Button';
import { clockText, dayClock } from '../common/times';
import { Stages } from './Stages';

/** The make over its hours: heat, pH, stages; then the stages in words with their cautions in place. */
export const PlanTrack = memo(function PlanTrack({
  planned,
  method,
  startMs,
  against,
  faults,
}: {
  planned: Planned;
  method: Method;
  startMs: number;
  against: Planned | null;
  faults: readonly Fault[];
}) {
  const format = useFormat();
  const course = useMemo(() => courseOfPlanned(planned), [planned]);
  const ghost = useMemo(() => (against ? courseOfPlanned(against).temps : []), [against]);
  const telling = useMemo(() => tellingOf(planned, format), [planned, format]);
  const { stages } = planned.plan;
  const total = stages.reduce((sum, stage) => sum + stage.durationMin.likely, 0);
  const long = total > FOLD_FROM_MIN;
  const [folded, setFolded] = useState(true);
  const [zoom, setZoom] = useState(1);
  const words = stages.map((stage) => stageKind(stage.kind).words(planned.parameters[stage.id], telling));
  return (
    <section aria-label="The make" className="mt-3">
      <div className="mb-2 flex flex-wrap items-end justify-between gap-x-4 gap-y-1">
        <h2 className="text-[23px]">
          The make{' '}
          <span className="font-plain text-[15px] font-normal tracking-normal text-ink-soft">
            line: heat · dots: pH · bands: what still works · hatched: your hands
          </span>
        </h2>
        <div className="flex flex-wrap items-center gap-2">
          {long && (
            <Button size="small" aria-pressed={folded} onClick={() => setFolded(!folded)}>
              {folded ? 'Waits folded: unfold' : 'Fold long waits'}
            </Button>
          )}
          <Button size="small" aria-label="Wider" disabled={zoom >= 8} onClick={() => setZoom(zoom * 2)}>
            ↔ wider
          </Button>
          {zoom > 1 && (
            <Button size="small" onClick={() => setZoom(1)}>
              whole make
            </Button>
          )}
        </div>
      </div>
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
        ghost={ghost}
        format={format}
        startMs={startMs}
        clockText={total > 20 * 60 ? dayClock : clockText}
        folded={long && folded}
        zoom={zoom}
        height={190}
        caption="Planned temperature and pH over the make"
      />
      <Stages planned={planned} method={method} startMs={startMs} faults={faults} />
    </section>
  );
});
