import { expect, type Page } from '@playwright/test';
import { trueProteinPct } from '../src/core/milk/species';
import { formatter, METRIC } from '../src/core/units/format';
import { METHODS } from '../src/makes';
import type { Method } from '../src/makes/method';
import type { Brief } from '../src/plan/brief/schema';
import { planBrief } from '../src/plan/plan';
import { doseText } from '../src/plan/telling';
import { hoursText } from '../src/views/common/times';
import { type } from './kitchen';

const f = formatter(METRIC);

/** What the core says of a first-run draft with changes. */
export function core(
  method: string,
  litres: number,
  change: Partial<Brief['milk']> = {},
  rest: Partial<Brief> = {},
) {
  const brief: Brief = {
    format: 'plump-pail/brief',
    version: 1,
    method,
    milk: {
      species: 'cow',
      litres,
      fatPct: 3.7,
      proteinPct: trueProteinPct(3.2, 'cow'),
      treatment: 'pasteurised',
      homogenised: false,
      startC: 4,
      ...change,
    },
    ...(METHODS.find((one) => one.id === method)?.acid != null && { acid: { kind: 'citric' } }),
    roomC: 20,
    altitudeM: 0,
    options: {},
    ...rest,
  };
  const planned = planBrief(brief);
  if (!planned.ok) throw new Error(JSON.stringify(planned.faults));
  return planned.value.plan;
}

/** Types a milk into the plan of a make: the figures on the page are the core’s. */
export async function figuresAreTheCores(page: Page, method: Method) {
  const ofWhey = method.of === 'whey';
  await type(page, ofWhey ? 'Whey' : 'Milk', '7,5');
  if (!ofWhey) await type(page, 'Fat', '4.2');
  const plan = core(method.id, 7.5, ofWhey ? { fatPct: 0.3, proteinPct: 0.75, pH: 6.4 } : { fatPct: 4.2 }, {
    ...(method.coagulant && { coagulant: { form: 'liquid', imcuPerMl: 200, ageMonths: 0 } }),
    ...(method.culture && { culture: { form: 'freeze-dried' } }),
  });
  const { yieldKg } = plan.predictions;
  const scene = page.getByRole('region', { name: 'What becomes of it' });
  await expect(page.getByTestId('yield')).toContainText(f.kgParts(yieldKg.likely).figure);
  await expect(scene).toContainText(`likely ${f.kg(yieldKg.low)} to ${f.kg(yieldKg.high)}`);
  await expect(scene).toContainText(hoursText(plan.predictions.totalHours * 60));
  await expect(scene).toContainText(`${hoursText(plan.predictions.handsOnMin)} of them hands on`);
  for (const dose of plan.doses)
    await expect(page.locator(`[data-dose="${dose.id}"]`)).toContainText(doseText(dose, f));
  await expect(page.getByRole('list', { name: 'Stages' }).getByRole('listitem')).toHaveCount(
    // Each caution stands once, where it first matters.
    plan.stages.length + new Set(plan.cautions.map((one) => one.text)).size,
  );
}
