import ical, { ICalAlarmType } from 'ical-generator';
import { bad, good, type Result } from '../core/faults/fault';
import { isoUtc, wallMinutes, wallTimeOf } from '../core/units/wallTime';
import { methodIn, type PlanOf } from '../plan/planOf';
import type { Plan } from '../plan/schema';
import { expectedEnd } from '../run/expect';
import { isOver, type MakeState } from '../run/state';

/** How long before a stage its alarm rings, min. */
const RINGS_BEFORE_MIN = 2;

/** What happens from one moment to another, both as ISO 8601 in UTC; a floating one is of whatever clock reads it. */
export interface Entry {
  id: string;
  title: string;
  text: string;
  begins: string;
  ends: string;
}

/** Control characters, line breaks aside, mean nothing in a calendar. */
const CONTROLS = /(?![\r\n])\p{Cc}/gu;
const clean = (text: string) => text.replaceAll('\u00a0', ' ').replace(CONTROLS, ' ');

function calendar(name: string, stamp: string, floating: boolean, entries: readonly Entry[]): string {
  const made = ical({ prodId: { company: 'Plump Pail', product: 'Plump Pail 1' } });
  for (const entry of entries) {
    const summary = clean(`${name}: ${entry.title}`);
    made.createEvent({
      id: `${entry.id}@plump-pail`,
      stamp,
      floating,
      start: entry.begins,
      end: entry.ends,
      summary,
      description: clean(entry.text),
      alarms: [{ type: ICalAlarmType.display, triggerBefore: RINGS_BEFORE_MIN * 60, description: summary }],
    });
  }
  return `${made.toString()}\r\n`;
}

/** A calendar by the clock of whoever reads it: moments are wall times. */
export const floatingCalendar = (name: string, entries: readonly Entry[]): string =>
  calendar(
    name,
    `${entries[0]?.begins ?? '1970-01-01T00:00'}:00Z`,
    true,
    entries.map((entry) => ({ ...entry, begins: `${entry.begins}:00Z`, ends: `${entry.ends}:00Z` })),
  );

/** Each of these stages that wants hands, between its own two moments. */
const entriesOf = (
  plan: Plan,
  stages: readonly { stage: Plan['stages'][number]; begins: string; ends: string }[],
  id: string,
): Entry[] =>
  stages
    .filter(({ stage }) => stage.handsOnMin > 0)
    .map(({ stage, begins, ends }) => ({
      id: `${id}-${stage.id}`,
      title: stage.title,
      text: [
        `${Math.round(stage.handsOnMin)} min of hands.`,
        ...plan.cautions.filter((one) => one.stage === stage.id).map((one) => one.text),
      ].join('\n'),
      begins,
      ends,
    }));

/**
 * A plan as a calendar (RFC 5545): each hands-on moment an event with an alarm, in local time without a zone. A plan that
 * says neither when it starts nor when it is ready has no place in one.
 */
export function planCalendar(of: PlanOf): Result<string> {
  const { plan } = of;
  const total = plan.stages.reduce((sum, stage) => sum + stage.durationMin.likely, 0);
  const { start, readyBy } = plan.brief;
  const first =
    start !== undefined
      ? wallMinutes(start)
      : readyBy !== undefined
        ? (wallMinutes(readyBy) as number) - total
        : null;
  if (first === null)
    return bad({
      path: 'brief.start',
      problem: 'is missing',
      remedy: 'give start or readyBy in the brief, or there is nothing to put in a calendar',
    });
  const at = (minute: number) => `${wallTimeOf(first + minute)}:00Z`;
  const name = methodIn(of)?.title ?? plan.method;
  const stages = plan.stages.map((stage) => ({
    stage,
    begins: at(stage.startMin),
    ends: at(stage.startMin + Math.max(1, stage.durationMin.likely)),
  }));
  return good(
    calendar(name, at(0), true, entriesOf(plan, stages, `${plan.method}-${at(0).replace(/[-:]|Z$/g, '')}`)),
  );
}

/** A make as a calendar, in UTC: stages as they went, and those under way and to come as they stand by what has happened. */
export function makeCalendar(state: MakeState, id: string): string {
  const stageOf = (name: string) => state.plan.stages.find((stage) => stage.id === name);
  const gone = state.runs.flatMap(({ stage: name, startedAt, endedAt }) => {
    const stage = stageOf(name);
    return stage && endedAt !== null ? [{ stage, from: startedAt, to: endedAt }] : [];
  });
  const left = isOver(state) ? [] : state.plan.stages.slice(state.index);
  let at = state.stageStartedAt;
  const coming = left.map((stage, i) => {
    const from = at;
    at = i === 0 ? expectedEnd(state) : at + stage.durationMin.likely * 60_000;
    return { stage, from, to: at };
  });
  // A stage gone back to stands where it stood last.
  const stages = [...new Map([...gone, ...coming].map((one) => [one.stage.id, one])).values()].map(
    ({ stage, from, to }) => ({ stage, begins: isoUtc(from), ends: isoUtc(Math.max(to, from + 60_000)) }),
  );
  return calendar(state.name, isoUtc(state.startedAt), false, entriesOf(state.plan, stages, id));
}
