import { describe, expect, it } from 'vitest';
import { METHODS } from '../makes';
import { SANITY_BANDS } from './fixtures/sanityBands';
import { planBrief } from './plan';

const within = (value: number, [low, high]: [number, number]) => {
  expect(value).toBeGreaterThanOrEqual(low);
  expect(value).toBeLessThanOrEqual(high);
};

describe('every make that can be planned meets its band', () => {
  it.each(METHODS.map((method) => method.id))('%s', (id) => {
    const band = SANITY_BANDS[id];
    if (!band) throw new Error(`${id} has no band: write one before the make`);
    for (const litres of [4, 8, 20]) {
      const planned = planBrief(
        { format: 'plump-pail/brief', version: 1, method: id, milk: { species: band.species, litres } },
        { spread: false },
      );
      if (!planned.ok) throw new Error(JSON.stringify(planned.faults));
      const p = planned.value.plan.predictions;
      within((100 * p.yieldKg.likely) / litres, band.yieldKgPer100L);
      within(p.moisturePct, band.moisturePct);
      if (band.fatInDryMatterPct) within(p.fatInDryMatterPct, band.fatInDryMatterPct);
      within(p.totalHours, band.totalHours);
      expect(p.setMin === null).toBe(band.setMin === null);
      if (band.setMin && p.setMin) within(p.setMin.likely, band.setMin);
    }
  });
});
