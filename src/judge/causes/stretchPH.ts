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
const aimAt = (log: Log, key: string, text: (to: string) => string) =>
  change(log, key, windowOf(log).aim, (to) => text(log.format.pH(to)));
const pHKey = (log: Log) => (log.camp === 'cultured' ? 'stretchPH' : 'acidPH');

const pHHigh: Cause = {
  text: 'the curd was not sour enough to stretch',
  part,
  says: (log) => {
    const { high, higher } = windowOf(log);
    const read = stretchPH(log);
    const piece = lastPiece(log);
    const planned = optionOf(log, pHKey(log));
    return said(
      [
        read &&
          steep(
            read.value,
            high,
            higher,
            `It stood at pH ${log.format.pH(read.value)} at the stretch.`,
            read.event,
          ),
        planned !== null &&
          steep(planned, high, higher, `The plan aimed at pH ${log.format.pH(planned)}.`, PLAN),
        piece?.found === 'tears' && { times: 2, text: 'A trial piece tore.', event: piece.seq, apart: true },
      ],
      {
        cleared: piece?.found === 'stretches' || (read !== undefined && read.value <= high),
        measured: read !== undefined || piece !== undefined,
      },
    );
  },
  next: (log) =>
    aimAt(log, pHKey(log), (to) =>
      log.camp === 'cultured'
        ? `Wait for pH ${to}, or for a piece that stretches.`
        : `Dose the acid for pH ${to}.`,
    ),
  now: 'Keep it at {38°C} for 30 to 60 min more and try a piece again.',
  atThePot: true,
};

const pHLow: Cause = {
  text: 'the curd was too sour to stretch',
  part,
  says: (log) => {
    const { low, lower } = windowOf(log);
    const read = stretchPH(log);
    const piece = lastPiece(log);
    const planned = optionOf(log, pHKey(log));
    return said(
      [
        read &&
          steep(
            read.value,
            low,
            lower,
            `It stood at pH ${log.format.pH(read.value)} at the stretch.`,
            read.event,
          ),
        planned !== null &&
          steep(planned, low, lower, `The plan aimed at pH ${log.format.pH(planned)}.`, PLAN),
        piece?.found === 'melts' && { times: 8, text: 'A trial piece melted away.', event: piece.seq },
      ],
      {
        cleared: piece?.found === 'stretches' || (read !== undefined && read.value >= low),
        measured: read !== undefined || piece !== undefined,
      },
    );
  },
  next: (log) =>
    aimAt(log, pHKey(log), (to) =>
      log.camp === 'cultured'
        ? `Stretch at pH ${to}: try a piece every 20 min near it.`
        : `Dose the acid for pH ${to}.`,
    ),
  now: 'It will not stretch any more: drain it and eat it as curd, or bake it.',
  atThePot: true,
};

/** How sour the curd was as it was stretched. */
export const STRETCH_PH: Causes = {
  'pH-too-high-at-stretch': pHHigh,
  'pH-too-low-at-stretch': pHLow,
};
