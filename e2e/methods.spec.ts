import { expect, type Page, test } from '@playwright/test';
import { METHODS } from '../src/makes';
import { planBrief } from '../src/plan/plan';
import { heldDisk } from './heldDisk';
import { choose, give, open, saved, toPlan, toThePot } from './kitchen';

test('every make reads as in a book: its stages in words, its schools with their reasons', async ({
  page,
}) => {
  await open(page, '/methods');
  for (const method of METHODS) {
    await page
      .getByRole('navigation', { name: 'Makes' })
      .getByRole('link', { name: method.title, exact: true })
      .click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(method.title);
    const stages = page.getByRole('list', { name: 'Stages' });
    const planned = planBrief(
      { format: 'plump-pail/brief', version: 1, method: method.id, milk: { species: 'cow', litres: 8 } },
      { spread: false },
    );
    if (!planned.ok) throw new Error(method.id);
    await expect(stages.getByRole('heading')).toHaveCount(planned.value.plan.stages.length);
    await expect(page.getByRole('region', { name: 'Choices' })).toContainText(
      Object.values(method.options)[0]?.reason ?? '',
    );
  }
});

/** Two frames on: what was to be drawn has been. */
const drawn = (page: Page) =>
  page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));

test('a make is copied and varied, its faults stand at the stage, and it is planned and made', async ({
  page,
}) => {
  await open(page, '/methods/paneer');
  await page.getByRole('button', { name: 'Copy and vary' }).click();
  await page.waitForURL(/my-paneer/);
  const line = page.locator('p', { hasText: 'of 8 L' });
  const before = await line.textContent();
  await page.getByRole('textbox', { name: 'Title' }).fill('Lock paneer');
  const drain = page.getByRole('textbox', { name: 'minutes of drain' });
  // Nothing typed has come to the disk when the page is loaded anew.
  await heldDisk(page, 'methods');
  await drain.fill('long');
  await expect(page.locator('[data-stage="drain"]')).toContainText('params.minutes');
  await page.reload();
  await expect(drain).toHaveValue('long');
  await expect(page.locator('[data-stage="drain"]')).toContainText('params.minutes');
  await drain.fill('95');
  await expect(page.locator('[data-stage="drain"]')).not.toContainText('params.minutes');
  await expect(line).not.toHaveText(before ?? '');
  await toPlan(page);
  await choose(page, 'Lock paneer');
  await expect(page.getByTestId('yield')).toContainText('paneer');
  await toThePot(page);
});

test('options of a make of one’s own are changed, added and taken out, their faults beside them', async ({
  page,
}) => {
  await open(page, '/methods/paneer');
  await page.getByRole('button', { name: 'Copy and vary' }).click();
  await page.waitForURL(/my-paneer/);
  const scald = page.locator('[data-option="setC"]');
  const usually = page.getByRole('textbox', { name: 'usually, setC' });
  await usually.fill('120');
  await expect(scald).toContainText('give 85 to 99');
  await usually.fill('warm');
  await expect(scald.getByRole('alert')).toBeVisible();
  await usually.fill('90');
  await expect(scald.getByRole('alert')).toHaveCount(0);
  const adding = page.getByLabel('Add an option named');
  await adding.fill('setC');
  await expect(page.getByText('There is one of that name already.')).toBeVisible();
  await adding.fill('boardMin');
  await page.getByRole('button', { name: 'Add it' }).click();
  await page.getByRole('textbox', { name: 'Name of boardMin' }).fill('Rest on the board');
  await page.getByRole('textbox', { name: 'usually, boardMin' }).fill('7');
  await page.getByRole('textbox', { name: 'minutes of drain' }).fill(':boardMin');
  await expect(page.locator('[data-stage="drain"]').getByRole('alert')).toHaveCount(0);
  await page.getByRole('button', { name: 'take out option boardMin' }).click();
  await expect(page.locator('[data-stage="drain"]')).toContainText('speaks of an option');
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.locator('[data-stage="drain"]').getByRole('alert')).toHaveCount(0);
  await toPlan(page);
  await choose(page, 'Paneer, my way');
  await expect(page.getByRole('textbox', { name: 'Rest on the board' })).toHaveValue('7');
  await expect(page.getByRole('textbox', { name: 'Scald to' })).toHaveValue('90');
});

