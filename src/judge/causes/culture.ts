import { type Cause, type Causes, NOTHING_SAID, said, steep } from '../cause';
import {
  between,
  has,
  highest,
  type Log,
  MIN_MS,
  optionOf,
  PLAN,
  paceOf,
  runsOf,
  tempsBetween,
  that,
  thatTakes,
} from '../log';
import { change, words } from '../next';
import { fell, souringPace, targetPH } from '../souring';

const part = (log: Log) => has(log, thatTakes(log, 'culture'));
const paceText = (log: Log) => {
  const found = souringPace(log);
  return found
    ? `pH ${log.format.pH(found.read.value)} came after ${log.format.minutes(60 * found.tookH)}; ${log.format.minutes(60 * found.expectedH)} was to be expected at its heat.`
    : '';
};

const weak: Cause = {
  text: 'the culture was weak',
  part,
  says: (log) => {
    const found = souringPace(log);
    const culture = log.state.plan.brief.culture;
    const aged =
      (culture?.ageDays ?? 0) >= 7 || (culture?.generation ?? 0) >= 6
        ? ({
            times: 4,
            text: 'A culture a week old, or carried on many times.',
            event: PLAN,
            apart: true,
          } as const)
        : null;
    const pressed = runsOf(log, that('presses'))[0];
    const atPress =
      log.camp === 'pressed' && pressed
        ? log.state.pHs.find((one) => one.at >= pressed.startedAt - 10 * MIN_MS && one.pH > 6)
        : undefined;
    return said(
      [
        found &&
          steep(
            found.pace,
            0.9,
            [
              [0.8, 3],
              [0.6, 8],
            ],
            paceText(log),
            found.read.event,
          ),
        atPress && {
          times: 3,
          text: `It went to the press at pH ${log.format.pH(atPress.pH)}.`,
          event: atPress.seq,
        },
        aged,
      ],
      { cleared: found !== null && found.pace >= 0.9, measured: found !== null },
    );
  },
  next: (log) => {
    const pace = souringPace(log)?.pace ?? 0.75;
    return words(`Take ${(1 / Math.min(0.9, pace)).toFixed(1)} times the culture, or a fresh one.`);
  },
  now: 'Give it more time, warm: it sours on.',
  atThePot: true,
};

const fast: Cause = {
  text: 'the culture soured too fast',
  part,
  says: (log) => {
    const found = souringPace(log);
    return said(
      [
        found &&
          steep(
            found.pace,
            1.15,
            [
              [1.4, 4],
              [1.8, 8],
            ],
            paceText(log),
            found.read.event,
          ),
      ],
      { cleared: found !== null && found.pace <= 1.15, measured: found !== null },
    );
  },
  next: (log) => {
    const pace = Math.max(1.2, souringPace(log)?.pace ?? 1.3);
    return words(`Take ${log.format.percent(Math.round(100 / pace))} of the culture.`);
  },
};

/** A mesophilic culture dies above the first, a thermophilic one above the second, °C. Common practice. */
const DIES_C = { mesophilic: 44, thermophilic: 52 } as const;

const killed: Cause = {
  text: 'the culture was killed by heat',
  part,
  says: (log) => {
    if (fell(log)) return said([], { cleared: true });
    const run = runsOf(log, thatTakes(log, 'culture'))[0];
    if (!run) return NOTHING_SAID;
    const read = highest(
      tempsBetween(log, run.startedAt - 5 * MIN_MS, (run.endedAt ?? run.startedAt) + 5 * MIN_MS),
    );
    if (!read) return NOTHING_SAID;
    const dies = /thermophilic|yogurt/.test(String(log.options.cultureGroup ?? ''))
      ? DIES_C.thermophilic
      : DIES_C.mesophilic;
    return said(
      [
        steep(
          read.value,
          dies - 1,
          [[dies, 8]],
          `The milk was ${log.format.temp(read.value)} when the culture went in.`,
          read.event,
        ),
      ],
      { cleared: read.value <= dies - 2, measured: true },
    );
  },
  next: ({ format }) => words(`Add the culture below ${format.temp(40)}.`),
};

/** Milled or pressed below this it has soured too long; the others by their target. Common practice. */
const TOO_SOUR: Partial<Record<Log['camp'], number>> = { squeaky: 5.2, pressed: 5.1, grilling: 5.1 };
/** Curd that lies on above this after its set sours on, °C. */
const SOURS_ON_C = 20;

