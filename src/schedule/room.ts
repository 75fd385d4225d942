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
  readonly #stale: boolean[];
  readonly #minutes: number;

  constructor(capacity: readonly number[], horizonMin: number) {
    this.#capacity = capacity;
    this.#minutes = horizonMin + 1;
    this.#used = capacity.map(() => new Uint8Array(this.#minutes));
    this.#full = capacity.map(() => new Int32Array(this.#minutes + 1));
    this.#stale = capacity.map(() => true);
  }

  #span(at: number, [from, to]: Stretch): [number, number] {
    const a = Math.min(this.#minutes, Math.max(0, Math.floor(at + from + NEAR)));
    return [a, Math.min(this.#minutes, Math.max(a, Math.ceil(at + to - NEAR)))];
  }

  change(placed: Placed, by: 1 | -1): void {
    this.#capacity.forEach((_, thing) => {
      const used = this.#used[thing] as Uint8Array;
      for (const stretch of stretchesOf(placed, thing)) {
        const [a, b] = this.#span(placed.column.startMin, stretch);
        for (let m = a; m < b; m++) used[m] = (used[m] as number) + by;
        this.#stale[thing] = true;
      }
    });
  }

  /** Whether there is room for a thing all through a stretch. */
  #free(thing: number, at: number, stretch: Stretch): boolean {
    const full = this.#full[thing] as Int32Array;
    if (this.#stale[thing]) {
      const [used, capacity] = [this.#used[thing] as Uint8Array, this.#capacity[thing] as number];
      for (let m = 0; m < this.#minutes; m++)
        full[m + 1] = (full[m] as number) + ((used[m] as number) >= capacity ? 1 : 0);
      this.#stale[thing] = false;
    }
    const [a, b] = this.#span(at, stretch);
    return full[b] === full[a];
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
