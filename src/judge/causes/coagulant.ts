import { clamp } from '../../core/units/measures';
import { type Cause, type Causes, type Clue, said, steep } from '../cause';
import { type Flocculated, flocculated } from '../flocculation';
import {
  cutAt,
  has,
  highest,
  type Log,
  MIN_MS,
  optionOf,
  PLAN,
  tempsBetween,
  tempsIn,
  thatTakes,
  toldShare,
  wentInAt,
} from '../log';
import { change, words } from '../next';

const part = (log: Log) => has(log, thatTakes(log, 'coagulant'));
const late = (f: Flocculated, ratio: number, log: Log): string =>
  `The bowl stopped after ${log.format.minutes(f.tookMin ?? 0)}; ${log.format.minutes((f.tookMin ?? 0) / ratio)} was to be expected.`;
const SLOW = [
  [1.3, 4],
  [1.7, 8],
] as const;

/** No more than this at once: beyond it another bottle, or another spoon, is meant. */
const MOST_TIMES = [0.5, 2] as const;

/** So much more, or less, of it, by how late it came: asked for as a quicker set by the label, which then comes as wished. */
function doseTimes(log: Log, wantedTimes: number): ReturnType<typeof words> {
  const times = clamp(wantedTimes, ...MOST_TIMES);
  const wanted = optionOf(log, 'wantedSetMin');
  const text = `Take ${times.toFixed(1)} times the dose, or a fresh bottle of known strength.`;
  return wanted === null ? words(text) : change(log, 'wantedSetMin', wanted / times, () => text);
}
const ratioOf = (log: Log) => flocculated(log)?.ratio ?? 1.4;

const weak: Cause = {
  text: 'the coagulant had lost strength',
  part,
  says: (log) => {
    const f = flocculated(log);
    const months = log.state.plan.brief.coagulant?.ageMonths ?? 0;
    const aged: Clue | null =
      months >= 6 ? { times: 2, text: `It was ${months} months old.`, event: PLAN, apart: true } : null;
    if (!f || f.ratio === null) return said([aged]);
    return said([steep(f.ratio, 1.15, SLOW, late(f, f.ratio, log), f.event), aged], {
      cleared: f.ratio <= 1.15,
      measured: true,
    });
  },
  next: (log) => doseTimes(log, Math.max(1.1, ratioOf(log))),
  now: 'Wrap it and test it every 10 min: it comes, later.',
  atThePot: true,
};

const short: Cause = {
  text: 'too little coagulant went in',
  part,
  says: (log) => {
    const f = flocculated(log);
    const coagulant = log.state.plan.brief.coagulant;
    const unit = coagulant?.given?.unit;
    const loose =
      coagulant?.setsLitres !== undefined || unit === 'drop' || unit === 'tsp' || unit === 'tbsp'
        ? ({
            times: 2,
            text: 'It was measured in drops or spoons, or known by its label alone.',
            event: PLAN,
            apart: true,
          } as const)
        : null;
    const told = toldShare(log, 'coagulant');
    const little = told
      ? steep(
          told.share,
          0.95,
          [
            [0.85, 4],
            [0.7, 8],
          ],
          `${log.format.percent(100 * told.share)} of the planned dose went in.`,
          told.event,
        )
      : null;
    if (!f) return said([little, loose]);
    const planned = steep(
      f.slower,
      1.15,
      SLOW,
      `The dose in hand sets in ${f.slower.toFixed(1)} times the usual minutes.`,
      PLAN,
    );
    if (f.ofUsual === null) return said([little, planned, loose]);
    return said([steep(f.ofUsual, 1.15, SLOW, late(f, f.ofUsual, log), f.event), little, planned, loose], {
      cleared: f.ofUsual <= 1.15,
      measured: true,
    });
  },
  next: (log) => doseTimes(log, Math.max(1.1, flocculated(log)?.ofUsual ?? 1.3)),
  now: 'Wrap it and test it every 10 min: it comes, later.',
  atThePot: true,
};

const over: Cause = {
  text: 'too much coagulant went in',
  part,
  says: (log) => {
    const f = flocculated(log);
    const told = toldShare(log, 'coagulant');
    const much = told
      ? steep(
          told.share,
          1.1,
          [
            [1.5, 4],
            [2, 8],
          ],
          `${log.format.percent(100 * told.share)} of the planned dose went in.`,
          told.event,
        )
      : null;
    if (!f || f.ofUsual === null) return said([much]);
    return said(
      [
        steep(
          f.ofUsual,
          0.85,
          [
            [0.65, 4],
            [0.45, 8],
          ],
          late(f, f.ofUsual, log),
          f.event,
        ),
        much,
      ],
      { cleared: f.ofUsual >= 0.85, measured: true },
    );
  },
  next: (log) => doseTimes(log, Math.min(0.9, flocculated(log)?.ofUsual ?? 0.7)),
};

const killed: Cause = {
  text: 'the coagulant was killed by heat',
  part,
  says: (log) => {
    const at = wentInAt(log, 'coagulant');
    if (log.state.flocculated) return said([], { cleared: true });
    const water = highest(tempsIn(log, thatTakes(log, 'coagulant'), 'water'));
    const hotWater =
      water &&
      steep(
        water.value,
        35,
        [[40, 8]],
        `The water of its dose was ${log.format.temp(water.value)}.`,
        water.event,
      );
    const read =
      at === null
        ? undefined
        : highest(tempsBetween(log, at - 10 * MIN_MS, Math.min(cutAt(log)?.at ?? at, at + 5 * MIN_MS)));
    if (!read) return said([hotWater]);
    return said(
      [
        hotWater,
        steep(
          read.value,
          44,
          [[50, 8]],
          `The milk was ${log.format.temp(read.value)} when the coagulant went in.`,
          read.event,
        ),
      ],
      { cleared: read.value <= 40 && !hotWater, measured: true },
    );
  },
  next: ({ format }) => words(`Add it below ${format.temp(36)}, in cold water.`),
};

const dilution: Cause = {
  text: 'the coagulant stood in its water, or the water held chlorine',
  part,
  says: (log) => {
    const ratio = flocculated(log)?.ratio ?? null;
    return said([], { cleared: ratio !== null && ratio <= 1.15 });
  },
  next: () => words('Dilute it in boiled, cooled water, and have it in the milk within 30 min.'),
  now: 'Wrap it and test it every 10 min.',
  atThePot: true,
};

/** What the coagulant does, by when the milk flocculated. */
export const COAGULANT: Causes = {
  'coagulant-weak': weak,
  'coagulant-short': short,
  'coagulant-over': over,
  'coagulant-killed': killed,
  'dilution-chlorinated': dilution,
};
