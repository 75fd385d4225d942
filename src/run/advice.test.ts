import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { minutesTo, potOf, tempAfter } from '../core/heat/pot';
import { normal, seeded } from '../core/stats/random';
import { formatter, METRIC } from '../core/units/format';
import { coursesOf } from '../plan/course';
import { basic, planned } from '../plan/fixtures/briefs';
import { drainAdvice, saltForWeight } from './drainAdvice';
import type { NewEvent } from './events';
import { expectedEnd, readyAt } from './expect';
import { BEGIN, MIN } from './fixtures/logs';
import { at } from './fixtures/walked';
import { stageAt } from './makeState';
import { momentOf } from './moment';
import { objection } from './objection';
import { rampAdvice } from './rampAdvice';
import { setAdvice } from './setAdvice';
import { sourAdvice } from './sourAdvice';
import { stageEndsAt } from './state';
import { safetySoFar, warmSoFar } from './warm';

const f = formatter(METRIC);

describe('a set by coagulant', () => {
  const quick = basic('squeaky-curds');

  it('is watched as planned until the bowl stops, then cut at three times that', () => {
    const watched = setAdvice(at(quick, 'set'));
    expect(watched?.kind).toBe('watch');
    fc.assert(
      fc.property(fc.double({ min: 5, max: 30, noNaN: true }), (minute) => {
        const state = at(quick, 'set', [[minute, { type: 'flocculated' }]]);
        const advice = setAdvice(state);
        if (advice?.kind !== 'cut-at') throw new Error('the bowl has stopped');
        const added = state.runs.find((run) => run.stage === 'coagulant')?.startedAt as number;
        const floc = state.stageStartedAt + minute * MIN - added;
        expect(advice.cutAt - added).toBeCloseTo(3 * floc, -2);
        expect(expectedEnd(state)).toBe(advice.cutAt);
        expect(advice.strengthShare).toBeCloseTo(45 / 3 / (floc / MIN), 3);
      }),
    );
  });

  it('a set read colder than planned is told later, a warmer one sooner, and the moment says why', () => {
    const cutAt = (tempC: number) => {
      const state = at(quick, 'set', [[1, { type: 'temperature', tempC }]]);
      const advice = setAdvice(state);
      if (advice?.kind !== 'watch') throw new Error('nothing but a temperature was noted');
      expect(expectedEnd(state)).toBe(advice.cutAt);
      return { advice, state, minutes: (advice.cutAt - BEGIN) / MIN };
    };
    const setC = Number(planned(quick).plan.brief.options?.setC);
    const [cold, right, warm] = [cutAt(setC - 4), cutAt(setC), cutAt(setC + 3)];
    expect(cold.minutes).toBeGreaterThan(right.minutes);
    expect(warm.minutes).toBeLessThan(right.minutes);
    expect(right.advice.heat).toBeNull();
    // 10.5 % a degree, as the clotting model has it.
    expect(cold.advice.heat?.share).toBeCloseTo(Math.exp(0.105 * 4), 3);
    expect(momentOf(cold.state, f).steps[0]?.replaceAll('\u00a0', ' ')).toBe(
      `At ${setC - 4}.0 °C instead of ${setC} °C the set takes about 50 % longer.`,
    );
    expect(momentOf(right.state, f).endsWhat).toBe('cut, as planned');
    const late = at(quick, 'set', [
      [1, { type: 'temperature', tempC: setC - 4 }],
      [20, { type: 'flocculated' }],
    ]);
    expect(setAdvice(late)?.kind).toBe('cut-at');
  });

  it('looks again when the knife finds no break, is late then, and is ready when it does', () => {
    const soft = at(quick, 'set', [[44, { type: 'tested', found: 'not yet' }]]);
    const advice = setAdvice(soft);
    if (advice?.kind !== 'look-again') throw new Error('not clean yet');
    expect(advice.lookAt).toBeGreaterThan(soft.stageStartedAt + 55 * MIN);
    expect(momentOf(soft, f).late).toBe(true);
    expect(momentOf(soft, f).action).toBe('Wait on');
    const said = (found: 'nearly' | 'not yet') =>
      momentOf(at(quick, 'set', [[44, { type: 'tested', found }]]), f).steps[0];
    expect(said('nearly')).toMatch(/^The split closes/);
    expect(said('not yet')).toMatch(/^Still milk/);
    const clean = at(quick, 'set', [
      [44, { type: 'tested', found: 'nearly' }],
      [52, { type: 'tested', found: 'clean' }],
    ]);
    expect(setAdvice(clean)).toEqual({ kind: 'clean' });
    expect(momentOf(clean, f).main?.text).toBe('Clean break');
  });

  it('the bowl stops once; an acid-set make and a lactic set know no bowl', () => {
    const state = at(quick, 'set', [[10, { type: 'flocculated' }]]);
    expect(objection(state, { type: 'flocculated' })).not.toBeNull();
    expect(setAdvice(at(basic('goat-lactic'), 'set'))).toBeNull();
    expect(setAdvice(at(basic('paneer'), 'scald'))).toBeNull();
  });
});

