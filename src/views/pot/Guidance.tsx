import type { ReactNode } from 'react';
import { capital } from '../../core/units/capital';
import { stageKind } from '../../makes/kinds';
import { boilsOverAt, mayBoilAt } from '../../run/boilOver';
import type { Finding } from '../../run/findings';
import type { Moment } from '../../run/moments';
import { rampAdvice } from '../../run/rampAdvice';
import { type MakeState, stageAt } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { StagePicture } from '../../ui/pictures/StagePicture';
import { rampText, warmedAt } from '../common/rampText';
import { Said } from '../common/Said';
import { clockText } from '../common/times';
import { useSaid } from './useSaid';

/** What the readings of a warming say, in words. */
export function RampSays({ state, now }: { state: MakeState; now: number }) {
  const format = useFormat();
  const ramp = rampAdvice(state);
  if (!ramp) return null;
  const said = rampText(ramp, format, warmedAt(state));
  const last = state.readings.findLast((one) => one.at >= state.stageStartedAt);
  return (
    <div
      className="mt-3 flex flex-wrap items-center gap-x-6 gap-y-0 rounded-[16px] border-l-[10px] border-now-edge bg-now-wash px-3 py-1.5 tab:mt-4 tab:px-5 tab:py-3"
      aria-live="polite"
    >
      {last && (
        <p>
          <span className="figure text-[30px] leading-none tab:text-[46px]">
            {format.temp(last.tempC, 1)}
          </span>{' '}
          <span className="text-[15px] text-ink-soft">{agoText(now - last.at)}</span>
        </p>
      )}
      <p className="min-w-[14rem] flex-1 text-[16px] leading-tight tab:text-[19px] tab:leading-snug">
        <strong>{said.now}</strong> {said.why}
      </p>
    </div>
  );
}

/** A sentence or two said before all else; in red where something is to be mended or thrown out. */
function Band({ danger, children }: { danger: boolean; children: ReactNode }) {
  return (
    <p
      role="status"
      className={`mt-3 rounded-[16px] border-l-[10px] px-5 py-2 text-[19px] leading-snug ${danger ? 'border-danger bg-danger-wash' : 'border-now-edge bg-now-wash'}`}
    >
      {children}
    </p>
  );
}

/** What was found last, and what it leads to. */
export function Found({ found }: { found: Finding }) {
  return (
    <Band danger={found.leads === 'bin'}>
      <strong>{`${capital(found.found)}.`}</strong> {found.says}
    </Band>
  );
}

/** What is wrong with the milk for what is done here. */
export const Warns = ({ text }: { text: string }) => <Band danger>{text}</Band>;

/** A pot that is about to climb over its rim, and when. */
export function BoilWatch({ state, now }: { state: MakeState; now: number }) {
  const read = boilsOverAt(state);
  const at = read ?? mayBoilAt(state);
  if (at === null || at - now > BOIL_WATCH_MS) return null;
  return (
    <Band danger>
      <strong className="text-danger">
        {read === null
          ? `Nobody has read it: by its time it may boil about ${clockText(at)}.`
          : at <= now
            ? 'It is at the boil.'
            : `It climbs over the rim about ${clockText(at)} at this pace.`}
      </strong>{' '}
      Lid off, turn it down, and stay with it.
    </Band>
  );
}
/** Sooner than this nobody needs to stand by. */
const BOIL_WATCH_MS = 8 * 60_000;

/** What to do, what right looks like, drawn and in words, and what only looks wrong. */
export function Steps({ moment, state }: { moment: Moment; state: MakeState }) {
  const stage = stageAt(state);
  const kind = stageKind(stage.kind);
  const clauses = useSaid(state)[state.index]?.clauses;
  return (
    <div className="mt-4 items-start gap-6 tab:grid tab:grid-cols-[minmax(0,1fr)_15.5rem]">
      <div>
        {clauses && (
          <p className="mb-2 text-[17px] leading-snug text-ink-soft" data-testid="sentence">
            <Said clauses={clauses} />
          </p>
        )}
        <ol className="space-y-1.5 text-[20px] leading-snug">
          {moment.steps.filter(Boolean).map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
        <p className="mt-3 text-[17px] text-ink-soft">
          <strong className="text-ink">Right:</strong> {moment.right}
          {moment.normal && (
            <>
              {' '}
              <strong className="text-ink">Looks odd, is normal:</strong> {moment.normal}
            </>
          )}
        </p>
      </div>
      <div className="mx-auto mt-4 max-w-[19rem] tab:mx-0 tab:mt-0">
        <StagePicture
          picture={kind.picture(state.parameters[stage.id])}
          overFire={kind.does.includes('over-fire')}
          says={`Right: ${moment.right}`}
        />
      </div>
    </div>
  );
}

const agoText = (ms: number): string => {
  const minutes = Math.round(ms / 60_000);
  return minutes < 1 ? 'just now' : `${minutes} min ago`;
};
