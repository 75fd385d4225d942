import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import { basic, planned } from '../plan/fixtures/briefs';
import { addedEvent, addingIn } from './adding';
import { borne, together, unreckoned } from './borne';
import { eventSchema, type NewEvent } from './events';
import { at } from './fixtures/walked';
import { keptText } from './kept';
import { costsSoFar, mishapEvent, remedyFor } from './mishaps';

const f = formatter(METRIC);
const costs = { moisturePoints: -1, fatShare: -0.1, yieldShare: -0.2 };
const wrong: NewEvent = { type: 'mishap', what: 'cut-early', text: 'x', costs };

describe('what went wrong is borne by the plan', () => {
  it('takes a fifth of the cheese, a point of its moisture, its fat, and salts what is left', () => {
    const before = planned(basic('squeaky-curds', { pricePerLitre: 1 })).plan;
    const after = borne(before, costs);
    expect(after.predictions.yieldKg.likely).toBeCloseTo(0.8 * before.predictions.yieldKg.likely, 9);
    expect(after.predictions.moisturePct).toBeCloseTo(before.predictions.moisturePct - 1, 9);
    expect(after.predictions.costPerKg).toBeCloseTo((before.predictions.costPerKg ?? 0) / 0.8, 9);
    const salt = (plan: typeof before) => plan.doses.find((dose) => dose.id === 'salt')?.grams ?? 0;
    expect(salt(after)).toBeCloseTo(0.8 * salt(before), 9);
    // 53 g of fat in 100 g dry: 47.7 g of it left in 94.7 g.
    const fat = before.predictions.fatInDryMatterPct;
    expect(after.predictions.fatInDryMatterPct).toBeCloseTo((90 * fat) / (100 - 0.1 * fat), 6);
  });

  it('where all is lost, no kilo of it has a price', () => {
    const before = planned(basic('squeaky-curds', { pricePerLitre: 1 })).plan;
    expect(borne(before, { ...costs, yieldShare: -1 }).predictions.costPerKg).toBeNull();
  });

  it('salt as the maker gave it stays as given', () => {
    const { plan } = planned({ ...basic('squeaky-curds'), salt: { given: { amount: 9, unit: 'g' } } });
    expect(borne(plan, costs).doses).toEqual(plan.doses);
  });

  it('does not depend on the order in which things went wrong', () => {
    const share = fc.double({ min: -0.5, max: 0.2, noNaN: true });
    const one = fc.record({ moisturePoints: share, fatShare: share, yieldShare: share });
    fc.assert(
      fc.property(one, one, (a, b) => {
        const [ab, ba] = [together([a, b]), together([b, a])];
        for (const key of ['moisturePoints', 'fatShare', 'yieldShare'] as const)
          expect(ab[key]).toBeCloseTo(ba[key], 9);
      }),
    );
  });

  it('a plan made anew of a dose bears what went wrong before it, once', () => {
    const brief = basic('squeaky-curds');
    const before = at(brief, 'coagulant', [[1, wrong]]);
    const adding = addingIn(before).find((one) => one.dose === 'coagulant');
    if (!adding) throw new Error('coagulant goes in here');
    const half = addedEvent(before, adding, { amount: adding.planned / 2, unit: adding.units[0] ?? 'g' });
    const after = at(brief, 'coagulant', [
      [1, wrong],
      [2, half],
    ]);
    expect(after.plan.predictions.yieldKg.likely).toBeCloseTo(before.plan.predictions.yieldKg.likely, 2);
    expect(after.plan.predictions.setMin?.likely).toBeGreaterThan(
      1.5 * (before.plan.predictions.setMin?.likely ?? 0),
    );
  });

  it('half of the milk makes a plan for half, and is not taken off it again', () => {
    const brief = basic('squeaky-curds', { litres: 8 });
    const before = at(brief, 'warm');
    const remedy = remedyFor(before, 'half-milk', { litres: 4 }, f);
    const event = mishapEvent(before, 'half-milk', { text: 'x', asked: { litres: 4 }, remedy });
    expect(eventSchema.safeParse({ ...event, seq: 9, at: 9 }).success).toBe(true);
    const after = at(brief, 'warm', [
      [1, event],
      [2, wrong],
    ]);
    expect(after.plan.brief.milk.litres).toBe(4);
    const half = planned(basic('squeaky-curds', { litres: 4 })).plan;
    expect(after.plan.predictions.yieldKg.likely).toBeCloseTo(0.8 * half.predictions.yieldKg.likely, 2);
    expect(unreckoned(after).yieldShare).toBeCloseTo(-0.2, 9);
    expect(costsSoFar(after).yieldShare).toBeCloseTo(0.5 * 0.8 - 1, 9);
  });
});

describe('how a vessel keeps its heat through a set', () => {
  const told = (keepWarm: 'lid' | 'insulated', roomC: number, method = 'cultured-stretched') =>
    keptText(at({ ...basic(method), roomC, keepWarm }, 'set'), f) ?? '';

  it('is told with both its temperatures, and what would keep it better', () => {
    expect(told('insulated', 20)).toBe('In an insulated pot it keeps its heat.');
    expect(told('lid', 5)).toMatch(
      /^With a lid on it goes from [\d.]+\u00a0°C to [\d.]+\u00a0°C meanwhile.* it would lose less than 2\u00a0°C/,
    );
  });

  it('is told nowhere but at a set', () => {
    expect(keptText(at(basic('goat-lactic'), 'warm'), f)).toBeNull();
  });
});
