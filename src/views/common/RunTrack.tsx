import { stageKind } from '../../makes/kinds';
import { tellingOf } from '../../plan/telling';
import { runCourse } from '../../run/course';
import { coursesIn } from '../../run/frozen';
import type { MakeState } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { MakeTrack } from '../../ui/charts/MakeTrack';
import { FOLD_FROM_MIN } from '../../ui/charts/trackScale';
import { clockText } from './times';

/** What happened so far laid over the plan, with the rest of it ahead. */
export function RunTrack({ state, now }: { state: MakeState; now: number }) {
  const format = useFormat();
  const courses = coursesIn(state);
  if (!courses) return null;
  const course = runCourse(state, courses, now);
  const telling = tellingOf(state, format);
  const over = state.finishedAt !== null || state.abandoned !== null;
  return (
    <section aria-label="So far" className="mt-6">
      <h2 className="text-[22px]">
        {over ? 'As it went' : 'So far'}{' '}
        <span className="font-plain text-[15px] font-normal tracking-normal text-ink-soft">
          rings: your readings · dashes: the plan · dots: pH · bands: what still works
        </span>
      </h2>
      <MakeTrack
        stages={course.stages.map((stage) => {
          const planStage = state.plan.stages[stage.index];
          const words = planStage && stageKind(planStage.kind).words(state.parameters[stage.id], telling);
          return { ...stage, title: words?.title ?? stage.id, short: words?.action ?? stage.id };
        })}
        temps={course.temps}
        band={course.band}
        pHs={course.pHs}
        readings={course.readings}
        pHReadings={course.pHReadings}
        folded={course.stages.reduce((sum, stage) => sum + stage.durationMin, 0) > FOLD_FROM_MIN}
        {...(!over && { nowMin: (now - state.startedAt) / 60_000 })}
        format={format}
        startMs={state.startedAt}
        clockText={clockText}
        caption={over ? 'Temperature as it went, over the plan' : 'Temperature so far, over the plan'}
      />
    </section>
  );
}
