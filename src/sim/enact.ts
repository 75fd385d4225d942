import { roundTo } from '../core/units/numbers';
import { METHODS } from '../makes';
import type { Planned } from '../plan/plan';
import type { Departure } from '../plan/world';
import type { MakeEvent, NewEvent } from '../run/events';
import { frozenWhole } from '../run/frozen';
import { type Practice, practiceOf } from './practice/batch';
import { play } from './practice/hand';
import { AS_PLANNED } from './practice/hidden';
import { Notes } from './practice/log';
import type { Elsewise } from './practice/playing';
import { standing } from './practice/worth';

/** Readings are noted about this often while warming, min. */
const READS_EVERY_MIN = 7;

/** Something noted beyond what everybody notes: words, or what a meter or the thermometer shows then. */
export type Noted = NewEvent | 'pH' | 'temperature';

/** How it went beyond what the pot does by itself: stages done otherwise, and what was noted, minutes from a stage's beginning. */
export interface Went {
  instead?: Readonly<Record<string, (stage: Elsewise) => void>>;
  notes?: readonly (readonly [stage: string, minute: number, what: Noted])[];
  /** Whether the bowl was watched until it stopped. */
  watched?: boolean;
  /** Cuts it off there, ms on the wall clock, and leaves the make running. */
  until?: number | undefined;
}

export interface Enacted {
  events: MakeEvent[];
  endsAt: number;
}

/** What was noted at a minute of a stage, or as it ended. */
function noted(practice: Practice, [id, within, what]: NonNullable<Went['notes']>[number]) {
  const at = practice.stages.findIndex((stage) => stage.id === id);
  const ends = practice.begun[at + 1] ?? practice.pot.minute;
  const minute = Math.min(ends, (practice.begun[at] ?? 0) + within);
  if (typeof what === 'object') return { event: what, minute };
  // The course is kept every few minutes: what was poured before is in it from its next point on.
  const { pH, tempC } = practice.course.find((one) => one.minute >= minute) ?? practice.pot;
  const event: NewEvent =
    what === 'pH'
      ? { type: 'pH', pH: roundTo(pH, 2) }
      : { type: 'temperature', tempC: roundTo(tempC - practice.world.probeOffC, 1) };
  return { event, minute };
}

/**
 * A make as it would really have gone on a pot and with a milk that depart from its plan: a hand that does not know it makes it on a
 * practice pot and keeps its log, with readings on the way, acid until this very milk clears, and the weight that came out.
 *
 * @example enact(planned, departure, 'Market ricotta', 'Round milk', Date.now()).events.at(-1)?.type // 'finished'
 */
export function enact(
  planned: Planned,
  depart: Departure,
  name: string,
  milkName: string,
  startAt: number,
  { notes = [], instead = {}, watched = false, until = Number.POSITIVE_INFINITY }: Went = {},
): Enacted {
  const begun = practiceOf(planned, { ...AS_PLANNED, depart }, 0, METHODS);
  if (!begun.ok) throw new Error(`${name} cannot be made: ${begun.faults[0]?.problem}`);
  const practice = begun.value;
  const log = new Notes(startAt);
  play(practice, false, {
    instead,
    log: { notes: log, readsEvery: READS_EVERY_MIN, watches: watched },
  });
  const last = practice.stages.at(-1)?.id;
  const start = new Notes(startAt);
  start.write({ type: 'started', name, milkName, ...frozenWhole(planned) }, 0);
  for (const one of notes) {
    const { event, minute } = noted(practice, one);
    start.write(event, minute);
  }
  log.write(
    { type: 'finished', weighedKg: roundTo(standing(practice)?.yieldKg ?? 0, 2) },
    practice.pot.minute,
  );
  const events = [...start.events, ...log.events]
    // The weighing ends the last stage.
    .filter((event) => event.at <= until && !(event.type === 'done' && event.stage === last))
    .sort((a, b) => a.at - b.at)
    .map((event, seq) => ({ ...event, seq }));
  return { events, endsAt: Math.round(startAt + practice.pot.minute * 60_000) };
}
