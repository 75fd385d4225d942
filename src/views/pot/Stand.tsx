import { Fragment, useEffect, useLayoutEffect, useMemo, useRef } from 'react';
import { useNavigate } from 'react-router';
import { boilingC } from '../../core/heat/boiling';
import { readWith, shownAs } from '../../kitchen/thermometers';
import { stageKind } from '../../makes/kinds';
import { cautionText } from '../../plan/cautionText';
import { readyAt } from '../../run/expect';
import { costsSoFar } from '../../run/mishaps';
import { momentOf } from '../../run/moment';
import { curdDoubt, finishedDoubt } from '../../run/slip';
import { type MakeState, stageAt } from '../../run/state';
import { worksFrom } from '../../run/works';
import { useFormat, useIsPhone, useNow } from '../../store/hooks';
import { useAppSelector } from '../../store/store';
import { Cautions } from '../../ui/parts/Cautions';
import { RunTrack } from '../common/RunTrack';
import { clockText, countdownText, momentText } from '../common/times';
import { useNote } from '../common/useNote';
import { doubtText } from '../common/weightText';
import { Coming } from './Coming';
import { BoilWatch, Found, RampSays, Steps, Warns } from './Guidance';
import { HandTests } from './HandTests';
import { Mishap } from './Mishap';
import { Elsewhere, OutOfTurn } from './OutOfTurn';
import { Abandon, PotButtons } from './PotButtons';
import { Probe } from './Probe';
import { type OnPad, ReadingPad } from './ReadingPad';
import { Recent } from './Recent';
import { useAdviceLog } from './useAdviceLog';
import { useWakeLock } from './useWakeLock';
import { WarmSoFar } from './WarmSoFar';
import { SoFar } from './WentIn';
import { WhereItRings } from './WhereItRings';
import { WheyLooks } from './WheyLooks';
import { WhyLate } from './WhyLate';