describe('souring by its pH', () => {
  const goat = basic('goat-lactic', { species: 'goat' });
  const plan = planned(goat);

  it('without a reading stands as planned; a reading on the curve leaves it there', () => {
    const state = at(goat, 'set');
    const advice = sourAdvice(state, coursesOf(plan));
    expect(advice).toMatchObject({ says: 'as planned', last: null });
    expect(advice?.readyAt).toBeCloseTo(stageEndsAt(state), -2);
    const onTime = plan.spans.flatMap((span) => span.pHs ?? []).find(([, pH]) => pH < 5.8) as [
      number,
      number,
    ];
    const read = at(goat, 'set', [[onTime[0], { type: 'pH', pH: onTime[1] }]]);
    const later = sourAdvice(read, coursesOf(plan));
    expect(later?.says).toBe('as planned');
    expect(Math.abs((later?.readyAt ?? 0) - stageEndsAt(read)) / MIN).toBeLessThan(45);
  });

  it('a higher pH than planned is later, a lower one sooner; at its pH it is there', () => {
    const read = (pH: number) => sourAdvice(at(goat, 'set', [[600, { type: 'pH', pH }]]), coursesOf(plan));
    const slow = read(6.5);
    const fast = read(5.0);
    expect(slow?.says).toBe('behind');
    expect(fast?.says).toBe('ahead');
    expect(slow?.readyAt as number).toBeGreaterThan(fast?.readyAt as number);
    expect(read(4.55)?.says).toBe('there');
    expect(read(4.3)?.says).toBe('past');
  });

  it('moves the rest of the plan', () => {
    const slow = at(goat, 'set', [[600, { type: 'pH', pH: 6.5 }]]);
    expect(readyAt(slow, BEGIN)).toBeGreaterThan(readyAt(at(goat, 'set'), BEGIN) + 60 * MIN);
  });
});

describe('a bag that was weighed', () => {
  const goat = basic('goat-lactic', { species: 'goat' });

  it('heavier than planned hangs longer, lighter shorter, to the same moisture', () => {
    const read = (kg: number) => drainAdvice(at(goat, 'bag', [[120, { type: 'weighed', kg }]]));
    const heavy = read(5.2);
    const light = read(4.2);
    expect(heavy?.readyAt as number).toBeGreaterThan(light?.readyAt as number);
    expect(heavy?.goalKg).toBeCloseTo(light?.goalKg as number, 6);
    expect(heavy?.moisturePct as number).toBeGreaterThan(light?.moisturePct as number);
    expect(drainAdvice(at(goat, 'bag'))).toBeNull();
  });

  it('another weighing is none of the bag', () => {
    const kg = 5.2;
    const { durationMin } = planned(goat).plan.stages.find(({ id }) => id === 'set') ?? {};
    const done: NewEvent = { type: 'done', stage: 'set' };
    const weighedBefore = at(goat, 'set', [
      [10, { type: 'weighed', kg }],
      [durationMin?.likely ?? 0, done],
    ]);
    expect(stageAt(weighedBefore).id).toBe('bag');
    expect(drainAdvice(weighedBefore)).toBeNull();
  });

  it('salt is for what came out', () => {
    const state = at(goat, 'salt', [[1, { type: 'weighed', kg: 2.5 }]]);
    expect(saltForWeight(state)?.grams).toBeCloseTo(25, 9);
    expect(momentOf(state, f).target?.replaceAll('\u00a0', ' ')).toBe('25.0 g');
  });
});

