import { describe, expect, it } from 'vitest';
import { SALT_KINDS, spoonsFor } from '../core/salt/spoons';
import { formatter, type INSTRUMENTS, METRIC } from '../core/units/format';
import { METHODS } from '../makes';
import { stageKind } from '../makes/kinds';
import { basic, planned } from './fixtures/briefs';
import { givenSalt } from './given';
import { tellingOf } from './telling';

const WARMED = ['warm', 'scald', 'cool', 'cook'];

function stepsOf(id: string, lacks: (typeof INSTRUMENTS)[number][]) {
  const { plan, parameters } = planned(basic(id));
  const telling = tellingOf({ plan }, formatter({ ...METRIC, lacks }));
  return plan.stages.map((stage) => ({
    kind: stage.kind,
    targetC: stage.targetC,
    text: stageKind(stage.kind).words(parameters[stage.id], telling).steps.join(' '),
  }));
}

describe('without instruments', () => {
  it.each(METHODS.map(({ id }) => id))(
    '%s: every warming says how it feels, and only where none is there',
    (id) => {
      for (const { kind, text } of stepsOf(id, ['thermometer']).filter((one) => WARMED.includes(one.kind)))
        expect(text, kind).toContain('Without a thermometer: ');
      for (const { text } of stepsOf(id, [])) expect(text).not.toContain('Without a thermometer');
    },
  );

  it('a hotter pot never feels cooler: each step of ten degrees has words of its own', () => {
    const says = [25, 31, 36, 40, 45, 50, 58, 70, 88, 95].map((toC) =>
      stageKind('warm')
        .words(
          { toC, overMin: 0 },
          tellingOf(planned(basic('paneer')), formatter({ ...METRIC, lacks: ['thermometer'] })),
        )
        .steps.at(-1),
    );
    expect(new Set(says).size).toBe(says.length);
    // Nobody is told to put a finger where it scalds.
    expect(says.slice(7).join(' ')).not.toMatch(/finger stands/);
  });

  it('loose curd is salted by the spoon to the cup: one per cent of 200 g is 2 g, a third of a teaspoon', () => {
    const salt = stepsOf('squeaky-curds', ['scale']).find(({ kind }) => kind === 'salt');
    expect(salt?.text).toMatch(/Without a scale: (¼ tsp \+ ⅛ tsp|⅜ tsp|¼ tsp) of fine salt/);
    expect(stepsOf('squeaky-curds', []).find(({ kind }) => kind === 'salt')?.text).not.toContain('Without');
  });

  it('salt goes by the spoon as it is ground: as many grams of each, and more spoons of flakes', () => {
    const salted = (kind: (typeof SALT_KINDS)[number]) =>
      planned(basic('squeaky-curds', {}, { salt: { kind } })).plan.doses.find(({ id }) => id === 'salt');
    for (const kind of SALT_KINDS) {
      expect(salted(kind)?.grams).toBe(
        planned(basic('squeaky-curds')).plan.doses.find(({ id }) => id === 'salt')?.grams,
      );
      expect(salted(kind)?.ingredient).toBe(`${kind} salt`);
      expect(salted(kind)?.spoons).toBe(spoonsFor(`${kind} salt`, salted(kind)?.grams ?? 0).text);
    }
    expect(new Set(SALT_KINDS.map((kind) => salted(kind)?.spoons)).size).toBe(3);
    // What is spooned in is weighed by the same spoon.
    expect(givenSalt({ salt: { kind: 'flaked', given: { amount: 2, unit: 'tsp' } } })).toBeCloseTo(5.8, 9);
  });
});
