import { describe, expect, it } from 'vitest';
import { METHODS } from '../makes';
import { basic, planned as plannedOf } from '../plan/fixtures/briefs';
import type { NewEvent, WheyUse } from './events';
import { BEGIN, log, MIN, started } from './fixtures/logs';
import { objection } from './objection';
import { stateOf } from './state';
import { worksFrom } from './works';

describe('the band a stage still works in', () => {
  it('lies round its target for every stage of every make that has one, and nowhere else', () => {
    for (const method of METHODS) {
      const made = plannedOf(basic(method.id));
      made.plan.stages.forEach((stage, index) => {
        const state = { ...stateOf(log(started({ plan: made.plan, parameters: made.parameters }))), index };
        const band = worksFrom(state);
        if (stage.targetC === null) expect(band).toBeNull();
        else if (band) {
          expect(band[0]).toBeLessThanOrEqual(stage.targetC);
          expect(band[1]).toBeGreaterThanOrEqual(stage.targetC);
        }
        expect(worksFrom({ ...state, pausedAt: BEGIN })).toBeNull();
      });
    }
  });
});

describe('after the make', () => {
  it('cold and clean are noted once, with their time, and do not stand in the way of an undo', () => {
    const over: [number, NewEvent][] = [[30, { type: 'finished', weighedKg: 1 }]];
    const ticked = stateOf(log(started(), ...over, [40, { type: 'ticked', what: 'cooled' }]));
    expect(ticked.ticks).toEqual({ cooled: BEGIN + 70 * MIN, cleaned: null });
    expect(objection(ticked, { type: 'ticked', what: 'cooled' })).toMatch(/already/);
    expect(objection(ticked, { type: 'ticked', what: 'cleaned' })).toBeNull();
    expect(ticked.undoable?.type).toBe('finished');
  });

  it('what the whey went to can be said again otherwise, and not twice the same', () => {
    const over: [number, NewEvent][] = [[30, { type: 'finished', weighedKg: 1 }]];
    const used = (...uses: WheyUse[]) =>
      stateOf(
        log(started(), ...over, ...uses.map((use): [number, NewEvent] => [1, { type: 'whey-used', use }])),
      );
    expect(used().wheyUse).toBeNull();
    expect(used('animals').wheyUse).toBe('animals');
    expect(used('animals', 'ricotta').wheyUse).toBe('ricotta');
    expect(objection(used('ricotta'), { type: 'whey-used', use: 'ricotta' })).toMatch(/already/);
    expect(objection(used('ricotta'), { type: 'whey-used', use: 'poured away' })).toBeNull();
    expect(used('ricotta').undoable?.type).toBe('finished');
  });
});
