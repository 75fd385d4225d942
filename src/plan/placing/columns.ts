import { type Demand, GRID_MIN, type Shape, type Stretch, shapeOf, TOUCHES_MIN } from './demand';

/** One way to make it: a start, real minutes from the week's own, with its waits. */
export interface Column {
  startMin: number;
  endMin: number;
  shape: Shape;
  /** Minutes it is ready before it need be. */
  earlyMin: number;
}

/** When a make may stand, by its own hours alone: real minutes from the week's start. */
export interface Window {
  fromMin: number;
  /** It begins before this. */
  toMin: number;
  /** Its warming has begun by then; ready by then. */
  warmByMin: number;
  readyByMin: number;
}

const NEAR = 1e-6;
/** Ways of one make that are ever looked at; whoever has more is not proved to be the best. */
export const MOST_COLUMNS = 30_000;

/** Minutes in which nobody is there, counted up, so that a stretch is looked at in one step. */
export class Blocked {
  readonly #until: Int32Array;

  constructor(spells: readonly Stretch[], horizonMin: number) {
    const minutes = new Uint8Array(horizonMin + 1);
    for (const [from, to] of spells)
      for (let m = Math.max(0, Math.floor(from)); m < Math.min(horizonMin, to); m++) minutes[m] = 1;
    this.#until = new Int32Array(horizonMin + 2);
    for (let m = 0; m <= horizonMin; m++)
      this.#until[m + 1] = (this.#until[m] as number) + (minutes[m] as number);
  }

  free(from: number, to: number): boolean {
    const last = this.#until.length - 1;
    const a = Math.max(0, Math.min(last, Math.floor(from + NEAR)));
    const b = Math.max(a, Math.min(last, Math.ceil(to - NEAR)));
    return this.#until[b] === this.#until[a];
  }
}

/** A piece of a make that ends with a stage that can wait, and when hands are wanted in it: minutes from its beginning. */
interface Piece {
  baseMin: number;
  /** At these minutes however long it waits. */
  always: readonly Stretch[];
  /** Only where it is not cut so short that they fall away. */
  late: readonly Stretch[];
  /** At its end, wherever that comes to lie; as for the likely one. */
  atEnd: readonly Stretch[];
  /** Where its last stage begins, the one that can wait: hands at its end are wanted no earlier. */
  waitsFrom: number;
  /** The last piece waits for nothing. */
  waits: boolean;
  likelyMin: number;
  less: number;
  more: number;
}

function piecesOf({ stages }: Demand): Piece[] {
  const pieces: Piece[] = [];
  let base = 0;
  let at = 0;
  let always: Stretch[] = [];
  const close = (waits: boolean, of: Partial<Piece>) => {
    pieces.push({
      baseMin: base,
      always,
      late: [],
      atEnd: [],
      waitsFrom: 0,
      less: 0,
      more: 0,
      ...of,
      waits,
      likelyMin: at - base,
    });
    base = at;
    always = [];
  };
  for (const { hands, likelyMin, lessSteps, moreSteps } of stages) {
    const moved = hands.map(([from, to]): Stretch => [at - base + from, at - base + to]);
    const waits = lessSteps + moreSteps > 0;
    const sure = at - base + likelyMin - lessSteps * GRID_MIN;
    const end = at - base + likelyMin;
    const touches = ([, to]: Stretch) => waits && to >= end - TOUCHES_MIN;
    always.push(...moved.filter((one) => !touches(one) && (!waits || one[1] <= sure)));
    at += likelyMin;
    if (waits)
      close(true, {
        late: moved.filter((one) => !touches(one) && one[1] > sure),
        atEnd: moved.filter(touches),
        waitsFrom: at - likelyMin - base,
        less: lessSteps,
        more: moreSteps,
      });
  }
  close(false, {});
  return pieces;
}

const UNKNOWN = 32_767;
const NEVER = 32_766;

/**
 * Every way one make fits its own hours, the nearest to its likely durations first, and of those the freshest: reckoned tier by tier as
 * far as somebody looks. What has no way at all is told at once.
 */
export class Columns {
  readonly #demand: Demand;
  readonly #window: Window;
  readonly #blocked: Blocked;
  readonly #pieces: Piece[];
  readonly #found: Column[] = [];
  readonly #shapes = new Map<string, Shape>();
  readonly #best: Int16Array[];
  /** The most steps away that can be taken from each piece on. */
  readonly #reach: number[];
  /** The shortest that can be left from each piece on, min. */
  readonly #rest: number[];
  readonly #lowest: number;
  readonly #starts: [from: number, to: number];
  #tier = 0;
  #most = 0;
  /** Whether ways are left out because there are too many, and whether somebody has looked for one of them. */
  cut = false;
  missed = false;

