import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { METHODS } from '../makes';
import type { OptionValues } from '../makes/method';
import type { Brief } from '../plan/brief/schema';
import { planBrief } from '../plan/plan';
import type { Plan } from '../plan/schema';
import type { MakeEvent } from '../run/events';
import { stateOf } from '../run/state';
import { slope } from './cause';
import { CAUSES, OF_MISTAKE } from './causes';
import { findingFile } from './findingFile';
import { findableIn } from './findings';
import { PRESSED_CASES } from './fixtures/pressedCases';
import { SELDOM_CASES } from './fixtures/seldomCases';
import { simulated } from './fixtures/simulated';
import { SOUR_CASES } from './fixtures/sourCases';
import { STRETCHED_CASES } from './fixtures/stretchedCases';
import { logTold, note, stateTold, temp } from './fixtures/told';
import { CAUSE_IDS, FINDING_IDS } from './ids';
import { judge } from './judge';
import { logOf } from './log';
import { causesIn } from './notes';
import { answerSchema } from './schema';

const CASES = [...STRETCHED_CASES, ...PRESSED_CASES, ...SOUR_CASES, ...SELDOM_CASES];

/** What a number of the next plan promises: which figure moves, and whether with it or against it. */
const PROMISES: Readonly<Record<string, readonly [(plan: Plan) => number, 1 | -1]>> = {
  cookC: [(plan) => plan.predictions.moisturePct, -1],
  holdMin: [(plan) => plan.stages.reduce((sum, one) => sum + one.durationMin.likely, 0), 1],
  cookMin: [(plan) => plan.stages.reduce((sum, one) => sum + one.durationMin.likely, 0), 1],
  drainMin: [(plan) => plan.stages.reduce((sum, one) => sum + one.durationMin.likely, 0), 1],
  poachMin: [(plan) => plan.stages.reduce((sum, one) => sum + one.durationMin.likely, 0), 1],
  moisturePct: [(plan) => plan.predictions.yieldKg.likely, 1],
  pressKPa: [(plan) => plan.predictions.moisturePct, -1],
  wantedSetMin: [(plan) => plan.doses.find(({ id }) => id === 'coagulant')?.grams ?? 0, -1],
  acidPH: [(plan) => plan.predictions.pHAfterAcid ?? 0, 1],
  saltPct: [(plan) => plan.predictions.saltPct ?? 0, 1],
  brinePctWw: [(plan) => plan.doses.find(({ id }) => id === 'brine-salt')?.grams ?? 0, 1],
  rinses: [(plan) => plan.stages.length, 1],
  turns: [(plan) => plan.stages.reduce((sum, one) => sum + one.durationMin.likely, 0), 1],
  stretchPH: [(plan) => plan.predictions.acidifyHours?.likely ?? 0, -1],
  cutMm: [(plan) => plan.predictions.moisturePct, 1],
};
/** What is heard or seen at the pot, and moves no figure of the plan. */
const TOLD_ONLY = ['stretchWaterC', 'brineOf', 'stirred', 'stirEveryMin', 'poachC'];

const planned = (brief: Brief) => {
  const result = planBrief(brief, { spread: false });
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
};

