import type { Random } from '../src/core/stats/random';

/** What a careless program, a torn disk or a hostile hand may put in the place of a value. */
const HOSTILE: readonly unknown[] = [
  null,
  true,
  0,
  -1,
  0.5,
  1e11,
  -1e5,
  1e20,
  1e300,
  -1e300,
  5e-324,
  '',
  ' ',
  'x'.repeat(119),
  'x'.repeat(5000),
  'toString',
  '__proto__',
  'constructor',
  '=2*cmd|x',
  '\r\n# heading',
  'a/b?c#d',
  '../../etc',
  '2026-13-45T99:99',
  '9999-12-31T23:59',
  'NaN',
  [],
  {},
  [[]],
  { option: 'setC' },
  { option: 'nowhere' },
];

const KEYS = ['toString', '__proto__', 'constructor', 'seq', 'at', 'id', 'extra', ''] as const;

type Holder = Record<string, unknown> | unknown[];
const isHolder = (value: unknown): value is Holder => typeof value === 'object' && value !== null;

/** Every place in a value: the holder and the key in it. */
function placesIn(value: unknown, found: [Holder, string][] = []): [Holder, string][] {
  if (!isHolder(value)) return found;
  for (const key of Object.keys(value)) {
    found.push([value, key]);
    placesIn((value as Record<string, unknown>)[key], found);
  }
  return found;
}

const pick = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;

/** A copy of a file's value with one to three things wrong. */
export function mutated(value: unknown, random: Random): unknown {
  const copy: unknown = JSON.parse(JSON.stringify(value));
  for (let n = 1 + Math.floor(random() * 3); n > 0; n--) {
    const places = placesIn(copy);
    if (places.length === 0) return copy;
    const [holder, key] = pick(random, places);
    const at = holder as Record<string, unknown>;
    const what = random();
    if (what < 0.5) at[key] = pick(random, HOSTILE);
    else if (what < 0.6) delete at[key];
    else if (what < 0.75 && typeof at[key] === 'number')
      at[key] = (at[key] as number) * pick(random, [-1, 0, 1e-9, 10, 1e6, 1e12]);
    else if (what < 0.85 && Array.isArray(holder)) holder.splice(Number(key), 0, holder[Number(key)]);
    else if (what < 0.92 && Array.isArray(holder)) holder.reverse();
    else
      Object.defineProperty(holder, pick(random, KEYS), {
        value: pick(random, HOSTILE),
        enumerable: true,
        configurable: true,
        writable: true,
      });
  }
  return copy;
}
