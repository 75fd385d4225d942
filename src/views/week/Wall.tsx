import { addDays, format as formatDate, parseISO } from 'date-fns';
import { useRef, useState } from 'react';
import { wallMinutes, wallTimeOf } from '../../core/units/wallTime';
import { useWidth } from '../../ui/charts/useWidth';
import { STEP_MIN, Strand } from './Strand';
import { byDay, DAY_MIN, lanesOf, type OnWall, readable, spellsOf } from './strands';
import { DAYS, type WeekHere } from './useWeek';

const HOUR = 24;
const TOP = 30;
const LEFT = 46;
const LANE = 17;

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
