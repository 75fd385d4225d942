import { expect, type Page, test } from '@playwright/test';
import { action, begin, choice, open, type } from './kitchen';

/** Opens the sheet a can of milk is told on. */
async function canSheet(page: Page) {
  await page.getByRole('button', { name: 'A can of milk' }).click();
  return page.getByRole('dialog', { name: 'A can of milk' });
}

test('a can of milk stands on the shelf, goes into plans and makes, runs short, and is named in the book', async ({
  page,
}) => {
  await open(page, '/shelf');
  const sheet = await canSheet(page);
  await sheet.getByLabel('Fat', { exact: true }).fill('rich');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(sheet.getByRole('alert')).toHaveCount(2);
  await sheet.getByLabel('Name').fill('Wednesday’s can');
  await sheet.getByLabel('Farm').fill('Sallow Reach');
  await sheet.getByLabel('Came on').fill('2026-11-25');
  await sheet.getByLabel('Use by').fill('2026-11-27');
  await sheet.getByLabel('How much came').fill('10');
  await sheet.getByLabel('Fat', { exact: true }).fill('4,4');
  await sheet.getByLabel('Treated').selectOption('raw');
  // A sheet closed by a slip keeps what was typed.
  await page.keyboard.press('Escape');
  await expect(sheet).toHaveCount(0);
  await page.getByRole('button', { name: 'A can of milk' }).click();
  await expect(sheet.getByLabel('Farm')).toHaveValue('Sallow Reach');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  const can = page.getByRole('article', { name: 'Wednesday’s can' });
  await expect(can).toContainText('10.0\u00a0L');
  await expect(can).toContainText('raw · from Sallow Reach · use by Fri\u00a027\u00a0Nov · came yesterday');
  await expect(can).not.toContainText('days old');

  await page.getByRole('button', { name: 'plan with it: Wednesday’s can' }).click();
  await begin(page);
  await expect(page.getByRole('textbox', { name: 'Fat', exact: true })).toHaveValue('4.4');
  await expect(choice(page, 'Treated')).toHaveText('raw');
  await type(page, 'Milk', '12');
  await expect(
    page.getByText('Of Wednesday’s can 10.0\u00a0L are left; 2.0\u00a0L more wanted.'),
  ).toBeVisible();
  await type(page, 'Milk', '6');
  await expect(page.getByText('more wanted')).toHaveCount(0);
  const tooLate = page.getByText(
    'Wednesday’s can is to be used by Fri\u00a027\u00a0Nov, and this warms it later',
  );
  await page.getByRole('button', { name: /^When/ }).click();
  await page.getByRole('radio', { name: 'start at' }).click();
  await page.getByLabel('Start at').fill('2026-11-28T09:00');
  await expect(tooLate).toBeVisible();
  await page.getByLabel('Start at').fill('2026-11-27T09:00');
  await expect(tooLate).toHaveCount(0);
  await page.getByRole('radio', { name: 'now', exact: true }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Take it to the pot' }).click();
  await expect(action(page)).toContainText('Clean');

  await page.getByRole('link', { name: 'Shelf' }).click();
  await expect(can).toContainText('4.0\u00a0L');
  await expect(can).toContainText('came yesterday, 10.0\u00a0L');
  await expect(can.getByRole('link', { name: /^Ricotta/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'To buy' })).toContainText('2.0\u00a0L');
  await page.getByRole('button', { name: 'change Wednesday’s can' }).click();
  const change = page.getByRole('dialog', { name: 'Wednesday’s can' });
  await change.getByLabel('How much came').fill('30');
  await change.getByLabel('Came on').fill('2026-11-23');
  await change.getByRole('button', { name: 'Keep it' }).click();
  await expect(can).toContainText('24.0\u00a0L');
  await expect(can).toContainText('Raw and more than 2 days old');
  await page.getByRole('button', { name: 'change Wednesday’s can' }).click();
  await change.getByLabel('Use by').fill('2026-11-25');
  await change.getByRole('button', { name: 'Keep it' }).click();
  await expect(can).toContainText('Past its use-by');
  await expect(can).not.toContainText('days old: smell');
  await expect(page.getByRole('region', { name: 'To buy' })).not.toContainText('Wednesday’s can');
  await page.getByRole('button', { name: 'plan with it: Wednesday’s can' }).click();
  await expect(
    page.getByText('Wednesday’s can is past its use-by, Wed\u00a025\u00a0Nov: take other milk.'),
  ).toBeVisible();
});

/** Twenty litres come to the shelf. */
async function addCan(page: Page, name: string, fatPct: string) {
  const sheet = await canSheet(page);
  await sheet.getByLabel('Name').fill(name);
  await sheet.getByLabel('How much came').fill('20');
  await sheet.getByLabel('Fat', { exact: true }).fill(fatPct);
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('article', { name })).toBeVisible();
}

