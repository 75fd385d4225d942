import { format as formatDate } from 'date-fns';
import type { Fault } from '../../core/faults/fault';
import type { Method } from '../../makes/method';
import type { Brief } from '../../plan/brief/schema';
import type { Planned } from '../../plan/plan';
import type { Plan } from '../../plan/schema';
import { doseText, wheyCooked } from '../../plan/telling';
import { useFormat, useNow } from '../../store/hooks';
import { PailFigure } from '../../ui/charts/PailFigure';
import { pailOf } from '../common/pail';
import { hoursText } from '../common/times';
import { Clashes } from './Clashes';
import { Doses } from './Doses';
import { FamilyLine } from './FamilyLine';
import { Hinges } from './Hinges';
import { OutAndIn } from './OutAndIn';
import { PlanTrack } from './PlanTrack';
import { timesOf } from './planTimes';
import { Ready } from './Ready';
import { StartButton } from './StartButton';
import { useAgainst, WhatIf } from './WhatIf';

/** Pail, doses, the family's line and the track, standing on one shelf. */
export function Scene({
  planned,
  own,
  method,
  brief,
  faults,
}: {
  planned: Planned;
  /** Whether the spread shown is this plan's own already. */
  own: boolean;
  method: Method;
  brief: Brief | null;
  faults: readonly Fault[];
}) {
  const stale = brief === null;
  const format = useFormat();
  const now = useNow(30_000);
  const { plan } = planned;
  const p = plan.predictions;
  const figure = format.kgParts(p.yieldKg.likely);
  const pail = pailOf(planned, format);
  const times = timesOf(plan, now);
  const acid = plan.doses.find((dose) => dose.id === 'acid') ?? plan.doses[0];
  const against = useAgainst();
  return (
    <section
      aria-label="What becomes of it"
      aria-busy={stale}
      data-spread={own ? 'own' : 'carried over'}
      className={`mt-5 min-w-0 lap:mt-0 ${stale ? 'opacity-60' : ''}`}
    >
      {stale && (
        <p className="mb-2 text-[15px] font-semibold">Shown as before, until the marked fields are mended.</p>
      )}
      <div className="grid gap-x-7 gap-y-4 tab:grid-cols-[minmax(0,1.5fr)_minmax(18rem,1fr)]">
        <div className="min-w-0">
          <PailFigure {...pail} />
          <div className="h-[7px] rounded-full bg-rim" aria-hidden="true" />
          <p className="mt-2.5 text-[16px]">
            <strong className="figure text-[26px]">{hoursText(p.totalHours * 60)}</strong> from first warming,{' '}
            <strong>{hoursText(p.handsOnMin)}</strong> of them hands on
            {p.costPerKg !== null && (
              <>
                {' '}
                · <strong>{`${format.number(p.costPerKg, 2)} ${plan.brief.currency ?? ''}`.trim()}</strong> a
                kilo
              </>
            )}
          </p>
          <p className="text-[16px]">
            Start {times.startText}, ready {times.readyText}.
          </p>
          <StartButton brief={brief} plan={plan} />
          <p className="mt-1 text-[15px] text-ink-soft">
            {format.litres(p.wheyLitres)} of {p.wheyKind} whey, pH {format.pH(p.wheyPH)}:{' '}
            {wheyCooked(plan) && p.wheyKind !== 'acid'
              ? 'cooked already, so a second cooking gives nothing; good for bread and soup'
              : WHEY_WORDS[p.wheyKind]}
            .
          </p>
          <AtTheEnd predictions={p} />
          <Clashes plan={plan} startMs={times.startMs} />
        </div>
        <div className="order-first min-w-0 tab:order-none">
          <p className="flex flex-wrap items-baseline gap-x-2.5 leading-none" data-testid="yield">
            <span className="figure text-[60px]">{figure.figure}</span>
            <span className="name text-[21px] whitespace-nowrap">
              {figure.unit} of {method.short}
            </span>
          </p>
          <p className="mt-1.5 text-[15px]">
            likely {format.kg(p.yieldKg.low)} to {format.kg(p.yieldKg.high)} · moisture{' '}
            {format.percent(p.moisturePct)} · fat in dry matter {format.percent(p.fatInDryMatterPct)}
          </p>
          <div className="mt-3">
            <Doses planned={planned} faults={faults} />
          </div>
        </div>
      </div>
      <div className="mt-5">
        <Hinges hinges={plan.hinges} />
      </div>
      {method.heatLine && <FamilyLine planned={planned} />}
      <PlanTrack planned={planned} startMs={times.startMs} against={against} />
      <WhatIf planned={planned} against={against} />
      <Ready planned={planned} />
      <OutAndIn
        planned={planned}
        title={method.title}
        startWall={formatDate(times.startMs, "yyyy-MM-dd'T'HH:mm")}
      />
      <p
        className="fixed inset-x-0 bottom-[67px] z-10 flex justify-around border-t-2 border-rim bg-now px-3 py-1.5 text-[16px] font-semibold text-on-now lap:hidden tab:bottom-0"
        aria-hidden="true"
      >
        <span>{format.kg(p.yieldKg.likely)}</span>
        {acid && <span>{`${doseText(acid, format)} ${acid.ingredient}`}</span>}
        <span>{hoursText(p.totalHours * 60)}</span>
      </p>
    </section>
  );
}

/** What the cheese itself is like at the end: its pH and its salt. */
function AtTheEnd({
  predictions: { curdPH, saltPct, saltInMoisturePct },
}: {
  predictions: Plan['predictions'];
}) {
  const format = useFormat();
  if (curdPH === undefined || curdPH === null) return null;
  return (
    <p className="mt-1 text-[15px] text-ink-soft">
      At the end the cheese is at pH {format.pH(curdPH)}
      {saltPct !== undefined && saltPct > 0 && saltInMoisturePct !== undefined && (
        <>
          {' '}
          and holds {format.percent(saltPct, 1)} of salt, {format.percent(saltInMoisturePct, 1)} in its
          moisture
        </>
      )}
      .
    </p>
  );
}

const WHEY_WORDS = {
  acid: 'too sour for a second cooking; good for bread and beds',
  middling: 'a second cooking gives little; good for bread and soup',
  sweet: 'good for a second cooking',
} as const;
