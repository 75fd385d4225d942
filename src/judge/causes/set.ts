import { coursesIn } from '../../run/frozen';
import { type Cause, type Causes, NOTHING_SAID, said, steep } from '../cause';
import {
  cutAt,
  has,
  highest,
  type Log,
  MIN_MS,
  meanOf,
  optionOf,
  PLAN,
  type Read,
  runsOf,
  tempsBetween,
  tempsIn,
  tempsNearEnd,
  that,
  thatTakes,
  wentInAt,
} from '../log';
import { words } from '../next';

/** Where the set begins: as the coagulant goes in, or the culture where none does. */
const setFrom = (log: Log) => wentInAt(log, 'coagulant') ?? wentInAt(log, 'culture');

/** Temperatures read while it set. */
export function setReads(log: Log): Read[] {
  const from = setFrom(log);
  const cut = cutAt(log);
  return from === null ? [] : tempsBetween(log, from, cut?.at ?? Number.POSITIVE_INFINITY);
}

/** How warm it was meant to be while it set, °C: over the course of its plan. */
export function plannedSetC(log: Log): number | null {
  const index = log.state.plan.stages.findIndex(that('sets'));
  const course = coursesIn(log.state)?.stages[index]?.course;
  if (!course || course.length === 0) return optionOf(log, 'setC');
  return course.reduce((sum, [, tempC]) => sum + tempC, 0) / course.length;
}

const setTooHot: Cause = {
  text: 'it set too hot',
  part: (log) => has(log, that('sets')),
  says: (log) => {
    const setC = optionOf(log, 'setC');
    const top = highest(setReads(log));
    const usual = log.method.options.setC;
    const { format } = log;
    const planned =
      setC !== null && usual?.type === 'number'
        ? steep(
            setC - usual.default,
            1,
            [[4, 3]],
            `It was planned to set at ${format.temp(setC)}, ${format.temp(usual.default)} is usual.`,
            PLAN,
          )
        : null;
    if (setC === null || !top) return said([planned]);
    const deadly = Math.max(40, setC + 5);
    return said(
      [
        steep(
          top.value,
          setC + 2,
          [
            [setC + 3, 4],
            [deadly, 8],
          ],
          `${format.temp(top.value)} was read while it set, planned ${format.temp(setC)}.`,
          top.event,
        ),
        planned,
      ],
      { cleared: top.value <= setC + 2 && !planned, measured: true },
    );
  },
  next: ({ format }) =>
    words(
      `Take it off the heat ${format.tempStep(2, 0)} before its set, ${format.tempStep(10, 0)} before it in a bath: the pot carries it there.`,
    ),
};

function coldAtAcid(log: Log) {
  const setC = optionOf(log, 'setC');
  const top = highest([...tempsNearEnd(log, that('heats-milk')), ...tempsIn(log, thatTakes(log, 'acid'))]);
  if (setC === null || !top) return NOTHING_SAID;
  return said(
    [
      steep(
        top.value,
        setC - 1.5,
        [
          [setC - 5, 6],
          [setC - 10, 8],
        ],
        `${log.format.temp(top.value)} was the hottest before the acid, planned ${log.format.temp(setC)}.`,
        top.event,
      ),
    ],
    { cleared: top.value >= setC - 1.5, measured: true },
  );
}

const setTooCold: Cause = {
  text: 'it set too cool',
  says: (log) => {
    if (log.camp === 'acid') return coldAtAcid(log);
    const wantedC = plannedSetC(log);
    const reads = setReads(log);
    if (wantedC === null || reads.length === 0) return NOTHING_SAID;
    const mean = meanOf(reads);
    return said(
      [
        steep(
          mean - wantedC,
          -1.5,
          [
            [-2, 4],
            [-4, 8],
          ],
          `It stood at ${log.format.temp(mean)} while it set, planned ${log.format.temp(wantedC)}.`,
          reads.at(-1)?.event ?? null,
        ),
      ],
      { cleared: mean >= wantedC - 1.5, measured: true },
    );
  },
  next: (log) =>
    words(
      log.camp === 'acid'
        ? `Heat it to ${log.format.temp(optionOf(log, 'setC') ?? 90)} before the acid goes in, and read it.`
        : `Wrap the pot, or set it in a bath: each ${log.format.tempStep(1, 0)} cooler makes it a tenth longer.`,
    ),
  now: 'Wrap it and test it every 10 min.',
  atThePot: true,
};

const setDisturbed: Cause = {
  text: 'it was moved while it set',
  part: (log) => has(log, that('sets')),
  says: () => NOTHING_SAID,
  next: () => words('Set it where nobody passes, and do not move it from the coagulant to the cut.'),
};

/** Warm or cold rooms are told by what stood in them, °C off the plan. */
function roomOff(log: Log): { off: number; event: number | null; text: string } | null {
  const ran = (stage: Parameters<ReturnType<typeof that>>[0]) =>
    that('sets', 'ripens', 'sours-on', 'hangs', 'drains')(stage);
  const { format } = log;
  const room = log.state.beside.filter((one) => one.of === 'room');
  const meant = log.state.plan.brief.roomC ?? 20;
  if (room.length > 0) {
    const mean = room.reduce((sum, one) => sum + one.tempC, 0) / room.length;
    return {
      off: mean - meant,
      event: room.at(-1)?.seq ?? null,
      text: `The room was ${format.temp(mean)}, planned ${format.temp(meant)}.`,
    };
  }
  const courses = coursesIn(log.state);
  const offs = log.state.plan.stages.flatMap((stage, i) => {
    if (!ran(stage)) return [];
    const [run] = runsOf(log, (one) => one.id === stage.id);
    const course = courses?.stages[i]?.course;
    if (!run || !course) return [];
    return tempsIn(log, (one) => one.id === stage.id).map((read) => {
      const minute = (read.at - run.startedAt) / MIN_MS;
      const wanted = course.findLast(([at]) => at <= minute)?.[1] ?? course[0]?.[1] ?? read.value;
      return { off: read.value - wanted, read };
    });
  });
  const last = offs.at(-1);
  if (!last) return null;
  const off = offs.reduce((sum, one) => sum + one.off, 0) / offs.length;
  return {
    off,
    event: last.read.event,
    text: `It stood ${format.tempStep(Math.abs(off), 0)} ${off < 0 ? 'cooler' : 'warmer'} than planned.`,
  };
}

const room = (way: 1 | -1): Cause => ({
  text: way < 0 ? 'the room was too cold' : 'the room was too warm',
  says: (log) => {
    const found = roomOff(log);
    if (!found) return NOTHING_SAID;
    return said(
      [
        steep(
          found.off * way,
          2,
          way < 0
            ? [
                [2.5, 4],
                [4.5, 8],
              ]
            : [
                [3, 4],
                [6, 8],
              ],
          found.text,
          found.event,
        ),
      ],
      { cleared: found.off * way <= 2, measured: true },
    );
  },
  next: ({ state, format }) =>
    words(
      `${way < 0 ? 'Find a warmer place, or wrap it more' : 'Find a cooler place'}: ${format.temp(state.plan.brief.roomC ?? 20)} was planned for; say in the plan what it really is.`,
    ),
  ...(way > 0 && { now: 'Bring it into the cold.' }),
});

/** The heat and the peace of the set, and of the room it stands in. */
export const SET: Causes = {
  'set-too-hot': setTooHot,
  'set-too-cold': setTooCold,
  'set-disturbed': setDisturbed,
  'room-cold': room(-1),
  'room-warm': room(1),
};
