import { expect, type Page, test } from '@playwright/test';
import { formatter, METRIC } from '../src/core/units/format';
import { METHODS } from '../src/makes';
import type { Method } from '../src/makes/method';
import { SAID } from '../src/plan/fixtures/habits';
import { planBrief } from '../src/plan/plan';
import { sentencesOf, sentenceText } from '../src/plan/sentences';
import { doseText } from '../src/plan/telling';
import { EVERY_FAMILY } from './families';
import { begin, choice, choose, give, open, openPlan, pick, type } from './kitchen';

const f = formatter(METRIC);

// Laid round a night and a day the worker decides; that has a test of its own.
const PLAIN = SAID.filter(({ brief }) => brief.asleep === undefined);
const GROUPS = 4;
for (let group = 0; group < GROUPS; group++) {
  test(`ways makers say it, ${group + 1} of ${GROUPS}: the same figures and sentences as from the file`, async ({
    page,
  }) => {
    await open(page, '/plan');
    // What a file says of protein is the true protein; the kitchen's labels mostly give the crude.
    await page.goto('/kitchen');
    await page.getByRole('radio', { name: 'true protein' }).click();
    await page.goto('/plan');
    await begin(page);
    for (const { say, brief } of PLAIN.filter((_, i) => i % GROUPS === group)) {
      const found = planBrief(brief, { spread: false });
      if (!found.ok) throw new Error(say);
      const { plan } = found.value;
      const method = METHODS.find(({ id }) => id === brief.method) as Method;
      await give(page, 'Open a plan or brief', brief);
      await expect(page.getByRole('heading', { level: 1 }), say).toContainText(method.title);
      for (const dose of plan.doses)
        await expect(page.locator(`[data-dose="${dose.id}"]`), say).toContainText(doseText(dose, f));
      await expect(page.getByTestId('yield'), say).toContainText(
        f.kgParts(plan.predictions.yieldKg.likely).figure,
      );
      const asked = new Set(Object.keys(brief.options ?? {}));
      const { stages } = sentencesOf(found.value, method, f, asked);
      const lines = page.getByRole('list', { name: 'Stages' }).locator('[data-stage]');
      // The sentences follow the figures a moment later.
      await expect(lines, say).toContainText(stages.map((stage) => sentenceText(stage).replace(/\.$/, '')));
    }
  });
}

test('a value is typed over, stepped, opened where it stands and taken back, by keyboard alone', async ({
  page,
}) => {
  await open(page, '/plan');
  const fat = page.getByRole('textbox', { name: 'Fat', exact: true });
  await fat.focus();
  await page.keyboard.type('4.4');
  await expect(fat).toHaveValue('4.4');
  await page.keyboard.press('ArrowUp');
  await expect(fat).toHaveValue('4.5');
  await page.keyboard.press('Enter');
  const plate = page.getByRole('dialog', { name: 'Fat' });
  await expect(plate).toContainText('cheese');
  // What a screen reader is told of the change names the figures that matter.
  await expect(page.getByTestId('changed')).toContainText(/cheese .* → /);
  await page.keyboard.press('Escape');
  await expect(plate).toHaveCount(0);
  await expect(fat).toHaveValue('3.7');
  await expect(fat).toBeFocused();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('textbox', { name: 'Protein, as labelled' })).toBeFocused();
  await page.keyboard.press('Tab');
  await expect(choice(page, 'Treated')).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('option', { name: 'pasteurised', exact: true })).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('option', { name: 'high-pasteurised', exact: true })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(choice(page, 'Treated')).toHaveText('high-pasteurised');
});

