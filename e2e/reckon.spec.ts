import { expect, test } from '@playwright/test';
import { COMPUTATIONS, reckon } from '../src/plan/reckon';
import { EXAMPLES } from '../src/plan/reckon/examples';
import { open } from './kitchen';

test('from anywhere two keystrokes and a word lead to a computation', async ({ page }) => {
  await open(page, '/book');
  await page.keyboard.press('/');
  await expect(page.getByPlaceholder('A name, or part of one')).toBeFocused();
  await page.keyboard.type('brine');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('How strong a brine is');
  await page.keyboard.press('Control+k');
  await expect(page.getByPlaceholder('A name, or part of one')).toBeFocused();
  await page.keyboard.type('squeaky');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Squeaky cheddared curds');
});

test('the slash is a slash where one types', async ({ page }) => {
  await open(page, '/plan');
  await page.getByRole('textbox', { name: 'Milk', exact: true }).press('/');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('every computation answers with the core’s own figures', async ({ page }) => {
  await open(page, '/reckon');
  for (const computation of COMPUTATIONS) {
    await page
      .getByRole('navigation', { name: 'Computations' })
      .getByRole('link', { name: computation.title, exact: true })
      .click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(computation.title);
    const answer = reckon(computation, EXAMPLES[computation.name]);
    if (!answer.ok) throw new Error(`${computation.name} must have an answer`);
    for (const [key, value] of Object.entries(answer.value)) {
      if (typeof value !== 'number' || computation.outputs[key]?.unit.startsWith('°C')) continue;
      const text = await page.locator(`[data-output="${key}"] .figure`).textContent();
      const shown = Number(text?.replace('\u2212', '-'));
      expect(Math.abs(shown - value)).toBeLessThanOrEqual(Math.max(0.006 * Math.abs(value), 0.0051));
    }
  }
});

test('a wrong figure is answered at its field, and what was typed is there after a reload', async ({
  page,
}) => {
  await open(page, '/reckon/hot-water');
  await page.getByRole('textbox', { name: 'Water', exact: true }).fill('92');
  await expect(page.getByRole('region', { name: 'Hot water for stretching' })).toContainText(
    'melt the fat out',
  );
  await page.getByRole('textbox', { name: 'Water', exact: true }).fill('70');
  await expect(page.locator('[data-output="waterKg"]')).toContainText('kg');
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Water', exact: true })).toHaveValue('70');
});
