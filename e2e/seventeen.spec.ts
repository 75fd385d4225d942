import { expect, type Page, test } from '@playwright/test';
import { formatter, METRIC } from '../src/core/units/format';
import { METHODS } from '../src/makes';
import { stateOf } from '../src/run/state';
import { beginsInSight } from './inSight';
import { action, openPlan, toThePot } from './kitchen';
import { figuresAreTheCores } from './planned';
import { logOf } from './pretendPot';

const now = (page: Page) => page.getByRole('region', { name: 'Now' });
const heading = (page: Page) => now(page).getByText(/· stage \d+ of \d+ ·/);
const place = async (page: Page) =>
  /stage (\d+) of (\d+)/.exec((await heading(page).textContent()) ?? '') ?? [];

for (const method of METHODS) {
  test(`${method.title}: from the plan, its figures the core’s, through every stage to the book`, async ({
    page,
  }) => {
    await openPlan(page, method.title);
    await figuresAreTheCores(page, method);
    await toThePot(page);
    const [, , total = '0'] = await place(page);
    for (let stage = 1; stage < Number(total); stage++) {
      await expect(heading(page)).toContainText(`stage ${stage} of ${total}`);
      expect(await beginsInSight(page)).not.toMatch(/undefined|NaN/);
      const poured = page.getByRole('button', { name: /^Poured/ });
      if (await poured.isVisible()) {
        await poured.click();
        await page.getByRole('button', { name: /^clear/ }).click();
      }
      await page.clock.fastForward('05:00');
      await page.locator('[data-main]').click();
    }
    await expect(action(page)).toContainText('Weigh it');
    await beginsInSight(page);
    const pad = page.getByRole('form', { name: 'Note a reading' });
    const { likely } = stateOf(await logOf(page)).plan.predictions.yieldKg;
    await pad.getByRole('textbox').fill(likely.toFixed(3));
    await pad.getByRole('button', { name: 'Weigh and finish' }).click();
    await page.waitForURL(/\/book\//);
    await expect(page.getByRole('region', { name: 'What came out' })).toContainText(
      formatter(METRIC).kg(likely),
    );
  });
}
