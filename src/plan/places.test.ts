import { describe, expect, it } from 'vitest';
import { coldSlows } from '../core/curd/bag';
import { CUPBOARD_C, FRIDGE_C } from '../core/heat/places';
import { coursesOf } from './course';
import { basic, planned } from './fixtures/briefs';

const GOAT = { species: 'goat' } as const;
/** A plan's stage of that kind, with what it does to the heat. */
function stageIn(found: ReturnType<typeof planned>, kind: string) {
  const index = found.plan.stages.findIndex((stage) => stage.kind === kind);
  const stage = found.plan.stages[index];
  if (!stage) throw new Error(`a ${kind} is planned`);
  return { ...stage, course: coursesOf(found).stages[index]?.course ?? [] };
}
const endsAtC = ({ course }: ReturnType<typeof stageIn>) => course.at(-1)?.[1] as number;
const standsWarm = (found: ReturnType<typeof planned>) =>
  found.plan.cautions.some(({ text }) => /stands warm for \d+/.test(text));

describe('where it stands', () => {
  it('a bag in the fridge hangs to the same moisture in so much longer as the cold slows its whey', () => {
    const room = planned(basic('goat-lactic', GOAT, { roomC: 20 }));
    const cold = planned(basic('goat-lactic', GOAT, { roomC: 20, options: { drainIn: 'fridge' } }));
    const longer =
      (cold.plan.predictions.drainHours?.likely ?? 0) / (room.plan.predictions.drainHours?.likely ?? 1);
    expect(longer).toBeCloseTo(coldSlows(FRIDGE_C), 3);
    expect(cold.plan.predictions.moisturePct).toBeCloseTo(room.plan.predictions.moisturePct, 6);
    expect(endsAtC(stageIn(cold, 'drain'))).toBeCloseTo(FRIDGE_C, 0);
    expect(stageIn(cold, 'drain').uses).toContain('fridge');
    expect(stageIn(room, 'drain').uses).not.toContain('fridge');
    // What is told of curd out of the fridge is told of that alone.
    const told = ({ plan }: typeof room) =>
      plan.cautions.filter(({ stage }) => stage === 'bag').map(({ id }) => id);
    expect([told(room), told(cold)]).toEqual([['warm-time'], []]);
    // However warm the room is, the fridge is not.
    const hot = planned(basic('goat-lactic', GOAT, { roomC: 26, options: { drainIn: 'fridge' } }));
    expect(hot.plan.predictions.drainHours?.likely).toBeCloseTo(
      cold.plan.predictions.drainHours?.likely as number,
      6,
    );
  });

  it('pressed in the fridge it stays wetter, cold, and wants longer', () => {
    const press = (options: Record<string, string | number>) =>
      planned(basic('fresh-pressed', {}, { roomC: 20, options }));
    const room = press({ pressHours: 6 });
    const cold = press({ pressHours: 6, pressIn: 'fridge' });
    const long = press({ pressHours: 6 * coldSlows(FRIDGE_C), pressIn: 'fridge' });
    expect(cold.plan.predictions.moisturePct).toBeGreaterThan(room.plan.predictions.moisturePct + 0.3);
    expect(long.plan.predictions.moisturePct).toBeCloseTo(room.plan.predictions.moisturePct, 6);
    expect(endsAtC(stageIn(room, 'press'))).toBeCloseTo(20, 0);
    expect(endsAtC(stageIn(cold, 'press'))).toBeLessThan(6);
  });

  it('hung cool as the advice has it nothing is said; hung warmer, it is', () => {
    const hung = (hangC: number) => planned(basic('cultured-stretched', {}, { options: { hangC } }));
    expect(standsWarm(hung(4))).toBe(false);
    for (const hangC of [12, 20]) {
      const found = hung(hangC);
      expect(standsWarm(found)).toBe(true);
      expect(endsAtC(stageIn(found, 'hang'))).toBeCloseTo(hangC, 3);
    }
  });

  it('in a warm cupboard milk comes to its heat, from below and from above', () => {
    const set = (setC: number, keepWarm: 'lid' | 'cupboard', roomC = 16) =>
      stageIn(planned(basic('goat-lactic', GOAT, { roomC, keepWarm, options: { setC } })), 'set');
    const [cool, lidded] = [set(24, 'cupboard'), set(24, 'lid', 20)];
    expect(endsAtC(cool)).toBeGreaterThan(27);
    expect(endsAtC(cool)).toBeLessThan(CUPBOARD_C);
    expect(endsAtC(lidded)).toBeLessThan(22);
    expect(cool.durationMin.likely).toBeLessThan(lidded.durationMin.likely);
    const hot = planned(basic('skyr', {}, { roomC: 16, keepWarm: 'cupboard' }));
    expect(endsAtC(stageIn(hot, 'set'))).toBeGreaterThan(CUPBOARD_C);
    // A room that is warmer than the cupboard warms it.
    expect(endsAtC(set(24, 'cupboard', 35))).toBeGreaterThan(30);
  });
});
