import { useMemo } from 'react';
import { stageKind } from '../../makes/kinds';
import type { Method } from '../../makes/method';
import { cautionText } from '../../plan/cautionText';
import { courseOfPlanned } from '../../plan/course';
import { type Planned, planBrief } from '../../plan/plan';
import { sentencesOf } from '../../plan/sentences';
import { tellingOf } from '../../plan/telling';
import { useFormat } from '../../store/hooks';
import { MakeTrack } from '../../ui/charts/MakeTrack';
import { FOLD_FROM_MIN } from '../../ui/charts/trackScale';
import { Cautions } from '../../ui/parts/Cautions';
import { Said } from '../common/Said';
import { hoursText } from '../common/times';

const LITRES = 8;

/** Eight litres of a make's usual milk, planned as it comes. */
export function usualPlan(method: Method): ReturnType<typeof planBrief> {
  return planBrief(
    {
      format: 'plump-pail/brief',
      version: 1,
      method: method.id,
      milk: { species: method.usual.species ?? 'cow', litres: LITRES },
    },
    { spread: false, methods: [method] },
  );
}

/** The track of a make from its beginning, hours counted from nought. */
export function UsualTrack({ planned }: { planned: Planned }) {
  const format = useFormat();
  const course = useMemo(() => courseOfPlanned(planned), [planned]);
  const telling = tellingOf(planned, format);
  const total = planned.plan.stages.reduce((sum, stage) => sum + stage.durationMin.likely, 0);
  return (
    <MakeTrack
      stages={planned.plan.stages.map((stage) => {
        const words = stageKind(stage.kind).words(planned.parameters[stage.id], telling);
        return {
          id: stage.id,
          title: words.title,
          short: words.action,
          startMin: stage.startMin,
          durationMin: stage.durationMin.likely,
          handsOnMin: stage.handsOnMin,
        };
      })}
      temps={course.temps}
      band={course.band}
      pHs={course.pHs}
      format={format}
      startMs={0}
      clockText={(ms) => (ms < 60_000 ? 'start' : hoursText(ms / 60_000))}
      caption="Temperature and pH over the make"
      folded={total > FOLD_FROM_MIN}
    />
  );
}

/** A make as one would read it in a book. */
export function Reading({ method }: { method: Method }) {
  const format = useFormat();
  const planned = useMemo(() => usualPlan(method), [method]);
  if (!planned.ok) return null;
  const { plan, parameters } = planned.value;
  const telling = tellingOf(planned.value, format);
  const said = sentencesOf(planned.value, method, format).stages;
  const p = plan.predictions;
  return (
    <>
      <h1 className="name text-[30px] tab:text-[38px]">{method.title}</h1>
      <p className="mt-2 max-w-[46rem] text-[18px] leading-snug">{method.about}</p>
      <p className="mt-2 text-[16px] text-ink-soft">
        {format.litres(LITRES)} of {plan.brief.milk.species}’s {method.of} come to about{' '}
        {format.kg(p.yieldKg.likely)} in {hoursText(p.totalHours * 60)}, {hoursText(p.handsOnMin)} of them
        hands on. The amounts below are for that; a plan computes your own.
      </p>
      <div className="mt-3">
        <UsualTrack planned={planned.value} />
      </div>
      <ol className="mt-4 max-w-[52rem]" aria-label="Stages">
        {plan.stages.map((stage, index) => {
          const words = stageKind(stage.kind).words(parameters[stage.id], telling);
          const texts = plan.cautions
            .filter((one) => one.stage === stage.id)
            .map((one) => cautionText(one, format));
          return (
            <li key={stage.id} className="stitch grid gap-x-5 py-3 tab:grid-cols-[3rem_minmax(0,1fr)]">
              <span className="figure text-[30px] text-ink-soft">{index + 1}</span>
              <div>
                <h2 className="text-[21px]">
                  <Said clauses={said[index]?.clauses ?? []} />{' '}
                  <span className="font-plain text-[15px] font-normal text-ink-soft">
                    {format.minutes(stage.durationMin.likely)}
                  </span>
                </h2>
                {words.steps.map((step) => (
                  <p key={step} className="mt-1 text-[16px]">
                    {step}
                  </p>
                ))}
                <p className="mt-1 text-[16px]">
                  <strong>Right:</strong> {words.right}
                </p>
                {words.normal && (
                  <p className="text-[16px] text-ink-soft">
                    <strong>Normal:</strong> {words.normal}
                  </p>
                )}
                <Cautions texts={texts} />
              </div>
            </li>
          );
        })}
      </ol>
      <section aria-label="Choices" className="mt-5 max-w-[52rem]">
        <h2 className="text-[24px]">Where practice disagrees</h2>
        <dl>
          {Object.entries(method.options)
            .filter(([, option]) => !('rare' in option && option.rare))
            .map(([key, option]) => (
              <div key={key} className="stitch py-2">
                <dt className="text-[17px] font-semibold">
                  {option.label}:{' '}
                  {option.type === 'number'
                    ? `${option.quantity === 'temperature' ? format.temp(option.default) : `${option.default} ${option.unit}`}, from ${option.quantity === 'temperature' ? format.temp(option.min) : option.min} to ${option.quantity === 'temperature' ? format.temp(option.max) : option.max}`
                    : option.type === 'boolean'
                      ? option.default
                        ? 'yes as a rule'
                        : 'no as a rule'
                      : option.type === 'steps'
                        ? 'none as a rule'
                        : option.choices.find((one) => one.value === option.default)?.text}
                </dt>
                <dd className="text-[15px] text-ink-soft">
                  {option.reason}
                  {option.type === 'choice' &&
                    option.choices.map((one) => (
                      <span key={one.value} className="block">
                        {one.text}: {one.reason}
                      </span>
                    ))}
                </dd>
              </div>
            ))}
        </dl>
      </section>
    </>
  );
}