/** The pH the souring ended at: the last that was read. */
function endPH(log: Log) {
  const last = log.state.pHs.at(-1);
  return last ? { pH: last.pH, event: last.seq } : null;
}
const wanted = (log: Log): number | null => targetPH(log) ?? TOO_SOUR[log.camp] ?? null;

/** How long it lay warm after it was sour, h. */
function warmOn(log: Log): { hours: number; event: number | null } | null {
  const sour = log.state.pHs.find((one) => one.pH <= 4.4);
  const end = runsOf(log, that('sets', 'drains', 'hangs')).at(-1)?.endedAt;
  if (!sour || !end || end <= sour.at) return null;
  const reads = between(log.state.readings, sour.at, end);
  const warm =
    reads.length === 0
      ? (log.state.plan.brief.roomC ?? 20) > SOURS_ON_C
      : reads.some((one) => one.tempC > SOURS_ON_C);
  return warm ? { hours: (end - sour.at) / 3_600_000, event: sour.seq } : null;
}
/** How long the sour set stood, of its planned time. */
const souringTime = (log: Log) =>
  log.camp === 'lactic' || log.camp === 'cottage'
    ? paceOf(log, that('sets'))
    : paceOf(log, that('sours-on', 'cheddars'));

const long: Cause = {
  text: 'it soured too long',
  part: (log) => part(log) || log.camp === 'grilling',
  says: (log) => {
    const { format } = log;
    const end = endPH(log);
    const to = wanted(log);
    const floor = TOO_SOUR[log.camp];
    const on = warmOn(log);
    const time = souringTime(log);
    return said(
      [
        end &&
          to !== null &&
          (floor !== undefined
            ? steep(end.pH, floor + 0.06, [[floor, 6]], `It ended at pH ${format.pH(end.pH)}.`, end.event)
            : steep(
                end.pH - to,
                -0.05,
                [[-0.15, 6]],
                `It ended at pH ${format.pH(end.pH)}, planned ${format.pH(to)}.`,
                end.event,
              )),
        on &&
          steep(
            on.hours,
            2,
            [[4, 3]],
            `It lay warm for ${format.minutes(60 * on.hours)} after it was sour.`,
            on.event,
          ),
        !end &&
          time &&
          steep(
            time.share,
            1.15,
            [[1.4, 3]],
            `It soured for ${format.percent(100 * time.share)} of its time.`,
            time.event,
          ),
      ],
      {
        cleared:
          end !== null &&
          to !== null &&
          end.pH >= (floor !== undefined ? floor + 0.06 : to - 0.05) &&
          (on === null || on.hours <= 2),
        measured: end !== null,
      },
    );
  },
  next: (log) => {
    const key = log.camp === 'cultured' ? 'stretchPH' : log.camp === 'squeaky' ? 'turns' : null;
    if (key === 'turns')
      return change(
        log,
        'turns',
        (optionOf(log, 'turns') ?? 6) - 1,
        (to) => `Turn the slabs ${to} times, and mill above pH 5.3.`,
      );
    const to = targetPH(log);
    return words(
      to === null
        ? 'Cool it and salt it as soon as it is drained.'
        : `End it at pH ${log.format.pH(to)}: look an hour sooner, and cool it then.`,
    );
  },
  now: 'Rinse it with cool water, and work in cream; bring it into the cold.',
  loose: true,
};

const short: Cause = {
  text: 'it did not sour long enough',
  part,
  says: (log) => {
    const end = endPH(log);
    const to = targetPH(log);
    const time = souringTime(log);
    return said(
      [
        end &&
          to !== null &&
          steep(
            end.pH - to,
            0.03,
            [[0.1, 5]],
            `It ended at pH ${log.format.pH(end.pH)}, planned ${log.format.pH(to)}.`,
            end.event,
          ),
        !end &&
          time &&
          steep(
            time.share,
            0.9,
            [[0.7, 3]],
            `It soured for ${log.format.percent(100 * time.share)} of its time.`,
            time.event,
          ),
      ],
      { cleared: end !== null && to !== null && end.pH <= to + 0.03, measured: end !== null },
    );
  },
  next: (log) => {
    const to = targetPH(log);
    return words(
      to === null ? 'Give it an hour more.' : `Wait for pH ${log.format.pH(to)}, or two hours more.`,
    );
  },
  now: 'Leave it warm and look again in an hour.',
  atThePot: true,
};

/** How it soured. */
export const CULTURE: Causes = {
  'culture-weak': weak,
  'culture-too-fast': fast,
  'culture-killed': killed,
  'soured-too-long': long,
  'soured-too-short': short,
};
