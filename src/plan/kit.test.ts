import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import { METHODS } from '../makes';
import { basic, planned } from './fixtures/briefs';
import { kitOf } from './kit';
import { scaledBy } from './larger';
import { acidStandIns } from './standIns';

const f = formatter(METRIC);
const kit = (id: string, options = {}) =>
  kitOf(planned(basic(id, {}, { options })), f)
    .map(({ what }) => what.replaceAll('\u00a0', ' '))
    .join('; ');

describe('what has to stand ready', () => {
  it.each(METHODS.map((method) => method.id))('%s: a pot with room, and nothing without a reason', (id) => {
    const items = kitOf(planned(basic(id)), f);
    expect(items[0]?.what).toMatch(/a pot of .*L or more/);
    for (const { what, why } of items) {
      expect(`${what}: ${why}`).not.toMatch(/NaN|undefined/);
      expect(why.length, what).toBeGreaterThan(3);
    }
    expect(new Set(items.map(({ what }) => what)).size).toBe(items.length);
  });

  it('follows the stages: a scald wants more room, a stretch gloves, a brine its tub, a microwave its bowl', () => {
    expect(kit('paneer')).toMatch(/a pot of 10.6 L or more/);
    expect(kit('goat-lactic')).toMatch(/a pot of 9.6 L or more/);
    expect(kit('quick-stretched')).toMatch(/gloves/);
    expect(kit('quick-stretched', { stretchBy: 'microwave' })).toMatch(/bowl for the microwave/);
    expect(kit('grilling')).toMatch(/a tub for/);
    expect(kit('grilling', { saltBy: 'dry' })).not.toMatch(/a tub for/);
    expect(kit('fresh-pressed', { press: 'screw' })).toMatch(/and a press/);
  });
});

describe('what could stand in', () => {
  it('brings the milk to the same pH: the amounts are those of a plan with that acid', () => {
    for (const one of acidStandIns(planned(basic('whole-milk-ricotta')))) {
      const dose = planned(basic('whole-milk-ricotta', {}, { acid: { kind: one.kind } })).plan.doses.find(
        (line) => line.id === 'acid',
      );
      expect(one.grams).toBeCloseTo(dose?.grams as number, 3);
    }
    expect(acidStandIns(planned(basic('goat-lactic')))).toEqual([]);
  });
});

describe('three times as much', () => {
  it.each(METHODS.map((method) => method.id))(
    '%s: three times the cheese for less than three times the hands',
    (id) => {
      const once = planned(basic(id)).plan;
      const thrice = scaledBy({ plan: once }, 3)?.plan;
      expect((thrice?.predictions.yieldKg.likely ?? 0) / once.predictions.yieldKg.likely).toBeCloseTo(3, 1);
      expect(thrice?.predictions.handsOnMin as number).toBeLessThan(2.5 * once.predictions.handsOnMin);
    },
  );

  it('stops where no pot is that big', () =>
    expect(scaledBy(planned(basic('paneer', { litres: 200 })), 3)).toBeNull());
});