  constructor(demand: Demand, window: Window, blocked: Blocked) {
    this.#demand = demand;
    this.#window = window;
    this.#blocked = blocked;
    this.#pieces = piecesOf(demand);
    const sum = (of: (piece: Piece) => number) => this.#pieces.reduce((total, piece) => total + of(piece), 0);
    const [less, more] = [sum((piece) => piece.less), sum((piece) => piece.more)];
    this.#most = less + more;
    const wholeMin = demand.stages.reduce((total, stage) => total + stage.likelyMin, 0);
    this.#rest = this.#pieces.map(
      ({ baseMin }, i) =>
        wholeMin - baseMin - GRID_MIN * this.#pieces.slice(i).reduce((total, piece) => total + piece.less, 0),
    );
    this.#reach = this.#pieces.map((_, i) =>
      this.#pieces.slice(i).reduce((total, piece) => total + Math.max(piece.less, piece.more), 0),
    );
    this.#starts = [
      Math.max(0, Math.ceil(window.fromMin / GRID_MIN - NEAR)),
      Math.ceil(window.toMin / GRID_MIN - NEAR) - 1,
    ];
    this.#lowest = this.#starts[0] - less;
    const size = Math.max(0, this.#starts[1] - this.#starts[0]) + less + more + 2;
    this.#best = this.#pieces.map(() => new Int16Array(size).fill(UNKNOWN));
  }

  /** The way at a place in the order; undefined past the last. */
  at(place: number): Column | undefined {
    while (place >= this.#found.length && this.#tier <= this.#most && !this.cut) this.#addTier();
    if (this.cut && place >= this.#found.length) this.missed = true;
    return this.#found[place];
  }

  /** How many ways there are at its likely durations. */
  get likely(): number {
    if (this.#tier === 0) this.#addTier();
    let many = 0;
    while (this.#found[many]?.shape.awayMin === 0) many += 1;
    return many;
  }

  /** The shape of steps by stage, made once. */
  #shape(steps: readonly number[]): Shape {
    const key = steps.join();
    const known = this.#shapes.get(key);
    if (known) return known;
    let piece = 0;
    const byStage = this.#demand.stages.map((stage) =>
      stage.lessSteps + stage.moreSteps > 0 ? (steps[piece++] ?? 0) : 0,
    );
    const shape = shapeOf(this.#demand, byStage);
    this.#shapes.set(key, shape);
    return shape;
  }

  #free(
    at: number,
    stretches: readonly Stretch[],
    by = 0,
    since = Number.NEGATIVE_INFINITY,
    until = Number.POSITIVE_INFINITY,
  ): boolean {
    for (const stretch of stretches) {
      const a = Math.max(stretch[0] + by, since);
      const b = Math.min(stretch[1] + by, until);
      if (b > a && !this.#blocked.free(at + a, at + b)) return false;
    }
    return true;
  }

  /** Whether a piece fits where it begins, `shift` steps from where it would for a start at nought, however long it waits. */
  #begins({ baseMin, always, waits, likelyMin }: Piece, shift: number): boolean {
    const at = baseMin + shift * GRID_MIN;
    return this.#free(at, always) && (waits || at + likelyMin <= this.#window.readyByMin + NEAR);
  }

  /** Whether it fits with so many steps of wait, where it begins well. */
  #waits({ baseMin, late, atEnd, waitsFrom, likelyMin }: Piece, shift: number, steps: number): boolean {
    const at = baseMin + shift * GRID_MIN;
    const by = steps * GRID_MIN;
    return this.#free(at, late, 0, 0, likelyMin + by) && this.#free(at, atEnd, by, waitsFrom);
  }

  /** The fewest steps away with which a make can be brought to its end from a piece on. */
  #fewest(index: number, shift: number): number {
    const table = this.#best[index] as Int16Array;
    const place = shift - this.#lowest;
    const known = table[place];
    if (known === undefined) return NEVER;
    if (known !== UNKNOWN) return known;
    const piece = this.#pieces[index] as Piece;
    let best = NEVER;
    // Too late already, however short the rest is kept.
    if (piece.baseMin + shift * GRID_MIN + (this.#rest[index] as number) > this.#window.readyByMin + NEAR)
      best = NEVER;
    else if (!this.#begins(piece, shift)) best = NEVER;
    else if (!piece.waits) best = 0;
    else
      for (let steps = 0; steps <= Math.max(piece.less, piece.more) && steps < best; steps++)
        for (const by of steps === 0 ? [0] : [steps, -steps]) {
          if (by > piece.more || -by > piece.less || !this.#waits(piece, shift, by)) continue;
          best = Math.min(best, steps + this.#fewest(index + 1, shift + by));
        }
    table[place] = best;
    return best;
  }

  /** The next tier that has any: all ways with so many steps away in all. */
  #addTier(): void {
    const tier: Column[] = [];
    const [from, to] = this.#starts;
    for (let start = from; start <= to && !this.cut; start++) {
      // At likely durations one look is as quick as the table, which most makes never need.
      if (this.#tier > 0 && this.#fewest(0, start) > this.#tier) continue;
      this.#walk(0, start, this.#tier, [], start, tier);
    }
    tier.sort((a, b) => a.earlyMin - b.earlyMin || a.startMin - b.startMin);
    for (const column of tier) this.#found.push(column);
    this.#tier += 1;
  }

  #walk(index: number, shift: number, left: number, steps: number[], start: number, into: Column[]): void {
    const piece = this.#pieces[index] as Piece;
    // More steps are left than the rest could ever take up.
    if (left > (this.#reach[index] as number)) return;
    if (!this.#begins(piece, shift)) return;
    if (!piece.waits) {
      if (left === 0) this.#take(steps, start, into);
      return;
    }
    for (let by = -Math.min(left, piece.less); by <= Math.min(left, piece.more); by++) {
      const rest = left - Math.abs(by);
      if (!this.#waits(piece, shift, by)) continue;
      if (this.#tier > 0 && this.#fewest(index + 1, shift + by) > rest) continue;
      steps.push(by);
      this.#walk(index + 1, shift + by, rest, steps, start, into);
      steps.pop();
      if (this.cut) return;
    }
  }

  #take(steps: readonly number[], start: number, into: Column[]): void {
    const shape = this.#shape(steps);
    const startMin = start * GRID_MIN;
    if (startMin + shape.warmsMin > this.#window.warmByMin + NEAR) return;
    const endMin = startMin + shape.totalMin;
    const { readyByMin } = this.#window;
    into.push({ startMin, endMin, shape, earlyMin: Number.isFinite(readyByMin) ? readyByMin - endMin : 0 });
    if (this.#found.length + into.length >= MOST_COLUMNS) this.cut = true;
  }
}
