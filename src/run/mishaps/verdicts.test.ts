import { describe, expect, it } from 'vitest';
import type { MistakeId } from '../../makes/mistakes';
import { basic } from '../../plan/fixtures/briefs';
import type { NewEvent } from '../events';
import { at } from '../fixtures/walked';
import { type Answers, mishapsAt, remedyFor } from '.';

type Situation = readonly [
  make: string,
  stage: string,
  mistake: MistakeId,
  answers: Answers,
  verdict: 'food' | 'bin',
  how?: { pH?: number; pHAtMin?: number; roomC?: number; options?: Record<string, number | string> },
];

/** Warm fresh cheese: two hours, or four where it is eaten at once. Guidance of food authorities, from memory. */
const WARM: readonly Situation[] = [
  ['whole-milk-ricotta', 'drain', 'left-warm', { hours: 1 }, 'food'],
  ['whole-milk-ricotta', 'drain', 'left-warm', { hours: 3 }, 'food'],
  ['whole-milk-ricotta', 'drain', 'left-warm', { hours: 6 }, 'bin'],
  ['whole-milk-ricotta', 'store', 'left-warm', { hours: 9 }, 'bin'],
  ['warm-acid-pot-cheese', 'drain', 'left-warm', { hours: 2 }, 'food'],
  ['warm-acid-pot-cheese', 'drain', 'left-warm', { hours: 8 }, 'bin'],
  ['paneer', 'press', 'left-warm', { hours: 1.5 }, 'food'],
  ['paneer', 'store', 'left-warm', { hours: 10 }, 'bin'],
  ['whey-ricotta', 'drain', 'left-warm', { hours: 1 }, 'food'],
  ['whey-ricotta', 'store', 'left-warm', { hours: 7 }, 'bin'],
  ['grilling', 'press', 'left-warm', { hours: 1 }, 'food'],
  ['grilling', 'store', 'left-warm', { hours: 12 }, 'bin'],
  ['quick-stretched', 'store', 'left-warm', { hours: 1.5 }, 'food'],
  ['quick-stretched', 'store', 'left-warm', { hours: 8 }, 'bin'],
  ['cream-pouch', 'store', 'left-warm', { hours: 8 }, 'bin'],
];

/** Soured curd: pH 5.6 within H(T), and then its acid guards it. Guidance of food authorities, from memory; science of slow souring. */
const SOURED: readonly Situation[] = [
  // A sour set is not thrown out because nobody has a meter: it has set.
  ['goat-lactic', 'bag', 'left-warm', { hours: 18 }, 'food'],
  ['sour-basket', 'basket', 'left-warm', { hours: 20 }, 'food'],
  ['soft-cream', 'bag', 'left-warm', { hours: 16 }, 'food'],
  ['skyr', 'bag', 'left-warm', { hours: 10 }, 'food'],
  ['goat-lactic', 'set', 'left-warm', { hours: 10 }, 'food'],
  ['goat-lactic', 'set', 'left-warm', { hours: 18 }, 'bin'],
  ['goat-lactic', 'set', 'left-warm', { hours: 10 }, 'bin', { roomC: 30 }],
  ['goat-lactic', 'set', 'left-warm', { hours: 18 }, 'food', { pH: 5.2, pHAtMin: 400 }],
  ['goat-lactic', 'bag', 'left-warm', { hours: 18 }, 'bin', { pH: 6.3 }],
  ['cultured-cottage', 'set', 'left-warm', { hours: 6 }, 'food'],
  ['squeaky-curds', 'slab', 'left-warm', { hours: 1 }, 'food'],
  ['squeaky-curds', 'slab', 'left-warm', { hours: 14 }, 'bin'],
  ['squeaky-curds', 'slab', 'left-warm', { hours: 14 }, 'food', { pH: 5.3 }],
  ['fresh-pressed', 'press', 'left-warm', { hours: 3 }, 'food', { pH: 5.4 }],
  ['cultured-stretched', 'sour', 'left-warm', { hours: 1 }, 'food'],
];

/** A fridge without power: closed, four hours. Guidance of food authorities, from memory. */
const POWER: readonly Situation[] = [
  ['whole-milk-ricotta', 'store', 'power-gone', { hours: 3 }, 'food'],
  ['whole-milk-ricotta', 'store', 'power-gone', { hours: 5 }, 'food'],
  ['whole-milk-ricotta', 'store', 'power-gone', { hours: 20 }, 'bin'],
  ['goat-lactic', 'store', 'power-gone', { hours: 20 }, 'food', { pH: 4.5 }],
  ['skyr', 'store', 'power-gone', { hours: 12 }, 'food', { pH: 4.3 }],
  ['squeaky-curds', 'store', 'power-gone', { hours: 30 }, 'bin'],
];

