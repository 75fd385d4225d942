import { memo, type ReactNode, type RefObject, useRef } from 'react';
import { useNavigate } from 'react-router';
import type { Fault } from '../../core/faults/fault';
import type { Method } from '../../makes/method';
import type { Brief } from '../../plan/brief/schema';
import type { Planned } from '../../plan/plan';
import type { Plan } from '../../plan/schema';
import { doseText, wheyCooked } from '../../plan/telling';
import { useFormat, useNow } from '../../store/hooks';
import { PailFigure } from '../../ui/charts/PailFigure';
import { Button } from '../../ui/parts/Button';
import { moneyText } from '../common/money';
import { hoursText } from '../common/times';
import { Clashes } from './Clashes';
import { Doses } from './Doses';
import { FamilyLine } from './FamilyLine';
import { Hinges, Teaches } from './Hinges';
import { OtherBeginnings } from './OtherBeginnings';
import { OutAndIn } from './OutAndIn';
import { PlanTrack } from './PlanTrack';
import { pailOf } from './pail';
import { timesOf } from './planTimes';
import { Ready, Worth } from './Ready';
import { useStart } from './useStart';
import { useAgainst, WhatIf } from './WhatIf';
import { WithLearned } from './WithLearned';

/** Pail, what comes of it and the doses, standing on one shelf; the make in sentences beneath. */
export function Scene({
  planned,
  soon,
  later,
  own,
  method,
  brief,
  faults,
}: {
  planned: Planned;
  /** The plan as the make in sentences tells it: it may follow a frame later. */
  soon: Planned;
  /** The plan as what stands beneath the make tells it: it follows when nothing more is to come and the hands rest. */
  later: Planned | null;
  /** Whether the spread shown is this plan's own already. */
  own: boolean;
  method: Method;
  /** Null where a field has to be mended before this is planned anew. */
  brief: Brief | null;
  faults: readonly Fault[];
}) {
  const stale = brief === null;
  const format = useFormat();
  const now = useNow(30_000);
  const soonStartMs = timesOf(soon.plan, now).startMs;
  // What is done with a plan is done with the one of now, whichever is told where one presses.
  const latest = useRef(planned);
  latest.current = planned;
  const { plan } = planned;
  const p = plan.predictions;
  const pail = pailOf(planned, format);
  const times = timesOf(plan, now);
  const acid = plan.doses.find((dose) => dose.id === 'acid') ?? plan.doses[0];
  const against = useAgainst();
  const start = useStart(brief, plan);
  const navigate = useNavigate();
  return (
    <section
      aria-label="What becomes of it"
      aria-busy={stale}
      data-spread={own ? 'own' : 'carried over'}
      className={`mt-3 min-w-0 ${stale ? 'opacity-60' : ''}`}
    >
      {stale && (
        <p className="mb-2 text-[15px] font-semibold">Shown as before, until the marked fields are mended.</p>
      )}
      <div className="grid gap-x-8 gap-y-3 lap:grid-rows-[auto_1fr] tab:grid-cols-[minmax(0,1fr)_minmax(0,1fr)] lap:grid-cols-[minmax(0,1.15fr)_minmax(0,0.9fr)_minmax(0,1.15fr)]">
        <div className="order-3 min-w-0 tab:order-none lap:col-start-1 lap:row-span-2 lap:row-start-1">
          <PailFigure {...pail} />
          <div className="h-[7px] rounded-full bg-rim" aria-hidden="true" />
          <Clashes planned={soon} method={soon.method} startMs={soonStartMs} />
        </div>
        <Comes plan={plan} method={method} times={times} spreadFollows={!stale}>
          <OtherBeginnings
            plan={soon.plan}
            rests={stale || start.starting}
            begin={start.begin}
            enter={start.enter}
          />
          {/* Falls away where the next stands on a line of its own. */}
          <span aria-hidden="true" className="inline-block w-5" />{' '}
          <Button
            tone="quiet"
            size="small"
            className="-mx-3 -my-2"
            disabled={stale}
            onClick={() => navigate('/practise', { state: { brief } })}
          >
            Practise it first
          </Button>
        </Comes>
        <div className="order-2 min-w-0 tab:order-none lap:col-start-3 lap:row-span-2 lap:row-start-1">
          <Doses planned={planned} method={method} faults={faults} />
          <WithLearned learned={plan.learned} />
        </div>
        <div className="stitch order-4 pt-1.5 text-[15px] leading-snug text-ink-soft tab:order-none lap:col-start-2 lap:row-start-2">
          <Whey plan={plan} />
          <AtTheEnd predictions={p} />
        </div>
      </div>
      <PlanTrack
        planned={soon}
        method={soon.method}
        startMs={soonStartMs}
        against={against}
        faults={faults}
      />
      {later && soon.method.heatLine && <FamilyLine planned={soon} />}
      {later && (
        <Below
          planned={later}
          changed={against ? soon : later}
          latest={latest}
          method={later.method}
          against={against}
        />
      )}
      <p
        className="fixed inset-x-0 bottom-(--foot) z-10 flex min-h-(--band) justify-around border-t-2 border-rim bg-now px-3 py-1.5 text-[16px] font-semibold text-on-now lap:hidden"
        aria-hidden="true"
      >
        <span>{format.kg(p.yieldKg.likely)}</span>
        {acid && <span>{`${doseText(acid, format)} ${acid.ingredient}`}</span>}
        <span>{hoursText(p.totalHours * 60)}</span>
      </p>
    </section>
  );
}

