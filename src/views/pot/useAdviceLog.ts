import { useEffect, useRef } from 'react';
import type { Format } from '../../core/units/format';
import { adviceOf } from '../../run/adviceOf';
import { rampAdvice } from '../../run/rampAdvice';
import type { MakeState } from '../../run/state';
import { sameAdvice, type ToldAdvice } from '../../run/toldAdvice';
import { useFormat } from '../../store/hooks';
import { append } from '../../store/log';
import { usePorts } from '../../store/ports';
import { rampText, warmedAt } from '../common/rampText';
import { sayUnwritten } from '../common/written';

/** Advice in the words it was shown in. */
function wordsOf(advice: ToldAdvice, state: MakeState, format: Format): string {
  if (advice.of === 'heat') {
    const ramp = rampAdvice(state);
    const said = ramp && rampText(ramp, format, warmedAt(state));
    return said ? `${said.now} ${said.why}` : '';
  }
  if (advice.grams !== null) return `Pour ${format.grams(advice.grams)}.`;
  return advice.says === 'clear' ? 'No more acid.' : 'Stop acid and warm the pot again.';
}

/** Keeps what is advised in the make's own log, once each time it changes its tune. */
export function useAdviceLog(id: string, state: MakeState) {
  const { db, clock } = usePorts();
  const format = useFormat();
  const advice = adviceOf(state);
  const last = state.advice.at(-1)?.told ?? null;
  const fresh = advice !== null && !sameAdvice(advice, last);
  const latest = useRef({ advice, state, format });
  latest.current = { advice, state, format };
  const tune =
    advice && `${advice.stage} ${advice.says} ${advice.of === 'heat' ? advice.pace : advice.given}`;
  useEffect(() => {
    const now = latest.current;
    if (!fresh || now.advice === null || tune === null) return;
    const text = wordsOf(now.advice, now.state, now.format);
    append(db, id, { type: 'advised', about: tune, text, advice: now.advice }, clock.wall()).catch((error) =>
      sayUnwritten('What was advised', error),
    );
  }, [db, clock, id, fresh, tune]);
}