describe('answers', () => {
  it('are by the contract, for every told make: whole per cents that sum to a hundred, and events that are there', () => {
    for (const one of CASES) {
      const log = logTold(one);
      const answer = judge(stateOf(log), one.found);
      expect(answerSchema.safeParse(answer).error).toBeUndefined();
      expect(answer.causes.reduce((sum, { likelyPct }) => sum + likelyPct, 0)).toBe(100);
      for (const { because } of answer.causes) {
        expect(because.length).toBeGreaterThan(0);
        for (const { event } of because) expect(event === null || event < log.length).toBe(true);
      }
    }
  });

  it('say numbers for next time that, planned again, do what they promise', () => {
    const tried = new Set<string>();
    for (const one of CASES) {
      const state = stateTold(one);
      const { brief } = state.plan;
      for (const { id, nextTime } of judge(state, one.found).causes)
        for (const [key, value] of Object.entries(nextTime.options)) {
          const { [key]: now } = (brief.options ?? {}) as OptionValues;
          const again = planned({ ...brief, options: { ...brief.options, [key]: value } } as Brief);
          tried.add(key);
          if (TOLD_ONLY.includes(key)) {
            expect([key, again.parameters]).not.toEqual([key, state.parameters]);
            continue;
          }
          const promise = PROMISES[key];
          if (!promise) throw new Error(`${id} changes ${key}, and nobody says what for`);
          const [figure, way] = promise;
          const moved = figure(again.plan) - figure(state.plan);
          const wanted = Math.sign(Number(value) - Number(now)) * way;
          expect([id, key, Math.sign(moved)]).toEqual([id, key, wanted]);
        }
    }
    expect(tried.size).toBeGreaterThan(9);
  });

  it('are the same for the same make, whatever the order of what was found', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 4000 }), (seed) => {
        const { log, found } = simulated(seed);
        const state = stateOf(log);
        expect(judge(state, [...found].reverse())).toEqual(judge(state, found));
      }),
      { numRuns: 40 },
    );
  });

  it('do not count what was undone, and count what was put right', () => {
    const log = logTold({ method: 'quick-stretched', notes: [['stretch', 3, temp(88, 'water')]] });
    const hot = log.find((event) => event.type === 'temperature');
    if (!hot) throw new Error('it was read');
    const of = (more: object) =>
      judge(stateOf([...log, { seq: log.length, at: (log.at(-1)?.at ?? 0) + 1, ...more } as never]), [
        'tough',
      ]);
    const speaks = (answer: ReturnType<typeof judge>) =>
      answer.causes.some(
        ({ id, because }) => id === 'stretched-too-hot' && because.some(({ event }) => event === hot.seq),
      );
    expect(speaks(judge(stateOf(log), ['tough']))).toBe(true);
    expect(speaks(of({ type: 'undone', target: hot.seq }))).toBe(false);
    expect(speaks(of({ type: 'corrected', target: hot.seq, value: 74 }))).toBe(false);
  });

  it('tell what could have been done otherwise first, and what lay behind it too', () => {
    const { causes } = judge(
      stateTold({
        method: 'squeaky-curds',
        took: { set: 0.9 },
        notes: [
          ['set', 21, { type: 'flocculated' }],
          ['set', 38, { type: 'tested', found: 'nearly' }],
        ],
        weighs: 0.86,
      }),
      ['low-yield', 'creamy-whey'],
    );
    expect(causes[0]?.id).toBe('cut-too-early');
    expect(causes.map(({ id }) => id)).toEqual(expect.arrayContaining(['coagulant-weak']));
  });

  it('a thermometer looked at half way up accuses nobody of a cool milk', () => {
    const at = (minute: number) =>
      judge(stateTold({ method: 'whole-milk-ricotta', notes: [['scald', minute, temp(70)]] }), [
        'cloudy-whey',
      ]).causes.some(
        ({ id, because }) => id === 'set-too-cold' && because.some(({ event }) => event !== null),
      );
    expect(at(25)).toBe(false);
    expect(at(57)).toBe(true);
  });

  it('of a make that is over nothing is told to be done that wants its pot', () => {
    for (const one of CASES)
      for (const { nowText } of judge(stateTold(one), one.found).causes)
        expect(nowText ?? '').not.toMatch(/test it every|more acid|try a piece/);
    const firm = judge(stateTold({ method: 'fresh-pressed', notes: [['cook', 10, temp(42)]] }), ['too-dry']);
    expect(firm.causes.every(({ nowText }) => !/Work in|Hang it/.test(nowText ?? ''))).toBe(true);
  });

  it('how old it was is asked where nobody has said, and what is told hangs on it', () => {
    const young = logTold({ method: 'goat-lactic' }).filter(({ type }) => type !== 'tasted');
    expect(judge(stateOf(young), ['too-soft']).ask.map(({ text }) => text)).toContain(
      'How old was it when it was tasted?',
    );
    expect(
      judge(stateTold({ method: 'goat-lactic', age: 40 }), ['too-soft']).ask.map(({ text }) => text),
    ).not.toContain('How old was it when it was tasted?');
  });

  it('a logger’s reading cites the file it came with', () => {
    const log = logTold({ method: 'squeaky-curds', notes: [['cook', 30, temp(45)]] }).map(
      (event): MakeEvent =>
        event.type === 'temperature'
          ? {
              seq: event.seq,
              at: event.at,
              type: 'imported',
              name: 'probe.csv',
              readings: [{ at: event.at, tempC: 45 }],
            }
          : event,
    );
    const imported = log.find(({ type }) => type === 'imported');
    expect(judge(stateOf(log), ['tough']).causes[0]).toMatchObject({
      id: 'cooked-too-hot',
      because: [{ event: imported?.seq }],
    });
  });

  it('what does not melt by nature is no fault', () => {
    const { ask } = judge(stateTold({ method: 'paneer' }), ['will-not-melt']);
    expect(ask[0]?.text).toMatch(/by nature/);
  });
});

