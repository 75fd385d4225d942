import { gramsOfProduct } from '../core/acid/acids';
import { FIRST_SHARE, HELD_BACK_PORTIONS } from '../core/acid/coagulation';
import { usualMultiplier } from '../core/coagulant/clotting';
import { roundTo } from '../core/units/numbers';
import type { ReadyBrief } from '../plan/brief/resolve';
import { outcomeOf } from '../plan/outcome';
import type { Planned } from '../plan/plan';
import { stagesOf, walk } from '../plan/stages';
import { type Departure, potAtStart, worldOf } from '../plan/world';
import type { MakeEvent, NewEvent } from '../run/events';
import { frozenWhole } from '../run/frozen';
import { wheyWith } from './whey';

/** Readings are noted about this often while warming, min. */
const READING_EVERY = 7;

/** How it went beyond what the world does: what was noted, minutes from a stage's beginning; stages of another length; weight lost. */
export interface Went {
  notes?: readonly (readonly [stage: string, minute: number, event: NewEvent])[];
  took?: Readonly<Record<string, number>>;
  /** Whether the bowl was watched until it stopped. */
  watched?: boolean;
  /** What it weighed, of what it would have. */
  weighs?: number;
  /** Cuts it off there, ms on the wall clock, and leaves the make running. */
  until?: number | undefined;
}

export interface Enacted {
  events: MakeEvent[];
  endsAt: number;
}

/**
 * A make as it would really have gone in a world that departs from its plan: stage by stage, with readings on the way,
 * acid given until this very milk clears, the weight that came out, and whatever else is told of how it went.
 */
export function enact(
  ready: ReadyBrief,
  planned: Planned,
  depart: Departure,
  name: string,
  milkName: string,
  startAt: number,
  { notes = [], took = {}, watched = false, weighs = 1, until = Number.POSITIVE_INFINITY }: Went = {},
): Enacted {
  const { brief, method } = ready;
  const litres = planned.plan.brief.milk.litres as number;
  const world = worldOf(brief, method, litres, depart);
  const pot = potAtStart(brief, world);
  const stages = stagesOf(method, brief);
  const spans = walk(stages, world, pot);
  const kg = outcomeOf(brief, method, world, pot).yieldKg;
  const happened: { event: NewEvent; at: number }[] = [];
  const add = (event: NewEvent, at: number) => {
    if (at <= until) happened.push({ event, at: Math.round(at) });
  };
  add(
    {
      type: 'started',
      name,
      milkName,
      ...frozenWhole(planned),
    },
    startAt,
  );
  const dose = planned.plan.doses.find((one) => one.id === 'acid');
  const needed = brief.acid ? gramsOfProduct(brief.acid, world.acidNeeded) : 0;
  let at = startAt;
  let coagulantAt = startAt;
  stages.forEach((stage, index) => {
    const span = spans[index];
    if (!span) return;
    const begun = at;
    at += span.durationMin * (took[stage.id] ?? 1) * 60_000;
    for (const [id, minute, event] of notes)
      if (id === stage.id) add(event, Math.min(at, begun + minute * 60_000));
    if (stage.kind.does.includes('heats-milk')) {
      for (const [minute, tempC] of readings(span.course, span.durationMin)) {
        add({ type: 'temperature', tempC: roundTo(tempC - depart.probeOffC, 1) }, begun + minute * 60_000);
      }
    }
    if (stage.kind.takes(stage.params).includes('coagulant')) coagulantAt = at;
    if (watched && pot.setMin !== null && stage.kind.goal(stage.params)?.is === 'clean-break')
      add(
        { type: 'flocculated' },
        Math.min(at, coagulantAt + (pot.setMin / usualMultiplier(brief.milk.homogenised)) * 60_000),
      );
    if (dose && stage.kind.goal(stage.params)?.is === 'clear-whey') {
      let given = dose.grams * FIRST_SHARE;
      let minute = 1;
      let portion = 0;
      add({ type: 'acid', grams: roundTo(given, 1), portion: portion++ }, begun + minute * 60_000);
      for (
        let look = wheyWith(given, needed);
        look !== 'clear' && portion < 9;
        look = wheyWith(given, needed)
      ) {
        minute += 2;
        add({ type: 'whey', look }, begun + minute * 60_000);
        const more = given < dose.grams * 0.99 ? dose.holdBackGrams / HELD_BACK_PORTIONS : dose.grams * 0.05;
        given += more;
        minute += 0.5;
        add({ type: 'acid', grams: roundTo(more, 1), portion: portion++ }, begun + minute * 60_000);
      }
      add({ type: 'whey', look: 'clear' }, begun + (minute + 2) * 60_000);
      at = Math.max(at, begun + (minute + 2.5) * 60_000);
    }
    if (index < stages.length - 1) add({ type: 'done', stage: stage.id }, at);
    else add({ type: 'finished', weighedKg: roundTo(kg * weighs, 2) }, at);
  });
  const events = happened
    .sort((a, b) => a.at - b.at)
    .map(({ event, at: when }, seq) => ({ ...event, seq, at: when }) as MakeEvent);
  return { events, endsAt: at };
}

/** Points along a warming at which somebody looked at the thermometer. */
function readings(course: readonly (readonly [number, number])[], duration: number): [number, number][] {
  const found: [number, number][] = [];
  for (let minute = 2; minute < duration; minute += READING_EVERY) {
    const i = course.findIndex(([m]) => m >= minute);
    const [m1, c1] = course[i] ?? [0, 0];
    const [m0, c0] = course[i - 1] ?? [m1, c1];
    found.push([minute, m1 === m0 ? c1 : c0 + ((c1 - c0) * (minute - m0)) / (m1 - m0)]);
  }
  return found;
}
