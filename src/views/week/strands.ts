import { format as formatDate, parseISO } from 'date-fns';
import { wallMinutes } from '../../core/units/wallTime';
import { handsIn } from '../../schedule/demand';
import type { WeekPlan } from '../../schedule/weekFile';
import { DAYS, type WeekHere } from './useWeek';

export const DAY_MIN = 1440;

/** A make on the wall: when it runs, when hands are wanted, and whether it may be moved. */
export interface OnWall {
  id: string;
  name: string;
  startMin: number;
  endMin: number;
  hands: readonly (readonly [number, number])[];
  pinned: boolean;
  runs: boolean;
}

/** What stands on the wall: the makes that run, and the wishes that are placed; minutes count from the first day. */
export function onWall(
  { plans, running, laid, firstDay }: WeekHere,
  names: ReadonlyMap<string, string>,
): OnWall[] {
  const from = wallMinutes(firstDay) ?? 0;
  const placed = (laid?.placed ?? []).flatMap((one: WeekPlan['placed'][number]): OnWall[] => {
    const found = plans.find(({ wish }) => wish.id === one.id);
    const demand = found?.planned?.plan.stages;
    if (!found || !demand) return [];
    const startMin = (wallMinutes(one.start) ?? 0) - from;
    const hands = one.stages.flatMap(({ startMin: at, durationMin }, i) => {
      const stage = demand[i];
      if (!stage) return [];
      const of = { likelyMin: stage.durationMin.likely, hands: stage.hands ?? [] };
      return handsIn(of, durationMin).map(([a, b]) => [startMin + at + a, startMin + at + b] as const);
    });
    const last = one.stages.at(-1);
    return [
      {
        id: one.id,
        name: found.wish.name,
        startMin,
        endMin: startMin + (last ? last.startMin + last.durationMin : 0),
        hands,
        pinned: found.wish.pinned !== null,
        runs: false,
      },
    ];
  });
  const runs = running.map(({ id, demand, fromMin }): OnWall => {
    const startMin = (wallMinutes(formatDate(fromMin * 60_000, "yyyy-MM-dd'T'HH:mm")) ?? 0) - from;
    let at = startMin;
    const hands: (readonly [number, number])[] = [];
    for (const stage of demand.stages) {
      for (const [a, b] of stage.hands) hands.push([at + a, at + b]);
      at += stage.likelyMin;
    }
    return { id, name: names.get(id) ?? '', startMin, endMin: at, hands, pinned: false, runs: true };
  });
  return [...runs, ...placed];
}

/** Strands that run at the same time lie beside one another. */
export function lanesOf(all: readonly OnWall[]): Map<string, number> {
  const ends: number[] = [];
  const lanes = new Map<string, number>();
  for (const one of [...all].sort((a, b) => a.startMin - b.startMin)) {
    const free = ends.findIndex((end) => end <= one.startMin);
    const lane = free < 0 ? ends.length : free;
    ends[lane] = one.endMin;
    lanes.set(one.id, lane);
  }
  return lanes;
}

/** A stretch of minutes by the days it runs through: [day, from, to] within it. */
export function byDay(from: number, to: number): [day: number, from: number, to: number][] {
  const found: [number, number, number][] = [];
  for (let day = Math.max(0, Math.floor(from / DAY_MIN)); day < DAYS && day * DAY_MIN < to; day++) {
    const [a, b] = [Math.max(from, day * DAY_MIN), Math.min(to, (day + 1) * DAY_MIN)];
    if (b > a) found.push([day, a - day * DAY_MIN, b - day * DAY_MIN]);
  }
  return found;
}

/** A wall time as one says it. */
export const readable = (wall: string): string => formatDate(parseISO(wall), 'EEE HH:mm');

/** Spells in which nobody is there, minutes from the first day. */
export function spellsOf({ asked, firstDay }: WeekHere): [number, number][] {
  const from = wallMinutes(firstDay) ?? 0;
  const spells = (asked.away ?? []).map(({ from: a, to: b }): [number, number] => [
    (wallMinutes(a) ?? 0) - from,
    (wallMinutes(b) ?? 0) - from,
  ]);
  const minute = (text: string) => Number(text.slice(0, 2)) * 60 + Number(text.slice(3));
  if (!asked.asleep) return spells;
  const [down, up] = [minute(asked.asleep.from), minute(asked.asleep.to)];
  if (down === up) return spells;
  for (let day = -1; day < DAYS; day++)
    spells.push([day * DAY_MIN + down, day * DAY_MIN + (up > down ? up : up + DAY_MIN)]);
  return spells;
}
