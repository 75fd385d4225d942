import { useEffect, useRef } from 'react';
import { goalOf } from '../../makes/asked';
import { acidAdvice } from '../../run/acidAdvice';
import { rampAdvice } from '../../run/rampAdvice';
import { type MakeState, stageAt } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { append } from '../../store/log';
import { usePorts } from '../../store/ports';
import { rampText } from '../common/rampText';
import { sayUnwritten } from '../common/written';

/** Keeps what is advised in the make's own log, once each time it changes its tune. */
export function useAdviceLog(id: string, state: MakeState) {
  const { db, clock } = usePorts();
  const format = useFormat();
  const stage = stageAt(state);
  const ramp = rampAdvice(state);
  const acid = goalOf(stage, state.parameters)?.is === 'clear-whey' ? acidAdvice(state) : null;
  let about = '';
  let text = '';
  if (ramp && ramp.kind !== 'no-reading' && ramp.kind !== 'one-reading') {
    const said = rampText(ramp, format, stage.targetC ?? 0);
    about = `${stage.id} ${ramp.kind}${ramp.kind === 'arriving' ? ` ${ramp.pace}` : ''}`;
    text = `${said.now} ${said.why}`;
  } else if (acid && acid.kind !== 'look') {
    about = `${stage.id} ${acid.kind} ${state.acid.length}`;
    text =
      'grams' in acid
        ? `Pour ${format.grams(acid.grams)}.`
        : acid.kind === 'clear'
          ? 'No more acid.'
          : 'Stop acid and warm the pot again.';
  }
  const latest = useRef(text);
  latest.current = text;
  const known = state.advice.at(-1)?.about === about;
  useEffect(() => {
    if (about !== '' && !known)
      append(db, id, { type: 'advised', about, text: latest.current }, clock.wall()).catch((error) =>
        sayUnwritten('What was advised', error),
      );
  }, [db, clock, id, about, known]);
}
