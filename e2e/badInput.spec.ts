import { expect, test } from '@playwright/test';
import { choose, open, pick, product, toPlan, type } from './kitchen';

test.describe('bad input is answered beside the field and nothing typed is lost', () => {
  const cases: [label: string, text: string, answer: string][] = [
    ['Fat', '-1', 'give 0 to 12'],
    ['Fat', '60', 'give 0 to 12'],
    ['Fat', '', 'Nothing is here yet: give 0 to 12'],
    ['Protein, as labelled', '0', 'give 1 to 9'],
    ['Milk', '0', 'give 0.20 to 500'],
    ['Milk', '5000', 'give 0.20 to 500'],
    ['Milk', 'a bucket', 'is not a number'],
    ['Starts at', '70', 'give 0 to 45'],
    ['Scald to', '120', 'give 80 to 95'],
  ];
  test('numbers that cannot be', async ({ page }) => {
    await open(page, '/plan');
    const before = (await page.getByTestId('yield').textContent()) ?? '';
    const begins = page.getByRole('button', { name: 'Take it to the pot' });
    for (const [label, text, answer] of cases) {
      const field = page.getByRole('textbox', { name: label, exact: true });
      const right = await field.inputValue();
      await type(page, label, text);
      await expect(page.locator(`[data-field="${label}"]`).getByRole('alert')).toContainText(answer);
      await expect(field).toHaveAttribute('aria-invalid', 'true');
      await expect(page.getByTestId('yield')).toHaveText(before);
      await expect(begins).toBeDisabled();
      await page.reload();
      await expect(field).toHaveValue(text);
      await expect(page.getByRole('alert')).toContainText(answer);
      await type(page, label, right);
      await expect(begins).toBeEnabled();
    }
  });

  test('a make chosen while a field is wrong: no other make’s plan stands for it, and its own comes when it is mended', async ({
    page,
  }) => {
    await open(page, '/plan');
    await type(page, 'Milk', 'a bucket');
    await choose(page, 'Paneer');
    await expect(page.getByRole('region', { name: 'To mend' })).toContainText('Mend the marked fields');
    await expect(page.getByTestId('yield')).toHaveCount(0);
    await expect(page.getByRole('button', { name: 'Take it to the pot' })).toHaveCount(0);
    await type(page, 'Milk', '8');
    await expect(page.getByTestId('yield')).toContainText('of paneer');
    await type(page, 'Milk', 'a pail');
    await expect(page.getByTestId('yield')).toContainText('of paneer');
    await expect(page.getByText('Shown as before, until the marked fields are mended.')).toBeVisible();
  });

  test('vinegar of 0 or 80 %, and an acid too weak for the set', async ({ page }) => {
    await open(page, '/plan');
    await product(page, 'acid');
    await page.getByLabel('Acid', { exact: true }).selectOption('vinegar');
    for (const text of ['0', '80']) {
      await type(page, 'Strength', text);
      await expect(page.locator('[data-field="Strength"]').getByRole('alert')).toContainText('give 2 to 30');
    }
    await type(page, 'Strength', '2');
    await choose(page, 'Warm-acid pot cheese');
    await type(page, 'Warm to', '45');
    await expect(page.getByRole('alert')).toContainText(
      /more than milk can take and still set.*stronger acid/,
    );
  });

  test('an altitude where the scald cannot be reached offers one that can', async ({ page }) => {
    await open(page, '/kitchen');
    await type(page, 'Altitude', '9000');
    await expect(page.getByRole('alert')).toContainText('give −400 to 5000');
    await type(page, 'Altitude', '4000');
    await toPlan(page);
    const alert = page.locator('[data-field="Scald to"]').getByRole('alert');
    await expect(alert).toContainText('milk boils there at 86.7 °C');
    await page.getByRole('button', { name: /^Take 85/ }).click();
    await expect(page.getByRole('button', { name: 'Take it to the pot' })).toBeEnabled();
  });

  test('a start in the past; ultra-heated milk is allowed, with a note', async ({ page }) => {
    await open(page, '/plan');
    await page.getByRole('button', { name: /^When/ }).click();
    await page.getByRole('radio', { name: 'start at' }).click();
    await page.getByLabel('Start at').fill('2026-11-20T09:00');
    await expect(page.getByRole('alert')).toContainText('lies in the past');
    await page.getByLabel('Start at').fill('2026-11-27T09:00');
    await expect(page.getByRole('region', { name: 'What becomes of it' })).toContainText('Start Fri 09:00');
    await page.keyboard.press('Escape');
    await pick(page, 'Treated', 'ultra-heated (long life)');
    await expect(page.getByRole('region', { name: 'The make' })).toContainText(
      'Ultra-heated milk sets with acid, but softer',
    );
    await expect(page.getByRole('button', { name: 'Take it to the pot' })).toBeEnabled();
  });
});

test('an amount that is none, after the tab was closed: the field that mends it stands where the plan will', async ({
  page,
}) => {
  await open(page, '/plan');
  await page.getByRole('button', { name: /^I have another amount of acid:/ }).click();
  await page.getByRole('button', { name: 'I have another amount of acid', exact: true }).click();
  const amount = page.getByRole('textbox', { name: 'Amount of acid in hand' });
  await amount.fill('a pinch');
  await expect(page.locator('[data-dose="acid"]')).toContainText('is no amount');
  await page.reload();
  const mend = page.getByRole('region', { name: 'To mend' });
  await expect(mend).toContainText('is no amount');
  // The plan is there with the first figure; those that follow belong to the amount too.
  await mend.getByRole('textbox', { name: 'Amount of acid in hand' }).selectText();
  await page.keyboard.press('1');
  await expect(page.locator('[data-dose="acid"]')).toContainText('1 g, as you have it');
  await page.keyboard.press('2');
  await expect(page.locator('[data-dose="acid"]')).toContainText('12 g, as you have it');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Tab');
  await expect(mend).toHaveCount(0);
});