test('a can taken off the shelf leaves its figures in the plan, but not its name; put back, it is named again', async ({
  page,
}) => {
  await open(page, '/shelf');
  await addCan(page, 'Cows', '4.3');
  await addCan(page, 'Reach', '3');
  await page.getByRole('button', { name: 'plan with it: Cows' }).click();
  await begin(page);
  await expect(choice(page, 'From')).toHaveText('Cows');
  await expect(page.getByRole('button', { name: 'Keep this milk by name' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Shelf' }).click();
  await page.getByRole('button', { name: 'take off Cows' }).click();
  await expect(page.getByRole('article', { name: 'Cows' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(choice(page, 'From')).toHaveText('elsewhere');
  await expect(page.getByRole('textbox', { name: 'Fat', exact: true })).toHaveValue('4.3');
  await expect(page.getByRole('button', { name: 'Keep this milk by name' })).toBeVisible();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(choice(page, 'From')).toHaveText('Cows');
  await expect(page.getByRole('button', { name: 'Keep this milk by name' })).toHaveCount(0);
});

test('two cans poured together are both named in what is made of them', async ({ page }) => {
  await open(page, '/shelf');
  await addCan(page, 'Cows', '4');
  await addCan(page, 'Reach', '3');
  await page.getByRole('button', { name: 'Pour together' }).click();
  const pour = page.getByRole('region', { name: 'Pour together' });
  await pour.getByLabel('Milk', { exact: true }).selectOption({ label: 'Cows' });
  await pour.getByLabel('With', { exact: true }).selectOption({ label: 'Reach' });
  await pour.getByRole('textbox', { name: 'Pour in', exact: true }).fill('8');
  await expect(pour).toContainText('16.0\u00a0L of 3.50\u00a0% fat');
  await pour.getByRole('button', { name: 'Plan with this' }).click();
  await begin(page);
  await expect(choice(page, 'From')).toHaveText('cans poured together');
  await page.getByRole('button', { name: 'Take it to the pot' }).click();
  await expect(action(page)).toContainText('Clean');
  await page.getByRole('link', { name: 'Shelf' }).click();
  for (const name of ['Cows', 'Reach'])
    await expect(page.getByRole('article', { name })).toContainText('12.0\u00a0L');
});

test('milk tests come in from a table, columns said, a bad row answered', async ({ page }) => {
  await open(page, '/shelf');
  await page.getByLabel('Milk tests from a table (CSV)').setInputFiles({
    name: 'tests.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Farm;Butterfat;Crude protein\nSallow;4,1;3,5\nBank;creamy;3,3\n'),
  });
  const sheet = page.getByRole('dialog', { name: 'Milk tests from a table' });
  await expect(sheet.getByLabel('Fat, %')).toHaveValue('1');
  await expect(sheet).toContainText('1 of 2 rows can be taken');
  await expect(sheet).toContainText('Row 3, Fat, %: This is "creamy"; give a number.');
  await sheet.getByRole('button', { name: 'Take 1' }).click();
  const can = page.getByRole('article', { name: 'Sallow' });
  await expect(can).toContainText('4.1\u00a0% fat');

  // A later test of the same milk changes its figures, and can be taken back.
  await page.getByLabel('Milk tests from a table (CSV)').setInputFiles({
    name: 'tests.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Farm,Fat,Protein\nsallow,4.6,3.7\n'),
  });
  await expect(sheet).toContainText('on the shelf already');
  await sheet.getByRole('button', { name: 'Take 1' }).click();
  await expect(can).toContainText('4.6\u00a0% fat');
  await expect(page.getByRole('region', { name: 'Milk' }).getByRole('article')).toHaveCount(1);
  await page.getByRole('button', { name: 'Take it back' }).first().click();
  await expect(can).toContainText('4.1\u00a0% fat');
});

test('the fat one names, and the casein to fat, say what is poured in; raw milk makes all of it raw', async ({
  page,
}) => {
  await open(page, '/shelf');
  const sheet = await canSheet(page);
  await sheet.getByLabel('Name').fill('Meadow');
  await sheet.getByLabel('Fat', { exact: true }).fill('3,6');
  await sheet.getByLabel('Treated').selectOption('raw');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('button', { name: 'Pour together' }).click();
  const pour = page.getByRole('region', { name: 'Pour together' });
  const field = (name: string) => pour.getByRole('textbox', { name, exact: true });
  await pour.getByLabel('With', { exact: true }).selectOption('skim');
  await field('How much of it').fill('0');
  await field('Pour in').fill('0');
  await expect(pour).toContainText('Nothing is poured yet.');
  await expect(pour.getByRole('button', { name: 'Plan with this' })).toBeDisabled();
  await field('How much of it').fill('120');
  await field('Or to a fat of').fill('2,5');
  await expect(field('Or to a fat of')).toHaveValue('2,5');
  // 120 L of 3.6 % and skim of 0.05 %: 120 × 1.1 / 2.45, by Pearson’s square.
  await expect(field('Pour in')).toHaveValue(/^53\.\d+$/);
  await field('Or to a fat of').fill('5');
  await expect(pour.getByRole('alert')).toContainText('no blend of 3.6 % and 0.05 % reaches');
  await field('Or to a casein to fat of').fill('1');
  await expect(pour).toContainText('casein to fat 1.00');

  // With two to pour in, both can be asked for.
  await pour.getByRole('button', { name: 'Pour in another' }).click();
  await field('Or to a fat of').fill('3');
  await field('Or to a casein to fat of').fill('0,8');
  await expect(pour).toContainText('do not reach both');
  await pour.getByRole('button', { name: /^Not this one/ }).click();
  await pour.getByRole('button', { name: 'Plan with this' }).click();
  await begin(page);
  await expect(choice(page, 'Treated')).toHaveText('raw');
});

test('cream is poured in until the pail shows the fat, and the plan takes it', async ({ page }) => {
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Pour together' }).click();
  const pour = page.getByRole('region', { name: 'Pour together' });
  const thumb = pour.getByRole('slider', { name: 'Pour in, pull', exact: true });
  const before = await pour.locator('p .figure').nth(1).textContent();
  await thumb.focus();
  for (let i = 0; i < 10; i++) await page.keyboard.press('ArrowRight');
  const after = await pour.locator('p .figure').nth(1).textContent();
  expect(Number.parseFloat(after ?? '')).toBeGreaterThan(Number.parseFloat(before ?? ''));
  // Pearson's square: 8 L of 3.7 % milk and 1 L of 36 % cream.
  expect(Number.parseFloat(after ?? '')).toBeCloseTo(7.16, 0);
  await pour.getByRole('button', { name: 'Plan with this' }).click();
  await begin(page);
  await expect(page.getByRole('textbox', { name: 'Fat', exact: true })).toHaveValue(
    new RegExp(`^${Number.parseFloat(after ?? '').toFixed(1)}`),
  );
});
