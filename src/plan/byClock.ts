import { usualLitresPerGram } from '../core/culture/measure';
import type { Result } from '../core/faults/fault';
import { lnOf } from '../core/numeric/elementary';
import { type Told, toldText } from '../core/safety/told';
import { formatter, METRIC } from '../core/units/format';
import { roundTo } from '../core/units/numbers';
import { wallMinutes } from '../core/units/wallTime';
import type { Method } from '../makes/method';
import type { Brief } from './brief/schema';
import { inMetric } from './cautionText';
import { drawnOut, EARLY_MIN, type LaidPlan, laidRound } from './placing/laid';
import type { Planned } from './planned';

type PlanAs = (brief: Brief) => Result<Planned>;

/** Whether a brief says when nobody is there, and when it is to be made. */
export const isByClock = (brief: Brief): boolean =>
  (brief.asleep !== undefined || (brief.away?.length ?? 0) > 0) &&
  (brief.start !== undefined || brief.readyBy !== undefined);

/** A brief as it is planned without looking at the clock, for what has to answer at once. */
export const withoutClock = ({ asleep: _asleep, away: _away, ...brief }: Brief): Brief => brief;

/** What a minute counts in which hands are wanted and nobody is there, and another way of making it, against a minute away from likely. */
const BLOCKED_MIN = 1e6;
const A_WAY_MIN = 1000;
const sumOf = (minutes: readonly number[]) =>
  roundTo(
    minutes.reduce((sum, one) => sum + one, 0),
    1,
  );

/** How the clock may be met: what is tried, in order of how much it changes the cheese. */
const CULTURE_TIMES = [0.5, 0.7, 1.5, 2.5] as const;
const STEPS = 5;
type Change = Extract<Told, { id: 'by-clock' }>['changes'][number];

/** One way to make it: the brief, and how far it is from the maker's own. */
interface Way {
  brief: Brief;
  cost: number;
  /** What is otherwise than the maker's own; empty where nothing is. */
  changes: readonly Change[];
}

/** Every way worth trying: as it is, set cooler or warmer, with less or more culture, drained by the clock, set slower. */
function waysOf(brief: Brief, method: Method): Way[] {
  const found: Way[] = [{ brief, cost: 0, changes: [] }];
  const vary = (key: string) => {
    const option = method.options[key];
    if (option?.type !== 'number' || brief.options?.[key] !== undefined) return;
    for (let i = 0; i <= STEPS; i++) {
      const value = roundTo(option.min + ((option.max - option.min) * i) / STEPS, 1);
      if (value === option.default || (key === 'drainHours' && value === 0)) continue;
      const cost = Math.abs(value - option.default) / (option.max - option.min);
      found.push({
        brief: { ...brief, options: { ...brief.options, [key]: value } },
        cost: 1 + cost,
        changes: [{ key, label: option.label, value, unit: option.unit }],
      });
    }
  };
  const lactic = method.culture !== null && method.bag !== null;
  if (lactic || method.family === 'lactic-set') vary('setC');
  vary('starterTimes');
  vary('drainHours');
  if (!lactic) vary('wantedSetMin');
  const { culture } = brief;
  if (method.culture && !method.options.starterTimes && culture?.given === undefined) {
    for (const times of CULTURE_TIMES) {
      const usual = typeof method.culture.labelShare === 'number' ? method.culture.labelShare : 1;
      const litres = brief.milk.litres;
      if (litres === undefined) continue;
      const given =
        culture === undefined || culture.form === 'freeze-dried'
          ? {
              amount: roundTo(
                (times * usual * litres) /
                  (culture?.labelLitresPerGram ?? usualLitresPerGram(culture?.labelLitresPerSachet)),
                3,
              ),
              unit: 'g' as const,
            }
          : {
              amount: roundTo(times * (culture.percent ?? method.culture.percent) * 10 * litres, 1),
              unit: 'mL' as const,
            };
      found.push({
        brief: { ...brief, culture: { form: 'freeze-dried', ...culture, given } },
        cost: 1.2 + Math.abs(lnOf(times)) / 3,
        changes: [{ key: 'culture', label: 'Culture', value: times, unit: '×' }],
      });
    }
  }
  // Warmth or culture together with a drain by the clock.
  const drains = found.filter((way) => way.changes[0]?.key === 'drainHours');
  const others = found.filter((way) => way.changes[0] && way.changes[0].key !== 'drainHours');
  for (const one of others)
    for (const drain of drains)
      found.push({
        brief: {
          ...one.brief,
          options: { ...one.brief.options, drainHours: drain.brief.options?.drainHours as number },
        },
        cost: one.cost + drain.cost,
        changes: [...one.changes, ...drain.changes],
      });
  return found;
}

/**
 * Plans a brief round the hours when nobody is there: ready by its time at the latest, or begun at its start; as the maker has
 * it where that does, else with the set cooler or warmer, more or less culture, a drain by the clock; where nothing does, the
 * nearest, and what it would cost. `planAs` plans a brief without looking at the clock; `finish` with its spread.
 */
export function planByClock(brief: Brief, planAs: PlanAs, finish: PlanAs): Result<Planned> {
  const { asleep, away } = brief;
  const free = withoutClock(brief);
  const first = planAs(free);
  if (!first.ok) return first;
  const { method } = first.value;
  const by = brief.readyBy === undefined ? null : (wallMinutes(brief.readyBy) as number);
  const begin = brief.start === undefined ? null : (wallMinutes(brief.start) as number);
  let best: { way: Way; laid: LaidPlan; cost: number } | null = null;
  for (const way of waysOf(free, method)) {
    if (best && best.laid.blockedMin === 0 && way.cost * A_WAY_MIN >= best.cost) continue;
    const planned = way.changes.length === 0 ? first : planAs(way.brief);
    if (!planned.ok) continue;
    const laid = laidRound(planned.value, { by, begin, asleep, away });
    if (!laid) continue;
    // First that nobody is wanted who is not there, then the maker's own way, then likely durations, then freshness.
    const cost =
      laid.blockedMin * BLOCKED_MIN +
      way.cost * A_WAY_MIN +
      laid.waits.reduce((sum, wait) => sum + Math.abs(wait), 0) +
      laid.earlyMin * EARLY_MIN;
    if (best === null || cost < best.cost) best = { way, laid, cost };
  }
  if (best === null) return first;
  const { way, laid } = best;
  const planned = finish(way.brief);
  if (!planned.ok) return planned;
  const { value } = planned;
  const told = {
    id: 'by-clock' as const,
    blockedMin: roundTo(laid.blockedMin, 1),
    changes: [...way.changes],
    waitedMin: sumOf(laid.waits.filter((wait) => wait > 0)),
    ...(laid.waits.some((wait) => wait < 0) && {
      shortenedMin: -sumOf(laid.waits.filter((wait) => wait < 0)),
    }),
  };
  const stage = value.plan.stages[0]?.id ?? '';
  const out = drawnOut(value, laid, brief, [
    { id: told.id, stage, text: inMetric(toldText(told, formatter(METRIC))), told },
  ]);
  return {
    ok: true,
    value: {
      ...out,
      plan: { ...out.plan, brief: { ...out.plan.brief, ...(asleep && { asleep }), ...(away && { away }) } },
    },
  };
}
