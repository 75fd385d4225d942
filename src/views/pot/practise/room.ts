import { z } from 'zod';
import type { Fault } from '../../../core/faults/fault';
import { parse } from '../../../core/faults/zodFaults';
import { METHODS, type MethodBook } from '../../../makes';
import { type Brief, briefSchema } from '../../../plan/brief/schema';
import { act, settle } from '../../../sim/practice/acts';
import { beginPractice, type Practice } from '../../../sim/practice/batch';
import { elapse } from '../../../sim/practice/elapse';
import { hiddenOf, TROUBLE_IDS, type TroubleId } from '../../../sim/practice/hidden';
import { type Deed, type Move, moveSchema } from '../../../sim/practice/moves';
import { look, readsC } from '../../../sim/practice/senses';
import { missed } from './missed';

/** What is practised: a brief on a pot with these quirks. */
export interface Asked {
  title: string;
  brief: Brief;
  seed?: number | undefined;
  troubles: readonly TroubleId[];
}

const keptSchema = z.object({
  title: z.string().max(200),
  brief: briefSchema,
  seed: z.int().min(0).optional(),
  troubles: z.array(z.enum(TROUBLE_IDS)),
  moves: z.array(moveSchema).max(20_000),
  minute: z.number().min(0),
  makeId: z.string().min(8).max(64),
  startMs: z.number(),
});
export type Kept = z.infer<typeof keptSchema>;

/** How many minutes of practice go by in one of the kitchen's. */
export const SPEEDS = [1, 10, 60, 600] as const;
export type Speed = (typeof SPEEDS)[number];

/** The thermometer is read anew so often, ms. */
const READ_EVERY_MS = 350;
/** What was done is kept this often while time goes by, ms. */
const KEEP_EVERY_MS = 2000;
/** A step as time is skipped, and how far where nothing is due, min. */
const SKIP_MIN = 0.25;
const A_WHILE_MIN = 10;
const DUE = 'What the plan waited for is due.';
/** Near enough to its heat to look up, °C. */
const NEAR_C = 0.6;

/** A pot that nobody has met before, by the moment. */
export const seedOf = (wallMs: number): number => Math.floor(wallMs / 1000) % 1_000_000;

/** Where a practice is kept, so that a reload goes on with it. */
export interface Shelf {
  getItem(key: string): string | null;
  setItem(key: string, value: string): void;
  removeItem(key: string): void;
}
export const KEPT_KEY = 'practice';

/** What was kept of a practice; null where there is nothing that can be read. */
export function keptIn(shelf: Shelf): Kept | null {
  const text = shelf.getItem(KEPT_KEY);
  if (text === null) return null;
  try {
    const read = parse<Kept>(keptSchema as z.ZodType<Kept>, JSON.parse(text));
    return read.ok ? read.value : null;
  } catch {
    return null;
  }
}

/** A practice pot with a clock that one may hasten: who draws it listens. */
export class Room {
  readonly moves: Move[] = [];
  practice: Practice;
  running = false;
  speed: Speed = 60;
  /** Why the clock stopped by itself. */
  stopped: string | null = null;
  /** Minute at which what the plan waits for is due; null where nothing is. */
  dueMin: number | null = null;
  readingC: number;
  private listeners = new Set<() => void>();
  private version = 0;
  private readAt = 0;
  private keptAt = 0;
  private seen = { near: '', bowl: false };

  constructor(
    readonly asked: Asked,
    readonly makeId: string,
    readonly startMs: number,
    private readonly shelf: Shelf,
    begun: Practice,
  ) {
    this.practice = begun;
    this.readingC = readsC(begun);
  }

  get nowMs(): number {
    return this.startMs + this.practice.pot.minute * 60_000;
  }

  readonly listen = (heard: () => void): (() => void) => {
    this.listeners.add(heard);
    return () => this.listeners.delete(heard);
  };
  readonly turn = (): number => this.version;

  private tell() {
    this.version++;
    for (const heard of this.listeners) heard();
  }

  /** Lets time go by at once until something has to be decided; a while, where nothing is due. */
  skip(): void {
    this.running = true;
    this.stopped = null;
    const due = this.dueMin !== null && this.dueMin > this.practice.pot.minute ? this.dueMin : null;
    const until = due ?? this.practice.pot.minute + A_WHILE_MIN;
    while (this.running && !this.practice.over && this.practice.pot.minute < until - 1e-9)
      this.goOn(Math.min(SKIP_MIN, until - this.practice.pot.minute), true);
    if (this.running) this.stop(due === null ? 'A while has gone by.' : DUE);
  }

  /** One deed now; what cannot be done is said. */
  act(deed: Deed): Fault | null {
    const move = { atMin: this.practice.pot.minute, ...deed } as Move;
    const done = act(this.practice, deed);
    if (done.ok) this.moves.push(move);
    this.readingC = readsC(this.practice);
    this.keep();
    this.tell();
    return done.ok ? null : (done.faults[0] ?? null);
  }

