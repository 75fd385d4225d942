import { useMemo, useState } from 'react';
import { stageKind } from '../../makes/kinds';
import { cautionText } from '../../plan/cautionText';
import { courseOfPlanned } from '../../plan/course';
import type { Planned } from '../../plan/plan';
import { tellingOf } from '../../plan/telling';
import { useFormat } from '../../store/hooks';
import { MakeTrack } from '../../ui/charts/MakeTrack';
import { FOLD_FROM_MIN } from '../../ui/charts/trackScale';
import { HandGlyph } from '../../ui/glyphs/glyphs';
import { Button } from '../../ui/parts/Button';
import { Cautions } from '../../ui/parts/Cautions';
import { clockText, dayClock } from '../common/times';

/** The make over its hours: heat, pH, stages; then the stages in words with their cautions in place. */
export function PlanTrack({
  planned,
  startMs,
  against,
}: {
  planned: Planned;
  startMs: number;
  against: Planned | null;
}) {
  const format = useFormat();
  const course = useMemo(() => courseOfPlanned(planned), [planned]);
  const ghost = useMemo(() => (against ? courseOfPlanned(against).temps : []), [against]);
  const telling = useMemo(() => tellingOf(planned.plan, format), [planned, format]);
  const { stages, cautions } = planned.plan;
  const total = stages.reduce((sum, stage) => sum + stage.durationMin.likely, 0);
  const long = total > FOLD_FROM_MIN;
  const [folded, setFolded] = useState(true);
  const [zoom, setZoom] = useState(1);
  const stageClock = total > 20 * 60 ? dayClock : clockText;
  // Each caution where it first matters; what a dose in hand comes to stands beside that dose.
  const once = cautions.filter(
    (one, i) =>
      one.id !== 'dose-off' && cautions.findIndex(({ id, text }) => id === one.id && text === one.text) === i,
  );
  const words = stages.map((stage) => stageKind(stage.kind).words(planned.parameters[stage.id], telling));
  return (
    <section aria-label="The make" className="mt-6">
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
        caption="Planned temperature and pH over the make"
      />
      <ol className="mt-4 gap-x-8 tab:columns-2" aria-label="Stages">
        {stages.map((stage, index) => {
          const texts = once.filter((one) => one.stage === stage.id).map((one) => cautionText(one, format));
          const busy = stage.handsOnMin >= stage.durationMin.likely * 0.5;
          return (
            <li key={stage.id} className="stitch break-inside-avoid pt-2 pb-2">
              <div className="flex items-baseline gap-3">
                <span
                  className={`figure shrink-0 whitespace-nowrap text-[18px] ${total > 20 * 60 ? 'w-24' : 'w-13'}`}
                >
                  {stageClock(startMs + stage.startMin * 60_000)}
                </span>
                <span className="name min-w-0 flex-1 text-[18px]">{words[index]?.title}</span>
                <span className="flex items-center gap-1 text-[15px] whitespace-nowrap text-ink-soft">
                  {busy && <HandGlyph size={18} />}
                  {format.minutes(stage.durationMin.likely)}
                </span>
              </div>
              <Cautions texts={texts} />
            </li>
          );
        })}
      </ol>
    </section>
  );
}
