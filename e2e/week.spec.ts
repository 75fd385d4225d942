import { expect, type Page, test } from '@playwright/test';
import { DEMO } from '../playwright.config';

const strand = (page: Page, name: string) =>
  page.getByRole('button', { name: new RegExp(`^${name}, from `) });
const proved = (page: Page) => expect(page.getByText('Nothing better fits')).toBeVisible({ timeout: 30_000 });

test.describe('the demo’s week', () => {
  test.use({ baseURL: DEMO });

  test('is laid, moved by keys, pinned, undone, left out, and stays after a reload', async ({ page }) => {
    await page.goto('/week');
    await proved(page);
    for (const name of ['Curds', 'Goat’s logs', 'Balls', 'Paneer'])
      await expect(strand(page, name)).toBeVisible();
    await expect(page.getByRole('button', { name: /Friday ricotta.*under way/ })).toBeVisible();

    const before = await strand(page, 'Paneer').getAttribute('aria-label');
    await strand(page, 'Paneer').focus();
    await page.keyboard.press('Shift+ArrowUp');
    await expect(strand(page, 'Paneer')).toHaveAttribute('aria-label', /pinned/);
    expect(await strand(page, 'Paneer').getAttribute('aria-label')).not.toBe(before);
    await page.reload();
    await expect(strand(page, 'Paneer')).toHaveAttribute('aria-label', /pinned/);

    await strand(page, 'Paneer').focus();
    await page.keyboard.press('Enter');
    const panel = page.getByRole('region', { name: 'Paneer' });
    await panel.getByRole('button', { name: 'Let it move' }).click();
    await proved(page);
    await expect(strand(page, 'Paneer')).not.toHaveAttribute('aria-label', /pinned/);

    await panel.getByRole('button', { name: 'Leave it out' }).click();
    await expect(strand(page, 'Paneer')).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(strand(page, 'Paneer')).toBeVisible();
    await expect(page.getByRole('region', { name: 'What the week needs' })).toContainText(
      'Sallow Reach cows',
    );
  });

  test('more than the milk allows waits with its reason, and a strand that is pulled says what breaks', async ({
    page,
  }) => {
    await page.goto('/week');
    await proved(page);
    for (let i = 0; i < 4; i++) {
      await page.getByLabel('Make', { exact: true }).selectOption('whole-milk-ricotta');
      await page.getByRole('button', { name: 'Put it in the week' }).click();
    }
    const waits = page.getByRole('region', { name: 'No place yet' });
    await expect(waits).toContainText(/the milk Sallow Reach cows: [\d.]+\sL too little of it/);

    // Pulled up into the night: it says so, and springs back to where somebody is there.
    const balls = strand(page, 'Balls').locator('span').first();
    const box = await balls.boundingBox();
    const wall = await page.getByRole('region', { name: 'The wall' }).boundingBox();
    if (!box || !wall) throw new Error('the strand is on the wall');
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2, wall.y + 70, { steps: 6 });
    await expect(page.getByRole('status')).toContainText('when nobody is there');
    await page.mouse.up();
    await expect(strand(page, 'Balls')).toHaveAttribute('aria-label', /from \w{3} (0[6-9]|1\d|2[0-2]):/);
  });

  test('goes from the plan into the week, and from the book again', async ({ page }) => {
    await page.goto('/plan');
    await page.getByRole('button', { name: 'Put it in the week' }).click();
    await page.getByRole('button', { name: 'See it' }).click();
    await expect(page).toHaveURL(/\/week$/);
    await expect(strand(page, 'Ricotta')).toBeVisible({ timeout: 20_000 });
    await page.goto('/book');
    await page.locator('[data-make] a').first().click();
    await page.getByRole('button', { name: 'Again in the week' }).click();
    await expect(page).toHaveURL(/\/week$/);
  });
});

test('an empty kitchen’s week says what to do, and takes a first wish', async ({ page }) => {
  await page.goto('/week');
  await expect(page.getByText('Say what you want on the table')).toBeVisible();
  await page.getByLabel('Make', { exact: true }).selectOption('paneer');
  await page.getByRole('button', { name: 'Put it in the week' }).click();
  await expect(strand(page, 'Paneer')).toBeVisible({ timeout: 20_000 });
});