/** Gas, mould, slime, mouths. Guidance of food authorities and common practice, from memory. */
const GROWN: readonly Situation[] = [
  ['fresh-pressed', 'press', 'gassy', { how: 'like a sponge: it swells or floats', smell: 'clean' }, 'bin'],
  ['fresh-pressed', 'press', 'gassy', { how: 'a few small holes', smell: 'clean' }, 'food'],
  ['fresh-pressed', 'press', 'gassy', { how: 'a few small holes', smell: 'of yeast or worse' }, 'bin'],
  [
    'goat-lactic',
    'bag',
    'gassy',
    { how: 'like a sponge: it swells or floats', smell: 'of yeast or worse' },
    'bin',
  ],
  ['squeaky-curds', 'slab', 'gassy', { how: 'like a sponge: it swells or floats', smell: 'clean' }, 'bin'],
  ['whole-milk-ricotta', 'store', 'mould', {}, 'bin'],
  ['goat-lactic', 'store', 'mould', {}, 'bin'],
  ['grilling', 'store', 'mould', {}, 'food'],
  ['cultured-stretched', 'hang', 'mould', {}, 'food'],
  ['cultured-stretched', 'brine', 'brine-slimy', { smell: 'clean' }, 'food'],
  ['cultured-stretched', 'brine', 'brine-slimy', { smell: 'foul' }, 'bin'],
  ['whole-milk-ricotta', 'scald', 'pests', { what: 'a fly or another insect' }, 'food'],
  ['squeaky-curds', 'slab', 'pests', { what: 'a fly or another insect' }, 'food'],
  ['squeaky-curds', 'slab', 'pests', { what: 'a pet’s tongue, or a mouse' }, 'bin'],
  ['whole-milk-ricotta', 'store', 'pests', { what: 'a pet’s tongue, or a mouse' }, 'bin'],
  ['squeaky-curds', 'measure', 'milk-off', { how: 'faintly sour' }, 'food'],
  ['squeaky-curds', 'measure', 'milk-off', { how: 'flecks when it is heated' }, 'food'],
  ['squeaky-curds', 'measure', 'milk-off', { how: 'foul or bitter' }, 'bin'],
  ['squeaky-curds', 'measure', 'milk-off', { how: 'ropy or slimy' }, 'bin'],
];

/** Mishaps of the craft never make a cheese unfit. Common practice. */
const CRAFT: readonly Situation[] = [
  ['squeaky-curds', 'set', 'overshot-set', { by: 8 }, 'food'],
  ['goat-lactic', 'set', 'overshot-set', { by: 6 }, 'food'],
  ['squeaky-curds', 'cut', 'cut-early', { min: 20 }, 'food'],
  ['grilling', 'poach', 'poach-boiled', { min: 20 }, 'food'],
  ['cultured-stretched', 'brine', 'brined-long', { planned: 4, hours: 24 }, 'food'],
  ['quick-stretched', 'stretch', 'stretch-hot', { at: 78 }, 'food'],
  ['paneer', 'scald', 'scorched', { how: 'burnt' }, 'food'],
  ['fresh-pressed', 'store', 'froze', {}, 'food'],
  ['sour-basket', 'basket', 'fell-apart', { how: 'crumbly and sour' }, 'food'],
  ['squeaky-curds', 'set', 'culture-forgotten', {}, 'food'],
];

const ALL = [...WARM, ...SOURED, ...POWER, ...GROWN, ...CRAFT];

describe('whether it is still food', () => {
  it('is asked of at least 60 situations, each once', () => {
    expect(ALL.length).toBeGreaterThanOrEqual(60);
    expect(new Set(ALL.map((one) => JSON.stringify(one))).size).toBe(ALL.length);
  });

  it.each(
    ALL.map(
      (one) => [`${one[0]}, ${one[1]}: ${one[2]} ${JSON.stringify([one[3], one[5] ?? {}])}`, one] as const,
    ),
  )('%s', (_, situation) => {
    const [make, stage, mistake, answers, verdict, how = {}] = situation;
    const brief = {
      ...basic(make, {}, { options: how.options ?? {} }),
      ...(how.roomC && { roomC: how.roomC }),
    };
    const read: [number, NewEvent][] =
      how.pH === undefined ? [] : [[how.pHAtMin ?? 10, { type: 'pH', pH: how.pH }]];
    const state = at(brief, stage, read);
    expect(mishapsAt(state)).toContain(mistake);
    expect(remedyFor(state, mistake, answers).discard ? 'bin' : 'food').toBe(verdict);
  });

  it('mould on what hangs dry has nothing to do with a brine, and on what lies in one it has', () => {
    const told = (make: string, stage: string) => remedyFor(at(basic(make), stage, []), 'mould', {});
    expect(told('grilling', 'store').now).toContain('boil the brine');
    const hung = told('cultured-stretched', 'hang');
    expect(hung.now).not.toContain('boil');
    expect(hung.now).toContain('mould inside: throw it out');
    expect(hung.why).toContain('how dry and how salty the face is decides');
  });
});

describe('a cheese that is too dry or too salty', () => {
  const told = (make: string, stage: string, mistake: 'overdrained' | 'salt-double', answers = {}) =>
    remedyFor(at(basic(make), stage, []), mistake, answers).now;

  it('takes whey up again where it is loose, and not where it is stretched, pressed or matted', () => {
    expect(told('whole-milk-ricotta', 'drain', 'overdrained')).toMatch(/^Work .* back in/);
    for (const make of ['quick-stretched', 'squeaky-curds', 'cultured-stretched'])
      expect(told(make, 'drain', 'overdrained')).toMatch(/^Leave it as it is/);
  });

  it('is rinsed where it is loose, and soaked where it is in pieces', () => {
    expect(told('cultured-cottage', 'salt', 'salt-double')).toContain('rinse it in cool water');
    expect(told('quick-stretched', 'salt', 'salt-double')).toMatch(
      /lay it in cold unsalted whey .* about \d+\s(h|min)/,
    );
  });
});
