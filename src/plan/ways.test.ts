import { describe, expect, it } from 'vitest';
import { METHODS } from '../makes';
import { basic, planned } from './fixtures/briefs';
import { scaledBy } from './larger';
import { freeOptions } from './ways';

const at = (method: string, stage: string) => {
  const made = planned(basic(method));
  return freeOptions(
    made,
    made.plan.stages.findIndex((one) => one.id === stage),
  );
};

describe('options that are still free', () => {
  it('of a grilling cheese at the press: how it is salted, and no longer how it was set and cut', () => {
    const free = at('grilling', 'press');
    expect(free).toContain('saltBy');
    expect(free).not.toContain('cutMm');
    expect(free).not.toContain('wantedSetMin');
    expect(free).not.toContain('cultured');
  });

  it('of a ricotta while it drains: its moisture and salt, not its heat', () => {
    const free = at('whole-milk-ricotta', 'drain');
    expect(free).toEqual(expect.arrayContaining(['moisturePct', 'saltPct']));
    expect(free).not.toContain('scaldC');
  });

  it.each(METHODS.map((method) => [method.id]))('of %s only ever become fewer as it goes on', (id) => {
    const made = planned(basic(id));
    let before = freeOptions(made, 0);
    for (let index = 1; index < made.plan.stages.length; index++) {
      const free = freeOptions(made, index);
      expect(before).toEqual(expect.arrayContaining(free));
      before = free;
    }
  });

  it('chosen otherwise leave what went in as it was', () => {
    const made = planned(basic('grilling'));
    const index = made.plan.stages.findIndex((one) => one.id === 'press');
    const salted = made.plan.brief.options?.saltBy;
    const other = scaledBy(made, 1, { saltBy: salted === 'brine' ? 'dry' : 'brine' });
    if (!other) throw new Error('there is another way');
    expect(other.plan.stages.slice(0, index + 1).map((stage) => stage.id)).toEqual(
      made.plan.stages.slice(0, index + 1).map((stage) => stage.id),
    );
    expect(other.plan.stages.slice(index + 1).map((stage) => stage.kind)).not.toEqual(
      made.plan.stages.slice(index + 1).map((stage) => stage.kind),
    );
  });
});
