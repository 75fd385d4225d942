import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import { basic, planned } from '../plan/fixtures/briefs';
import { keepsDays } from '../plan/keeps';
import { methodIn } from '../plan/planOf';
import { alarmsOf } from './alarms';
import { alarmText } from './alarmText';
import type { NewEvent } from './events';
import { log, MIN, started } from './fixtures/logs';
import { at } from './fixtures/walked';
import { heatedThrough } from './heated';
import { brineLater, kgNow, saltNowPct } from './later';
import { momentOf } from './moment';
import { objection } from './objection';
import { stageEndsAt, stateOf } from './state';
import { tastingsAt } from './taste';

const f = formatter(METRIC);
const HOUR = 60;
const later = (kg: number | null): NewEvent => ({ type: 'later', what: 'salted', kg, text: '' });

/** A make of that method that is over, and what happened after, h. */
function over(method: string, ...after: [hours: number, event: NewEvent][]) {
  const { plan, parameters } = planned(basic(method));
  const last = plan.stages.at(-1)?.id as string;
  return stateOf(
    log(
      started({ plan, parameters, fromStage: last }),
      [1, { type: 'finished', weighedKg: 1 }],
      ...after.map(([hours, event]): [number, NewEvent] => [hours * HOUR, event]),
    ),
  );
}

describe('a cheese that is finished goes on', () => {
  it('is salted, brined, hung on and weighed again, and weighs what it weighed last', () => {
    expect(objection(at(basic('grilling'), 'press'), later(1))).toMatch(/not finished yet/);
    const made = over('grilling');
    expect(objection(made, later(0.98))).toBeNull();
    expect(kgNow(made)).toBe(1);
    expect(kgNow(over('grilling', [1, later(0.98)], [5, later(null)]))).toBe(0.98);
  });

  it('lies longer in brine the thicker, the closer and the saltier it is wanted, and ends by the brine', () => {
    const made = over('paneer');
    const hours = (more: Partial<Parameters<typeof brineLater>[1]>) =>
      brineLater(made, { pieceKg: 0.25, thicknessCm: 2.5, knit: 'close', pctWw: 12, percent: 2, ...more });
    expect(hours({ thicknessCm: 5 }).hours).toBeGreaterThan(1.5 * hours({}).hours);
    expect(hours({ percent: 3 }).hours).toBeGreaterThan(1.5 * hours({}).hours);
    // Through its cracks salt goes in 5 to 15 times faster.
    expect(hours({}).hours / hours({ knit: 'open' }).hours).toBeGreaterThan(5);
    expect(hours({}).hours / hours({ knit: 'open' }).hours).toBeLessThan(15);
    expect(hours({ pctWw: 18, percent: 2 }).endsPct).toBeGreaterThan(hours({}).endsPct);
    expect(() => hours({ pctWw: 3, percent: 5 })).toThrow();
    // What its make has salted already is not salted again.
    const salted = over('grilling');
    const holds = saltNowPct(salted);
    expect([holds, saltNowPct(made)]).toEqual([salted.plan.brief.options?.saltPct, 0]);
    const again = { pieceKg: 0.25, thicknessCm: 2.5, knit: 'close', pctWw: 12 } as const;
    expect(brineLater(salted, { ...again, percent: holds }).hours).toBe(0);
    expect(brineLater(salted, { ...again, percent: 3 }).hours).toBeLessThan(hours({ percent: 3 }).hours);
  });

  it('nobody is asked to taste it after its label says not to eat it', () => {
    for (const method of ['fresh-pressed', 'squeaky-curds', 'goat-lactic', 'cultured-stretched']) {
      const made = over(method);
      const days = keepsDays(made.plan, methodIn(made));
      for (const due of tastingsAt(made))
        expect([method, due]).toEqual([
          method,
          Math.min(due, (made.finishedAt ?? 0) + days * 24 * HOUR * MIN - 1),
        ]);
    }
    expect(tastingsAt(over('fresh-pressed')).length).toBeGreaterThan(0);
  });
});

