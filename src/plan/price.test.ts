import { describe, expect, it } from 'vitest';
import type { Brief } from './brief/schema';
import { basic, planned } from './fixtures/briefs';
import type { Dose } from './schema';

describe('what a batch costs', () => {
  it('a culture costs by the kilogram of what goes in', () => {
    const made = (price?: number) =>
      planned(
        basic(
          'fresh-pressed',
          { pricePerLitre: 1.2 },
          { culture: { form: 'freeze-dried', ...(price !== undefined && { price }) } },
        ),
      ).plan;
    const plain = made();
    const grams = plain.doses.find(({ id }) => id === 'culture')?.grams ?? 0;
    const more = (made(4000).predictions.costPerKg ?? 0) - (plain.predictions.costPerKg ?? 0);
    expect(more).toBeCloseTo((4000 * grams) / 1000 / plain.predictions.yieldKg.likely, 2);
  });

  it('acid, coagulant and salt cost what is taken of them, by the measure each is bought in', () => {
    const of = (rest: Partial<Brief>, id: string) => {
      const { plan } = planned(basic(id, { pricePerLitre: 1.2 }, rest));
      const grams = (dose: string) => plan.doses.find((one) => one.id === dose);
      return { all: (plan.predictions.costPerKg ?? 0) * plan.predictions.yieldKg.likely, grams };
    };
    for (const [what, id, bare, price, bought] of [
      ['acid', 'paneer', { kind: 'citric' }, 9, (dose: Dose) => dose.grams / 1000],
      [
        'acid',
        'paneer',
        { kind: 'vinegar', strengthPct: 5 },
        2,
        (dose: Dose) => (dose.millilitres ?? 0) / 1000,
      ],
      [
        'coagulant',
        'squeaky-curds',
        { form: 'liquid', imcuPerMl: 200 },
        60,
        (dose: Dose) => (dose.millilitres ?? 0) / 1000,
      ],
      ['salt', 'squeaky-curds', {}, 3, (dose: Dose) => dose.grams / 1000],
    ] as const) {
      const [without, with_] = [of({ [what]: bare }, id), of({ [what]: { ...bare, price } }, id)];
      const dose = with_.grams(what);
      if (!dose) throw new Error(`it takes ${what}`);
      expect((with_.all - without.all) / (price * bought(dose))).toBeCloseTo(1, 1);
    }
  });
});
