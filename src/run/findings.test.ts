import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import { METHODS } from '../makes';
import { basic, planned } from '../plan/fixtures/briefs';
import { alarmsOf } from './alarms';
import { alarmText } from './alarmText';
import { boilsOverAt, mayBoilAt } from './boilOver';
import { HAND_TESTS, type HandTest, type NewEvent } from './events';
import { expectedEnd } from './expect';
import { FINDINGS, findingOf, findingsAt } from './findings';
import { MIN } from './fixtures/logs';
import { at } from './fixtures/walked';
import { momentOf } from './moment';
import { safetySoFar } from './warm';
import { weightAdvice } from './weightAdvice';

const f = formatter(METRIC);
const plain = (text: string) => text.replaceAll('\u00a0', ' ');
const found = (what: HandTest): NewEvent => ({ type: 'tested', found: what });

/** What a finding says at a stage, noted so many minutes into it. */
function says(make: string, stage: string, what: HandTest, more: [number, NewEvent][] = [], minute = 10) {
  const state = at(basic(make), stage, [...more, [minute, found(what)]]);
  const finding = findingOf(state, f);
  if (!finding) throw new Error(`${what} is not answered`);
  const wait = finding.lookAt === null ? null : (finding.lookAt - state.stageStartedAt) / MIN - minute;
  return { ...finding, says: plain(finding.says), wait, state };
}

describe('tests of the hand', () => {
  it('every finding is answered wherever it can be noted, and nowhere else', () => {
    const met = new Set<HandTest>();
    for (const { id } of METHODS)
      for (const stage of planned(basic(id)).plan.stages) {
        const here = findingsAt(at(basic(id), stage.id));
        for (const what of here) {
          met.add(what);
          const state = at(basic(id), stage.id, [[10, found(what)]]);
          const finding = findingOf(state, f);
          if (FINDINGS.break.includes(what)) expect(finding).toBeNull();
          else
            expect([id, stage.id, what, finding?.says ?? '']).toEqual([
              id,
              stage.id,
              what,
              expect.stringMatching(/.{20}/),
            ]);
        }
        const elsewhere = HAND_TESTS.find((what) => !here.includes(what)) as HandTest;
        expect(findingOf(at(basic(id), stage.id, [[10, found(elsewhere)]]), f)).toBeNull();
      }
    expect([...met].sort()).toEqual([...HAND_TESTS].sort());
  });

  it('a trial piece can be tried in every stretch', () => {
    const stretching = METHODS.filter(({ family }) => family === 'stretched-curd');
    expect(stretching.length).toBeGreaterThan(3);
    for (const { id } of stretching)
      expect(findingsAt(at(basic(id), 'stretch'))).toEqual(
        expect.arrayContaining(['tears', 'oily', 'melts']),
      );
  });

  it('curd soured by its culture waits an hour, its clock kept; curd that was poured sour does not wait', () => {
    const cultured = says('cultured-stretched', 'test', 'tears');
    expect(cultured.wait).toBe(60);
    expect(cultured.says).toMatch(/do not begin anew/);
    expect(expectedEnd(cultured.state)).toBe(cultured.lookAt);
    expect(momentOf(cultured.state, f)).toMatchObject({
      endsAt: cultured.lookAt,
      endsWhat: 'then try a piece again',
    });
    const poured = says('quick-stretched', 'stretch', 'tears');
    expect(poured.wait).toBeLessThan(10);
    expect(poured.says).toMatch(/waiting alone mends nothing/);
  });

  it('a core that was read too cold is told by how much, before anything is said of sourness', () => {
    const cold = says('cultured-stretched', 'stretch', 'tears', [[5, { type: 'temperature', tempC: 50 }]]);
    expect(cold.says).toMatch(/Its core was 50 °C, \d+ °C short/);
    expect(cold.wait).toBe(3);
  });

  it('the poach counts from when all pieces are afloat', () => {
    const { plan } = planned(basic('grilling', {}, { options: { poachMin: 25 } }));
    expect(plan.stages.some((stage) => stage.id === 'poach')).toBe(true);
    const state = at(basic('grilling', {}, { options: { poachMin: 25 } }), 'poach', [
      [40, found('all afloat')],
    ]);
    expect((expectedEnd(state) - state.stageStartedAt) / MIN).toBeCloseTo(65, 6);
  });

  it('milk that tastes sweet is left alone early, and looked into late', () => {
    expect(says('goat-lactic', 'set', 'sweet still', [], 120).says).toMatch(/Nothing wrong/);
    expect(says('goat-lactic', 'set', 'sweet still', [], 850).says).toMatch(/warm enough/);
    expect(says('goat-lactic', 'set', 'smells off').leads).toBe('bin');
  });

  it('a set that is sour and set has soured, without a meter; one that a meter calls sweet has not', () => {
    const minute = 700;
    const set = at(basic('goat-lactic'), 'set', [[minute, found('sour and set')]]);
    const now = set.stageStartedAt + (minute + 1) * MIN;
    expect(safetySoFar(set, now)?.souring?.soursAfterH).not.toBeNull();
    const read = at(basic('goat-lactic'), 'set', [
      [minute - 1, { type: 'pH', pH: 6.4 }],
      [minute, found('sour and set')],
    ]);
    expect(safetySoFar(read, now)?.souring?.soursAfterH).toBeNull();
  });
});

