import type { Column } from '../plan/placing/columns';
import { SHARED, type Stretch } from '../plan/placing/demand';

/** What a week has of each thing that only so many makes can have at once: hands, rings, presses, and each pot by itself. */
export interface Has {
  hands: number;
  rings: number;
  presses: number;
  /** Litres of each pot. */
  pots: readonly number[];
}

/** A thing by its number: hands, rings, presses, then the pots. */
export const HANDS = 0;
export const FIRST_SHARED = 1;
export const FIRST_POT = FIRST_SHARED + SHARED.length;
export const capacities = ({ hands, rings, presses, pots }: Has): number[] => [
  hands,
  rings,
  presses,
  ...pots.map(() => 1),
];

/** A make as it is placed: how, and in which pot. */
export interface Placed {
  column: Column;
  /** Its place among the pots; null where it needs none. */
  pot: number | null;
}

/** The stretches in which a placed make has a thing, from its start. */
export function stretchesOf({ column: { shape }, pot }: Placed, thing: number): readonly Stretch[] {
  if (thing === HANDS) return shape.hands;
  if (thing < FIRST_POT) return shape.shared[SHARED[thing - FIRST_SHARED] as (typeof SHARED)[number]];
  return shape.pot && pot === thing - FIRST_POT ? [shape.pot] : [];
}

const NEAR = 1e-6;

/** How full a week is, minute by minute: whole minutes, so that two that share one are apart. */
export class Room {
  readonly #capacity: readonly number[];
  readonly #used: Uint8Array[];
  readonly #full: Int32Array[];
  /** The first minute from which what is full is counted anew. */
  readonly #staleFrom: number[];
  readonly #minutes: number;

  constructor(capacity: readonly number[], horizonMin: number) {
    this.#capacity = capacity;
    this.#minutes = horizonMin + 1;
    this.#used = capacity.map(() => new Uint8Array(this.#minutes));
    this.#full = capacity.map(() => new Int32Array(this.#minutes + 1));
    this.#staleFrom = capacity.map(() => 0);
  }

  /** The first minute of a stretch, and the one after its last. */
  #begins(at: number, stretch: Stretch): number {
    return Math.min(this.#minutes, Math.max(0, Math.floor(at + stretch[0] + NEAR)));
  }
  #ends(at: number, stretch: Stretch): number {
    return Math.min(this.#minutes, Math.max(this.#begins(at, stretch), Math.ceil(at + stretch[1] - NEAR)));
  }

  change(placed: Placed, by: 1 | -1): void {
    this.#capacity.forEach((_, thing) => {
      const used = this.#used[thing] as Uint8Array;
      for (const stretch of stretchesOf(placed, thing)) {
        const from = this.#begins(placed.column.startMin, stretch);
        const end = this.#ends(placed.column.startMin, stretch);
        for (let m = from; m < end; m++) used[m] = (used[m] as number) + by;
        this.#staleFrom[thing] = Math.min(this.#staleFrom[thing] as number, from);
      }
    });
  }

  /** Whether there is room for a thing all through a stretch. */
  #free(thing: number, at: number, stretch: Stretch): boolean {
    const full = this.#full[thing] as Int32Array;
    const stale = this.#staleFrom[thing] as number;
    if (stale < this.#minutes) {
      const used = this.#used[thing] as Uint8Array;
      const capacity = this.#capacity[thing] as number;
      let sum = full[stale] as number;
      for (let m = stale; m < this.#minutes; m++) {
        if ((used[m] as number) >= capacity) sum += 1;
        full[m + 1] = sum;
      }
      this.#staleFrom[thing] = this.#minutes;
    }
    return full[this.#ends(at, stretch)] === full[this.#begins(at, stretch)];
  }

  /** Where a way of making something fits among what is placed: with its pot; null where it does not. */
  fit(column: Column, pots: readonly number[]): Placed | null {
    const { shape, startMin } = column;
    for (const stretch of shape.hands) if (!this.#free(HANDS, startMin, stretch)) return null;
    for (let i = 0; i < SHARED.length; i++)
      for (const stretch of shape.shared[SHARED[i] as (typeof SHARED)[number]])
        if (!this.#free(FIRST_SHARED + i, startMin, stretch)) return null;
    if (!shape.pot) return { column, pot: null };
    for (const pot of pots) if (this.#free(FIRST_POT + pot, startMin, shape.pot)) return { column, pot };
    return null;
  }
}
