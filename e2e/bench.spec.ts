import { expect, test } from '@playwright/test';
import { DEMO } from '../playwright.config';
import { formatter, METRIC } from '../src/core/units/format';
import { beliefIn } from '../src/plan/moved';
import { planBrief } from '../src/plan/plan';
import type { Plan } from '../src/plan/schema';
import { benchPot, putOnBench } from '../src/sim/bench';
import { FAMILIES } from './families';
import { action, wayOn } from './kitchen';
import { hob, on, pretend, stage, startedPlan, toTheBench } from './pretendPot';

test('a make under way meets a pretend pot as warm as it was last read, and connecting again keeps it', async ({
  page,
}) => {
  await page.goto(`${DEMO}/pot`);
  const probe = page.getByRole('region', { name: 'Probe' });
  const noted = page.getByRole('region', { name: 'Noted last' });
  const readC = Number(/(\d+\.\d)/.exec((await noted.textContent()) ?? '')?.[1]);
  await probe.getByRole('button', { name: 'Connect' }).click();
  await pretend(page).waitFor();
  const live = probe.locator('strong').first();
  const shown = async () => Number.parseFloat((await live.textContent()) ?? '');
  await expect.poll(async () => Math.abs((await shown()) - readC)).toBeLessThan(3);
  await hob(page, 'full');
  await on(page, '5');
  await expect.poll(shown).toBeGreaterThan(readC + 3);
  await probe.getByRole('button', { name: 'Let it go' }).click();
  await probe.getByRole('button', { name: 'Connect' }).click();
  await expect.poll(shown).toBeGreaterThan(readC + 3);
  await expect(noted).not.toContainText(/^\D*\d\.\d/);
});

test('what is told the pretend pot reaches it in the order it was told, however slowly it answers', async ({
  page,
}) => {
  await toTheBench(page, 'Paneer');
  const told: string[] = [];
  let letGo = () => {};
  const held = new Promise<void>((resolve) => {
    letGo = resolve;
  });
  await page.route(/\/bench\/(?!readings)/, async (route) => {
    const what = route.request().postData() ?? '';
    told.push(what);
    if (what.includes('hob')) await held;
    await route.continue();
  });
  await pretend(page).getByRole('radio', { name: 'full' }).click();
  await pretend(page).getByRole('button', { name: '5\u00a0min on', exact: true }).click();
  await expect.poll(() => told).toEqual(['{"hob":3}']);
  letGo();
  await expect.poll(() => told).toEqual(['{"hob":3}', '{"advanceMin":5}']);
});

/** Predictions without their spread. */
const likelyOf = (predictions: Plan['predictions']) =>
  Object.fromEntries(
    Object.entries(predictions).map(([key, value]) => [
      key,
      typeof value === 'object' && value !== null ? value.likely : value,
    ]),
  );

for (const title of FAMILIES) {
  test(`${title}: driven through the pretend pot, hastened, to the book`, async ({ page }) => {
    await toTheBench(page, title);
    for (let i = 0; i < 40 && !(await action(page).textContent())?.includes('Weigh it'); i++) {
      await stage(page);
      await expect(page.locator('[data-main]')).toBeEnabled();
      await wayOn(page);
    }
    await expect(action(page)).toContainText('Weigh it');

    const plan = await startedPlan(page);
    const core = planBrief(plan.brief, { belief: beliefIn(plan) });
    if (!core.ok) throw new Error('the core plans what the app planned');
    // A plan's own brief says every default as if it were measured, so its spread is narrower; what is likely is the same.
    expect(likelyOf(plan.predictions)).toEqual(likelyOf(core.value.plan.predictions));

    // The same pot, drawn again beside the app: what it comes to is what the scale must show.
    const pot = benchPot(plan.brief.milk.litres ?? 0, 1);
    putOnBench(pot, plan.brief);
    const kg = pot.kg ?? 0;
    const shown = /On the scale: ([\d.]+)\s(k?g)/.exec((await page.getByTestId('looks').textContent()) ?? '');
    const weighed = Number(shown?.[1]) / (shown?.[2] === 'g' ? 1000 : 1);
    expect(Math.abs(weighed - kg)).toBeLessThan(0.012);

    const pad = page.getByRole('form', { name: 'Note a reading' });
    await pad.getByRole('textbox').fill(String(weighed));
    // What rings above may move the page under the finger: then one presses again.
    await expect(async () => {
      await pad.getByRole('button', { name: 'Weigh and finish' }).click({ timeout: 5000 });
      await expect(page).toHaveURL(/\/book\//, { timeout: 8000 });
    }).toPass();
    const out = page.getByRole('region', { name: 'What came out' });
    await expect(out).toContainText(formatter(METRIC).kg(weighed));
    const { likely, low, high } = core.value.plan.predictions.yieldKg;
    await expect(out).toContainText(`planned ${formatter(METRIC).kg(likely)}`);
    const asPlanned = Math.round(Math.abs(weighed / likely - 1) * 100) === 0;
    await expect(out).toContainText(
      asPlanned
        ? 'As planned.'
        : weighed >= low && weighed <= high
          ? 'within what was to be expected'
          : 'outside what was to be expected',
    );
  });
}
