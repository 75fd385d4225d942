import { usualLitresPerGram } from '../core/culture/measure';
import type { Result } from '../core/faults/fault';
import { type Told, toldText } from '../core/safety/told';
import { blockedBetween } from '../core/units/blocked';
import { formatter, METRIC } from '../core/units/format';
import { roundTo } from '../core/units/numbers';
import { wallMinutes, wallTimeOf } from '../core/units/wallTime';
import type { Method } from '../makes/method';
import type { Brief } from './brief/schema';
import { inMetric } from './cautionText';
import type { Planned } from './planned';
import type { Plan } from './schema';

type PlanAs = (brief: Brief) => Result<Planned>;

/** Whether a brief says when nobody is there, and when it is to be made. */
export const isByClock = (brief: Brief): boolean =>
  (brief.asleep !== undefined || (brief.away?.length ?? 0) > 0) &&
  (brief.start !== undefined || brief.readyBy !== undefined);

/** A brief as it is planned without looking at the clock, for what has to answer at once. */
export const withoutClock = ({ asleep: _asleep, away: _away, ...brief }: Brief): Brief => brief;

/** How the clock may be met: what is tried, in order of how much it changes the cheese. */
const CULTURE_TIMES = [0.5, 0.7, 1.5, 2.5] as const;
const STEPS = 5;
/** A start is looked for on this grid, min, and so far before the last one that would do. */
const GRID_MIN = 15;
const LOOK_BACK_MIN = 36 * 60;

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
        cost: 1.2 + Math.abs(Math.log(times)) / 3,
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

/** A plan laid from a start: how long its waits are drawn out, and for how long hands are wanted when nobody is there. */
interface Laid {
  startMin: number;
  waits: number[];
  blockedMin: number;
  readyMin: number;
}

function lay(plan: Plan, startMin: number, blocked: readonly (readonly [number, number])[]): Laid {
  let at = startMin;
  let blockedMin = 0;
  const waits: number[] = [];
  const handsAt = (index: number, from: number) =>
    (plan.stages[index]?.hands ?? []).map(([a, b]) => [from + a, from + b] as const);
  const hit = (windows: readonly (readonly [number, number])[]) =>
    windows.reduce(
      (sum, [a, b]) =>
        sum + blocked.reduce((inner, [c, d]) => inner + Math.max(0, Math.min(b, d) - Math.max(a, c)), 0),
      0,
    );
  plan.stages.forEach((stage, i) => {
    const likely = stage.durationMin.likely;
    blockedMin += hit(handsAt(i, at));
    let wait = 0;
    const slack = Math.max(0, (stage.atMostMin ?? likely) - likely);
    const next = plan.stages[i + 1];
    // What can wait waits until somebody is there for what comes next.
    if (next && slack > 0 && hit(handsAt(i + 1, at + likely)) > 0) {
      const until = blocked.find(([c, d]) => c <= at + likely + 1 && d > at + likely)?.[1];
      if (until !== undefined && until - (at + likely) <= slack) wait = until - (at + likely);
    }
    waits.push(wait);
    at += likely + wait;
  });
  return { startMin, waits, blockedMin, readyMin: at };
}

/** A plan whose waits are drawn out: stages, ready time and hours follow. */
function drawnOut(
  planned: Planned,
  laid: Laid,
  moved: boolean,
  brief: Brief,
  told: Plan['cautions'],
): Planned {
  let at = 0;
  const stages = planned.plan.stages.map((stage, i) => {
    const wait = laid.waits[i] ?? 0;
    const { low, likely, high } = stage.durationMin;
    const placed = {
      ...stage,
      startMin: roundTo(at, 3),
      durationMin: {
        low,
        likely: roundTo(likely + wait, 3),
        high: roundTo(Math.max(high, likely + wait), 3),
      },
    };
    at += likely + wait;
    return placed;
  });
  const extra = laid.waits.reduce((sum, wait) => sum + wait, 0);
  const { start: _start, readyBy: _readyBy, ...rest } = planned.plan.brief;
  return {
    ...planned,
    spans: planned.spans.map((span, i) => {
      const wait = laid.waits[i] ?? 0;
      const last = span.course.at(-1);
      return wait === 0 || !last
        ? span
        : {
            ...span,
            durationMin: span.durationMin + wait,
            course: [...span.course, [span.durationMin + wait, last[1]] as const],
          };
    }),
    plan: {
      ...planned.plan,
      brief: {
        ...rest,
        ...(moved || brief.readyBy !== undefined
          ? { start: wallTimeOf(laid.startMin) }
          : { start: brief.start }),
      } as Plan['brief'],
      readyAt: wallTimeOf(laid.readyMin),
      stages,
      predictions: {
        ...planned.plan.predictions,
        totalHours: roundTo(planned.plan.predictions.totalHours + extra / 60, 4),
      },
      cautions: [...planned.plan.cautions, ...told],
    },
  };
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
  let best: { way: Way; laid: Laid; cost: number } | null = null;
  for (const way of waysOf(free, method)) {
    if (best && best.laid.blockedMin === 0 && way.cost * 1000 >= best.cost) continue;
    const planned = way.changes.length === 0 ? first : planAs(way.brief);
    if (!planned.ok) continue;
    const { plan } = planned.value;
    const total = plan.stages.reduce((sum, stage) => sum + stage.durationMin.likely, 0);
    const latest = by === null ? (begin as number) : by - total;
    const blocked = blockedBetween({ asleep, away }, latest - LOOK_BACK_MIN, latest + 2 * total + 1440);
    const tries = by === null ? 0 : LOOK_BACK_MIN / GRID_MIN;
    for (let i = 0; i <= tries; i++) {
      const laid = lay(plan, latest - i * GRID_MIN, blocked);
      if (by !== null && laid.readyMin > by + 1e-6) continue;
      const waited = laid.waits.reduce((sum, wait) => sum + wait, 0);
      // First that nobody is wanted who is not there, then the maker's own way, then short waits, then freshness.
      const cost = laid.blockedMin * 1e6 + way.cost * 1000 + waited + i * GRID_MIN * 0.2;
      if (best === null || cost < best.cost) best = { way, laid, cost };
    }
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
    waitedMin: roundTo(
      laid.waits.reduce((sum, wait) => sum + wait, 0),
      1,
    ),
  };
  const stage = value.plan.stages[0]?.id ?? '';
  const out = drawnOut(value, laid, by !== null, brief, [
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
