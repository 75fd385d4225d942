import type { Format } from '../../core/units/format';
import type { Moment } from '../../run/moment';
import { type RampAdvice, rampAdvice } from '../../run/rampAdvice';
import { type MakeState, stageAt } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { clockText } from '../common/times';

/** What the readings of a warming say, in words. */
export function RampSays({ state, now }: { state: MakeState; now: number }) {
  const format = useFormat();
  const ramp = rampAdvice(state);
  if (!ramp) return null;
  const said = rampText(ramp, format, stageAt(state).targetC ?? 0);
  const last = state.readings.findLast((one) => one.at >= state.stageStartedAt);
  return (
    <div
      className="mt-4 flex flex-wrap items-center gap-x-6 gap-y-1 rounded-[16px] border-l-[10px] border-now-edge bg-now-wash px-5 py-3"
      aria-live="polite"
    >
      {last && (
        <p>
          <span className="figure text-[46px]">{format.temp(last.tempC, 1)}</span>{' '}
          <span className="text-[15px] text-ink-soft">{agoText(now - last.at)}</span>
        </p>
      )}
      <p className="min-w-[14rem] flex-1 text-[19px] leading-snug">
        <strong>{said.now}</strong> {said.why}
      </p>
    </div>
  );
}

/** What to do, what right looks like and what only looks wrong. */
export function Steps({ moment }: { moment: Moment }) {
  return (
    <div>
      <ol className="mt-4 space-y-1.5 text-[20px] leading-snug">
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
  );
}

const agoText = (ms: number): string => {
  const minutes = Math.round(ms / 60_000);
  return minutes < 1 ? 'just now' : `${minutes} min ago`;
};

function rampText(advice: RampAdvice, format: Format, targetC: number): { now: string; why: string } {
  switch (advice.kind) {
    case 'no-reading':
      return { now: 'Note a temperature.', why: 'Two of them and you are told when it arrives.' };
    case 'one-reading':
      return { now: 'Note another in a few minutes.', why: 'Then its pace is known.' };
    case 'stalled':
      return { now: 'It is not getting warmer.', why: 'Is the heat on? Stir, read again, turn up a little.' };
    case 'turn-off':
      return { now: 'Turn the heat off now.', why: `It coasts to about ${format.temp(advice.coastsToC)}.` };
    case 'over':
      return {
        now: `${format.tempStep(advice.byC)} over.`,
        why: `Heat off, stand the pot in cold water and stir until it is back at ${format.temp(targetC)}; then go on. Nothing is lost yet.`,
      };
    case 'arriving': {
      const arrives = `At this pace ${format.temp(targetC)} at ${clockText(advice.arrivesAt)}`;
      const rise = `${format.tempStep(advice.perMin)} a minute`;
      if (advice.pace === 'on time') return { now: 'On time.', why: `${arrives}, ${rise}.` };
      return advice.pace === 'ahead'
        ? {
            now: `${format.number(advice.byMin)} min ahead.`,
            why: `${arrives}, ${rise}. Turn down a little and stir more: fast milk catches.`,
          }
        : {
            now: `${format.number(advice.byMin)} min behind.`,
            why: `${arrives}, ${rise}. Turn up a little, or put the lid on between stirs.`,
          };
    }
  }
}