describe('turns', () => {
  it('are counted, each once', () => {
    const one = at(basic('squeaky-curds'), 'slab', [[15, { type: 'turned', turn: 0 }]]);
    expect(momentOf(one, f).turns).toMatchObject({ given: 1, wanted: 6 });
    expect(objection(one, { type: 'turned', turn: 0 })).not.toBeNull();
    expect(objection(one, { type: 'turned', turn: 1 })).toBeNull();
    expect(momentOf(at(basic('paneer'), 'scald'), f).turns).toBeNull();
  });
});

describe('a ramp learned from its own readings', () => {
  it('of one reading, or of two in one breath, says that it wants another', () => {
    const ramp = (...readings: [minute: number, tempC: number][]) =>
      rampAdvice(
        at(
          basic('squeaky-curds'),
          'warm',
          readings.map(([minute, tempC]) => [minute, { type: 'temperature', tempC }]),
        ),
      )?.kind;
    expect(ramp([5, 15])).toBe('one-reading');
    expect(ramp([5, 15], [5.1, 15.2])).toBe('one-reading');
    expect(ramp([5, 15], [8, 19])).toBe('arriving');
  });

  it('on 20 noisy pots nobody has seen the arrival told at half way is within 2 min at the median', () => {
    const random = seeded(23);
    const errors = Array.from({ length: 20 }, () => {
      const litres = 3 + 15 * random();
      const pot = potOf(litres, litres * 1.03);
      const kw = pot.powerKw * (0.6 + 0.9 * random());
      const whole = minutesTo(pot, 4, 31, 20, kw);
      const readings = Array.from({ length: Math.ceil(whole / 4) }, (_, i) => 2 * i)
        .filter((minute) => minute <= whole / 2)
        .map((minute): readonly [number, NewEvent] => [
          minute,
          { type: 'temperature', tempC: tempAfter(pot, 4, minute, 20, kw) + 0.25 * normal(random) },
        ]);
      const state = at(basic('squeaky-curds', { litres }), 'warm', readings);
      const advice = rampAdvice(state);
      if (advice?.kind !== 'arriving') return 99;
      return Math.abs((advice.arrivesAt - state.stageStartedAt) / MIN - whole);
    }).sort((a, b) => a - b);
    expect(errors[10] as number).toBeLessThanOrEqual(2);
  });
});

describe('warm time, added up', () => {
  it('nothing in the pot, on its heat, while its culture works, or in the cold', () => {
    expect(warmSoFar(at(basic('goat-lactic'), 'measure'), BEGIN + 60 * MIN)).toBe(0);
    const set = at(basic('goat-lactic'), 'set');
    expect(warmSoFar(set, set.stageStartedAt + 300 * MIN)).toBe(0);
    const chill = at(basic('goat-lactic'), 'chill');
    expect(warmSoFar(chill, chill.stageStartedAt + 20 * MIN)).toBe(0);
    expect(safetySoFar(chill, chill.stageStartedAt)?.allowedMin).toBe(24 * 60);
  });

  it('curd set by acid counts from its cloth on, none of it twice, and against two hours', () => {
    const rest = at(basic('whole-milk-ricotta'), 'rest');
    expect(warmSoFar(rest, rest.stageStartedAt + 10 * MIN)).toBe(0);
    const drain = at(basic('whole-milk-ricotta'), 'drain');
    const early = warmSoFar(drain, drain.stageStartedAt + 30 * MIN);
    const late = warmSoFar(drain, drain.stageStartedAt + 40 * MIN);
    expect(late - early).toBeCloseTo(10, 0);
    expect(safetySoFar(drain, drain.stageStartedAt)?.allowedMin).toBe(120);
  });

  it('slow souring: a share of the hours from the culture on, over as it reads pH 5.6 or its set has passed', () => {
    const souring = (state: ReturnType<typeof at>, min: number) =>
      safetySoFar(state, state.stageStartedAt + min * MIN)?.souring;
    const set = at(basic('goat-lactic'), 'set');
    expect(souring(set, 600)?.share).toBeGreaterThan(souring(set, 300)?.share as number);
    expect(souring(set, 600)?.soursAfterH).toBeNull();
    const read = at(basic('goat-lactic'), 'set', [[400, { type: 'pH', pH: 5.2 }]]);
    expect(souring(read, 600)?.soursAfterH).not.toBeNull();
    const bag = at(basic('goat-lactic'), 'bag');
    expect(souring(bag, 10)?.soursAfterH).not.toBeNull();
    expect(souring(bag, 10)?.share).toBeLessThan(1);
  });
});
