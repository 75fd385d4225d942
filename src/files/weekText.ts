import { wallMinutes, wallTimeOf } from '../core/units/wallTime';
import type { WeekPlan } from '../schedule/weekFile';
import { type Entry, floatingCalendar } from './calendar';
import { written } from './csv';

type Placed = WeekPlan['placed'][number];
const DAYS = ['Thursday', 'Friday', 'Saturday', 'Sunday', 'Monday', 'Tuesday', 'Wednesday'] as const;

/** When a stage of a placed make begins and ends, on the wall. */
const stageAt = ({ start }: Placed, minute: number): string =>
  wallTimeOf((wallMinutes(start) ?? 0) + Math.round(minute));
const dayOf = (wall: string): string => {
  const days = Math.floor((wallMinutes(wall) ?? 0) / 1440);
  return `${DAYS[((days % 7) + 7) % 7]} ${wall.slice(0, 10)}`;
};

/** Every beginning of a stage and every end of a make, in the order of the clock. */
function moments({ placed }: WeekPlan): { at: string; text: string }[] {
  return placed
    .flatMap((make) => [
      ...make.stages.map((stage, i) => ({
        at: stageAt(make, stage.startMin),
        text: `${make.id}: ${i === 0 && make.pot ? `in the pot ${make.pot}, ` : ''}${stage.id}`,
      })),
      { at: make.readyAt, text: `${make.id}: ready` },
    ])
    .sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
}

/** A week on paper: day by day what begins when, and what is left. */
export function weekMarkdown(week: WeekPlan): string {
  const days = new Map<string, { at: string; text: string }[]>();
  for (const moment of moments(week)) {
    const day = dayOf(moment.at);
    days.set(day, [...(days.get(day) ?? []), moment]);
  }
  return [
    '# The week',
    ...[...days].flatMap(([day, of]) => [
      '',
      `## ${day}`,
      '',
      ...of.map(({ at, text }) => `- ${at.slice(11)} ${text}`),
    ]),
    ...(week.left.length > 0
      ? ['', '## Left', '', ...week.left.map(({ id, because }) => `- ${id}: ${because}`)]
      : []),
    '',
  ].join('\n');
}

/** A week as a table, one stage a row. */
export const weekCsv = ({ placed }: WeekPlan): string =>
  written(
    placed.flatMap((make) =>
      make.stages.map(({ id, startMin, durationMin }) => ({
        make: make.id,
        pot: make.pot,
        stage: id,
        begins: stageAt(make, startMin),
        ends: stageAt(make, startMin + durationMin),
        'duration (min)': durationMin,
      })),
    ),
  );

/** A week as a calendar with alarms: each stage, by the clock of whoever reads it. */
export const weekCalendar = ({ placed }: WeekPlan): string =>
  floatingCalendar(
    'The week',
    placed.flatMap((make): Entry[] =>
      make.stages.map(({ id, startMin, durationMin }) => ({
        id: `${make.id}-${id}`,
        title: `${make.id}, ${id}`,
        text: make.pot ? `In the pot ${make.pot}.` : '',
        begins: stageAt(make, startMin),
        ends: stageAt(make, Math.max(startMin + 1, startMin + durationMin)),
      })),
    ),
  );
