import { type Cause, type Causes, type Clue, NOTHING_SAID, said, steep } from '../cause';
import { has, type Log, optionOf, PLAN, paceOf, runsOf, skippedIn, that, tookOf, weighed } from '../log';
import { change, words } from '../next';
import { HANG_IT_ON, WORK_WHEY_IN } from '../remedies';

const drains = that('drains');
const part = (log: Log) => has(log, drains);

export const scales = (
  log: Log,
  from: number,
  steps: readonly (readonly [number, number])[],
): Clue | null => {
  const weight = weighed(log);
  return weight
    ? steep(
        weight.share,
        from,
        steps,
        `It weighed ${log.format.percent(100 * weight.share)} of what was planned.`,
        weight.event,
      )
    : null;
};
export const forTime = (log: Log, which: typeof drains) => {
  const took = tookOf(log, which);
  return took ? `${log.format.minutes(took.tookMin)}, planned ${log.format.minutes(took.plannedMin)}` : '';
};

const drainedShort: Cause = {
  text: 'it drained too short',
  part,
  says: (log) => {
    const pace = paceOf(log, drains);
    const weight = weighed(log);
    return said(
      [
        scales(log, 1.03, [
          [1.06, 2],
          [1.12, 4],
        ]),
        pace && steep(pace.share, 0.9, [[0.7, 6]], `It drained for ${forTime(log, drains)}.`, pace.event),
        pace &&
          pace.share > 1.2 && {
            times: 0.3,
            text: 'It drained longer than planned: then it is not the time.',
            event: pace.event,
            apart: true,
          },
      ],
      {
        cleared: weight !== null && weight.share <= 1.03 && (pace === null || pace.share >= 0.9),
        measured: weight !== null,
      },
    );
  },
  next: (log) => {
    const moisture = optionOf(log, 'moisturePct');
    if (moisture !== null)
      return change(
        log,
        'moisturePct',
        moisture - 2,
        (to) => `Drain it to ${log.format.percent(to)} moisture: weigh it at half time.`,
      );
    const minutes = optionOf(log, 'drainMin');
    return minutes !== null
      ? change(
          log,
          'drainMin',
          1.5 * minutes,
          (to) => `Drain it for ${log.format.minutes(to)}, and weigh it.`,
        )
      : words('Weigh it at half time, and let it hang until the weight is there.');
  },
  now: HANG_IT_ON,
  loose: true,
};

const drainedLong: Cause = {
  text: 'it drained too long',
  part,
  says: (log) => {
    const pace = paceOf(log, drains);
    const weight = weighed(log);
    return said(
      [
        pace && steep(pace.share, 1.1, [[1.3, 4]], `It drained for ${forTime(log, drains)}.`, pace.event),
        scales(log, 0.97, [[0.88, 2]]),
      ],
      {
        cleared: (weight !== null && weight.share >= 0.97) || (pace !== null && pace.share <= 1.1),
        measured: weight !== null || pace !== null,
      },
    );
  },
  next: (log) => {
    const moisture = optionOf(log, 'moisturePct');
    return moisture === null
      ? words('Weigh it at half time, and stop at its weight.')
      : change(
          log,
          'moisturePct',
          moisture + 1,
          (to) => `Stop at ${log.format.percent(to)} moisture: weigh it at half time.`,
        );
  },
  now: WORK_WHEY_IN,
  loose: true,
};

const rinses = (log: Log) => runsOf(log, that('rinses')).length;
const wants = (log: Log) => (log.camp === 'cottage' ? 2 : 1);

const rinsedLittle: Cause = {
  text: 'it was rinsed too little',
  part: (log) => log.camp === 'acid' || log.camp === 'cottage',
  says: (log) => {
    const skipped = skippedIn(log, that('rinses'));
    const planned = has(log, that('rinses'));
    return said(
      [
        skipped && { times: 8, text: 'A rinse was left out.', event: skipped.endedBy ?? null },
        !planned && { times: 4, text: 'No rinse was planned.', event: PLAN },
      ],
      { cleared: rinses(log) >= wants(log) },
    );
  },
  next: (log) =>
    change(
      log,
      'rinses',
      wants(log),
      (to) => `Rinse it ${to === 1 ? 'once' : `${to} times`} with cool water.`,
    ),
  now: 'Rinse it with cool water, and drain it again.',
};

const rinsedMuch: Cause = {
  text: 'it was rinsed too much',
  part: (log) => has(log, that('rinses')),
  says: (log) => {
    const times = optionOf(log, 'rinses') ?? rinses(log);
    return said([steep(times, wants(log), [[3, 4]], `It was rinsed ${times} times.`, PLAN)], {
      cleared: times <= 1,
      measured: true,
    });
  },
  next: (log) =>
    change(
      log,
      'rinses',
      Math.max(1, (optionOf(log, 'rinses') ?? 2) - 1),
      (to) => `Rinse it ${to === 1 ? 'once' : `${to} times`}.`,
    ),
};

const noted = (text: string, next: string, of: (log: Log) => boolean = () => true): Cause => ({
  text,
  part: of,
  says: () => NOTHING_SAID,
  next: () => words(next),
});

/** Draining, rinsing, and the faces it dries on. */
export const WHEY: Causes = {
  'drained-too-short': drainedShort,
  'drained-too-long': drainedLong,
  'rinsed-too-little': rinsedLittle,
  'rinsed-too-much': rinsedMuch,
  'basket-tapered': noted('the basket tapers, and it leaned', 'Take a basket with straight sides.', part),
  'seam-open': noted(
    'a fold in it did not close',
    'Fold it at {60°C}, and press the fold shut under water.',
    (log) => has(log, that('stretches')),
  ),
  'dried-too-fast': noted(
    'its face dried too fast',
    'Keep it at 85 % humidity, out of the draught, and turn it.',
  ),
};
