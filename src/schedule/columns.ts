import { type Demand, GRID_MIN, handsIn, type Shape, type Stretch, shapeOf } from './demand';

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

/** A piece of a make that ends with a stage that can wait: hands at its own minutes, some of them at its end. */
interface Piece {
  baseMin: number;
  /** Hands from its beginning, where its wait is as likely. */
  fixed: readonly Stretch[];
  stage: Demand['stages'][number] | null;
  stageMin: number;
  less: number;
  more: number;
}

function piecesOf(demand: Demand): Piece[] {
  const pieces: Piece[] = [];
  let base = 0;
  let at = 0;
  let fixed: Stretch[] = [];
  for (const stage of demand.stages) {
    const waits = stage.lessSteps + stage.moreSteps > 0;
    if (waits) {
      pieces.push({
        baseMin: base,
        fixed,
        stage,
        stageMin: at - base,
        less: stage.lessSteps,
        more: stage.moreSteps,
      });
      at += stage.likelyMin;
      base = at;
      fixed = [];
      continue;
    }
    for (const [from, to] of stage.hands) fixed.push([at - base + from, at - base + to]);
    at += stage.likelyMin;
  }
  pieces.push({ baseMin: base, fixed, stage: null, stageMin: at - base, less: 0, more: 0 });
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

  /** Whether the piece fits where it begins, `shift` steps from where it would for a start at nought, with so many steps of wait. */
  #fits({ baseMin, fixed, stage, stageMin }: Piece, shift: number, steps: number): boolean {
    const at = baseMin + shift * GRID_MIN;
    for (const [from, to] of fixed) if (!this.#blocked.free(at + from, at + to)) return false;
    if (!stage) return at + stageMin <= this.#window.readyByMin + NEAR;
    const begins = at + stageMin;
    for (const [from, to] of handsIn(stage, stage.likelyMin + steps * GRID_MIN))
      if (!this.#blocked.free(begins + from, begins + to)) return false;
    return true;
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
    else if (!piece.stage) best = this.#fits(piece, shift, 0) ? 0 : NEVER;
    else
      for (let steps = 0; steps <= Math.max(piece.less, piece.more) && steps < best; steps++)
        for (const by of steps === 0 ? [0] : [steps, -steps]) {
          if (by > piece.more || -by > piece.less || !this.#fits(piece, shift, by)) continue;
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
    if (!piece.stage) {
      if (left === 0 && this.#fits(piece, shift, 0)) this.#take(steps, start, into);
      return;
    }
    for (let by = -Math.min(left, piece.less); by <= Math.min(left, piece.more); by++) {
      const rest = left - Math.abs(by);
      if (!this.#fits(piece, shift, by)) continue;
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