test('two lines changed faster than they are kept: both stay', async ({ page }) => {
  await open(page, '/methods/paneer');
  await page.getByRole('button', { name: 'Copy and vary' }).click();
  await page.waitForURL(/my-paneer/);
  const named = page.getByRole('textbox', { name: 'Name of setC' });
  await expect(named).toBeVisible();
  await page.evaluate(() => {
    const type = (label: string, text: string) => {
      const field = document.querySelector(`[aria-label="${label}"]`) as HTMLInputElement;
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(field, text);
      field.dispatchEvent(new Event('input', { bubbles: true }));
    };
    for (const text of ['H', 'He', 'Hea', 'Heat', 'Heat to']) type('Name of setC', text);
    type('usually, setC', '91');
  });
  await expect(named).toHaveValue('Heat to');
  await toPlan(page);
  await choose(page, 'Paneer, my way');
  await expect(page.getByRole('textbox', { name: 'Heat to' })).toHaveValue('91');
});

test('stages are put in another order by keyboard, and a nonsensical order is answered', async ({ page }) => {
  await open(page, '/methods/goat-lactic');
  await page.getByRole('button', { name: 'Copy and vary' }).click();
  await page.waitForURL(/my-goat-lactic/);
  const order = () =>
    page.locator('[data-stage]').evaluateAll((rows) => rows.map((row) => (row as HTMLElement).dataset.stage));
  await expect(page.locator('[data-stage="culture"]')).toBeVisible();
  const was = await order();
  const grip = page.getByRole('button', { name: 'Move culture' });
  await grip.focus();
  await page.keyboard.press('Space');
  await expect(page.locator('[data-stage="culture"]')).toHaveClass(/now-wash/);
  // Only when it knows where it lies, and has been drawn there, does it know where down is.
  await expect(page.getByText('over droppable area culture')).toBeAttached();
  await drawn(page);
  for (let i = 0; i < 3; i++) {
    await page.keyboard.press('ArrowDown');
    await expect(page.getByText(`over droppable area ${was[was.indexOf('culture') + 1 + i]}`)).toBeAttached();
    await drawn(page);
  }
  await page.keyboard.press('Space');
  await expect.poll(order).not.toEqual(was);
  expect((await order()).indexOf('culture')).toBe(was.indexOf('culture') + 3);
  await expect(page.locator('article')).toContainText('a set by pH with no culture before it');
});

test('a stage taken out comes back; a method goes out as a file and comes in again', async ({ page }) => {
  await open(page, '/methods/whole-milk-ricotta');
  await page.getByRole('button', { name: 'Copy and vary' }).click();
  await page.getByRole('button', { name: 'take out salt', exact: true }).click();
  await expect(page.locator('[data-stage="salt"]')).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.locator('[data-stage="salt"]')).toHaveCount(1);
  const file = await saved(page, 'As a file');
  await page.getByRole('button', { name: 'Take it out' }).click();
  // The view goes back to the list before another file is handed to it.
  await page.waitForURL(/\/methods$/);
  await expect(page.getByRole('link', { name: 'Whole-milk ricotta, my way' })).toHaveCount(0);
  const take = (text: string) => give(page, 'Open a method file', text);
  await take(file.replace('"my-whole-milk-ricotta"', '"paneer"'));
  await expect(page.getByRole('navigation', { name: 'Makes' })).toContainText('own makes');
  await take(file);
  await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue('Whole-milk ricotta, my way');
});

test('a make of one’s own is changed in its sentences, and what is typed wrongly there is kept', async ({
  page,
}) => {
  await open(page, '/methods/quick-stretched');
  await page.getByRole('button', { name: 'Copy and vary' }).click();
  await page.waitForURL(/my-quick-stretched/);
  const cook = page.getByRole('textbox', { name: 'Cook to, as usual' });
  await cook.fill('hot');
  await expect(page.locator('[data-option="cookC"]').getByRole('alert')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'usually, cookC' })).toHaveValue('hot');
  await page.getByRole('textbox', { name: 'usually, cookC' }).fill('42');
  await expect(page.locator('[data-stage="cook"]')).toContainText('Warm the curd to 42');
  await cook.fill('38');
  await expect(page.getByRole('textbox', { name: 'usually, cookC' })).toHaveValue('38');
});
