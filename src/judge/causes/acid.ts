import { goalOf } from '../../makes/asked';
import { acidGiven } from '../../run/makeState';
import { type Cause, type Causes, NOTHING_SAID, said, steep } from '../cause';
import {
  has,
  highest,
  type Log,
  MIN_MS,
  optionOf,
  PLAN,
  runsOf,
  tempsBetween,
  tempsIn,
  thatTakes,
  toldShare,
  wentInAt,
} from '../log';
import { change, words } from '../next';
import { SWEETEN_IT } from '../remedies';

const part = (log: Log) => has(log, thatTakes(log, 'acid'));
/** Acid into cold milk; the other kind is poured into hot milk until the whey is clear. */
const intoCold = (log: Log) =>
  log.state.plan.stages.some(
    (stage) => thatTakes(log, 'acid')(stage) && goalOf(stage, log.state.parameters)?.is !== 'clear-whey',
  );

/** What went in of what was planned; null where nobody noted it. */
function given(log: Log): { share: number; event: number | null } | null {
  const told = toldShare(log, 'acid');
  if (told) return told;
  const dose = log.state.plan.doses.find((one) => one.id === 'acid')?.grams ?? 0;
  const poured = acidGiven(log.state);
  return dose > 0 && poured > 0 ? { share: poured / dose, event: log.state.acid.at(-1)?.seq ?? null } : null;
}

/** The pH after the acid, before anything else sours it; and what was aimed at. */
function pHAfter(log: Log): { pH: number; aim: number; event: number | null } | null {
  const from = wentInAt(log, 'acid');
  const run = runsOf(log, thatTakes(log, 'acid'))[0];
  const aim = log.state.plan.predictions.pHAfterAcid;
  const read = log.state.pHs.find(
    (one) => run && one.at >= run.startedAt && (from === null || one.at >= run.startedAt),
  );
  return aim !== null && read ? { pH: read.pH, aim, event: read.seq } : null;
}
const wantedPH = (log: Log, pH: number): number => optionOf(log, 'acidPH') ?? pH;

/** The most an aim is moved at once: half of it may be this one milk, and what is learned of it counts by itself. */
const MOST_PH = 0.1;
/** Next time another aim, by half of how far it was off. */
const aimBy = (log: Log, off: number) =>
  change(
    log,
    'acidPH',
    (optionOf(log, 'acidPH') ?? 5.6) + Math.sign(off) * Math.min(MOST_PH, Math.max(0.05, Math.abs(off) / 2)),
    (to) => `Dose the acid for pH ${log.format.pH(to)}, and read it before it warms.`,
  );

const over: Cause = {
  text: 'too much acid went in',
  part,
  says: (log) => {
    const went = given(log);
    const read = pHAfter(log);
    const { format } = log;
    const aim = read ? wantedPH(log, read.aim) : 0;
    return said(
      [
        went &&
          steep(
            went.share,
            1.03,
            [
              [1.1, 4],
              [1.25, 8],
            ],
            `${format.percent(100 * went.share)} of the planned acid went in.`,
            went.event,
          ),
        read &&
          steep(
            read.pH - aim,
            -0.04,
            [[-0.1, 4]],
            `It stood at pH ${format.pH(read.pH)} after the acid, aimed at ${format.pH(aim)}.`,
            read.event,
          ),
      ],
      {
        cleared: went !== null && went.share <= 1.03 && (read === null || read.pH >= aim - 0.05),
        measured: went !== null || read !== null,
      },
    );
  },
  next: (log) => {
    const grams = log.format.grams(log.state.plan.doses.find((one) => one.id === 'acid')?.grams ?? 0);
    const read = pHAfter(log);
    if (!intoCold(log)) return words(`Pour ${grams} and no more: stop as soon as the whey is clear.`);
    if ((given(log)?.share ?? 1) > 1.03) return words(`Weigh it: ${grams} and no more.`);
    return aimBy(log, read ? wantedPH(log, read.aim) - read.pH : 0.05);
  },
  now: SWEETEN_IT,
  loose: true,
};

const short: Cause = {
  text: 'too little acid went in',
  part,
  says: (log) => {
    const went = given(log);
    const read = pHAfter(log);
    const look = log.state.looks.at(-1);
    const { format } = log;
    const aim = read ? wantedPH(log, read.aim) : 0;
    const clear = look?.look === 'clear';
    return said(
      [
        went &&
          steep(
            went.share,
            0.98,
            [
              [0.95, 4],
              [0.9, 8],
            ],
            `${format.percent(100 * went.share)} of the planned acid went in.`,
            went.event,
          ),
        look &&
          (look.look === 'cloudy' || look.look === 'milky') && {
            times: 5,
            text: `The last whey was ${look.look}.`,
            event: look.seq,
          },
        read &&
          steep(
            read.pH - aim,
            0.05,
            [[0.1, 6]],
            `It stood at pH ${format.pH(read.pH)} after the acid, aimed at ${format.pH(aim)}.`,
            read.event,
          ),
      ],
      {
        cleared: intoCold(log)
          ? read !== null && read.pH <= aim + 0.05
          : clear && (went === null || went.share >= 0.98),
        measured: went !== null || read !== null || look !== undefined,
      },
    );
  },
  next: (log) => {
    const read = pHAfter(log);
    if (intoCold(log)) return aimBy(log, read ? wantedPH(log, read.aim) - read.pH : -0.05);
    return words('Pour on by 5 % at a time, 5 min apart, until the whey is clear.');
  },
  now: 'Pour in 5 % more acid, wait 5 min, and look at the whey again.',
  atThePot: true,
};

const warm: Cause = {
  text: 'the acid went into milk that was warm already',
  part: intoCold,
  says: (log) => {
    const run = runsOf(log, thatTakes(log, 'acid'))[0];
    if (!run) return NOTHING_SAID;
    const read =
      highest(tempsIn(log, thatTakes(log, 'acid'))) ??
      tempsBetween(log, run.startedAt - 15 * MIN_MS, run.endedAt ?? run.startedAt).at(-1);
    const startC = log.state.plan.brief.milk.startC ?? 4;
    const planned =
      !read && startC > 15
        ? {
            times: 4,
            text: `The milk was planned at ${log.format.temp(startC)} as the acid goes in.`,
            event: PLAN,
          }
        : null;
    if (!read) return said([planned]);
    return said(
      [
        steep(
          read.value,
          12,
          [[15, 5]],
          `The milk was ${log.format.temp(read.value)} when the acid went in.`,
          read.event,
        ),
      ],
      { cleared: read.value <= 12, measured: true },
    );
  },
  next: ({ format }) => words(`Pour the acid below ${format.temp(10)}, diluted, in a thin stream.`),
};

/** What the acid did. */
export const ACID: Causes = { 'acid-over': over, 'acid-short': short, 'acid-into-warm-milk': warm };
