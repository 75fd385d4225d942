import 'fake-indexeddb/auto';
import { describe, expect, it } from 'vitest';
import { usualCarryOverC } from '../../core/heat/carryOver';
import { learnFrom } from '../../learn/learn';
import { basic, planned } from '../../plan/fixtures/briefs';
import { at } from '../../run/fixtures/walked';
import { Database } from '../../store/db';
import { lineOf } from '../../store/folded';
import { makesRead } from '../../store/slices/data';
import { draftChanged } from '../../store/slices/draft';
import { kitchenChanged } from '../../store/slices/kitchen';
import { learningRead, plainShown } from '../../store/slices/learning';
import { createStore } from '../../store/store';
import { potBegunIn, potTaken, selectPots } from './pot';
import { beliefOf } from './useBelief';

const pot = (id: string, litres: number) => ({
  id,
  name: `the ${id} pot`,
  litres,
  kind: 'thick-bottomed steel' as const,
});
const { plan } = planned(basic('paneer'));
const litres = plan.brief.milk.litres ?? 0;
let count = 0;

/** A store whose kitchen has three pots: too small, just large enough, and large. */
function kitchen() {
  const store = createStore(
    new Database(`pots-${count++}`),
    { wall: () => 0, mono: () => 0 },
    { id: 'w', from: 'w' },
  );
  store.dispatch(
    kitchenChanged({
      pots: [pot('large', litres * 4), pot('little', litres / 2), pot('middling', litres * 1.4)],
    }),
  );
  return store;
}

/** The same with a make on the heat in its middling pot. */
function withOneOn() {
  const store = kitchen();
  const begun = at(basic('paneer'), 'sanitise');
  const state = { ...begun, pot: { id: 'middling', name: 'the middling pot', carryOverC: 1 } };
  const make = { id: 'make-one', state };
  store.dispatch(makesRead({ logs: {}, atHand: [{ ...make, line: lineOf(make) }], summaries: {} }));
  return store;
}

describe('the pot a plan is made in', () => {
  it('is the smallest that holds it, and none where the kitchen has none', () => {
    const store = kitchen();
    expect(potTaken(store.getState(), plan)?.id).toBe('middling');
    store.dispatch(kitchenChanged({ pots: [] }));
    expect(potTaken(store.getState(), plan)).toBeNull();
    expect(potBegunIn(store.getState(), plan)).toBeNull();
  });

  it('is none that something stands in, unless it is chosen; what stands in it is told', () => {
    const store = withOneOn();
    expect(potTaken(store.getState(), plan)?.id).toBe('large');
    expect(selectPots(store.getState()).map(({ id, madeIn }) => [id, madeIn])).toEqual([
      ['large', null],
      ['little', null],
      ['middling', 'M'],
    ]);
    store.dispatch(draftChanged({ potId: 'middling' }));
    expect(potTaken(store.getState(), plan)?.id).toBe('middling');
    store.dispatch(draftChanged({ potId: 'sold-long-ago' }));
    expect(potTaken(store.getState(), plan)?.id).toBe('large');
  });

  it('carries over as hobs do, until makes in it have shown how far', () => {
    const store = kitchen();
    expect(potBegunIn(store.getState(), plan)).toEqual({
      id: 'middling',
      name: 'the middling pot',
      carryOverC: usualCarryOverC(litres),
    });
    const make = { id: 'make-one', state: at(basic('paneer'), 'sanitise') };
    const line = { ...lineOf(make), pot: { id: 'middling', degreeLitres: [30, 30, 30, 30] } };
    store.dispatch(makesRead({ logs: {}, atHand: [{ ...make, line }], summaries: {} }));
    const carried = potBegunIn(store.getState(), plan)?.carryOverC ?? 0;
    expect(Math.abs(carried - 30 / litres)).toBeLessThan(Math.abs(usualCarryOverC(litres) - 30 / litres));
  });
});

describe('what is gone by of what was learned', () => {
  const heats = {
    owners: { pot: { id: 'middling', name: 'the middling pot' } },
    samples: { power: { ln: 0.2, sd: 0.02 } },
  };
  const learning = learnFrom(Array.from({ length: 4 }, (_, i) => ({ make: `m${i}`, day: i, ...heats })));

  it('is of the pot the plan would be made in', () => {
    const store = kitchen();
    store.dispatch(learningRead(learning));
    expect(beliefOf(store.getState(), plan).power).toMatchObject({ id: 'middling', makes: 4 });
    store.dispatch(draftChanged({ potId: 'large' }));
    expect(beliefOf(store.getState(), plan).power?.id).not.toBe('middling');
  });

  it('is nothing where it is shown plain, or left out', () => {
    const store = kitchen();
    store.dispatch(learningRead(learning));
    store.dispatch(kitchenChanged({ leftOut: ['power middling'] }));
    expect(beliefOf(store.getState(), plan)).toEqual({});
    store.dispatch(kitchenChanged({ leftOut: [] }));
    store.dispatch(plainShown(true));
    expect(beliefOf(store.getState(), plan)).toEqual({});
  });
});
