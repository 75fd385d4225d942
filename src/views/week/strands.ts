import { format as formatDate, parseISO } from 'date-fns';
import { wallMinutes } from '../../core/units/wallTime';
import { handsIn } from '../../plan/placing/demand';
import { DAYS, WALL, type WeekHere } from './useWeek';

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

/** A stage of a make that is placed or runs: minutes from the first day, with what it has and when it wants hands. */
export interface StageOnWall {
  make: string;
  name: string;
  runs: boolean;
  stage: string;
  title: string;
  from: number;
  to: number;
  hands: readonly (readonly [from: number, to: number])[];
  uses: readonly string[];
  pot: string | null;
}

/** Every stage of what runs and of what is placed, where it stands. */
export function stagesOn({ asked, plans, running, laid, firstDay }: WeekHere): StageOnWall[] {
  const first = wallMinutes(firstDay) ?? 0;
  const placed = (laid?.placed ?? []).flatMap((one) => {
    const found = plans.find(({ wish }) => wish.id === one.id);
    const start = (wallMinutes(one.start) ?? 0) - first;
    return (found?.planned?.plan.stages ?? []).flatMap((stage, i): StageOnWall[] => {
      const at = one.stages[i];
      if (!at) return [];
      const from = start + at.startMin;
      const of = { likelyMin: stage.durationMin.likely, hands: stage.hands ?? [] };
      return [
        {
          make: one.id,
          name: found?.wish.name ?? '',
          runs: false,
          stage: stage.id,
          title: stage.title,
          from,
          to: from + at.durationMin,
          hands: handsIn(of, at.durationMin).map(([a, b]) => [from + a, from + b] as const),
          uses: stage.uses ?? [],
          pot: one.pot,
        },
      ];
    });
  });
  const runs = running.flatMap(({ id, demand, fromMin, pot }) => {
    let at = (wallMinutes(formatDate(fromMin * 60_000, WALL)) ?? 0) - first;
    return demand.stages.map((stage, i): StageOnWall => {
      const from = at;
      at += stage.likelyMin;
      const inPot = demand.pot !== null && i >= demand.pot.first && i <= demand.pot.last;
      return {
        make: id,
        name: asked.names[id] ?? '',
        runs: true,
        stage: stage.id,
        title: stage.title,
        from,
        to: at,
        hands: stage.hands.map(([a, b]) => [from + a, from + b] as const),
        uses: [...stage.uses, ...(inPot ? ['pot'] : [])],
        pot,
      };
    });
  });
  return [...runs, ...placed];
}

/** What stands on the wall, make by make. */
export function onWall(here: WeekHere): OnWall[] {
  const makes = new Map<string, StageOnWall[]>();
  for (const stage of stagesOn(here)) makes.set(stage.make, [...(makes.get(stage.make) ?? []), stage]);
  return [...makes].map(([id, stages]): OnWall => {
    const wish = here.plans.find((one) => one.wish.id === id)?.wish;
    return {
      id,
      name: stages[0]?.name ?? '',
      startMin: stages[0]?.from ?? 0,
      endMin: stages.at(-1)?.to ?? 0,
      hands: stages.flatMap(({ hands }) => hands),
      pinned: wish?.pinned != null,
      runs: stages[0]?.runs ?? false,
    };
  });
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
