import { earlyCutLoss } from '../core/curd/syneresis';
import { uncapital } from '../core/units/capital';
import { type Format, formatter, METRIC } from '../core/units/format';
import { clamp } from '../core/units/measures';
import { valueText } from '../makes/clauses';
import type { MistakeId } from '../makes/mistakes';
import type { Brief } from '../plan/brief/schema';
import { followingBoth } from '../plan/compare';
import { MILK_OF, TREATMENT_WORDS } from '../plan/milkWords';
import { planBrief } from '../plan/plan';
import { bookOf, type PlanOf } from '../plan/planOf';
import type { Plan } from '../plan/schema';
import type { MakeState } from '../run/makeState';
import { flocculated } from './flocculation';
import { highest, type Log, logOf, optionOf, stretchTop, tempsIn, that, tookOf } from './log';

/** What two makes did otherwise, and what of their difference in yield it explains. */
export interface Difference {
  /** What it is about: "fat of the milk". */
  what: string;
  /** How each had it, in the order of the makes. */
  each: readonly string[];
  /** What it makes of the yield of the second against the first, per cent of it; null where the core cannot say. */
  yieldPct: number | null;
}

export interface Beside {
  /** Cheese of a litre in the second against the first, %: −14 is fourteen per cent less. Null where one was not weighed. */
  yieldPct: number | null;
  /** What explains it first, then the rest as they stand in the make. */
  differences: readonly Difference[];
  /** What nothing noted explains, %. */
  unexplainedPct: number | null;
}

/** Loss of moisture with each degree of the cook beyond its plan, points. From memory. */
const POINTS_A_DEGREE = 0.4;
/** Less than this is no difference worth telling, %. */
const TELLING_PCT = 0.5;
const FEW_MIN = 5;

const kgPerLitre = ({ weighedKg, plan }: MakeState): number | null =>
  weighedKg === null || !plan.brief.milk.litres ? null : weighedKg / plan.brief.milk.litres;
const plannedPerLitre = ({ predictions, brief }: Plan): number =>
  predictions.yieldKg.likely / (brief.milk.litres ?? 1);

const percent = (ratio: number): number => 100 * (ratio - 1);

/** The yield of the first make's plan with part of the second's brief, against that of the first's, as a ratio; null where it cannot be planned. */
function replanned(first: PlanOf, brief: Brief): number | null {
  const methods = bookOf(first);
  const { start: _s, readyBy: _r, ...rest } = brief;
  const before = planBrief(withoutTimes(first.plan.brief), { spread: false, methods });
  const after = planBrief(rest as Brief, { spread: false, methods });
  return before.ok && after.ok
    ? plannedPerLitre(after.value.plan) / plannedPerLitre(before.value.plan)
    : null;
}
function withoutTimes(brief: Brief): Brief {
  const { start: _s, readyBy: _r, ...rest } = brief;
  return rest as Brief;
}

/** What was noted as gone wrong has its cost already. */
const notedAs = (log: Log, what: MistakeId): boolean => log.state.mishaps.some((one) => one.what === what);

/** How a make's cook went over what was planned, °C; null where nobody read it. */
const cookOver = (log: Log): number | null => {
  const cookC = optionOf(log, 'cookC');
  const top = highest(tempsIn(log, that('cooks-curd', 'holds-heat')));
  return cookC === null || !top || notedAs(log, 'overshot-cook') ? null : top.value - cookC;
};

/** Share of the cheese that is left by how early the knife went in. */
function cutLeft(log: Log): { times: number | null; left: number } {
  const times = flocculated(log)?.times ?? null;
  return {
    times,
    left: times === null || notedAs(log, 'cut-early') ? 1 : 1 - earlyCutLoss(clamp(times / 3, 0, 1)),
  };
}

/** Share that is left after what went wrong and was noted. */
const wrongLeft = ({ mishaps }: MakeState): number =>
  mishaps.reduce((left, { costs }) => left * (1 + (costs?.yieldShare ?? 0)), 1);

/**
 * Two makes laid beside one another: what they did otherwise, with what each difference makes of the yield by the core, those that
 * explain most first. The parts and what nothing explains multiply to the whole.
 *
 * @example beside(lastWeek, today).differences[0] // { what: 'the cut', each: ['3.0 times the flocculation', '1.9'], yieldPct: −9 }
 */
export function beside(first: MakeState, second: MakeState, format: Format = formatter(METRIC)): Beside {
  const [a, b] = [logOf(first, null, format), logOf(second, null, format)];
  const [ka, kb] = [kgPerLitre(first), kgPerLitre(second)];
  const whole = ka === null || kb === null ? null : kb / ka;
  const found: { difference: Difference; ratio: number }[] = [];
  const tell = (what: string, each: readonly [string, string], ratio: number | null) => {
    if (each[0] === each[1] && (ratio === null || Math.abs(percent(ratio)) < TELLING_PCT)) return;
    found.push({
      difference: { what, each, yieldPct: ratio === null ? null : percent(ratio) },
      ratio: ratio ?? 1,
    });
  };
  const [ba, bb] = [first.plan.brief, second.plan.brief];
  const same = first.plan.method === second.plan.method;
  if (!same) tell('the make', [a?.method.title ?? '', b?.method.title ?? ''], null);
  const planOf = ({ method, state }: Log) => ({ method, plan: state.plan });
  const follow: Follows = same && a && b ? followingBoth(planOf(a), planOf(b)) : new Set();
  milks(ba, bb, same ? first : null, follow, format, tell);
  if (same && a && b) options(a, b, first, follow, format, tell);
  if (a && b) readings(a, b, format, tell);
  const [wa, wb] = [wrongLeft(first), wrongLeft(second)];
  if (Math.abs(wa - wb) > 0.002)
    tell('what went wrong', [lossText(wa, format), lossText(wb, format)], wb / wa);
  const explained = found.reduce((product, one) => product * one.ratio, 1);
  const weight = ({ yieldPct }: Difference) => Math.abs(yieldPct ?? 0);
  return {
    yieldPct: whole === null ? null : percent(whole),
    differences: found.map((one) => one.difference).sort((x, y) => weight(y) - weight(x)),
    unexplainedPct: whole === null || !same ? null : percent(whole / explained),
  };
}

