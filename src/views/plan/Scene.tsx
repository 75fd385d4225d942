import type { Fault } from '../../core/faults/fault';
import type { Method } from '../../makes/method';
import { useFormat, useNow } from '../../store/hooks';
import type { Planned } from '../../plan/plan';
import { PailFigure } from '../../ui/charts/PailFigure';
import { hoursText } from '../common/times';
import { Doses } from './Doses';
import { FamilyLine } from './FamilyLine';
import { Options } from './Options';
import { pailOf } from './pail';
import { PlanTrack } from './PlanTrack';
import { StartButton } from './StartButton';
import { timesOf } from './planTimes';

/** Pail, doses, the family's line and the track, standing on one shelf. */
export function Scene({ planned, method, stale, faults }: { planned: Planned; method: Method; stale: boolean; faults: readonly Fault[] }) {
  const format = useFormat();
  const now = useNow(30_000);
  const { plan } = planned;
  const p = plan.predictions;
  const figure = format.kgParts(p.yieldKg.likely);
  const pail = pailOf(planned, format);
  const times = timesOf(plan, now);
  return (
    <section aria-label="What becomes of it" aria-busy={stale} className={`mt-5 min-w-0 lap:mt-0 ${stale ? 'opacity-60' : ''}`}>
      {stale && <p className="mb-2 text-[15px] font-semibold">Shown as before, until the marked fields are mended.</p>}
      <div className="grid items-start gap-x-5 gap-y-4 tab:grid-cols-[minmax(0,1.3fr)_minmax(16rem,1fr)]">
        <div>
          <PailFigure {...pail} />
          <div className="-mt-1 h-[7px] rounded-full bg-enamel" aria-hidden="true" />
        </div>
        <div>
          <p className="flex items-baseline gap-2.5" data-testid="yield">
            <span className="figure text-[76px]">{figure.figure}</span>
            <span className="name text-[24px]">
              {figure.unit} of {method.short}
            </span>
          </p>
          <p className="mt-1 text-[16px]">
            likely {format.kg(p.yieldKg.low)} to {format.kg(p.yieldKg.high)} · moisture {format.percent(p.moisturePct)} · fat in dry matter {format.percent(p.fatInDryMatterPct)}
          </p>
          <p className="mt-1 text-[16px]">
            {format.litres(p.wheyLitres)} of {p.wheyKind} whey, pH {format.pH(p.wheyPH)}: {WHEY_WORDS[p.wheyKind]}
          </p>
          <p className="stitch mt-3 pt-3 text-[16px]">
            <strong className="figure text-[26px]">{hoursText(p.totalHours * 60)}</strong> from first warming, <strong>{format.number(p.handsOnMin)} min</strong> of them hands on
            {p.costPerKg !== null && (
              <>
                {' '}
                · <strong>{`${format.number(p.costPerKg, 2)} ${plan.brief.currency ?? ''}`.trim()}</strong> a kilo
              </>
            )}
          </p>
          <p className="text-[16px]">
            Start {times.startText}, ready {times.readyText}.
          </p>
          <StartButton planned={planned} disabled={stale} />
        </div>
      </div>
      <div className="mt-4 grid gap-x-7 gap-y-5 tab:grid-cols-2">
        <Doses planned={planned} />
        <Options method={method} faults={faults} />
      </div>
      <FamilyLine planned={planned} />
      <PlanTrack planned={planned} startMs={times.startMs} />
    </section>
  );
}

const WHEY_WORDS = {
  acid: 'too sour for a second cooking; good for bread and beds',
  middling: 'a second cooking gives little; good for bread and soup',
  sweet: 'good for a second cooking',
} as const;
