import { CURD_STYLES } from '../../core/curd/styles';
import { type Cause, type Causes, NOTHING_SAID, said, steep } from '../cause';
import { has, type Log, optionOf, PLAN, paceOf, skippedIn, that, thatTakes, tookOf, weighed } from '../log';
import { change, choose, words } from '../next';
import { FRESH_BRINE, SALT_IT, SOAK_IT } from '../remedies';

const salts = (log: Log) => thatTakes(log, 'salt');
const part = (log: Log) => has(log, salts(log));

/** What is usual in it, %: what the make asks where nobody says, or what its style holds. */
function usualPct(log: Log): number {
  const option = log.method.options.saltPct;
  return option?.type === 'number' && option.default > 0
    ? option.default
    : CURD_STYLES[log.method.style].saltPct || 1;
}

/** Salt that went in for what it weighed, %: a light cheese is a salty one. */
function saltPct(log: Log): { pct: number; event: number | null } | null {
  const told = log.state.added.filter((one) => one.dose === 'salt' && one.unit === 'g');
  const planned = log.state.plan.doses.find((dose) => dose.id === 'salt')?.grams ?? 0;
  const grams = told.length > 0 ? told.reduce((sum, one) => sum + one.amount, 0) : planned;
  const weight = weighed(log);
  const kg = weight?.kg ?? log.state.plan.predictions.yieldKg.likely;
  return kg > 0 && grams > 0
    ? { pct: grams / 10 / kg, event: told.at(-1)?.seq ?? weight?.event ?? PLAN }
    : null;
}
const asked = (log: Log) => optionOf(log, 'saltPct') ?? usualPct(log);

const short: Cause = {
  text: 'too little salt went in',
  says: (log) => {
    const skipped = skippedIn(log, salts(log));
    const pct = part(log) ? saltPct(log) : null;
    const usual = usualPct(log);
    const none = !part(log) && !has(log, that('brines'));
    return said(
      [
        skipped && { times: 8, text: 'The salt was left out.', event: skipped.endedBy ?? null },
        none && { times: 6, text: 'No salt was planned.', event: PLAN },
        pct &&
          !skipped &&
          steep(
            pct.pct / usual,
            0.9,
            [[0.6, 6]],
            `${log.format.percent(pct.pct, 1)} of salt went in; ${log.format.percent(usual, 1)} is usual.`,
            pct.event,
          ),
      ],
      { cleared: !skipped && pct !== null && pct.pct >= 0.9 * usual, measured: pct !== null },
    );
  },
  next: (log) =>
    skippedIn(log, salts(log)) || log.state.mishaps.some(({ what }) => what === 'salt-forgotten')
      ? words(`Do not leave the salt out: ${log.format.percent(asked(log), 1)} of its weight, as planned.`)
      : change(
          log,
          'saltPct',
          Math.max(usualPct(log), 1.3 * asked(log)),
          (to) => `Salt it with ${log.format.percent(to, 1)} of its weight.`,
        ),
  now: SALT_IT,
};

const over: Cause = {
  text: 'too much salt went in',
  part,
  says: (log) => {
    const pct = saltPct(log);
    const usual = usualPct(log);
    if (!pct) return NOTHING_SAID;
    return said(
      [
        steep(
          pct.pct / usual,
          1.1,
          [[1.4, 5]],
          `${log.format.percent(pct.pct, 1)} of salt went in; ${log.format.percent(usual, 1)} is usual.`,
          pct.event,
        ),
      ],
      { cleared: pct.pct <= 1.1 * usual, measured: true },
    );
  },
  next: (log) =>
    change(
      log,
      'saltPct',
      Math.min(usualPct(log), 0.8 * asked(log)),
      (to) => `Weigh it first, and salt it with ${log.format.percent(to, 1)} of that.`,
    ),
  now: SOAK_IT,
};

const early: Cause = {
  text: 'it was salted before its whey was off',
  part,
  says: () => said([], { cleared: true }),
  next: (log) =>
    words(`Let the whey run off, weigh it, and then salt it with ${log.format.percent(asked(log), 1)}.`),
};

const brines = that('brines');
const strength = (log: Log) => optionOf(log, 'brinePctWw');

const brineWeak: Cause = {
  text: 'the brine it was kept in was too weak',
  part: (log) => has(log, brines),
  says: (log) => {
    const pct = strength(log);
    if (pct === null || log.options.keptInBrine === false) return NOTHING_SAID;
    return said(
      [
        steep(
          pct,
          10.5,
          [
            [10, 4],
            [8, 8],
          ],
          `The brine held ${log.format.percent(pct)} of salt.`,
          PLAN,
        ),
      ],
      { cleared: pct >= 10.5, measured: true },
    );
  },
  next: (log) => change(log, 'brinePctWw', 12, (to) => `Keep it in a brine of ${log.format.percent(to)}.`),
};

/** Calcium and sourness of the brine: Geurts, Walstra and Mulder 1972, from memory. */
const unmatched: Cause = {
  text: 'the brine had no calcium, or was not as sour as the cheese',
  part: (log) => has(log, brines),
  says: (log) => {
    const whey = log.options.brineOf === 'whey';
    return said(
      [
        log.options.brineOf === 'water' && {
          times: 1.5,
          text: 'The brine was of water and salt.',
          event: PLAN,
        },
      ],
      { cleared: whey },
    );
  },
  next: (log) =>
    choose(
      log,
      'brineOf',
      'whey',
      'Make the brine of its own whey; or of water with 0.1 % of calcium chloride, at pH 5.2.',
    ),
  now: FRESH_BRINE,
};

const brinedShare = (log: Log) => paceOf(log, brines);
const brinedText = (log: Log) => {
  const took = tookOf(log, brines);
  return took
    ? `It lay in brine for ${log.format.minutes(took.tookMin)}, planned ${log.format.minutes(took.plannedMin)} for its size.`
    : '';
};

const brinedShort: Cause = {
  text: 'it lay in the brine too short',
  part: (log) => has(log, brines),
  says: (log) => {
    const pace = brinedShare(log);
    if (!pace) return NOTHING_SAID;
    return said([steep(pace.share, 0.85, [[0.6, 6]], brinedText(log), pace.event)], {
      cleared: pace.share >= 0.85,
      measured: true,
    });
  },
  next: (log) =>
    change(log, 'saltPct', asked(log), () => 'Leave it in for its hours: they are reckoned for its size.'),
  now: 'Back into brine of 12 % for a quarter of its time.',
};

const brinedLong: Cause = {
  text: 'it lay in the brine too long',
  part: (log) => has(log, brines),
  says: (log) => {
    const pace = brinedShare(log);
    if (!pace) return NOTHING_SAID;
    return said([steep(pace.share, 1.2, [[1.6, 6]], brinedText(log), pace.event)], {
      cleared: pace.share <= 1.2,
      measured: true,
    });
  },
  next: () => words('Take it out by its bell; open curd takes salt three times as fast.'),
  now: SOAK_IT,
};

const surface: Cause = {
  text: 'its faces were salted too much at once',
  part,
  says: (log) => said([], { cleared: asked(log) === 0 }),
  next: () => words('Salt its faces with 0.3 % of its weight at each turn.'),
};

/** Salt, strewn and from brine. */
export const SALT: Causes = {
  'salt-short': short,
  'salt-over': over,
  'salted-too-early': early,
  'brine-too-weak': brineWeak,
  'brine-unmatched': unmatched,
  'brined-too-short': brinedShort,
  'brined-too-long': brinedLong,
  'surface-oversalted': surface,
};
