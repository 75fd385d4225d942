import { addDays, format as formatDate, parseISO } from 'date-fns';
import { useRef, useState } from 'react';
import { wallMinutes, wallTimeOf } from '../../core/units/wallTime';
import { handsIn } from '../../schedule/demand';
import type { WeekPlan } from '../../schedule/weekFile';
import { useWidth } from '../../ui/charts/useWidth';
import { DAYS, type WeekHere } from './useWeek';

const HOUR = 24;
const TOP = 30;
const LEFT = 46;
const STEP_MIN = 5;
const HOUR_STEPS = 12;
const DAY_MIN = 1440;
const LANE = 17;

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
      const of = {
        id: stage.id,
        title: stage.title,
        likelyMin: stage.durationMin.likely,
        lessSteps: 0,
        moreSteps: 0,
        hands: stage.hands ?? [],
        uses: [],
      };
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
function lanesOf(all: readonly OnWall[]): Map<string, number> {
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
function byDay(from: number, to: number): [day: number, from: number, to: number][] {
  const found: [number, number, number][] = [];
  for (let day = Math.max(0, Math.floor(from / DAY_MIN)); day < DAYS && day * DAY_MIN < to; day++) {
    const [a, b] = [Math.max(from, day * DAY_MIN), Math.min(to, (day + 1) * DAY_MIN)];
    if (b > a) found.push([day, a - day * DAY_MIN, b - day * DAY_MIN]);
  }
  return found;
}

/** Seven days as columns of one wall, hours down: each make a strand, thick where hands are wanted, thin where it waits. */
export function Wall({
  here,
  strands,
  now,
  chosen,
  breaks,
  onChoose,
  onMove,
}: {
  here: WeekHere;
  strands: readonly OnWall[];
  now: number;
  chosen: string | null;
  /** What a make would break at a start, wall minutes. */
  breaks(id: string, start: number): string;
  onChoose(id: string): void;
  /** Puts a make to another start, a wall time. */
  onMove(id: string, start: string): void;
}) {
  const [ref, width] = useWidth<HTMLDivElement>(980);
  const drag = useRef<{ id: string; x: number; y: number } | null>(null);
  const [ghost, setGhost] = useState<{ id: string; startMin: number } | null>(null);
  const first = parseISO(here.firstDay);
  const from = wallMinutes(here.firstDay) ?? 0;
  const dayWidth = (width - LEFT) / DAYS;
  const height = TOP + 24 * HOUR + 6;
  const lanes = lanesOf(strands);
  const x = (day: number, lane: number) =>
    LEFT + day * dayWidth + 12 + ((lane * LANE) % Math.max(LANE, dayWidth - 24));
  const y = (minute: number) => TOP + (minute / 60) * HOUR;
  const nowMin = (wallMinutes(formatDate(now, "yyyy-MM-dd'T'HH:mm")) ?? 0) - from;
  const moved = (strand: OnWall, event: React.PointerEvent) => {
    const begun = drag.current;
    if (!begun) return strand.startMin;
    const days = Math.round((event.clientX - begun.x) / dayWidth);
    const minutes = Math.round((((event.clientY - begun.y) / HOUR) * 60) / STEP_MIN) * STEP_MIN;
    return strand.startMin + days * DAY_MIN + minutes;
  };
  const toWall = (minute: number) => wallTimeOf(from + minute);
  const spells = spellsOf(here);
  return (
    <section ref={ref} aria-label="The wall" className="relative w-full overflow-hidden select-none">
      <svg width={width} height={height} aria-hidden="true" className="block">
        <defs>
          <pattern
            id="nobody"
            width="8"
            height="8"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <path d="M0 0v8" stroke="var(--rim-soft)" strokeWidth="1.5" opacity="0.6" />
          </pattern>
        </defs>
        {Array.from({ length: DAYS }, (_, day) => (
          <g key={formatDate(addDays(first, day), 'd MMM')}>
            <rect
              x={LEFT + day * dayWidth}
              y={TOP}
              width={dayWidth - 3}
              height={24 * HOUR}
              rx={8}
              fill="var(--plate)"
              stroke="var(--rim-soft)"
            />
            <text x={LEFT + day * dayWidth + 6} y={20} fontSize={16} fontWeight={600} fill="var(--ink)">
              {formatDate(addDays(first, day), dayWidth > 90 ? 'EEE d MMM' : 'EEEEE d')}
            </text>
          </g>
        ))}
        {[6, 12, 18].map((hour) => (
          <g key={hour}>
            <text x={LEFT - 6} y={y(hour * 60) + 5} textAnchor="end" fontSize={14} fill="var(--ink-soft)">
              {hour}:00
            </text>
            <path d={`M${LEFT} ${y(hour * 60)}H${width}`} stroke="var(--rim-soft)" strokeDasharray="2 6" />
          </g>
        ))}
        {spells.flatMap(([a, b]) =>
          byDay(a, b).map(([day, p, q]) => (
            <rect
              key={`${day} ${p}`}
              x={LEFT + day * dayWidth}
              y={y(p)}
              width={dayWidth - 3}
              height={y(q) - y(p)}
              fill="url(#nobody)"
            />
          )),
        )}
        {nowMin >= 0 && nowMin < DAYS * DAY_MIN && (
          <path
            d={`M${LEFT + Math.floor(nowMin / DAY_MIN) * dayWidth} ${y(nowMin % DAY_MIN)}h${dayWidth - 3}`}
            stroke="var(--now-edge)"
            strokeWidth={3}
          />
        )}
      </svg>
      {strands.map((strand) => (
        <Strand
          key={strand.id}
          strand={strand}
          off={ghost?.id === strand.id ? ghost.startMin - strand.startMin : 0}
          chosen={chosen === strand.id}
          x={(day) => x(day, lanes.get(strand.id) ?? 0)}
          y={y}
          roomPx={dayWidth - 28 - (lanes.get(strand.id) ?? 0) * LANE}
          says={`${strand.name}, from ${readable(toWall(strand.startMin))}, ready ${readable(toWall(strand.endMin))}${strand.pinned ? ', pinned' : ''}${strand.runs ? ', under way' : ''}`}
          onChoose={() => onChoose(strand.id)}
          onNudge={(by) => onMove(strand.id, toWall(strand.startMin + by))}
          onPull={(event, phase) => {
            if (phase === 'begin') drag.current = { id: strand.id, x: event.clientX, y: event.clientY };
            if (drag.current?.id !== strand.id) return;
            const to = moved(strand, event);
            if (phase === 'go') setGhost({ id: strand.id, startMin: to });
            if (phase === 'end' || phase === 'drop') {
              drag.current = null;
              setGhost(null);
            }
            if (phase === 'end' && to !== strand.startMin) onMove(strand.id, toWall(to));
          }}
        />
      ))}
      {ghost && (
        <p
          role="status"
          className="absolute top-8 right-2 max-w-[24rem] rounded-xl border-2 border-rim bg-plate px-3 py-1.5 text-[16px]"
        >
          {readable(toWall(ghost.startMin))}
          {breaks(ghost.id, from + ghost.startMin)
            ? `: ${breaks(ghost.id, from + ghost.startMin)}`
            : ': fits'}
        </p>
      )}
    </section>
  );
}

/** How far a key moves a strand, min. */
const NUDGES: Readonly<Record<string, number>> = {
  ArrowUp: -STEP_MIN,
  ArrowDown: STEP_MIN,
  ArrowLeft: -DAY_MIN,
  ArrowRight: DAY_MIN,
};

/** One make: a button that runs through its days, to be pulled, or moved by the arrow keys. */
function Strand({
  strand,
  off,
  chosen,
  x,
  y,
  roomPx,
  says,
  onChoose,
  onNudge,
  onPull,
}: {
  strand: OnWall;
  off: number;
  chosen: boolean;
  x(day: number): number;
  y(minute: number): number;
  roomPx: number;
  says: string;
  onChoose(): void;
  onNudge(byMin: number): void;
  onPull(event: React.PointerEvent, phase: 'begin' | 'go' | 'end' | 'drop'): void;
}) {
  const colour = strand.runs ? 'bg-now-edge' : 'bg-enamel';
  const days = byDay(strand.startMin + off, strand.endMin + off);
  const [first] = days;
  return (
    <button
      type="button"
      aria-label={says}
      aria-pressed={chosen}
      className="group pointer-events-none absolute inset-0 block outline-none"
      onClick={onChoose}
      onKeyDown={(event) => {
        const by = NUDGES[event.key];
        if (by === undefined || strand.runs) return;
        event.preventDefault();
        onChoose();
        onNudge(event.shiftKey && Math.abs(by) === STEP_MIN ? by * HOUR_STEPS : by);
      }}
      onPointerDown={(event) => {
        if (strand.runs) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        onPull(event, 'begin');
      }}
      onPointerMove={(event) => onPull(event, 'go')}
      onPointerUp={(event) => onPull(event, 'end')}
      onPointerCancel={(event) => onPull(event, 'drop')}
    >
      {days.map(([day, a, b]) => (
        <span
          key={day}
          className={`pointer-events-auto absolute flex w-[22px] cursor-grab touch-none justify-center rounded-full group-focus-visible:bg-now ${chosen ? 'bg-now' : ''}`}
          style={{ left: x(day) - 11, top: y(a) - 4, height: y(b) - y(a) + 8 }}
        >
          <span className={`my-1 w-[5px] rounded-full ${colour}`} />
        </span>
      ))}
      {strand.hands.flatMap(([a, b]) =>
        byDay(a + off, b + off).map(([day, p, q]) => (
          <span
            key={`${day} ${p}`}
            className={`absolute w-[14px] rounded-[3px] ${colour}`}
            style={{ left: x(day) - 7, top: y(p), height: Math.max(2.5, y(q) - y(p)) }}
          />
        )),
      )}
      {strand.pinned && first && (
        <span
          className="absolute size-3 rounded-full border-2 border-rim bg-now"
          style={{ left: x(first[0]) - 6, top: y(first[1]) - 6 }}
        />
      )}
      {first && (
        <span
          className="absolute truncate rounded bg-plate/80 px-1 text-[14px] font-semibold text-ink"
          style={{ left: x(first[0]) + 12, top: y(first[1]) - 3, maxWidth: Math.max(40, roomPx) }}
        >
          {strand.name.split(',')[0]}
        </span>
      )}
    </button>
  );
}

/** A wall time as one says it. */
export const readable = (wall: string): string => formatDate(parseISO(wall), 'EEE HH:mm');

/** Spells in which nobody is there, minutes from the first day. */
function spellsOf({ asked, firstDay }: WeekHere): [number, number][] {
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