  hasten(speed: Speed): void {
    this.speed = speed;
    this.tell();
  }

  start(): void {
    this.running = true;
    this.stopped = null;
    this.tell();
  }

  stop(why: string | null = null): void {
    this.running = false;
    this.stopped = why;
    this.keep();
    this.tell();
  }

  /** Lets the time of one frame go by, `ms` of the kitchen's; stops where something has to be decided. */
  frame(ms: number, at: number): void {
    if (!this.running || this.practice.over) return;
    const reads = at - this.readAt > READ_EVERY_MS || this.speed > 60;
    if (reads) this.readAt = at;
    this.goOn((ms / 60_000) * this.speed, reads);
    if (!this.running) return;
    if (at - this.keptAt > KEEP_EVERY_MS) {
      this.keptAt = at;
      this.keep();
    }
    this.tell();
  }

  /** So many minutes of practice, or as far as something that is due; stops where something has to be decided. */
  private goOn(minutes: number, reads: boolean): void {
    const due = this.dueMin === null ? Number.POSITIVE_INFINITY : this.dueMin - this.practice.pot.minute;
    const goes = due > 0 ? Math.min(minutes, due) : minutes;
    elapse(this.practice, goes);
    if (reads) this.readingC = readsC(this.practice);
    const why = due > 0 && goes >= due - 1e-9 ? DUE : this.decision();
    if (why) this.stop(why);
  }

  /** Something that shows by itself and wants somebody: the heat is there, the bowl stands. */
  private decision(): string | null {
    const { practice } = this;
    const planned = practice.planned.plan.stages[practice.at];
    const span = practice.spans[practice.at];
    const rises = (span?.course[0]?.[1] ?? 0) < (planned?.targetC ?? 0);
    const near =
      planned?.targetC !== null &&
      planned !== undefined &&
      (rises ? this.readingC >= planned.targetC - NEAR_C : this.readingC <= planned.targetC + NEAR_C);
    if (
      planned &&
      near &&
      this.seen.near !== planned.id &&
      practice.stages[practice.at]?.kind.endedBy === 'temperature'
    ) {
      this.seen.near = planned.id;
      return 'It is nearly at its heat.';
    }
    if (!this.seen.bowl && look(practice).bowl === 'stopped') {
      this.seen.bowl = true;
      return 'The bowl stands still.';
    }
    return null;
  }

  private keep(): void {
    const { title, brief, seed, troubles } = this.asked;
    const kept: Kept = {
      title,
      brief,
      ...(seed !== undefined && { seed }),
      troubles: [...troubles],
      moves: this.moves,
      minute: this.practice.pot.minute,
      makeId: this.makeId,
      startMs: this.startMs,
    };
    try {
      this.shelf.setItem(KEPT_KEY, JSON.stringify(kept));
    } catch {
      // A full or closed shelf: the practice goes on, and is gone with the page.
    }
  }

  /** On to the next stage, as the pad is; what was left undone on the bench is said. */
  goToNext(): string | null {
    const from = this.moves.findLastIndex((one) => one.do === 'next') + 1;
    const left = missed(this.practice, this.moves.slice(from));
    this.act({ do: 'next' });
    return left;
  }

  /** The make is over on the pad: whatever stages are left are over here too. */
  end(): void {
    for (let left = this.practice.stages.length; left > 0 && !this.practice.over; left--)
      this.act({ do: 'next' });
    this.running = false;
    this.tell();
  }

  /** Enough of it: it is worth what stands there. */
  giveUp(): void {
    settle(this.practice);
    this.practice.over = true;
    this.stop();
  }

  forget(): void {
    this.shelf.removeItem(KEPT_KEY);
  }
}

/** A new practice; the fault where its brief cannot be made. */
export function newRoom(
  asked: Asked,
  makeId: string,
  startMs: number,
  shelf: Shelf,
  methods: MethodBook = METHODS,
): Room | Fault {
  const begun = beginPractice(asked.brief, hiddenOf(asked), asked.seed, methods);
  if (!begun.ok) return begun.faults[0] as Fault;
  return new Room(asked, makeId, startMs, shelf, begun.value);
}

/** A practice as it was kept, with every move made again; null where it cannot be. */
export function roomAgain(kept: Kept, shelf: Shelf, methods: MethodBook = METHODS): Room | null {
  const { title, brief, seed, troubles, moves, minute, makeId, startMs } = kept;
  const room = newRoom({ title, brief: brief as Brief, seed, troubles }, makeId, startMs, shelf, methods);
  if (!(room instanceof Room)) return null;
  const { practice } = room;
  for (const move of moves) {
    if (move.atMin > practice.pot.minute) elapse(practice, move.atMin - practice.pot.minute);
    act(practice, move);
    room.moves.push(move);
  }
  if (minute > practice.pot.minute) elapse(practice, minute - practice.pot.minute);
  room.readingC = readsC(practice);
  return room;
}