describe('what the scale says', () => {
  it('in a colander, a cloth, a basket and once more after it, by what is dry in the curd', () => {
    for (const [make, stage] of [
      ['squeaky-curds', 'drain'],
      ['quick-stretched', 'drain'],
      ['sour-basket', 'basket'],
      ['fresh-pressed', 'press'],
      ['squeaky-curds', 'slab'],
    ] as const) {
      const brief = basic(make);
      const { predictions } = planned(brief).plan;
      const kg = predictions.yieldKg.likely * 1.2;
      const advice = weightAdvice(at(brief, stage, [[5, { type: 'weighed', kg }]]));
      expect([make, stage, advice?.finishedKg]).toEqual([make, stage, predictions.yieldKg.likely]);
      // A fifth more on the scale is a fifth more water.
      expect(advice?.moisturePct).toBeGreaterThan(predictions.moisturePct);
      expect(advice?.moisturePct).toBeLessThan(100);
    }
    expect(weightAdvice(at(basic('squeaky-curds'), 'warm', [[5, { type: 'weighed', kg: 1 }]]))).toBeNull();
  });
});

describe('a pot nobody reads', () => {
  it('is called before it can boil over, by its plan; once it is read, by its readings', () => {
    const state = at(basic('whole-milk-ricotta'), 'scald');
    const planEnds = state.stageStartedAt + (state.plan.stages[state.index]?.durationMin.likely ?? 0) * MIN;
    const boils = mayBoilAt(state) as number;
    expect(boils).toBeGreaterThan(planEnds);
    expect(boils - planEnds).toBeLessThanOrEqual(6 * MIN);
    const read = at(basic('whole-milk-ricotta'), 'scald', [[5, { type: 'temperature', tempC: 30 }]]);
    expect([mayBoilAt(read), boilsOverAt(state)]).toEqual([null, null]);
    expect(mayBoilAt(at(basic('whole-milk-ricotta'), 'drain'))).toBeNull();
    const [due] = alarmsOf('a', state);
    expect(due && alarmText(due, state, f)).toMatch(/it may boil over/);
    // Whey that simmers on under the pieces is called by itself, long before the poach is done.
    const poach = at(basic('grilling'), 'poach');
    const called = alarmsOf('a', poach);
    expect(called.map(({ about }) => about)).toEqual(['stage', 'boil-over']);
    const [done, boil] = called.map(({ dueAt }) => (dueAt - poach.stageStartedAt) / MIN);
    expect(boil).toBeLessThan((done ?? 0) - 20);
  });
});
