import { describe, expect, it } from 'vitest';
import type { GivenUnit } from '../core/units/given';
import { METHODS } from '../makes';
import { takes } from '../makes/asked';
import { basic, planned } from '../plan/fixtures/briefs';
import { ADDED_DOSES, type AddedDose } from '../plan/givenDoses';
import { plannedAmountOf, unitsFor } from '../plan/measures';
import { planBrief } from '../plan/plan';
import { addedEvent, addingIn, countsPieces, piecesEvent } from './adding';
import { eventSchema, type NewEvent } from './events';
import { at } from './fixtures/walked';
import { objection } from './objection';
import { type MakeState, stageAt } from './state';

/** The stage a dose goes into, where it is one whose amount is asked for there. */
function addingStage(id: string, dose: AddedDose): string | null {
  const { plan, parameters } = planned(basic(id));
  const stage = plan.stages.find((one) => takes(one, parameters, dose));
  return stage && addingIn(at(basic(id), stage.id)).some((one) => one.dose === dose) ? stage.id : null;
}

const PAIRS = METHODS.flatMap(({ id }) =>
  ADDED_DOSES.flatMap((dose) => {
    const stage = addingStage(id, dose);
    return stage ? [{ id, dose, stage }] : [];
  }),
);

/** A share of what is planned of a dose, as it goes in now. */
function going(state: MakeState, dose: AddedDose, share: number): NewEvent {
  const adding = addingIn(state).find((one) => one.dose === dose);
  if (!adding) throw new Error(`${dose} does not go in here`);
  const unit = adding.units[0] as GivenUnit;
  return addedEvent(state, adding, { amount: adding.planned * share, unit });
}

describe('what really went in', () => {
  it('can be said of every dose of every make but the acid poured by the look of its whey', () => {
    expect(PAIRS.length).toBeGreaterThan(35);
    for (const { id } of METHODS)
      for (const dose of ADDED_DOSES) {
        const { plan, parameters } = planned(basic(id));
        const stage = plan.stages.find((one) => takes(one, parameters, dose));
        if (stage && PAIRS.every((pair) => pair.id !== id || pair.dose !== dose)) expect(dose).toBe('acid');
      }
  });

  it.each(PAIRS)(
    '$dose of $id: half of it, and all that follows is planned for half',
    ({ id, dose, stage }) => {
      const before = at(basic(id), stage);
      const half = going(before, dose, 0.5);
      expect(objection(before, half)).toBeNull();
      expect(eventSchema.safeParse({ ...half, seq: 1, at: 0 }).success).toBe(true);
      const after = at(basic(id), stage, [[1, half]]);
      expect(stageAt(after).id).toBe(stage);
      expect(after.added).toHaveLength(1);
      for (const one of after.added) expect(one.amount / one.plannedAmount).toBeCloseTo(0.5, 6);
      expect(after.added.map((one) => one.followed)).toEqual([true]);
      // What the maker's own brief would have planned, had it said so.
      const said = after.plan.brief;
      const again = planBrief(said, { spread: false });
      expect(again.ok && again.value.plan.predictions).toEqual(after.plan.predictions);
      const unit = unitsFor(dose, said)[0] as GivenUnit;
      expect(plannedAmountOf(after.plan, dose, unit)).toBeCloseTo(
        0.5 * plannedAmountOf(before.plan, dose, unit),
        1,
      );
      // The same tap of a second finger adds nothing.
      expect(objection(after, half)).toMatch(/noted already/);
    },
  );

  it('a second go adds to the first, and both undone it is as planned', () => {
    const brief = basic('fresh-pressed');
    const first = going(at(brief, 'coagulant'), 'coagulant', 0.4);
    const one = at(brief, 'coagulant', [[1, first]]);
    const second = going(one, 'coagulant', 0.6);
    const both = at(brief, 'coagulant', [
      [1, first],
      [2, second],
    ]);
    const planMin = at(brief, 'coagulant').plan.predictions.setMin?.likely as number;
    expect(one.plan.predictions.setMin?.likely).toBeGreaterThan(1.8 * planMin);
    expect(both.plan.predictions.setMin?.likely).toBeCloseTo(planMin, 0);
    const seq = both.added.map((each) => each.seq);
    const undone = at(brief, 'coagulant', [
      [1, first],
      [2, second],
      [3, { type: 'undone', target: seq[1] as number }],
      [4, { type: 'undone', target: seq[0] as number }],
    ]);
    expect(undone.added).toEqual([]);
    expect(undone.plan.predictions).toEqual(at(brief, 'coagulant').plan.predictions);
  });

  it('so many pieces as were made: they lie in brine as long as pieces of that size do', () => {
    const brief = basic('cultured-stretched', { litres: 10 });
    const before = at(brief, 'shape');
    expect(countsPieces(before)).toBe(true);
    expect(countsPieces(at(brief, 'cook'))).toBe(false);
    const eight = piecesEvent(before, 8);
    expect(objection(before, eight)).toBeNull();
    const after = at(brief, 'shape', [[1, eight]]);
    const hours = (state: MakeState) =>
      state.plan.stages.find((one) => one.kind === 'brine')?.durationMin.likely ?? 0;
    expect(after.pieces).toMatchObject([{ count: 8, stage: 'shape' }]);
    expect(hours(after)).toBeLessThan(0.7 * hours(before));
    const asked = planBrief({ ...after.plan.brief }, { spread: false });
    expect(asked.ok && asked.value.plan.predictions).toEqual(after.plan.predictions);
  });

  it('any measure of the product is taken, and no other', () => {
    const state = at(basic('fresh-pressed'), 'coagulant');
    const [adding] = addingIn(state);
    if (!adding) throw new Error('coagulant goes in');
    expect(addedEvent(state, adding, { amount: 0.5, unit: 'tsp' }).amount).toBeCloseTo(2.46, 1);
    expect(addedEvent(state, adding, { amount: 20, unit: 'drop' }).amount).toBeCloseTo(1, 1);
    expect(() => addedEvent(state, adding, { amount: 1, unit: 'sachet' })).toThrow(/not measured in/);
  });
});
