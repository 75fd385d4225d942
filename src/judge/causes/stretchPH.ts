import { type Cause, type Causes, said, steep } from '../cause';
import { has, type Log, optionOf, PLAN, pHsIn, type Read, runsOf, that } from '../log';
import { change } from '../next';
import { lastPiece } from './stretch';

const stretches = that('stretches');
const part = (log: Log) => has(log, stretches);

/** The pH that stretches: aimed at, and from where to where it does. Kindstedt on pasta filata, from memory. */
const WINDOW = {
  quick: {
    aim: 5.6,
    high: 5.66,
    higher: [
      [5.7, 4],
      [5.8, 8],
    ],
    low: 5.5,
    lower: [[5.4, 8]],
  },
  cultured: {
    aim: 5.2,
    high: 5.27,
    higher: [
      [5.3, 4],
      [5.35, 8],
    ],
    low: 5.05,
    lower: [[4.95, 8]],
  },
} as const;
const windowOf = (log: Log) => WINDOW[log.camp === 'cultured' ? 'cultured' : 'quick'];

/** The last pH before the curd was pulled. */
function stretchPH(log: Log): Read | undefined {
  const [run] = runsOf(log, stretches);
  const last = log.state.pHs.findLast((one) => run && one.at <= (run.endedAt ?? 0));
  return last ? { value: last.pH, at: last.at, event: last.seq } : pHsIn(log, stretches).at(-1);
}
const pHKey = (log: Log) => (log.camp === 'cultured' ? 'stretchPH' : 'acidPH');
/** The pH to go for next time: waited for where a culture brings it, dosed for where acid does. */
const aim = (log: Log, waits: string) =>
  change(log, pHKey(log), windowOf(log).aim, (to) =>
    (log.camp === 'cultured' ? waits : 'Dose the acid for pH {}.').replace('{}', log.format.pH(to)),
  );

/** Too sour, or not sour enough: the same reading, the plan's own aim and a trial piece, from either side. */
const off = (way: 'high' | 'low'): Cause['says'] => {
  const high = way === 'high';
  return (log) => {
    const range = windowOf(log);
    const [from, steps] = high ? [range.high, range.higher] : [range.low, range.lower];
    const read = stretchPH(log);
    const piece = lastPiece(log);
    const planned = optionOf(log, pHKey(log));
    const { format } = log;
    return said(
      [
        read &&
          steep(
            read.value,
            from,
            steps,
            `It stood at pH ${format.pH(read.value)} at the stretch.`,
            read.event,
          ),
        planned !== null && steep(planned, from, steps, `The plan aimed at pH ${format.pH(planned)}.`, PLAN),
        high &&
          piece?.found === 'tears' && {
            times: 2,
            text: 'A trial piece tore.',
            event: piece.seq,
            apart: true,
          },
        !high &&
          piece?.found === 'melts' && { times: 8, text: 'A trial piece melted away.', event: piece.seq },
      ],
      {
        cleared:
          piece?.found === 'stretches' ||
          (read !== undefined && (high ? read.value <= from : read.value >= from)),
        measured: read !== undefined || piece !== undefined,
      },
    );
  };
};

/** How sour the curd was as it was stretched. */
export const STRETCH_PH: Causes = {
  'pH-too-high-at-stretch': {
    text: 'the curd was not sour enough to stretch',
    part,
    says: off('high'),
    next: (log) => aim(log, 'Wait for pH {}, or for a piece that stretches.'),
    now: 'Keep it at {38°C} for 30 to 60 min more and try a piece again.',
    atThePot: true,
  },
  'pH-too-low-at-stretch': {
    text: 'the curd was too sour to stretch',
    part,
    says: off('low'),
    next: (log) => aim(log, 'Stretch at pH {}: try a piece every 20 min near it.'),
    now: 'It will not stretch any more: drain it and eat it as curd, or bake it.',
    atThePot: true,
  },
};
