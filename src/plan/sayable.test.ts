import { describe, expect, it } from 'vitest';
import { briefSchema } from './brief/schema';
import { basic, planned } from './fixtures/briefs';
import { SAID } from './fixtures/habits';
import { planBrief, planFile } from './plan';

const handsIn = (plan: ReturnType<typeof planned>['plan'], from: number, to: number) => {
  const begin = Date.parse(`${plan.brief.start}Z`) / 60_000;
  let at = begin;
  let sum = 0;
  for (const stage of plan.stages) {
    for (const [a, b] of stage.hands ?? []) sum += Math.max(0, Math.min(at + b, to) - Math.max(at + a, from));
    at += stage.durationMin.likely;
  }
  return sum;
};

describe('as makers say it', () => {
  it.each(SAID)('$say', ({ brief, gives = [], warns }) => {
    expect(briefSchema.safeParse(brief).error?.issues).toBeUndefined();
    const { plan } = planned(brief);
    for (const [key, low, high] of gives) {
      const value = key === 'set' ? plan.predictions.setMin?.likely : plan.predictions[key];
      expect(value).toBeGreaterThanOrEqual(low);
      expect(value).toBeLessThanOrEqual(high);
    }
    const told = plan.cautions.map((one) => one.id);
    if (warns) expect(told).toContain(warns);
    // Fully resolved, it comes back as the same plan.
    const again = planFile(JSON.parse(JSON.stringify(plan.brief)), { spread: false });
    if (brief.asleep === undefined) expect(again.ok && again.value.plan.doses).toEqual(plan.doses);
  });

  it('a dose in hand is that dose, and twice of it acts twice', () => {
    const acid = (grams: number) =>
      planned(basic('quick-stretched', {}, { acid: { kind: 'citric', given: { amount: grams, unit: 'g' } } }))
        .plan;
    expect(acid(12).doses.find((one) => one.id === 'acid')?.grams).toBe(12);
    expect(acid(16).predictions.pHAfterAcid as number).toBeLessThan(
      acid(12).predictions.pHAfterAcid as number,
    );
    const set = (millilitres: number) =>
      planned(
        basic(
          'squeaky-curds',
          {},
          {
            coagulant: { form: 'liquid', imcuPerMl: 200, given: { amount: millilitres, unit: 'mL' } },
          },
        ),
      ).plan.predictions.setMin?.likely as number;
    expect(set(1) / set(2)).toBeGreaterThan(1.6);
  });

  it('an insulated pot sets in warmer milk and wants less coagulant than a bare one', () => {
    const dose = (keepWarm: 'lid' | 'insulated') =>
      planned(basic('squeaky-curds', { litres: 4 }, { keepWarm, roomC: 15 })).plan.doses.find(
        (one) => one.id === 'coagulant',
      )?.millilitres as number;
    expect(dose('insulated')).toBeLessThan(dose('lid'));
  });

  it('refuses what does not fit, at its field', () => {
    const path = (rest: object) => {
      const result = planBrief({ ...basic('quick-stretched'), ...rest } as never, { spread: false });
      return result.ok ? null : result.faults[0]?.path;
    };
    expect(path({ acid: { kind: 'citric', given: { amount: 1, unit: 'sachet' } } })).toBe('acid.given.unit');
    expect(
      path({ acid: { kind: 'citric', given: { amount: 1, unit: 'g' } }, options: { acidPH: 5.6 } }),
    ).toBe('options.acidPH');
    expect(path({ culture: { form: 'freeze-dried', given: { amount: 1, unit: 'g' } } })).toBe(
      'culture.given',
    );
    expect(path({ heat: { by: 'sink', bathLitres: 3, bathC: 30 } })).toBe('heat.bathC');
    expect(path({ options: { warmOverMin: 1 } })).toBe('options.warmOverMin');
    expect(path({ options: { pieces: 200 } })).toBe('options.pieces');
  });

  it('nobody is wanted while they sleep or are away, where a plan says so', () => {
    for (const { brief } of SAID.filter((one) => one.warns === 'by-clock')) {
      const { plan } = planned(brief);
      const told = plan.cautions.find((one) => one.id === 'by-clock')?.told;
      if (told?.id !== 'by-clock') throw new Error('it says how it was laid');
      let blocked = 0;
      const first = Date.parse('2026-11-23T22:30Z') / 60_000;
      for (let day = 0; day < 9; day++)
        blocked += handsIn(plan, first + day * 1440, first + day * 1440 + 450);
      for (const { from, to } of brief.away ?? [])
        blocked += handsIn(plan, Date.parse(`${from}Z`) / 60_000, Date.parse(`${to}Z`) / 60_000);
      expect(Math.abs(blocked - told.blockedMin)).toBeLessThan(1.5);
    }
  });
});
