import { type Cause, type Causes, NOTHING_SAID, said, steep } from '../cause';
import { has, highest, type Log, optionOf, paceOf, tempsIn, that } from '../log';
import { change } from '../next';

const poachReads = (log: Log) => tempsIn(log, that('poaches'));

const poachShort: Cause = {
  text: 'it was poached too cool or too short',
  part: (log) => has(log, that('poaches')),
  says: (log) => {
    const top = highest(poachReads(log));
    const pace = paceOf(log, that('poaches'));
    return said(
      [
        top &&
          steep(
            top.value,
            83,
            [[80, 8]],
            `The whey was ${log.format.temp(top.value)} at the most.`,
            top.event,
          ),
        pace &&
          steep(
            pace.share,
            0.9,
            [[0.6, 6]],
            `It lay in it for ${log.format.percent(100 * pace.share)} of its time.`,
            pace.event,
          ),
      ],
      {
        cleared: top !== undefined && top.value >= 83 && pace !== null && pace.share >= 0.9,
        measured: top !== undefined || pace !== null,
      },
    );
  },
  next: (log) =>
    change(
      log,
      'poachMin',
      1.3 * (optionOf(log, 'poachMin') ?? 30),
      (to) => `Poach it at ${log.format.temp(88)} for ${log.format.minutes(to)}, until all of it floats.`,
    ),
  now: 'Back into whey of {88°C} until it floats.',
};

const poachHot: Cause = {
  text: 'the whey boiled under it',
  part: (log) => has(log, that('poaches')),
  says: (log) => {
    const top = highest(poachReads(log));
    if (!top) return NOTHING_SAID;
    return said([steep(top.value, 92, [[95, 6]], `The whey was ${log.format.temp(top.value)}.`, top.event)], {
      cleared: top.value <= 92,
      measured: true,
    });
  },
  next: (log) => change(log, 'poachC', 88, (to) => `Poach it at ${log.format.temp(to)}, off the boil.`),
};

/** Hot whey. */
export const POACH: Causes = { 'poached-too-short': poachShort, 'poached-too-hot': poachHot };
