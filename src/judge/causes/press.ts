import { stageKind } from '../../makes/kinds';
import { type Cause, type Causes, type Clue, NOTHING_SAID, said, steep } from '../cause';
import {
  has,
  type Log,
  lowest,
  optionOf,
  PLAN,
  paceOf,
  runsOf,
  tempsIn,
  that,
  type Which,
  weighed,
} from '../log';
import { change, words } from '../next';
import { forTime, scales } from './whey';

const presses = that('presses');
const drains = that('drains');

/** Turns that were noted, of those that were to be. */
function turns(log: Log, which: Which): { share: number; event: number | null } | null {
  const stages = log.state.plan.stages.filter(which).map(({ id }) => id);
  const noted = log.state.turns.filter(({ stage }) => stages.includes(stage));
  const wanted = optionOf(log, 'turns') ?? 0;
  return wanted > 0 && noted.length > 0
    ? { share: noted.length / wanted, event: noted.at(-1)?.seq ?? null }
    : null;
}

/** Turns a press wants and nobody noted, or fewer than half of them: they may have been left out. */
function unturned(log: Log): Clue | null {
  const { state } = log;
  if (runsOf(log, presses).length === 0) return null;
  const wanted = state.plan.stages
    .filter(presses)
    .map(({ id, kind }) => ({ id, rounds: stageKind(kind).rounds(state.parameters[id]) }))
    .find(({ rounds }) => rounds?.what === 'turn' && rounds.count >= 2);
  if (!wanted?.rounds) return null;
  const noted = state.turns.filter(({ stage }) => stage === wanted.id).length;
  return noted >= wanted.rounds.count / 2
    ? null
    : {
        times: 2,
        text: `${noted} of its ${wanted.rounds.count} turns in the press were noted.`,
        event: state.turns.findLast(({ stage }) => stage === wanted.id)?.seq ?? null,
      };
}

const pressedLittle: Cause = {
  text: 'it was pressed too little',
  part: (log) => has(log, presses),
  says: (log) => {
    const pace = paceOf(log, presses);
    const weight = weighed(log);
    return said(
      [
        pace &&
          steep(pace.share, 0.9, [[0.6, 6]], `It was pressed for ${forTime(log, presses)}.`, pace.event),
        scales(log, 1.04, [[1.1, 2]]),
        unturned(log),
      ],
      {
        cleared: pace !== null && pace.share >= 0.9 && weight !== null && weight.share <= 1.04,
        measured: pace !== null || weight !== null,
      },
    );
  },
  next: (log) => {
    const kPa = optionOf(log, 'pressKPa') ?? 5;
    return change(
      log,
      'pressKPa',
      1.4 * kPa,
      (to) => `Press it with ${to} kPa, and turn it once at a quarter of the time.`,
    );
  },
};

const pressedHard: Cause = {
  text: 'it was pressed too hard or too long',
  part: (log) => has(log, presses),
  says: (log) => {
    const pace = paceOf(log, presses);
    const kPa = optionOf(log, 'pressKPa');
    const usual = log.method.options.pressKPa;
    const planned =
      kPa !== null && usual?.type === 'number'
        ? steep(
            kPa / usual.default,
            1.2,
            [[1.8, 3]],
            `It was planned with ${kPa} kPa; ${usual.default} is usual.`,
            PLAN,
          )
        : null;
    return said(
      [
        pace &&
          steep(pace.share, 1.1, [[1.6, 4]], `It was pressed for ${forTime(log, presses)}.`, pace.event),
        planned,
      ],
      { cleared: pace !== null && pace.share <= 1.1 && !planned, measured: pace !== null },
    );
  },
  next: (log) => {
    const kPa = optionOf(log, 'pressKPa') ?? 5;
    return change(log, 'pressKPa', 0.7 * kPa, (to) => `Press it with ${to} kPa, for the planned time.`);
  },
};

const pressedCold: Cause = {
  text: 'the curd went cold into the press',
  part: (log) => has(log, presses),
  says: (log) => {
    const read =
      lowest([...tempsIn(log, presses), ...tempsIn(log, presses, 'curd')].filter((one) => one.value > 0)) ??
      tempsIn(log, drains).at(-1);
    const inFridge = log.options.pressIn === 'fridge';
    if (!read && !inFridge) return NOTHING_SAID;
    return said(
      [
        inFridge ? { times: 4, text: 'It was pressed in the fridge.', event: PLAN } : null,
        read &&
          steep(
            read.value,
            28,
            [[25, 6]],
            `The curd was ${log.format.temp(read.value)} in the press.`,
            read.event,
          ),
      ],
      { cleared: !inFridge && (read?.value ?? 0) >= 28, measured: read !== undefined },
    );
  },
  next: ({ format, options }) =>
    words(
      options.pressIn === 'fridge'
        ? 'Press it in the room until it has closed, and only then in the fridge.'
        : `Have the curd at ${format.temp(30)} as it goes in, and the press where it is warm.`,
    ),
};

const turnedLittle: Cause = {
  text: 'it was turned too little',
  part: (log) => has(log, that('cheddars')),
  says: (log) => {
    const done = turns(log, that('cheddars'));
    if (!done) return NOTHING_SAID;
    return said(
      [
        steep(
          done.share,
          0.95,
          [[0.5, 4]],
          `${log.format.percent(100 * done.share)} of its turns were noted.`,
          done.event,
        ),
      ],
      { cleared: done.share >= 0.95, measured: true },
    );
  },
  next: ({ format }) => words(`Turn the slabs every ${format.minutes(15)}, by the bell.`),
};

/** Pressing and turning. */
export const PRESS: Causes = {
  'pressed-too-little': pressedLittle,
  'pressed-too-hard': pressedHard,
  'pressed-too-cold': pressedCold,
  'turned-too-little': turnedLittle,
};
