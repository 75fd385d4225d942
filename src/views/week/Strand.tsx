import { byDay, DAY_MIN, type OnWall } from './strands';

/** Moves are in steps of this, min, and by the hour in so many of them. */
export const STEP_MIN = 5;
const HOUR_STEPS = 12;

/** How far a key moves a strand, min. */
const NUDGES: Readonly<Record<string, number>> = {
  ArrowUp: -STEP_MIN,
  ArrowDown: STEP_MIN,
  ArrowLeft: -DAY_MIN,
  ArrowRight: DAY_MIN,
};

/** One make: a button that runs through its days, to be pulled, or moved by the arrow keys. */
export function Strand({
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
          className="absolute rounded bg-plate/80 px-1 text-left text-[14px] leading-tight font-semibold text-ink"
          style={{ left: x(first[0]) + 12, top: y(first[1]) - 3, maxWidth: Math.max(40, roomPx) }}
        >
          {strand.name.split(',')[0]}
        </span>
      )}
    </button>
  );
}