/** What follows the make: what the yield hangs on, what if, whether more is worth it, what has to stand ready. */
const Below = memo(function Below({
  planned,
  changed,
  latest,
  method,
  against,
}: {
  planned: Planned;
  /** The plan that is held against the one set aside: it has no spread to wait for. */
  changed: Planned;
  latest: RefObject<Planned>;
  method: Method;
  against: Planned | null;
}) {
  return (
    <>
      <div className="mt-4 grid gap-x-8 gap-y-4 tab:grid-cols-2 lap:grid-cols-[1.1fr_1.45fr_0.85fr]">
        {/* Its place stays while the spread is on its way. */}
        <div>
          <Hinges planned={planned} />
        </div>
        <div className="space-y-4">
          <WhatIf planned={changed} latest={latest} method={method} against={against} />
          <OutAndIn latest={latest} />
        </div>
        <Worth planned={planned} />
      </div>
      <Teaches planned={planned} />
      <Ready planned={planned} />
    </>
  );
});

/** What comes of it: cheese with its spread, hours, hands, cost. */
function Comes({
  plan,
  method,
  times,
  spreadFollows,
  children,
}: {
  plan: Plan;
  method: Method;
  times: ReturnType<typeof timesOf>;
  /** Whether the spread is on its way: none comes while a field has to be mended. */
  spreadFollows: boolean;
  children: ReactNode;
}) {
  const format = useFormat();
  const p = plan.predictions;
  const figure = format.kgParts(p.yieldKg.likely);
  return (
    <div className="order-1 min-w-0 text-[15px] leading-snug tab:order-none lap:col-start-2 lap:row-start-1">
      <p className="flex flex-wrap items-baseline gap-x-2.5 leading-none" data-testid="yield">
        <span className="figure text-[58px]">{figure.figure}</span>
        <span className="name text-[20px]">
          {figure.unit} of {method.short}
        </span>
      </p>
      <p className="mt-1.5">
        {p.yieldKg.low < p.yieldKg.high
          ? `likely ${format.kg(p.yieldKg.low)} to ${format.kg(p.yieldKg.high)}; `
          : spreadFollows && 'its spread follows; '}
        moisture {format.percent(p.moisturePct)}, fat in dry matter {format.percent(p.fatInDryMatterPct)}
      </p>
      <p className="stitch mt-2 pt-2">
        <strong className="figure text-[24px]">{hoursText(p.totalHours * 60)}</strong> from first warming,{' '}
        <strong>{hoursText(p.handsOnMin)}</strong> of them hands on.
      </p>
      {p.costPerKg !== null && (
        <p className="mt-1">
          <strong>{moneyText(format.perMass(p.costPerKg), plan.brief.currency, format)}</strong> a{' '}
          {format.massWord}
        </p>
      )}
      <p className="mt-1">
        Start {times.startText}, ready <strong>{times.readyText}</strong>. {children}
      </p>
    </div>
  );
}

/** What runs off, and what it is good for. */
function Whey({ plan }: { plan: Plan }) {
  const format = useFormat();
  const { wheyLitres, wheyKind, wheyPH } = plan.predictions;
  return (
    <p>
      {format.litres(wheyLitres)} of {wheyKind} whey, pH {format.pH(wheyPH)}:{' '}
      {wheyCooked(plan) && wheyKind !== 'acid'
        ? 'cooked already, so a second cooking gives nothing; good for bread and soup'
        : WHEY_WORDS[wheyKind]}
      .
    </p>
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
    <p className="mt-1">
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
