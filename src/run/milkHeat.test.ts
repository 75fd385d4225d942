import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import { METHODS } from '../makes/register';
import { basic, planned } from '../plan/fixtures/briefs';
import { MODEL_VERSION } from '../plan/modelVersion';
import type { MakeEvent, NewEvent } from './events';
import { BEGIN, MIN } from './fixtures/logs';
import { wrongForIt } from './milkHeat';
import { momentOf } from './moment';
import { setAdvice } from './setAdvice';
import { stateOf } from './state';

const f = formatter(METRIC);

type Noted = Readonly<Record<string, readonly (readonly [minute: number, event: NewEvent])[]>>;

/** A make walked on time to that stage; what is noted at the stages on the way, minutes from their starts. */
function walked(id: string, toStage: string, noted: Noted, modelVersion = MODEL_VERSION) {
  const { plan, parameters } = planned(basic(id as Parameters<typeof basic>[0]));
  const log: MakeEvent[] = [
    { type: 'started', seq: 0, at: BEGIN, name: 'M', milkName: '', plan, parameters, modelVersion },
  ];
  let clock = BEGIN;
  for (const stage of plan.stages) {
    for (const [minute, event] of noted[stage.id] ?? [])
      log.push({ ...event, seq: log.length, at: clock + minute * MIN } as MakeEvent);
    if (stage.id === toStage) break;
    clock += stage.durationMin.likely * MIN;
    log.push({ type: 'done', stage: stage.id, seq: log.length, at: clock });
  }
  return stateOf(log);
}

const readAt = (tempC: number, minute = 1): Noted[string] => [[minute, { type: 'temperature', tempC }]];
const setOf = (...walk: Parameters<typeof walked>) => {
  const advice = setAdvice(walked(...walk));
  if (advice?.kind !== 'watch') throw new Error('nothing but temperatures were noted');
  return advice;
};
const said = (...walk: Parameters<typeof walked>) =>
  momentOf(walked(...walk), f).warns?.replaceAll('\u00a0', ' ');

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
    expect(wrongForIt(walked('quick-stretched', 'coagulant', { coagulant: readAt(29.5) }))).toBeNull();
    expect(wrongForIt(walked('quick-stretched', 'coagulant', { warm: readAt(20, 10) }))).toBeNull();
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
    const noted: Record<string, Noted[string]> = {};
    for (const stage of plan.stages) {
      targetC = stage.targetC ?? targetC;
      noted[stage.id] = readAt(targetC, stage.targetC === null ? 0 : stage.durationMin.likely);
    }
    for (const stage of plan.stages) expect(wrongForIt(walked(id, stage.id, noted)), stage.id).toBeNull();
  });
});