type Tell = (what: string, each: readonly [string, string], ratio: number | null) => void;

const lossText = (left: number, { percent: text }: Format) =>
  left > 0.998 ? 'nothing noted' : `${text(Math.round(100 * (1 - left)))} lost`;

/** Options nobody chose in either make. */
type Follows = ReadonlySet<string>;

/** What the milks differ in; what it makes of the yield where there is a plan to hold it against, with what follows from the milk. */
function milks(a: Brief, b: Brief, first: PlanOf | null, follow: Follows, format: Format, tell: Tell) {
  const options = Object.fromEntries(Object.entries(a.options ?? {}).filter(([key]) => !follow.has(key)));
  const ofMilk = (milk: Brief['milk']) => first && replanned(first, { ...a, milk, options });
  const words = ({ milk: { species, treatment = 'pasteurised' } }: Brief) =>
    `${MILK_OF[species]}, ${TREATMENT_WORDS[treatment]}`;
  if (a.milk.species !== b.milk.species || a.milk.treatment !== b.milk.treatment)
    tell(
      'the milk',
      [words(a), words(b)],
      ofMilk({
        ...b.milk,
        fatPct: a.milk.fatPct,
        proteinPct: a.milk.proteinPct,
        litres: a.milk.litres,
      }),
    );
  for (const [key, what] of [
    ['fatPct', 'fat of the milk'],
    ['proteinPct', 'protein of the milk'],
  ] as const) {
    const [x, y] = [a.milk[key], b.milk[key]];
    if (x === undefined || y === undefined || Math.abs(x - y) < 0.02) continue;
    tell(what, [format.percent(x, 2), format.percent(y, 2)], ofMilk({ ...a.milk, [key]: y }));
  }
  const [la, lb] = [a.milk.litres ?? 0, b.milk.litres ?? 0];
  if (Math.abs(la - lb) > 0.05) tell('amount of milk', [format.litres(la), format.litres(lb)], null);
}

function options(a: Log, b: Log, first: PlanOf, follow: Follows, format: Format, tell: Tell) {
  for (const [key, option] of Object.entries(a.method.options)) {
    const [x, y] = [a.options[key], b.options[key]];
    if (x === undefined || y === undefined || String(x) === String(y) || follow.has(key)) continue;
    tell(
      uncapital(option.label),
      [valueText(option, x, format), valueText(option, y, format)],
      replanned(first, { ...first.plan.brief, options: { ...first.plan.brief.options, [key]: y } } as Brief),
    );
  }
}

/** What was read at the pot, beyond what was planned for it. */
function readings(a: Log, b: Log, format: Format, tell: Tell) {
  const [oa, ob] = [cookOver(a), cookOver(b)];
  if (oa !== null && ob !== null && Math.abs(oa - ob) >= 0.8) {
    const moisture = a.state.plan.predictions.moisturePct;
    const points = -POINTS_A_DEGREE * (ob - oa);
    const said = (over: number) =>
      Math.abs(over) < 0.5
        ? 'as planned'
        : `${format.tempStep(Math.abs(over), 1)} ${over > 0 ? 'over' : 'under'} its plan`;
    tell('heat of the cook', [said(oa), said(ob)], (100 - moisture) / (100 - moisture - points));
  }
  const [ca, cb] = [cutLeft(a), cutLeft(b)];
  if (ca.times !== null && cb.times !== null && Math.abs(ca.times - cb.times) > 0.15)
    tell(
      'the cut',
      [`${format.number(ca.times, 1)} times the flocculation`, `${format.number(cb.times, 1)} times`],
      cb.left / ca.left,
    );
  const [ta, tb] = [stretchTop(a), stretchTop(b)];
  if (ta && tb && Math.abs(ta.value - tb.value) >= 2)
    tell('hottest in the stretch', [format.temp(ta.value), format.temp(tb.value)], null);
  for (const [what, does] of [
    ['time draining', 'drains'],
    ['time setting', 'sets'],
    ['time pressed', 'presses'],
    ['time in brine', 'brines'],
  ] as const) {
    const [x, y] = [tookOf(a, that(does)), tookOf(b, that(does))];
    if (x && y && Math.abs(x.tookMin - y.tookMin) > Math.max(FEW_MIN, 0.1 * x.tookMin))
      tell(what, [format.minutes(x.tookMin), format.minutes(y.tookMin)], null);
  }
  const [pa, pb] = [a.state.pHs.at(-1)?.pH, b.state.pHs.at(-1)?.pH];
  if (pa !== undefined && pb !== undefined && Math.abs(pa - pb) >= 0.04)
    tell('last pH', [format.pH(pa), format.pH(pb)], null);
}
