import { type Cause, type Causes, NOTHING_SAID, said, steep } from '../cause';
import {
  has,
  highest,
  type Log,
  MIN_MS,
  optionOf,
  PLAN,
  paceOf,
  type Read,
  tempsIn,
  tempsNearEnd,
  that,
  tookOf,
} from '../log';
import { change, words } from '../next';
import { WORK_WHEY_IN } from '../remedies';

const inCook = that('cooks-curd', 'holds-heat');
const part = (log: Log) => has(log, that('cooks-curd'));
const topOf = (log: Log): Read | undefined => highest(tempsIn(log, inCook));
/** How hot it came: what was read near the end of its heating, or while it was held. */
const reachedOf = (log: Log): Read | undefined =>
  highest([...tempsNearEnd(log, that('cooks-curd')), ...tempsIn(log, that('holds-heat'))]);
/** Moisture of stretched and pressed curd falls by this with each degree of the cook, points. From memory. */
const POINTS_A_DEGREE = 0.4;

const hot: Cause = {
  text: 'the curd was cooked too hot',
  part,
  says: (log) => {
    const cookC = optionOf(log, 'cookC');
    const usual = log.method.options.cookC;
    const top = topOf(log);
    const { format } = log;
    if (cookC === null) return NOTHING_SAID;
    const planned =
      usual?.type === 'number'
        ? steep(
            cookC - usual.default,
            0.5,
            [
              [2, 3],
              [4, 5],
            ],
            `The cook was planned to ${format.temp(cookC)}; ${format.temp(usual.default)} is usual.`,
            PLAN,
          )
        : null;
    return said(
      [
        top &&
          steep(
            top.value - cookC,
            1,
            [
              [2, 4],
              [4, 8],
            ],
            `${format.temp(top.value)} was read in the cook, planned ${format.temp(cookC)}.`,
            top.event,
          ),
        planned,
      ],
      { cleared: top !== undefined && top.value <= cookC + 1 && !planned, measured: top !== undefined },
    );
  },
  next: (log) => {
    const cookC = optionOf(log, 'cookC') ?? 38;
    const overC = Math.max(0, (topOf(log)?.value ?? cookC) - cookC);
    const lessC = Math.min(4, Math.max(1, Math.round(overC / 2)));
    return change(
      log,
      'cookC',
      cookC - lessC,
      (to) =>
        `Cook to ${log.format.temp(to)} and no more: each ${log.format.tempStep(1, 0)} less leaves about ${POINTS_A_DEGREE} points more moisture.`,
    );
  },
  now: WORK_WHEY_IN,
  loose: true,
};

/** Two readings tell of a pace only so far apart, min: nearer, what a logger strays by looks like one. */
const PACE_OVER_MIN = 4;

/** The steepest it climbed between two readings of the cook, °C/min; null where fewer were taken. */
function climb(log: Log): { perMin: number; event: number | null } | null {
  const reads = tempsIn(log, that('cooks-curd'));
  let most: ReturnType<typeof climb> = null;
  let from = 0;
  for (const read of reads) {
    const lies = (i: number) => read.at - (reads[i]?.at ?? read.at) >= PACE_OVER_MIN * MIN_MS;
    if (!lies(from)) continue;
    while (lies(from + 1)) from += 1;
    const before = reads[from] as Read;
    const perMin = (read.value - before.value) / ((read.at - before.at) / MIN_MS);
    if (!most || perMin > most.perMin) most = { perMin, event: read.event };
  }
  return most;
}

const fast: Cause = {
  text: 'the curd was heated too fast',
  part,
  says: (log) => {
    const pace = paceOf(log, that('cooks-curd'));
    const took = tookOf(log, that('cooks-curd'));
    if (!pace || !took) return NOTHING_SAID;
    const climbed = climb(log);
    const steeply =
      climbed &&
      steep(
        climbed.perMin,
        0.8,
        [[1, 4]],
        `It climbed ${log.format.tempStep(climbed.perMin, 1)} a minute.`,
        climbed.event,
      );
    return said(
      [
        steeply,
        steep(
          pace.share,
          0.9,
          [[0.6, 4]],
          `The cook took ${log.format.minutes(took.tookMin)}, planned ${log.format.minutes(took.plannedMin)}.`,
          pace.event,
        ),
      ],
      { cleared: pace.share >= 0.9 && !steeply, measured: true },
    );
  },
  next: (log) => {
    const took = tookOf(log, that('cooks-curd'));
    const planned = optionOf(log, 'cookMin') ?? took?.plannedMin ?? 30;
    const short = took !== null && took.tookMin < 0.9 * took.plannedMin;
    return change(
      log,
      'cookMin',
      short ? planned : planned * 1.4,
      (to) => `Take ${log.format.minutes(to)} to heat it, evenly.`,
    );
  },
};

/** How the hold at heat went; where the curd is cooked in hot whey with acid it is its rest. */
const hold = (log: Log) => paceOf(log, that('holds-heat'));

const short: Cause = {
  text: 'the curd was cooked too cool or too short',
  part: (log) => has(log, inCook),
  says: (log) => {
    const cookC = optionOf(log, 'cookC');
    const top = reachedOf(log);
    const held = hold(log);
    const { format } = log;
    const reached = top !== undefined && cookC !== null && top.value >= cookC - 1;
    return said(
      [
        top &&
          cookC !== null &&
          steep(
            top.value - cookC,
            -1,
            [[-2, 5]],
            `${format.temp(top.value)} was the hottest in the cook, planned ${format.temp(cookC)}.`,
            top.event,
          ),
        held &&
          steep(
            held.share,
            0.9,
            [[0.6, 5]],
            `It was held for ${format.percent(100 * held.share)} of its time.`,
            held.event,
          ),
      ],
      {
        cleared:
          (reached || cookC === null) && (held === null || held.share >= 0.9) && (reached || held !== null),
        measured: top !== undefined || held !== null,
      },
    );
  },
  next: (log) => {
    const held = hold(log);
    const minutes = optionOf(log, 'holdMin');
    if (minutes !== null && (held === null || held.share < 0.9 || reachedOf(log) === undefined))
      return change(
        log,
        'holdMin',
        Math.max(minutes + 5, 1.3 * minutes),
        (to) => `Hold it at its heat for ${log.format.minutes(to)}.`,
      );
    const cookC = optionOf(log, 'cookC') ?? 38;
    return change(
      log,
      'cookC',
      cookC + 1,
      (to) => `Cook to ${log.format.temp(to)}, and read that it is reached.`,
    );
  },
};

const long: Cause = {
  text: 'the curd stood too long at its heat',
  part: (log) => has(log, that('holds-heat')),
  says: (log) => {
    const held = hold(log);
    const took = tookOf(log, that('holds-heat'));
    if (!held || !took) return NOTHING_SAID;
    return said(
      [
        steep(
          held.share,
          1.2,
          [
            [1.6, 4],
            [2, 8],
          ],
          `It stood for ${log.format.minutes(took.tookMin)}, planned ${log.format.minutes(took.plannedMin)}.`,
          held.event,
        ),
      ],
      { cleared: held.share <= 1.2, measured: true },
    );
  },
  next: (log) => {
    const minutes = optionOf(log, 'holdMin');
    return minutes === null
      ? words('Set a bell for the end of its rest.')
      : { text: `Hold it for ${log.format.minutes(minutes)}, by the bell.`, options: {} };
  },
};

/** The heat of the curd in its whey. */
export const COOK: Causes = {
  'cooked-too-hot': hot,
  'cooked-too-fast': fast,
  'cooked-too-short': short,
  'cooked-too-long': long,
};
