import { bad, good, type Result } from '../core/faults/fault';
import { isoUtc, wallMinutes, wallTimeOf } from '../core/units/wallTime';
import { methodById } from '../makes';
import type { Plan } from '../plan/schema';
import { expectedEnd } from '../run/expect';
import { isOver, type MakeState } from '../run/state';

/** How long before a stage its alarm rings, min. */
const RINGS_BEFORE_MIN = 2;
const MOST_OCTETS = 75;

const escaped = (text: string) =>
  text
    .replaceAll('\u00a0', ' ')
    .replace(/[\\;,]/g, '\\$&')
    .replace(/\r?\n/g, '\\n');

/** Folds a content line at 75 octets (RFC 5545, 3.1), never inside a character. */
function folded(line: string): string {
  const encoder = new TextEncoder();
  const parts: string[] = [];
  let part = '';
  let octets = 0;
  for (const character of line) {
    const size = encoder.encode(character).length;
    if (octets + size > MOST_OCTETS) {
      parts.push(part);
      part = ' ';
      octets = 1;
    }
    part += character;
    octets += size;
  }
  return [...parts, part].join('\r\n');
}

interface Entry {
  id: string;
  title: string;
  text: string;
  begins: string;
  ends: string;
}

function calendar(name: string, stamp: string, entries: readonly Entry[]): string {
  const lines = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Plump Pail//Plump Pail 1//EN',
    ...entries.flatMap((entry) => [
      'BEGIN:VEVENT',
      `UID:${entry.id}@plump-pail`,
      `DTSTAMP:${stamp}`,
      `DTSTART:${entry.begins}`,
      `DTEND:${entry.ends}`,
      `SUMMARY:${escaped(`${name}: ${entry.title}`)}`,
      `DESCRIPTION:${escaped(entry.text)}`,
      'BEGIN:VALARM',
      'ACTION:DISPLAY',
      `DESCRIPTION:${escaped(`${name}: ${entry.title}`)}`,
      `TRIGGER:-PT${RINGS_BEFORE_MIN}M`,
      'END:VALARM',
      'END:VEVENT',
    ]),
    'END:VCALENDAR',
  ];
  return `${lines.map(folded).join('\r\n')}\r\n`;
}

/** "2026-11-27T09:05" or "2026-11-27T09:05:07Z" as RFC 5545 writes it. */
const stampOf = (iso: string) => {
  const bare = iso.replace(/[-:]/g, '');
  return /T\d{4}$/.test(bare) ? `${bare}00` : bare;
};

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
      begins: stampOf(begins),
      ends: stampOf(ends),
    }));

/**
 * A plan as a calendar (RFC 5545): each hands-on moment an event with an alarm, in local time without a zone. A plan that
 * says neither when it starts nor when it is ready has no place in one.
 */
export function planCalendar(plan: Plan): Result<string> {
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
  const at = (minute: number) => wallTimeOf(first + minute);
  const name = methodById(plan.method)?.title ?? plan.method;
  const stages = plan.stages.map((stage) => ({
    stage,
    begins: at(stage.startMin),
    ends: at(stage.startMin + Math.max(1, stage.durationMin.likely)),
  }));
  return good(
    calendar(name, `${stampOf(at(0))}Z`, entriesOf(plan, stages, `${plan.method}-${stampOf(at(0))}`)),
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
  return calendar(state.name, stampOf(isoUtc(state.startedAt)), entriesOf(state.plan, stages, id));
}
