import { usualMultiplier } from '../../core/coagulant/clotting';
import { CURD_STYLES, type UsualWork } from '../../core/curd/styles';
import { log2Of } from '../../core/numeric/elementary';
import { type Cause, type Causes, type Clue, NOTHING_SAID, said, steep } from '../cause';
import { flocculated } from '../flocculation';
import { cutAt, has, type Log, MIN_MS, optionOf, PLAN, that, wentInAt } from '../log';
import { change, words } from '../next';

const part = (log: Log) => has(log, that('cuts'));

const usualTimes = ({ state }: Log) => usualMultiplier(state.plan.brief.milk.homogenised ?? false);

/** Cut so soon after the coagulant that it cannot have set, where nobody noted the flocculation. */
function soon(log: Log): Clue | null {
  const f = flocculated(log);
  const cut = cutAt(log);
  const from = wentInAt(log, 'coagulant');
  if (!f || f.times !== null || !cut || from === null) return null;
  const tookMin = (cut.at - from) / MIN_MS;
  const { format } = log;
  return steep(
    tookMin / f.expectedMin,
    2.4,
    [
      [1.8, 3],
      [1, 6],
    ],
    `It was cut ${format.minutes(tookMin)} after the coagulant, where ${format.minutes(f.expectedMin * usualTimes(log))} were to be expected.`,
    cut.event,
  );
}

/** How often the flocculation it was cut at, with how often is usual for such milk. */
function cutTimes(log: Log): { times: number; of3: number; text: string } | null {
  const times = flocculated(log)?.times ?? null;
  if (times === null) return null;
  const usual = usualTimes(log);
  return {
    times,
    of3: (3 * times) / usual,
    text: `It was cut at ${times.toFixed(1)} times the flocculation; ${usual} is usual.`,
  };
}

/** The last that the knife said before it went in. */
function lastBreak(log: Log) {
  const cut = cutAt(log);
  return cut
    ? log.state.tests.findLast(
        ({ at, found }) => at <= cut.at && (found === 'clean' || found === 'nearly' || found === 'not yet'),
      )
    : undefined;
}

/** pH at the knife, where a set by souring was read. */
function pHAtCut(log: Log) {
  const cut = cutAt(log);
  return cut && log.camp === 'cottage'
    ? log.state.pHs.findLast((one) => one.at <= cut.at + 10 * 60_000)
    : undefined;
}

const early: Cause = {
  text: 'it was cut too early',
  part,
  says: (log) => {
    const test = lastBreak(log);
    const pH = pHAtCut(log);
    const cut = cutTimes(log);
    const { format } = log;
    return said(
      [
        test?.found === 'not yet' && {
          times: 8,
          text: 'The last test before the knife said: not yet.',
          event: test.seq,
        },
        test?.found === 'nearly' && {
          times: 5,
          text: 'The last test before the knife said: nearly.',
          event: test.seq,
        },
        cut &&
          steep(
            cut.of3,
            2.75,
            [
              [2.7, 2],
              [2.3, 6],
            ],
            cut.text,
            cutAt(log)?.event ?? null,
          ),
        soon(log),
        pH && steep(pH.pH, 4.75, [[4.8, 5]], `It was cut at pH ${format.pH(pH.pH)}.`, pH.seq),
      ],
      {
        cleared:
          (test?.found === 'clean' && (cut === null || cut.of3 >= 2.7)) ||
          (pH !== undefined && pH.pH <= 4.75),
        measured: test !== undefined || cut !== null || pH !== undefined,
      },
    );
  },
  next: (log) =>
    words(
      log.camp === 'cottage'
        ? 'Wait for pH 4.65 to 4.75 before the knife.'
        : `Cut at ${usualTimes(log)} times the flocculation, and only at a clean break.`,
    ),
};

const late: Cause = {
  text: 'it was cut too late',
  part,
  says: (log) => {
    const cut = cutTimes(log);
    const pH = pHAtCut(log);
    if (cut === null && !pH) return NOTHING_SAID;
    return said(
      [
        cut && steep(cut.of3, 4, [[5, 4]], cut.text, cutAt(log)?.event ?? null),
        pH && steep(pH.pH, 4.55, [[4.45, 4]], `It was cut at pH ${log.format.pH(pH.pH)}.`, pH.seq),
      ],
      { cleared: (cut !== null && cut.of3 <= 4) || (pH !== undefined && pH.pH >= 4.55), measured: true },
    );
  },
  next: (log) =>
    words(
      log.camp === 'cottage'
        ? 'Cut at pH 4.65 to 4.75.'
        : `Cut at ${usualTimes(log)} times the flocculation, 4 at most.`,
    ),
};

const usualMm = (log: Log): number | null => {
  const option = log.method.options.cutMm;
  return option?.type === 'number'
    ? option.default
    : ((CURD_STYLES[log.method.style].usual as UsualWork).cutMm ?? null);
};

const size = (way: -1 | 1): Cause => ({
  text: way < 0 ? 'it was cut too fine' : 'it was cut too large',
  part,
  says: (log) => {
    const mm = optionOf(log, 'cutMm');
    const usual = usualMm(log);
    if (mm === null || usual === null) return NOTHING_SAID;
    return said(
      [
        steep(
          log2Of(mm / usual) * way,
          0.3,
          [[1, 4]],
          `It was cut to ${log.format.millimetres(mm)}; ${log.format.millimetres(usual)} is usual.`,
          PLAN,
        ),
      ],
      { cleared: log2Of(mm / usual) * way <= 0.32, measured: true },
    );
  },
  next: (log) => {
    const mm = optionOf(log, 'cutMm') ?? 12;
    const usual = usualMm(log) ?? mm;
    const wanted = Math.abs(mm - usual) > 1 ? usual : way < 0 ? mm * 1.3 : mm / 1.3;
    return change(log, 'cutMm', wanted, (to) => `Cut it to ${log.format.millimetres(to)}.`);
  },
});

/** The look of the whey after the knife, or after acid. */
const lastLook = (log: Log) => log.state.looks.at(-1);

const stirredHard: Cause = {
  text: 'it was stirred too hard or too soon',
  says: (log) => {
    const look = lastLook(log);
    const clean = lastBreak(log)?.found === 'clean';
    const still = log.options.stirred === false;
    return said(
      [
        look?.look === 'creamy' &&
          clean && { times: 4, text: 'The whey turned creamy after a clean break.', event: look.seq },
      ],
      { cleared: still || (look?.look === 'clear' && log.camp !== 'acid'), measured: look !== undefined },
    );
  },
  next: () => words('Leave it 5 min after the knife, and then stir by hand, slowly, from the wall inwards.'),
};

const stirredLittle: Cause = {
  text: 'it was stirred too little, and clumped',
  part: (log) => has(log, that('cooks-curd')),
  says: () => NOTHING_SAID,
  next: (log) =>
    log.options.stirred === false
      ? { text: 'Stir it while it warms, every 5 min at the least.', options: { stirred: true } }
      : change(log, 'stirEveryMin', 5, () => 'Stir it every 5 min while it warms.'),
};

/** The knife and the spoon. */
export const CUT: Causes = {
  'cut-too-early': early,
  'cut-too-late': late,
  'cut-too-fine': size(-1),
  'cut-too-large': size(1),
  'stirred-too-hard': stirredHard,
  'stirred-too-little': stirredLittle,
};
