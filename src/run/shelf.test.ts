import { describe, expect, it } from 'vitest';
import { basic, planned } from '../plan/fixtures/briefs';
import type { MakeEvent } from './events';
import { goodsUsed, leftOf, litresLeft, madeWith, milksUsed } from './shelf';
import { type MakeState, stateOf } from './state';
import { summaryOf } from './summary';
import { allUsed } from './uses';

const { plan, parameters } = planned(basic('whole-milk-ricotta'));
const grams = plan.doses.find((dose) => dose.id === 'acid')?.grams as number;
const start = (at: number): MakeEvent => ({
  type: 'started',
  seq: 0,
  at,
  name: `Ricotta at ${at}`,
  milkName: '',
  plan,
  parameters,
  modelVersion: 1,
  taken: [{ goodId: 'jar', dose: 'acid', name: 'Citric acid', lot: 'L 1', grams }],
});
const goods = (...makes: MakeState[]) => allUsed(makes.map(goodsUsed));
const milks = (...makes: MakeState[]) => allUsed(makes.map(milksUsed));
const jar = { id: 'jar', amount: 100, measure: 'g' };

describe('what is left on the shelf', () => {
  it('is what was bought less what makes took: as planned, or as it was really poured', () => {
    expect(leftOf(jar, goods())).toBe(100);
    expect(leftOf(jar, goods(stateOf([start(1)])))).toBeCloseTo(100 - grams, 9);
    const poured = stateOf([start(1), { type: 'acid', seq: 1, at: 2, grams: 20, portion: 0 }]);
    expect(leftOf(jar, goods(poured))).toBeCloseTo(80, 9);
    expect(leftOf(jar, goods(poured, stateOf([start(3)])))).toBeCloseTo(80 - grams, 9);
  });

  it('counts a culture by the sachet as its plan does: the part its label gives to so much milk, or as many as were in hand', () => {
    const label = { labelLitresPerSachet: 100 };
    const sachets = { id: 'mesophile', amount: 3, measure: 'sachets', culture: label };
    for (const [given, left] of [
      [undefined, 3 - 20 / 100],
      [{ amount: 0.5, unit: 'sachet' as const }, 2.5],
      // Half a gram weighed out is a whole one.
      [{ amount: 0.5, unit: 'g' as const }, 2],
    ] as const) {
      const culture = { form: 'freeze-dried' as const, ...label, ...(given && { given }) };
      const made = planned(basic('goat-lactic', { litres: 20 }, { culture }));
      const grams = made.plan.doses.find((dose) => dose.id === 'culture')?.grams ?? 0;
      const taken = [{ goodId: sachets.id, dose: 'culture' as const, name: 'M', lot: '', grams }];
      const state = stateOf([
        { ...start(1), plan: made.plan, parameters: made.parameters, taken },
      ] as MakeEvent[]);
      expect(leftOf(sachets, goods(state))).toBeCloseTo(left, 2);
    }
  });

  it('never falls below nothing, and is unknown where nobody knows what there was', () => {
    expect(leftOf({ ...jar, amount: 1 }, goods(stateOf([start(1)])))).toBe(0);
    expect(leftOf({ ...jar, amount: null }, goods())).toBeNull();
  });

  it('a make given up before anything went in took nothing', () => {
    const given = stateOf([start(1), { type: 'abandoned', seq: 1, at: 2, reason: 'phone' }]);
    expect(leftOf(jar, goods(given))).toBe(100);
  });

  it('a make given up later took what lay behind it, and nothing of what lay ahead', () => {
    const made = planned(basic('quick-stretched'));
    const took = (dose: 'acid' | 'coagulant') => ({ goodId: dose, dose, name: dose, lot: '', grams: 5 });
    const setting = made.plan.stages.findIndex((stage) => stage.kind === 'add-coagulant');
    const log = (done: number) =>
      stateOf([
        {
          ...start(1),
          plan: made.plan,
          parameters: made.parameters,
          taken: [took('acid'), took('coagulant')],
        },
        ...made.plan.stages
          .slice(0, done)
          .map((stage, i) => ({ type: 'done', seq: i + 1, at: 2 + i, stage: stage.id })),
        { type: 'abandoned', seq: done + 1, at: 99, reason: 'curdled' },
      ] as MakeEvent[]);
    const left = (good: string, done: number) =>
      leftOf({ id: good, amount: 20, measure: 'g' }, goods(log(done)));
    expect([left('acid', setting), left('coagulant', setting)]).toEqual([15, 20]);
    expect([left('acid', setting + 1), left('coagulant', setting + 1)]).toEqual([15, 15]);
  });

  it('knows the makes a lot went into', () => {
    const [a, b] = [1, 2].map((at) => summaryOf(`make-${at}`, stateOf([start(at)])));
    expect(madeWith('jar', [a, b] as never)).toEqual([a, b]);
    expect(madeWith('other', [a, b] as never)).toEqual([]);
  });
});

describe('a lot of milk', () => {
  const lots = [
    { id: 'cows', name: 'Cows', day: '2026-11-25', litres: 3 },
    { id: 'goats', name: 'Goats', day: '', litres: 1 },
  ];
  const of = (rest: MakeEvent[] = []) => stateOf([{ ...start(1), milks: lots } as MakeEvent, ...rest]);
  const more = planned({ ...basic('whole-milk-ricotta'), milk: { species: 'cow', litres: 6 } });

  it('is less by what makes have of it, poured together or alone', () => {
    expect(litresLeft({ id: 'cows', litres: 40 }, milks(of(), of()))).toBe(34);
    expect(litresLeft({ id: 'goats', litres: 40 }, milks(of()))).toBe(39);
    expect(litresLeft({ id: 'cows', litres: 2 }, milks(of()))).toBe(0);
    expect(litresLeft({ id: 'cows', litres: null }, milks(of()))).toBeNull();
    expect(litresLeft({ id: 'cows' }, milks(of()))).toBeNull();
    expect(madeWith('goats', [summaryOf('a', of())])).toHaveLength(1);
  });

  it('is booked as it was measured, each lot in its share', () => {
    const had = plan.brief.milk.litres as number;
    const measured = of([
      { type: 'done', seq: 1, at: 2, stage: plan.stages[0]?.id as string },
      { type: 'remeasured', seq: 2, at: 3, litres: 6, plan: more.plan, parameters: more.parameters },
    ]);
    expect(milksUsed(measured).cows).toBeCloseTo((3 * 6) / had, 9);
    expect(milksUsed(measured).goats).toBeCloseTo(6 / had, 9);
  });

  it('of a make given up before the milk was in is still there; after that it is gone', () => {
    const gone = (from: number): MakeEvent => ({ type: 'abandoned', seq: from, at: 9, reason: 'phone' });
    expect(milksUsed(of([gone(1)])).cows).toBe(0);
    const done = plan.stages
      .slice(0, 2)
      .map((stage, i): MakeEvent => ({ type: 'done', seq: i + 1, at: 2 + i, stage: stage.id }));
    expect(milksUsed(of([...done, gone(3)])).cows).toBe(3);
  });
});