/** Standing at one pot: the action, its target and its countdown dominate; a pad to note on; what comes next. */
export function Stand({
  id,
  state,
  practice = false,
  onOver,
}: {
  id: string;
  state: MakeState;
  /** Beside a practice pot, in half the width: its own bench has the instruments. */
  practice?: boolean;
  /** Where to go once it is over; to its page in the book otherwise. */
  onOver?: () => void;
}) {
  const format = useFormat();
  const now = useNow(1000);
  const navigate = useNavigate();
  const phone = useIsPhone();
  const { note } = useNote(id);
  useWakeLock();
  useAdviceLog(id, state);
  const stage = stageAt(state);
  const moment = momentOf(state, format);
  const left = moment.endsAt - now;
  const paused = moment.pausedAt !== null;
  const countdown = countdownText(paused ? -left : left);
  const cautions = state.plan.cautions.filter((one) => one.stage === stage.id);
  const title = `${countdownText(left)} ${moment.action} · ${state.name}`;
  useEffect(() => {
    document.title = title;
    return () => {
      document.title = 'Plump Pail';
    };
  }, [title]);
  const kitchen = useAppSelector((app) => app.kitchen);
  const shown =
    stage.targetC === null ? '' : shownAs(stage.targetC, kitchen, boilingC(kitchen.altitudeM), format);
  const withs = useMemo(() => readWith(kitchen, boilingC(kitchen.altitudeM)), [kitchen]);
  const lastWith = state.readings.findLast((one) => one.shown)?.shown?.by ?? null;
  const { reads } = stageKind(stage.kind);
  const works = worksFrom(state);
  const lost = costsSoFar(state).yieldShare;
  const heading = useRef<HTMLHeadingElement>(null);
  const onPad = useRef<OnPad | null>(null);
  const next = `${stage.id} ${moment.action}`;
  const led = useRef({ next: '', stage: '' });
  // What is to be done next takes the keyboard with it, so that Tab goes on from there; but not from a field somebody is at.
  useEffect(() => {
    const before = led.current;
    if (before.next === next) return;
    led.current = { next, stage: stage.id };
    if (before.stage !== stage.id || document.activeElement === document.body)
      heading.current?.focus({ preventScroll: true });
  });
  // Whatever is to be done next begins at its top.
  useLayoutEffect(() => {
    if (next !== '') window.scrollTo({ top: 0 });
  }, [next]);
  const leave = onOver ?? (() => navigate(`/book/${id}`));
  const finish = async (weighedKg: number | null) => {
    if (await note({ type: 'finished', weighedKg })) leave();
  };
  const findings = (
    <Fragment key="findings">
      {moment.wantsLook && (
        <WheyLooks
          last={state.looks.at(-1)?.look ?? null}
          onLook={(look) => void note({ type: 'whey', look })}
        />
      )}
      <HandTests moment={moment} note={note} />
    </Fragment>
  );
  const padName = `${moment.pad}-${moment.last}-${reads.join('')}`;
  const pad = (
    <ReadingPad
      key={padName}
      name={padName}
      held={onPad}
      pad={moment.pad}
      last={moment.last}
      folds={phone}
      lastTempC={state.readings.at(-1)?.tempC ?? null}
      lastPH={state.pHs.at(-1)?.pH ?? null}
      reads={reads}
      withs={withs}
      lastWith={lastWith}
      doubts={(kg) => {
        const doubt = moment.last ? finishedDoubt(state.plan, kg) : curdDoubt(state, kg);
        return doubt && doubtText(kg, doubt, format);
      }}
      onTemp={(tempC, of, read) =>
        note({ type: 'temperature', tempC, ...(of !== reads[0] && { of }), ...(read && { shown: read }) })
      }
      onPH={(pH) => note({ type: 'pH', pH })}
      onWeight={(kg) => note({ type: 'weighed', kg })}
      onFinish={finish}
    />
  );
  const buttons = (
    <PotButtons key="buttons" state={state} moment={moment} note={note} pad={phone ? pad : null} />
  );
  if (state.handedAt !== null) return <Elsewhere state={state} note={note} />;
  return (
    <div
      className={
        practice
          ? ''
          : 'lap:grid lap:grid-cols-[minmax(0,1fr)_19.5rem] lap:grid-rows-[auto_1fr] lap:items-start lap:gap-x-6'
      }
    >
      <section aria-label="Now" className="plate min-w-0 px-3 pt-3 pb-6 tab:px-8 tab:pt-4 lap:col-start-1">
        <p className="text-[16px] text-ink-soft">
          <span className="hidden tab:inline">
            {state.name} · {format.litres(state.plan.brief.milk.litres ?? 0)} ·{' '}
          </span>
          stage {state.index + 1} of {state.plan.stages.length} · ready about{' '}
          {momentText(readyAt(state, now), now)}
          {lost <= -0.01 &&
            ` · about ${format.kg(state.plan.predictions.yieldKg.likely)} after what went wrong`}
        </p>
        <div
          className={`mt-1 flex flex-wrap items-end justify-between gap-x-5 ${practice ? 'gap-y-5' : 'gap-y-3 tab:gap-y-1'}`}
        >
          <h1
            ref={heading}
            tabIndex={-1}
            data-big
            className="figure text-[67px] leading-[0.95] tracking-[-0.025em] outline-none tab:text-[80px] tab:leading-none tab:tracking-normal"
          >
            {moment.action}
            {moment.target && (
              <>
                {' '}
                <span
                  data-big
                  className={moment.target.length > 8 ? 'tab:whitespace-nowrap' : 'whitespace-nowrap'}
                >
                  {moment.target}
                </span>
              </>
            )}
          </h1>
          <p
            className="flex w-full flex-row-reverse items-end justify-between gap-3 tab:ml-auto tab:block tab:w-auto tab:text-right"
            role="timer"
            aria-label={`${countdownText(left)}, ${moment.endsWhat}`}
          >
            <span
              data-big
              // Hours and minutes are wider than minutes and seconds, and what they count to stands beside them on a phone.
              className={`figure block rounded-[18px] px-4 py-1 ${countdown.length > 5 ? 'text-[58px]' : 'text-[76px]'} tab:text-[84px] ${left < 0 && !paused ? 'bg-danger-wash text-danger' : 'bg-now-wash'}`}
            >
              {countdown}
            </span>
            <span className="text-[16px] leading-tight text-ink-soft">
              {paused ? 'since' : left < 0 ? 'over since' : 'until'} {clockText(moment.endsAt)},{' '}
              {moment.endsWhat}
            </span>
          </p>
        </div>
        <RampSays state={state} now={now} />
        {moment.warns && <Warns text={moment.warns} />}
        <SoFar adding={moment.adding} />
        {moment.found && <Found found={moment.found} />}
        {moment.late && <WhyLate state={state} />}
        <BoilWatch state={state} now={now} />
        {/* Each stays what it is where they change places: a press on it that has begun counts. */}
        {moment.main ? [buttons, findings] : [findings, buttons]}
        {works && stage.targetC !== null && (
          <p className="mt-4 text-[18px] text-ink-soft">
            It still works from {format.temp(works[0])} to {format.temp(works[1])}.
            {shown !== '' && (
              <>
                {' '}
                At {format.temp(stage.targetC)} <strong className="text-ink">{shown}</strong>.
              </>
            )}
          </p>
        )}
        <Steps moment={moment} state={state} />
        <WarmSoFar state={state} cautions={cautions} now={now} />
        <Cautions large texts={cautions.map((one) => cautionText(one, format))} />
        <p className="mt-6 -mb-2 flex flex-wrap justify-end gap-2">
          <Mishap state={state} withs={withs} lastWith={lastWith} note={note} />
          {!practice && <OutOfTurn id={id} state={state} note={note} />}
          {!practice && <Abandon note={note} onAbandoned={leave} />}
        </p>
      </section>
      <aside
        className={`mt-5 space-y-5 tab:grid tab:grid-cols-2 tab:items-start tab:gap-5 tab:space-y-0 ${practice ? '' : 'lap:col-start-2 lap:row-span-2 lap:row-start-1 lap:mt-0 lap:block lap:space-y-5'}`}
      >
        {!phone && pad}
        <Coming state={state} now={now} />
        <Recent state={state} note={note} />
        <Probe makeId={id} state={state} practice={practice} />
      </aside>
      <div className="min-w-0 lap:col-start-1">
        {!practice && <WhereItRings id={id} state={state} />}
        <RunTrack state={state} now={now} />
      </div>
    </div>
  );
}