describe('the tables', () => {
  it('know every cause and every finding, and each belongs somewhere', () => {
    for (const id of CAUSE_IDS.filter((one) => one !== 'model-off')) {
      expect([id, typeof CAUSES[id as keyof typeof CAUSES]?.text]).toEqual([id, 'string']);
    }
    for (const id of FINDING_IDS) expect(findingFile(id)?.causes.length).toBeGreaterThan(0);
    expect(findingFile('dull')).toBeNull();
    for (const causes of Object.values(OF_MISTAKE))
      for (const id of causes ?? []) expect(CAUSE_IDS).toContain(id);
    for (const method of METHODS) expect(findableIn(method).length).toBeGreaterThan(12);
    const of = (id: string) => findableIn(METHODS.find((one) => one.id === id) as (typeof METHODS)[number]);
    expect(of('quick-stretched')).not.toContain('did-not-float');
    expect(of('grilling')).toContain('did-not-float');
    expect(of('grilling')).not.toContain('will-not-stretch');
  });

  it('slopes go from nothing to their steps and no further', () => {
    expect(
      slope(76, 76, [
        [78, 4],
        [85, 8],
      ]),
    ).toBe(1);
    expect(
      slope(77, 76, [
        [78, 4],
        [85, 8],
      ]),
    ).toBeCloseTo(2, 9);
    expect(
      slope(88, 76, [
        [78, 4],
        [85, 8],
      ]),
    ).toBeCloseTo(8, 9);
    expect(
      slope(-3, -1.5, [
        [-2, 4],
        [-4, 8],
      ]),
    ).toBeCloseTo(Math.sqrt(32), 9);
    expect(
      slope(5, -1.5, [
        [-2, 4],
        [-4, 8],
      ]),
    ).toBe(1);
  });

  it('notes speak in plain words, and a word taken back does not', () => {
    const at = (stage: string, text: string) => {
      const log = logOf(stateTold({ method: 'squeaky-curds', notes: [[stage, 1, note(text)]] }));
      const [written] = log?.state.notes ?? [];
      if (!log || !written) throw new Error('it was noted');
      return [...causesIn(written, log).keys()];
    };
    expect(at('drain', 'squeezed it a bit')).toEqual(['squeezed']);
    expect(at('drain', 'did not squeeze it this time')).toEqual([]);
    expect(at('coagulant', 'used tap water for the dose')).toEqual(['dilution-chlorinated']);
    expect(at('cut', 'a fine day')).toEqual([]);
    // The same word of another stage is about something else.
    expect(at('drain', 'cooled the curds in tap water')).toEqual([]);
    expect(at('cook', 'squeezed a handful: springs back')).toEqual([]);
    expect(at('culture', 'it clumped')).toEqual(['culture-weak']);
    expect(at('cook', 'it clumped')).toEqual(['stirred-too-little']);
    expect(at('culture', 'whisked it in')).toEqual([]);
    expect(at('heal', 'stirred it too hard')).toEqual(['stirred-too-hard']);
    expect(at('set', 'bumped the pot')).toEqual(['set-disturbed']);
    expect(at('measure', 'took the thermometer out of its case')).toEqual([]);
  });
});
