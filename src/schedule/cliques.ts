import type { Placed } from './room';
import { stretchesOf } from './room';
import type { Row } from './solver';

/** Something that may be done with a wish: placed so, or left. */
export interface Choice {
  wish: number;
  placed: Placed | null;
  cost: number;
}

/** The minutes in which a choice has a thing of which there is one, as bits. */
interface Bits {
  /** The first word, and the words from there on. */
  from: number;
  words: Uint32Array;
}

const WORD = 32;

function bitsOf(placed: Placed, thing: number): Bits {
  const { startMin } = placed.column;
  const stretches = stretchesOf(placed, thing);
  if (stretches.length === 0) return { from: 0, words: new Uint32Array(0) };
  const first = Math.floor((startMin + Math.min(...stretches.map(([from]) => from))) / WORD);
  const last = Math.floor((startMin + Math.max(...stretches.map(([, to]) => to))) / WORD);
  const words = new Uint32Array(last - first + 1);
  for (const [from, to] of stretches)
    for (let m = startMin + from; m < startMin + to; m++) {
      const word = Math.floor(m / WORD) - first;
      words[word] = (words[word] as number) | (1 << (m % WORD));
    }
  return { from: first, words };
}

function meet(a: Bits, b: Bits): boolean {
  const from = Math.max(a.from, b.from);
  const to = Math.min(a.from + a.words.length, b.from + b.words.length);
  for (let w = from; w < to; w++)
    if (((a.words[w - a.from] as number) & (b.words[w - b.from] as number)) !== 0) return true;
  return false;
}

/** Which choices exclude each other: those of one wish, and those that want one thing at once of which there is only one. */
export class Exclusions {
  readonly #choices: readonly Choice[];
  readonly #single: readonly number[];
  readonly #bits: (Bits | null)[][];
  readonly #rows: (Uint32Array | undefined)[] = [];

  constructor(choices: readonly Choice[], capacity: readonly number[]) {
    this.#choices = choices;
    this.#single = capacity.flatMap((most, thing) => (most === 1 ? [thing] : []));
    this.#bits = choices.map(() => []);
  }

  #of(choice: number, k: number): Bits | null {
    const row = this.#bits[choice] as (Bits | null)[];
    if (row[k] === undefined) {
      const { placed } = this.#choices[choice] as Choice;
      row[k] = placed ? bitsOf(placed, this.#single[k] as number) : null;
    }
    return row[k] as Bits | null;
  }

  /** Everything that excludes a choice and is not it, as bits; reckoned once. */
  row(choice: number): Uint32Array {
    const known = this.#rows[choice];
    if (known) return known;
    const row = new Uint32Array(Math.ceil(this.#choices.length / WORD));
    for (let i = 0; i < this.#choices.length; i++)
      if (i !== choice && this.between(choice, i)) row[i >> 5] = (row[i >> 5] as number) | (1 << (i & 31));
    this.#rows[choice] = row;
    return row;
  }

  between(a: number, b: number): boolean {
    if ((this.#choices[a] as Choice).wish === (this.#choices[b] as Choice).wish) return true;
    for (let k = 0; k < this.#single.length; k++) {
      const [one, other] = [this.#of(a, k), this.#of(b, k)];
      if (one && other && meet(one, other)) return true;
    }
    return false;
  }
}

/** A clique is broken from so much over one on. */
const OVER = 0.01;
const SEEN = 1e-4;
/** Rows that are added at once. */
const AT_ONCE = 40;

/**
 * Choices of which only one can be taken and that a solution takes more of together: found greedily from the fullest on, and made as wide
 * as they go, but for what is `gone` from the search.
 */
export function brokenCliques(
  choices: readonly Choice[],
  values: ArrayLike<number>,
  exclusions: Exclusions,
  gone: Uint8Array,
  known: Set<string>,
): Row[] {
  const support = choices
    .flatMap((_, i) => ((values[i] as number) > SEEN ? [i] : []))
    .sort((a, b) => (values[b] as number) - (values[a] as number));
  const alive = new Uint32Array(Math.ceil(choices.length / WORD));
  for (let i = 0; i < choices.length; i++)
    if (!gone[i]) alive[i >> 5] = (alive[i >> 5] as number) | (1 << (i & 31));
  const rows: Row[] = [];
  for (const seed of support) {
    if (rows.length >= AT_ONCE) break;
    const clique = [seed];
    // What excludes every one of them.
    const may = alive.map((word, w) => word & (exclusions.row(seed)[w] as number));
    const take = (one: number) => {
      clique.push(one);
      const row = exclusions.row(one);
      for (let w = 0; w < may.length; w++) may[w] = (may[w] as number) & (row[w] as number);
    };
    const fits = (one: number) => ((may[one >> 5] as number) & (1 << (one & 31))) !== 0;
    let sum = values[seed] as number;
    for (const one of support)
      if (fits(one)) {
        sum += values[one] as number;
        take(one);
      }
    if (sum <= 1 + OVER || new Set(clique.map((i) => (choices[i] as Choice).wish)).size < 2) continue;
    for (let i = 0; i < choices.length; i++) if (fits(i)) take(i);
    clique.sort((a, b) => a - b);
    const key = `clique ${clique.join()}`;
    if (known.has(key)) continue;
    known.add(key);
    rows.push({ columns: clique, is: '<=', sum: 1 });
  }
  return rows;
}
