import { describe, expect, it } from 'vitest';
import { basic, planned } from '../plan/fixtures/briefs';
import type { MakeEvent } from './events';
import { leftOf, madeWith } from './shelf';
import { stateOf } from './state';

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
const jar = { id: 'jar', amount: 100, measure: 'g' };

describe('what is left on the shelf', () => {
  it('is what was bought less what makes took: as planned, or as it was really poured', () => {
    expect(leftOf(jar, [])).toBe(100);
    expect(leftOf(jar, [stateOf([start(1)])])).toBeCloseTo(100 - grams, 9);
    const poured = stateOf([start(1), { type: 'acid', seq: 1, at: 2, grams: 20, portion: 0 }]);
    expect(leftOf(jar, [poured])).toBeCloseTo(80, 9);
    expect(leftOf(jar, [poured, stateOf([start(3)])])).toBeCloseTo(80 - grams, 9);
  });

  it('never falls below nothing, and is unknown where nobody knows what there was', () => {
    expect(leftOf({ ...jar, amount: 1 }, [stateOf([start(1)])])).toBe(0);
    expect(leftOf({ ...jar, amount: null }, [])).toBeNull();
  });

  it('a make given up before anything went in took nothing', () => {
    const given = stateOf([start(1), { type: 'abandoned', seq: 1, at: 2, reason: 'phone' }]);
    expect(leftOf(jar, [given])).toBe(100);
  });

  it('knows the makes a lot went into, latest first', () => {
    const [a, b] = [stateOf([start(1)]), stateOf([start(2)])];
    expect(madeWith('jar', [a, b]).map((state) => state.name)).toEqual(['Ricotta at 2', 'Ricotta at 1']);
    expect(madeWith('other', [a, b])).toEqual([]);
  });
});
