import { expect, type Page, test } from '@playwright/test';
import { DEMO } from '../playwright.config';
import { open } from './kitchen';

const strand = (page: Page, name: string) =>
  page.getByRole('button', { name: new RegExp(`^${name}, from `) });
/** Until nothing better is looked for any more; what can be proved in the time it takes depends on the machine. */
const looked = (page: Page) =>
  expect(page.getByText(/^(Nothing better fits|The best that was found)/)).toBeVisible({ timeout: 180_000 });

test.describe('the demo’s week', () => {
  test.use({ baseURL: DEMO });

  test('is laid, moved by keys, pinned, undone, left out, and stays after a reload', async ({ page }) => {
    await page.goto('/week');
    await looked(page);
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
    await looked(page);
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
    await looked(page);
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
    await page.waitForURL(/\/week$/);
    // There is not milk enough for all: what was wished last has to wait.
    await expect(page.getByRole('region', { name: 'No place yet' })).toContainText(
      /Ricotta: the milk Sallow Reach cows: [\d.]+\sL too little/,
    );
    await page.goto('/book');
    await page.locator('[data-make] a').first().click();
    await page.getByRole('button', { name: 'Again in the week' }).click();
    await page.waitForURL(/\/week$/);
  });
});

test('milk past its use-by is laid nowhere, and not offered either', async ({ page }) => {
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'A can of milk' }).click();
  const sheet = page.getByRole('dialog', { name: 'A can of milk' });
  await sheet.getByLabel('Name').fill('Monday’s can');
  await sheet.getByLabel('Use by').fill('2026-11-24');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('button', { name: 'plan with it: Monday’s can' }).click();
  await page.getByRole('link', { name: 'Week', exact: true }).click();
  await page.getByLabel('Make', { exact: true }).selectOption('paneer');
  await page.getByRole('button', { name: 'Put it in the week' }).click();
  const waits = page.getByRole('region', { name: 'No place yet' });
  await expect(waits).toContainText('its milk Monday’s can does not keep so long');
  await expect(waits.getByRole('button')).toHaveCount(0);
});

test('an empty kitchen’s week says what to do, and takes a first wish', async ({ page }) => {
  await page.goto('/week');
  await expect(page.getByText('Say what you want on the table')).toBeVisible();
  await page.getByLabel('Make', { exact: true }).selectOption('paneer');
  await page.getByRole('button', { name: 'Put it in the week' }).click();
  await expect(strand(page, 'Paneer')).toBeVisible({ timeout: 20_000 });
});

test('a whole week: four makes wished and laid, one pulled, the first begun at its hour, late, and the rest laid anew', async ({
  page,
}) => {
  await open(page, '/week', '2026-11-26T06:10:00');
  for (const make of ['paneer', 'whole-milk-ricotta', 'quick-stretched', 'squeaky-curds']) {
    await page.getByLabel('Make', { exact: true }).selectOption(make);
    await page.getByRole('button', { name: 'Put it in the week' }).click();
  }
  const all = page.getByRole('button', { name: /, from \w{3} \d\d:\d\d(?!.*under way)/ });
  await expect(all).toHaveCount(4);
  await looked(page);

  // One is pulled a little later in its day, and stays where it was put.
  const pulled = strand(page, 'Paneer');
  const before = await pulled.getAttribute('aria-label');
  const box = await pulled.locator('span').first().boundingBox();
  if (!box) throw new Error('the strand is on the wall');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 + 60, { steps: 6 });
  await page.mouse.up();
  await expect(pulled).toHaveAttribute('aria-label', /pinned/);
  expect(await pulled.getAttribute('aria-label')).not.toBe(before);
  await looked(page);

  // The first of them is begun when its hour has come, from its plan.
  const labels = await all.evaluateAll((found) => found.map((one) => one.getAttribute('aria-label') ?? ''));
  const hourOf = (label: string) => /from Thu (\d\d):(\d\d)/.exec(label);
  const today = labels
    .filter((label) => hourOf(label))
    .sort((a, b) => (hourOf(a)?.[0] ?? '').localeCompare(hourOf(b)?.[0] ?? ''));
  const [first = ''] = today;
  const name = first.split(',')[0] ?? '';
  const [, hour, minute] = hourOf(first) ?? [];
  const waitMin = (Number(hour) - 6) * 60 + Number(minute) - 10;
  await page.clock.fastForward(waitMin * 60_000);
  await strand(page, name).locator('span').first().click();
  await page.getByRole('region', { name }).getByRole('button', { name: 'To its plan' }).click();
  await page.getByRole('button', { name: 'Take it to the pot' }).click();
  await page.waitForURL(/\/pot\//);

  // It runs in the week as it stands, and is no longer wished for.
  await page.getByRole('link', { name: 'Week', exact: true }).click();
  await expect(page.getByRole('button', { name: /under way/ })).toBeVisible({ timeout: 20_000 });
  await expect(strand(page, name)).toHaveCount(0);
  await expect(all).toHaveCount(3);
  await looked(page);

  // Nobody has gone on for hours: what comes after it would begin later, and does once that is agreed to.
  await page.clock.fastForward('05:00:00');
  const later = page.getByRole('region', { name: 'Later than laid' });
  await expect(later).toContainText('would begin');
  await later.getByRole('button', { name: 'Lay it so' }).click();
  await expect(later).toHaveCount(0);
  await expect(all).toHaveCount(3);
});
