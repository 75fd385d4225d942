import { CALCIUM_G_PER_L } from '../../core/coagulant/calcium';
import { FRESH_MILK_PH, SPECIES_FACTS } from '../../core/milk/species';
import { wallMinutes } from '../../core/units/wallTime';
import { type Cause, type Causes, NOTHING_SAID, said, steep } from '../cause';
import { flocculated } from '../flocculation';
import { has, type Log, MIN_MS, PLAN, runsOf, thatTakes, wentInAt } from '../log';
import { words } from '../next';

const milkOf = ({ state }: Log) => state.plan.brief.milk;

/** The usual calcium for so much milk, in words. */
function usualCalcium(log: Log): string {
  const litres = milkOf(log).litres ?? 1;
  return `${log.format.grams(CALCIUM_G_PER_L * litres)} of calcium chloride to ${log.format.litres(litres)}`;
}

const overheated: Cause = {
  text: 'the milk had been heated too much',
  part: (log) => has(log, thatTakes(log, 'coagulant')),
  says: (log) => {
    const { treatment } = milkOf(log);
    const clear = runsOf(log, () => true).length > 0 && treatment === 'raw';
    const soft = log.state.tests.find((one) => one.found === 'not yet' || one.found === 'nearly');
    const ratio = flocculated(log)?.ratio ?? null;
    return said(
      [
        treatment === 'high-pasteurised' && { times: 6, text: 'The milk was high-pasteurised.', event: PLAN },
        (treatment === 'ultra-heat' || treatment === 'boiled') && {
          times: 12,
          text: `The milk was ${treatment === 'boiled' ? 'boiled' : 'ultra-heat treated'}.`,
          event: PLAN,
        },
        soft &&
          ratio !== null &&
          ratio <= 1.15 && {
            times: 2,
            text: 'It flocculated in time and was soft all the same.',
            event: soft.seq,
            apart: true,
          },
      ],
      { cleared: clear, measured: clear },
    );
  },
  next: ({ format }) =>
    words(
      `Take milk that has not been over ${format.temp(75)}: its label says pasteurised, not high-pasteurised.`,
    ),
};

const homogenised: Cause = {
  text: 'the milk was homogenised',
  says: (log) => {
    const is = milkOf(log).homogenised ?? false;
    return said([is && { times: 5, text: 'The milk was homogenised.', event: PLAN }], {
      cleared: !is,
      measured: true,
    });
  },
  next: ({ format }) =>
    words(
      `Take milk whose cream rises; or cut at 3.5 times the flocculation, in cubes of ${format.millimetres(25)}.`,
    ),
};

const lean: Cause = {
  text: 'the milk was lean',
  says: (log) => {
    const { species, fatPct } = milkOf(log);
    const usual = SPECIES_FACTS[species].fatPct;
    if (fatPct === undefined || log.method.of === 'whey') return NOTHING_SAID;
    return said([
      steep(
        fatPct - usual,
        -0.3,
        [[-0.7, 3]],
        `The milk had ${log.format.percent(fatPct, 1)} fat; ${log.format.percent(usual, 1)} is usual.`,
        PLAN,
      ),
    ]);
  },
  next: () => words('Have the milk tested for fat and protein, and blend it with cream to 3.5 % fat.'),
};

/** What was read of the milk before anything soured it. */
function firstPH(log: Log) {
  const till = Math.min(wentInAt(log, 'culture') ?? Infinity, wentInAt(log, 'acid') ?? Infinity);
  return log.state.pHs.find((one) => one.at <= till);
}

const old: Cause = {
  text: 'the milk was old, or sour already',
  says: (log) => {
    const { treatment, pH: briefPH } = milkOf(log);
    const read = firstPH(log);
    const pH = read?.pH ?? (briefPH !== undefined && briefPH !== FRESH_MILK_PH ? briefPH : null);
    const day = log.state.milks[0]?.day;
    const came = day ? wallMinutes(`${day}T12:00`) : null;
    const days = came === null ? 0 : (log.state.startedAt / MIN_MS - came) / (24 * 60);
    return said(
      [
        pH !== null &&
          log.method.of === 'milk' &&
          steep(pH, 6.6, [[6.55, 5]], `The milk began at pH ${log.format.pH(pH)}.`, read?.seq ?? PLAN),
        treatment === 'raw' &&
          days >= 2.5 && {
            times: 3,
            text: `Raw milk of ${Math.round(days)} days.`,
            event: PLAN,
            apart: true,
          },
      ],
      { cleared: pH !== null && pH >= 6.6, measured: pH !== null },
    );
  },
  next: () => words('Make it within 48 h of milking, and read its pH first: 6.6 or more.'),
};

const calciumShort: Cause = {
  text: 'the milk wanted calcium',
  part: (log) => has(log, thatTakes(log, 'coagulant')),
  says: (log) => {
    const into = wentInAt(log, 'calcium');
    const planned = has(log, thatTakes(log, 'calcium'));
    return said(
      [
        !planned &&
          milkOf(log).treatment !== 'raw' && {
            times: 2,
            text: 'No calcium went into heated milk.',
            event: PLAN,
          },
      ],
      { cleared: into !== null },
    );
  },
  next: (log) => words(`Add ${usualCalcium(log)}, before the coagulant.`),
};

const calciumOver: Cause = {
  text: 'too much calcium went in',
  part: (log) => has(log, thatTakes(log, 'calcium')),
  says: (log) => {
    const litres = milkOf(log).litres ?? 1;
    const told = log.state.added.filter((one) => one.dose === 'calcium' && one.unit === 'g');
    const planned = log.state.plan.doses.find((dose) => dose.id === 'calcium')?.grams ?? 0;
    const grams = told.length > 0 ? told.reduce((sum, one) => sum + one.amount, 0) : planned;
    return said(
      [
        steep(
          grams / litres,
          0.22,
          [[0.3, 4]],
          `${log.format.grams(grams)} of calcium chloride went in.`,
          told.at(-1)?.seq ?? PLAN,
        ),
      ],
      { cleared: grams / litres <= 0.22, measured: true },
    );
  },
  next: (log) => words(`Add ${usualCalcium(log)} and no more.`),
};

const lipase: Cause = {
  text: 'too much lipase went in',
  says: (log) => {
    const into = log.options.lipase === true || has(log, thatTakes(log, 'lipase'));
    return said([into && { times: 3, text: 'Lipase went in.', event: PLAN }], {
      cleared: !into,
      measured: true,
    });
  },
  next: () => words('Take half of the lipase.'),
};

const noted = (text: string, next: string): Cause => ({
  text,
  says: () => NOTHING_SAID,
  next: () => words(next),
});

/** What the milk was, and what went into it beside culture and coagulant. */
export const MILK: Causes = {
  'milk-overheated': overheated,
  'milk-homogenised': homogenised,
  'milk-lean': lean,
  'milk-old': old,
  'calcium-short': calciumShort,
  'calcium-over': calciumOver,
  'lipase-over': lipase,
  'cream-risen': noted(
    'the cream had risen before it set',
    'Stir from the bottom upwards as the coagulant goes in, and top-stir raw milk once.',
  ),
  'milk-caught': noted(
    'the milk caught on the base',
    'Heat it in a bath, or slowly with the spoon on the base.',
  ),
  'milk-miscounted': noted(
    'there was another amount of milk than was said',
    'Weigh the milk: a measure of it weighs 3 % more than one of water.',
  ),
};