describe('what a reading is of', () => {
  const raw = basic('grilling', { treatment: 'raw' });

  it('a room or a core stands beside the course of the pot; what a stage is about does not', () => {
    const state = at(basic('squeaky-curds'), 'cook', [
      [1, { type: 'temperature', tempC: 33, of: 'curd' }],
      [2, { type: 'temperature', tempC: 19, of: 'room' }],
      [3, { type: 'temperature', tempC: 34 }],
    ]);
    expect(state.readings.map((one) => one.tempC)).toEqual([33, 34]);
    expect(state.beside.map((one) => one.tempC)).toEqual([19]);
    const stretch = at(basic('quick-stretched'), 'stretch', [
      [1, { type: 'temperature', tempC: 61, of: 'core' }],
    ]);
    expect(stretch.readings.map((one) => one.tempC)).toEqual([61]);
  });

  it('a raw milk’s pieces read hot to the core keep as pasteurised ones do, and only those', () => {
    const poached = (tempC: number) => at(raw, 'poach', [[40, { type: 'temperature', tempC, of: 'core' }]]);
    const days = (tempC: number) =>
      keepsDays(poached(tempC).plan, methodIn(poached(tempC)), heatedThrough(poached(tempC)));
    expect(heatedThrough(poached(74))).toBe(true);
    expect(heatedThrough(poached(65))).toBe(false);
    expect(days(74)).toBeGreaterThan(days(65));
    expect(momentOf(at(raw, 'poach'), f).steps.join(' ')).toMatch(/Raw milk: read the core/);
    expect(momentOf(at(basic('grilling'), 'poach'), f).steps.join(' ')).not.toMatch(/Raw milk/);
  });
});

describe('bells', () => {
  it('say what they call for, each until the next, and none when the stage is over anyway', () => {
    const slabs = at(basic('squeaky-curds'), 'slab');
    const bells = alarmsOf('a', slabs).filter((one) => one.about === 'bell');
    expect(bells.length).toBeGreaterThan(0);
    for (const [i, one] of bells.entries()) {
      expect(alarmText(one, slabs, f)).toMatch(/warm the whey under it again/);
      expect(one.until).toBe(bells[i + 1]?.dueAt ?? one.until);
      expect(one.dueAt).toBeLessThan(
        slabs.stageStartedAt + (slabs.plan.stages[slabs.index]?.durationMin.likely ?? 0) * MIN,
      );
    }
    const brine = at(basic('cultured-stretched', { litres: 10 }), 'brine');
    const turned = alarmsOf('a', brine).filter((one) => one.about === 'bell');
    expect(turned.map((one) => alarmText(one, brine, f))).toEqual([
      expect.stringMatching(/turn the pieces over/),
    ]);
    // The press before a poach asks for its whey in time; one before nothing hot does not.
    const press = at(basic('grilling'), 'press');
    const [whey, ...more] = alarmsOf('a', press).filter((one) => one.about === 'bell');
    expect([whey && alarmText(whey, press, f), more]).toEqual([expect.stringMatching(/put the whey on/), []]);
    const poach = press.plan.stages[press.index + 1];
    expect((stageEndsAt(press) - (whey?.dueAt ?? 0)) / MIN).toBeCloseTo(
      (poach?.durationMin.likely ?? 0) - 30,
      6,
    );
    expect(alarmsOf('a', at(basic('fresh-pressed'), 'press')).filter((one) => one.about === 'bell')).toEqual(
      [],
    );
    const stirred = at(basic('squeaky-curds', {}, { options: { stirEveryMin: 5, holdMin: 20 } }), 'stir');
    const round = alarmsOf('a', stirred).find((one) => one.about === 'turn');
    expect(round && alarmText(round, stirred, f)).toMatch(/stir it, 1 of 4/);
  });
});
