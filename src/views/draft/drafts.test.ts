import { describe, expect, it } from 'vitest';
import { type Good, monthsOpen, strengthNow, usable } from '../../kitchen/goods';
import { USUAL_KITCHEN } from '../../kitchen/usual';
import { METHODS } from '../../makes';
import type { Brief } from '../../plan/brief/schema';
import { basic, planned } from '../../plan/fixtures/briefs';
import { goodsUsed } from '../../run/shelf';
import { stateOf } from '../../run/state';
import { type Draft, FIRST_DRAFT } from '../../store/slices/draft';
import { briefOf } from './briefOf';
import { draftOf } from './draftOf';
import { draftWith, goodChosen, priceIn, takenBy, wantingFor } from './goods';

const NOW_WALL = '2026-11-26T09:00';
const NOW = new Date('2026-11-26T09:00:00').getTime();
const kitchen = { ...USUAL_KITCHEN, proteinBasis: 'true' as const };

/** A brief laid out in the form and read back from it. */
function roundTrip(brief: Brief): Brief {
  const read = briefOf(draftOf(brief, kitchen, null, METHODS), kitchen, NOW_WALL, METHODS);
  if (!read.brief) throw new Error(JSON.stringify(read.faults));
  return read.brief;
}

describe('a brief in the form and back', () => {
  it.each(METHODS.map((method) => method.id))('%s: a resolved brief plans the same', (id) => {
    const { plan } = planned(basic(id));
    const again = planned(roundTrip(plan.brief)).plan;
    expect(again.predictions.yieldKg.likely).toBeCloseTo(plan.predictions.yieldKg.likely, 5);
    expect(again.predictions.totalHours).toBeCloseTo(plan.predictions.totalHours, 4);
    expect(again.doses.map((dose) => [dose.id, Math.round(dose.grams * 100)])).toEqual(
      plan.doses.map((dose) => [dose.id, Math.round(dose.grams * 100)]),
    );
  });

  it.each(METHODS.map((method) => method.id))('%s: the room is as warm as it is over its hours', (id) => {
    const colder = { ...kitchen, roomC: 20, roomNightC: 12, asleepFrom: 22, asleepTo: 6 };
    const draft = draftOf(planned(basic(id, {}, { roomC: 20 })).plan.brief, colder, null, METHODS);
    const roomOf = (when: Draft['when'], moment: string) =>
      briefOf({ ...draft, when, moment }, colder, NOW_WALL, METHODS).brief?.roomC;
    const { totalHours } = planned(basic(id, {}, { roomC: 20 })).plan.predictions;
    const nightHours = Array.from({ length: 12 }, (_, night) => 22 + 24 * night)
      .map((from) => Math.min(18 + totalHours, from + 8) - from)
      .reduce((sum, hours) => sum + Math.max(0, hours), 0);
    expect(roomOf('start', '2026-11-26T18:00')).toBeCloseTo(20 - (8 * nightHours) / totalHours, 0);
    expect(roomOf('readyBy', '2026-11-27T06:00')).toBeLessThan(totalHours > 20 ? 20 : 17);
  });

  it('keeps schools, switches, labels, generations and what is wanted', () => {
    const quick = roundTrip(
      basic(
        'quick-stretched',
        {},
        {
          options: { stretchBy: 'microwave', stirred: false },
          coagulant: { form: 'tablet', setsLitres: 25, per: 'tablet', inMin: 40, atC: 35, ageMonths: 3 },
          calcium: true,
        },
      ),
    );
    expect(quick).toMatchObject({
      options: { stretchBy: 'microwave', stirred: false },
      coagulant: { form: 'tablet', setsLitres: 25, ageMonths: 3 },
      calcium: true,
    });
    const skyr = roundTrip(
      basic('skyr', {}, { culture: { form: 'saved', percent: 2, generation: 4, ageDays: 6 } }),
    );
    expect(skyr.culture).toEqual({ form: 'saved', percent: 2, generation: 4, ageDays: 6 });
    const { milk: _, ...rest } = basic('paneer');
    expect(roundTrip({ ...rest, milk: { species: 'goat' }, wantKg: 2 })).toMatchObject({
      wantKg: 2,
      milk: { species: 'goat' },
    });
  });

  it('a bottle of 1 : 15,000 is one of 216 IMCU in a mL, and what is no number is answered where it is typed', () => {
    const draft: Draft = { ...FIRST_DRAFT, method: 'quick-stretched', coagulantBy: 'soxhlet' };
    expect(briefOf(draft, kitchen, NOW_WALL, METHODS).brief?.coagulant).toMatchObject({ imcuPerMl: 216 });
    for (const [value, text] of [
      [null, 'strong'],
      [900_000, null],
    ] as const)
      expect(
        briefOf(
          { ...draft, fields: { ...draft.fields, soxhlet: { value, text } } },
          kitchen,
          NOW_WALL,
          METHODS,
        ).faults.map(({ path }) => path),
      ).toEqual(['coagulant.imcuPerMl']);
  });

  it('whey has figures of its own', () => {
    const whey = roundTrip(basic('whey-ricotta', { fatPct: 0.5, proteinPct: 0.9, pH: 6.1 }));
    expect(whey.milk).toMatchObject({ fatPct: 0.5, proteinPct: 0.9, pH: 6.1 });
  });
});

const bottle: Good = {
  id: 'bottle',
  kind: 'coagulant',
  name: 'Bottle',
  lot: 'B 1',
  opened: '2026-05-26',
  amount: 40,
  measure: 'mL',
  condition: 'good',
  allergens: '',
  price: null,
  origin: 'microbial',
  coagulant: { form: 'liquid', imcuPerMl: 300 },
};
const jar: Good = {
  ...bottle,
  id: 'jar',
  kind: 'acid',
  name: 'Jar',
  measure: 'g',
  amount: 5,
  origin: undefined,
  coagulant: undefined,
  acid: { kind: 'citric', strengthPct: null },
};

