import { describe, expect, it } from 'vitest';
import { withAdded } from './added';
import { type Belief, LEARNED_QUANTITIES, type LearnedQuantity } from './belief';
import { basic } from './fixtures/briefs';
import { scaledBy } from './larger';
import { beliefIn, movedIn } from './moved';
import { type Planned, planBrief } from './plan';

const held = (quantity: LearnedQuantity, likely: number): Belief => ({
  [quantity]: { likely, sdLn: 0.02, of: 'milk', id: 'Sallow', makes: 4 },
});
function planned(method: string, belief: Belief = {}, spread = false): Planned {
  const result = planBrief(basic(method, { litres: 8 }), { spread, belief });
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
}
const dose = ({ plan }: Planned, id: string) => plan.doses.find((one) => one.id === id)?.grams ?? 0;

/** What each quantity moves by a tenth, in a make that has it. */
const MOVES: readonly (readonly [
  LearnedQuantity,
  method: string,
  figure: (one: Planned) => number,
  by: number,
])[] = [
  ['acid-need', 'whole-milk-ricotta', (one) => dose(one, 'acid'), 1.1],
  ['acid-need', 'quick-stretched', (one) => dose(one, 'acid'), 1.1],
  ['coagulant-strength', 'squeaky-curds', (one) => dose(one, 'coagulant'), 1 / 1.1],
  ['culture-pace', 'goat-lactic', (one) => one.plan.predictions.acidifyHours?.likely ?? 0, 1 / 1.1],
  ['drain-pace', 'goat-lactic', (one) => one.plan.predictions.drainHours?.likely ?? 0, 1 / 1.1],
  ['yield', 'squeaky-curds', (one) => one.plan.predictions.yieldKg.likely, 1.1],
  ['yield', 'goat-lactic', (one) => one.plan.predictions.yieldKg.likely, 1.1],
];

describe('a plan with what has been learned', () => {
  it.each(MOVES)('%s of %s moves its figure by as much', (quantity, method, figure, by) => {
    const ratio = figure(planned(method, held(quantity, 1.1))) / figure(planned(method));
    expect(Math.abs(ratio / by - 1)).toBeLessThan(0.02);
  });

  it('a stronger hob warms sooner', () => {
    const warm = (one: Planned) =>
      one.plan.stages.find(({ kind }) => kind === 'warm')?.durationMin.likely ?? 0;
    const ratio = warm(planned('squeaky-curds', held('power', 1.2))) / warm(planned('squeaky-curds'));
    expect(ratio).toBeGreaterThan(0.78);
    expect(ratio).toBeLessThan(0.87);
  });

  it('a dose for a weak bottle sets in the wished minutes all the same', () => {
    const weak =
      planned('squeaky-curds', held('coagulant-strength', 0.75)).plan.predictions.setMin?.likely ?? 0;
    expect(weak).toBeCloseTo(planned('squeaky-curds').plan.predictions.setMin?.likely ?? 9, 1);
  });

  it('nothing learned is the plain plan, to the last figure', () => {
    for (const quantity of LEARNED_QUANTITIES)
      expect(planned('squeaky-curds', held(quantity, 1)).plan.predictions.yieldKg.likely).toBeCloseTo(
        planned('squeaky-curds').plan.predictions.yieldKg.likely,
        6,
      );
    expect(planned('squeaky-curds', {})).toEqual(planned('squeaky-curds'));
  });

  it('narrows what it knows: the set of a bottle that was watched, the yield of a make that was weighed', () => {
    const width = ({ low, high }: { low: number; high: number }) => Math.log(high / low);
    const [plain, set, kg] = [
      planned('squeaky-curds', {}, true),
      planned('squeaky-curds', held('coagulant-strength', 1), true),
      planned('squeaky-curds', held('yield', 1), true),
    ].map(({ plan }) => plan.predictions);
    expect(width(set?.setMin ?? { low: 1, high: 99 })).toBeLessThan(
      width(plain?.setMin ?? { low: 1, high: 1 }),
    );
    expect(width(kg?.yieldKg ?? { low: 1, high: 99 })).toBeLessThan(
      width(plain?.yieldKg ?? { low: 1, high: 1 }),
    );
  });

  it('what was learned of a plan stands beside one changed a little, each figure as it is now', () => {
    const before = planned('squeaky-curds', held('yield', 1.05)).plan;
    const twice = scaledBy({ plan: before }, 2)?.plan;
    const [was] = before.learned ?? [];
    const [is] = movedIn(before.learned ?? [], twice ?? before);
    expect(is?.value).toBeCloseTo(2 * (was?.value ?? 0), 1);
    expect((is?.value ?? 0) / (is?.plain ?? 1)).toBeCloseTo((was?.value ?? 0) / (was?.plain ?? 1), 9);
  });

  it('says what moved which figure, and what is planned anew on the way goes by it too', () => {
    const learned = planned('squeaky-curds', { ...held('coagulant-strength', 0.8), ...held('yield', 1.05) });
    expect(learned.plan.learned?.map(({ quantity, figure }) => [quantity, figure])).toEqual([
      ['coagulant-strength', 'coagulant'],
      ['yield', 'yield'],
    ]);
    const [first] = learned.plan.learned ?? [];
    // Eight in ten of what it may be lie between low and high, as far below as above, by factors.
    const { likely = 0, low = 0, high = 0 } = first ?? {};
    expect(low).toBeLessThan(likely);
    expect(low * high).toBeCloseTo(likely * likely, 6);
    expect(Math.log(high / likely) / 0.02).toBeCloseTo(1.2816, 3);
    expect((first?.value ?? 0) / (first?.plain ?? 1)).toBeCloseTo(1.25, 2);
    expect(beliefIn(learned.plan)['coagulant-strength']).toMatchObject({
      likely: 0.8,
      sdLn: expect.closeTo(0.02, 9),
      id: 'Sallow',
      makes: 4,
    });
    const twice = scaledBy(learned, 2);
    expect(twice?.plan.predictions.yieldKg.likely).toBeCloseTo(
      2 * learned.plan.predictions.yieldKg.likely,
      1,
    );
    const amount = learned.plan.doses.find(({ id }) => id === 'coagulant')?.millilitres ?? 0;
    const again = withAdded(learned, 'coagulant', { amount, unit: 'mL' });
    expect(again?.plan.predictions.setMin?.likely).toBeCloseTo(
      learned.plan.predictions.setMin?.likely ?? 0,
      0,
    );
  });
});
