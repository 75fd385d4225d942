import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import { METHODS } from '../makes/register';
import { basic, planned } from '../plan/fixtures/briefs';
import { MODEL_VERSION } from '../plan/modelVersion';
import { type NotedAt, walked } from './fixtures/walked';
import { wrongForIt } from './milkHeat';
import { momentOf } from './moment';
import { setAdvice } from './setAdvice';

const f = formatter(METRIC);

type Id = Parameters<typeof basic>[0];
const make = (id: string, toStage: string, noted: Noted, modelVersion = MODEL_VERSION) =>
  walked(basic(id as Id), toStage, noted, modelVersion);
type Noted = Parameters<typeof walked>[2];

const readAt = (tempC: number, minute = 1): NotedAt => [[minute, { type: 'temperature', tempC }]];
const setOf = (...walk: Parameters<typeof make>) => {
  const advice = setAdvice(make(...walk));
  if (advice?.kind !== 'watch') throw new Error('nothing but temperatures were noted');
  return advice;
};
const said = (...walk: Parameters<typeof make>) =>
  momentOf(make(...walk), f).warns?.replaceAll('\u00a0', ' ');

describe('how warm the milk is when something goes in', () => {
  it('what was read on the way counts no more once it was said to be reached', () => {
    const onTheWay = { warm: readAt(22, 10) };
    expect(setOf('quick-stretched', 'set', onTheWay).heat).toBeNull();
    // What was written before keeps what it said.
    expect(setOf('quick-stretched', 'set', onTheWay, 7).heat?.readC).toBe(22);
    expect(setOf('quick-stretched', 'set', { warm: readAt(34, 12) }).heat?.readC).toBe(34);
    expect(setOf('quick-stretched', 'set', { ...onTheWay, coagulant: readAt(28) }).heat?.readC).toBe(28);
  });

  it('before the coagulant it is told to be brought to its heat, and no sooner than it matters', () => {
    expect(said('quick-stretched', 'coagulant', { coagulant: readAt(25) })).toBe(
      'The milk was read at 25.0 °C, and this goes in at 31 °C: bring it there first.',
    );
    expect(said('quick-stretched', 'coagulant', { coagulant: readAt(40) })).toContain('was read at 40.0 °C');
    expect(wrongForIt(make('quick-stretched', 'coagulant', { coagulant: readAt(29.5) }))).toBeNull();
    expect(wrongForIt(make('quick-stretched', 'coagulant', { warm: readAt(20, 10) }))).toBeNull();
  });

  it('a set so cold that it hardly sets says what to do, not by how much longer it takes', () => {
    const cold = { set: readAt(12) };
    expect(setOf('quick-stretched', 'set', cold).heat?.share).toBeNull();
    expect(said('quick-stretched', 'set', cold)).toBe(
      'At 12.0 °C it hardly sets at all: stand the pot in warm water, without stirring, until it is at 31 °C.',
    );
  });

  it.each(METHODS.map(({ id }) => id))('%s: milk as warm as planned is wrong for nothing', (id) => {
    const { plan } = planned(basic(id));
    let targetC = 20;
    const noted: Record<string, NotedAt> = {};
    for (const stage of plan.stages) {
      targetC = stage.targetC ?? targetC;
      noted[stage.id] = readAt(targetC, stage.targetC === null ? 0 : stage.durationMin.likely);
    }
    for (const stage of plan.stages) expect(wrongForIt(make(id, stage.id, noted)), stage.id).toBeNull();
  });
});