describe('goods of the shelf', () => {
  it('bring their strength and their age into the form', () => {
    expect(monthsOpen(bottle, NOW)).toBeCloseTo(6, 0);
    expect(strengthNow(bottle, NOW)).toBeCloseTo(0.94, 2);
    expect(draftWith(bottle, NOW)).toMatchObject({
      plain: { coagulantForm: 'liquid', coagulantBy: 'strength' },
      fields: { strengthImcu: { value: 300 } },
    });
    expect(draftWith({ ...bottle, coagulant: { form: 'tablet' } }, NOW).plain).toEqual({
      coagulantForm: 'tablet',
      coagulantBy: 'nothing',
    });
    const packet: Good = {
      ...bottle,
      kind: 'culture',
      coagulant: undefined,
      culture: { form: 'freeze-dried', labelLitresPerSachet: 50 },
    };
    expect(draftWith(packet, NOW)).toMatchObject({
      plain: { cultureForm: 'freeze-dried', cultureLabel: 'sachet' },
      fields: { labelLitres: { value: 50 } },
    });
    expect(draftWith({ ...jar, acid: { kind: 'vinegar', strengthPct: 6 } }, NOW)).toMatchObject({
      plain: { acid: 'vinegar' },
      fields: { strengthPct: { value: 6 } },
    });
    expect(monthsOpen({ ...bottle, opened: null }, NOW)).toBe(0);
  });

  it('what it costs goes into the cost of a kilo, a sachet by its share of a kilo; put back, it costs nothing', () => {
    const milk = { value: 1, text: null };
    const base = {
      ...FIRST_DRAFT,
      method: 'quick-stretched',
      fields: { ...FIRST_DRAFT.fields, pricePerLitre: milk },
    };
    const costOf = (draft: Draft) => {
      const { brief, faults } = briefOf(draft, USUAL_KITCHEN, NOW_WALL, METHODS);
      if (!brief) throw new Error(faults.map((fault) => fault.path).join());
      return planned(brief).plan;
    };
    const with40 = { ...base, ...goodChosen(base, 'acid', { ...jar, price: 40 }) };
    const plain = costOf(base);
    const dear = costOf(with40);
    const grams = dear.doses.find((dose) => dose.id === 'acid')?.grams as number;
    const more = (dear.predictions.costPerKg as number) - (plain.predictions.costPerKg as number);
    expect(more).toBeCloseTo((40 * grams) / 1000 / dear.predictions.yieldKg.likely, 3);
    expect(costOf({ ...with40, ...goodChosen(with40, 'acid', undefined) })).toEqual(plain);
    const sachet: Good = {
      ...bottle,
      kind: 'culture',
      measure: 'sachets',
      price: 2,
      culture: { form: 'freeze-dried', labelLitresPerSachet: 60 },
    };
    // At 30 L a gram a sachet for 60 L holds 2 g.
    expect(priceIn(sachet)).toBeCloseTo(1000, 9);
    expect(priceIn({ ...jar, price: null })).toBeUndefined();
  });

  it('a plan takes what was chosen for it, and lacks what is not there, spoilt, or of another acid', () => {
    const { plan } = planned(basic('quick-stretched'));
    const acid = plan.doses.find((dose) => dose.id === 'acid');
    expect(takenBy(plan, { acid: 'jar', coagulant: 'bottle' }, [jar, bottle])).toEqual([
      { goodId: 'jar', dose: 'acid', name: 'Jar', lot: 'B 1', grams: acid?.grams },
      expect.objectContaining({ goodId: 'bottle', dose: 'coagulant' }),
    ]);
    const lacking = (goods: Good[]) => wantingFor(plan, goods, {}).map((one) => one.dose.id);
    expect(lacking([jar, bottle])).toEqual(['acid', 'salt']);
    expect(lacking([{ ...jar, amount: 500 }, bottle])).toEqual(['salt']);
    expect(lacking([{ ...jar, amount: 500, condition: 'clumped' }, bottle])).toEqual(['acid', 'salt']);
    expect(lacking([{ ...jar, amount: null, acid: { kind: 'vinegar', strengthPct: 5 } }, bottle])).toEqual([
      'acid',
      'salt',
    ]);
    expect(usable({ ...jar, condition: 'out of date' })).toBe(false);
  });

  it('what running makes have taken is no longer there', () => {
    const { plan, parameters } = planned(basic('quick-stretched'));
    const make = stateOf([
      {
        type: 'started',
        seq: 0,
        at: NOW,
        name: 'M',
        milkName: '',
        plan,
        parameters,
        modelVersion: 2,
        taken: takenBy(plan, { acid: 'jar' }, [jar]),
      },
    ]);
    const full = { ...jar, amount: 20 };
    const grams = plan.doses.find((dose) => dose.id === 'acid')?.grams as number;
    expect(20).toBeGreaterThan(grams);
    expect(wantingFor(plan, [full, bottle], {}).map((one) => one.dose.id)).not.toContain('acid');
    expect(wantingFor(plan, [full, bottle], goodsUsed(make)).map((one) => one.dose.id)).toContain('acid');
  });
});

it('a first run plans every make without a fault', () => {
  for (const { id } of METHODS) {
    expect(briefOf({ ...FIRST_DRAFT, method: id }, USUAL_KITCHEN, NOW_WALL, METHODS).faults).toEqual([]);
  }
});