test('a dose opens on its form and gives the keyboard back, but not to whoever has gone elsewhere', async ({
  page,
}) => {
  await open(page, '/plan');
  const acid = page.getByRole('button', { name: /^Which acid/ });
  const form = page.getByRole('dialog', { name: /^Which acid/ });
  await acid.focus();
  await page.keyboard.press('Enter');
  await expect(form).toBeVisible();
  await expect(acid).toHaveAttribute('aria-expanded', 'true');
  await expect(form.locator(':focus')).toHaveCount(1);
  await page.keyboard.press('Escape');
  await expect(form).toHaveCount(0);
  await expect(acid).toBeFocused();
  await expect(acid).toHaveAttribute('aria-expanded', 'false');
  await acid.click();
  await expect(form).toBeVisible();
  await acid.click();
  await expect(form).toHaveCount(0);
  await acid.click();
  await expect(form).toBeVisible();
  const fat = page.getByRole('textbox', { name: 'Fat', exact: true });
  await fat.click();
  await expect(form).toHaveCount(0);
  await expect(fat).toBeFocused();
});

test('what was said is told apart from what stands as usual', async ({ page }) => {
  await open(page, '/plan');
  const scald = page.locator('[data-field="Scald to"] .say');
  await expect(scald).not.toHaveClass(/say-said/);
  await type(page, 'Scald to', '88');
  await expect(scald).toHaveClass(/say-said/);
  await expect(scald).toContainText('88\u00a0°C');
});

test('what is left out is named and taken up where it is named', async ({ page }) => {
  await openPlan(page, 'Cultured stretched pear, hung');
  await expect(page.getByTestId('left-out')).toContainText('Lipase');
  await pick(page, 'Lipase', 'yes');
  await expect(page.getByRole('list', { name: 'Stages' })).toContainText('Lipase in:');
  await expect(page.locator('[data-dose="lipase"]')).toBeVisible();
});

/** Texts of the view that are wider than the place they have. */
const cutOff = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('main *')].flatMap((one) =>
      one.clientWidth > 0 &&
      one.scrollWidth > one.clientWidth + 1 &&
      getComputedStyle(one).overflowX !== 'visible' &&
      !one.closest('svg, .sr-only, input')
        ? [one.textContent]
        : [],
    ),
  );
/** How far down the last dose ends before anything is scrolled, px. */
const lastDose = (page: Page) =>
  page.evaluate(() => {
    scrollTo(0, 0);
    return Math.max(
      ...[...document.querySelectorAll('[data-dose]')].map((one) => one.getBoundingClientRect().bottom),
    );
  });
const LAPTOP = { width: 1280, height: 800 };
for (const { family, makes } of EVERY_FAMILY) {
  test(`${family} on every screen: no word cut off, doses soon seen, the whole plan not long`, async ({
    page,
  }) => {
    await open(page, '/plan');
    for (const { title } of makes) {
      await page.setViewportSize(LAPTOP);
      await choose(page, title);
      // With its spread, whole.
      await expect(page.locator('[data-spread="own"]')).toBeVisible();
      await expect(page.getByRole('region', { name: 'What the yield hangs on' })).toBeVisible();
      // What stands below the make follows a moment later.
      await expect
        .poll(() => page.evaluate(() => document.documentElement.scrollHeight), { message: title })
        .toBeLessThanOrEqual(2.5 * LAPTOP.height);
      for (const viewport of [LAPTOP, { width: 820, height: 1180 }, { width: 390, height: 844 }]) {
        const where = `${title} at ${viewport.width}`;
        await page.setViewportSize(viewport);
        // Drawings follow the width a moment later.
        await expect
          .poll(() => page.evaluate(() => document.documentElement.scrollWidth), { message: where })
          .toBeLessThanOrEqual(viewport.width);
        await expect.poll(() => cutOff(page), { message: where }).toEqual([]);
        if (viewport === LAPTOP) expect(await lastDose(page), where).toBeLessThan(viewport.height);
      }
    }
    // Opened afresh on a phone, too.
    await page.reload();
    await expect(page.locator('[data-dose]').first()).toBeVisible();
    await expect
      .poll(() => page.evaluate(() => document.documentElement.scrollWidth - innerWidth))
      .toBeLessThanOrEqual(0);
    await expect.poll(() => cutOff(page)).toEqual([]);
  });
}
