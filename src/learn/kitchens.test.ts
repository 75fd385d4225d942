import { describe, expect, it } from 'vitest';
import { type LearnedQuantity, STRAYS, Z90 } from '../plan/belief';
import { MAKES, make, onPaper, type Quirky, quirky } from './fixtures/kitchens';
import { beliefFor, learnFrom } from './learn';
import type { Learning } from './learnt';
import { type Taught, taughtBy } from './samples';

const KITCHENS = 200;
const BEFORE = 8;
/** Other seeds than those the priors were fitted to. */
const FROM = 5001;
const SOURCES = { milk: 'Sallow Reach cows', coagulant: 'bottle', culture: 'sachets', pot: 'blue' };

const taughtFor = (kitchen: Quirky, makes: number): Taught[] =>
  Array.from({ length: makes }, (_, i) => {
    const id = MAKES[i % MAKES.length] as (typeof MAKES)[number];
    const taught = taughtBy(`m${i}`, make(kitchen, id, i).state);
    if (!taught) throw new Error('it is over');
    return taught;
  });

interface Errors {
  plain: number[];
  learned: number[];
  inside: number;
}

/** Errors of the next make of each kind, by figure: of the plain model, and with what was learned. */
function next(kitchen: Quirky, learning: Learning, errors: Map<string, Errors>) {
  for (const id of MAKES) {
    const real = make(kitchen, id, BEFORE + 1);
    const { plan } = onPaper(id).planned;
    const belief = beliefFor(learning, { ...SOURCES, method: id });
    const put = (
      figure: string,
      happened: number | null,
      forecast: number | undefined,
      quantity: LearnedQuantity,
      power: 1 | -1,
    ) => {
      if (happened === null || !forecast || !(happened > 0)) return;
      const off = Math.log(happened / forecast);
      const held = belief[quantity];
      const left = off - power * Math.log(held?.likely ?? 1);
      const one = errors.get(figure) ?? { plain: [], learned: [], inside: 0 };
      one.plain.push(Math.abs(off));
      one.learned.push(Math.abs(left));
      if (Math.abs(left) < Z90 * Math.hypot(held?.sdLn ?? 0, STRAYS[quantity].batch)) one.inside += 1;
      errors.set(figure, one);
    };
    const { predictions: p } = plan;
    const acid = plan.doses.find((dose) => dose.id === 'acid')?.grams;
    if (id === 'whole-milk-ricotta') put('acid', real.acidGrams, acid, 'acid-need', 1);
    if (id === 'squeaky-curds' || id === 'quick-stretched')
      put('set', real.setMin, p.setMin?.likely, 'coagulant-strength', -1);
    if (id === 'goat-lactic') {
      put('souring', real.sourHours, p.acidifyHours?.likely, 'culture-pace', -1);
      put('draining', real.drainHours, p.drainHours?.likely, 'drain-pace', -1);
    }
    put('yield', real.yieldKg, p.yieldKg.likely, 'yield', 1);
    const warm = plan.stages.find(({ kind }) => kind === 'warm' || kind === 'scald')?.durationMin.likely;
    put('warming', real.warmMin, warm, 'power', -1);
  }
}

const median = (all: readonly number[]) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? 0;

function over(scale: number) {
  const errors = new Map<string, Errors>();
  for (let i = 0; i < KITCHENS; i++) {
    const kitchen = quirky(FROM + i, scale);
    next(kitchen, learnFrom(taughtFor(kitchen, BEFORE)), errors);
  }
  const all = [...errors.values()];
  const ratio = Math.exp(
    all.reduce((sum, one) => sum + Math.log(median(one.learned) / median(one.plain)), 0) / all.length,
  );
  const told = all.reduce((sum, one) => sum + one.plain.length, 0);
  return { ratio, covered: all.reduce((sum, one) => sum + one.inside, 0) / told, figures: errors.size };
}

describe('200 kitchens of eight makes', () => {
  it('with steady quirks: the next forecasts are at most half as far off, and their intervals hold', () => {
    const { ratio, covered, figures } = over(1);
    expect(figures).toBe(6);
    expect(ratio).toBeLessThanOrEqual(0.5);
    expect(covered).toBeGreaterThanOrEqual(0.72);
    expect(covered).toBeLessThanOrEqual(0.88);
  });

  it('without quirks: never worse by over 5 %', () => {
    const { ratio } = over(0);
    expect(ratio).toBeLessThanOrEqual(1.05);
  });
});

describe('a make that is not like the others', () => {
  const kitchen = () => quirky(77);
  const yieldOf = (taught: readonly Taught[]) =>
    beliefFor(learnFrom(taught), { ...SOURCES, method: 'squeaky-curds' }).yield?.likely ?? 1;

  it.each([
    ['weighed ten times too much', { weighed: 12 }],
    ['with curd spilled', { weighed: 0.3, mishap: 'spilled' }],
    ['given up', { abandoned: true as const }],
    ['spoilt and silent', { weighed: 0.62 }],
  ])('%s does not mislead', (_what, spoil) => {
    const before = taughtFor(kitchen(), BEFORE);
    const odd = taughtBy('odd', make(kitchen(), 'squeaky-curds', BEFORE, spoil).state);
    if (!odd) throw new Error('it is over');
    expect(Math.abs(Math.log(yieldOf([...before, odd]) / yieldOf(before)))).toBeLessThan(0.02);
  });
});
