import { expect, type Locator, test } from '@playwright/test';
import { action, choose, open, product, toPlan, type } from './kitchen';

test('a coagulant goes on the shelf, into a plan with its age, into a make, and the make stands beside it', async ({
  page,
}) => {
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Put something on the shelf' }).click();
  const sheet = page.getByRole('dialog', { name: 'On the shelf' });
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(sheet.getByRole('alert')).toHaveText('Nothing is here yet; give it a name.');
  await sheet.getByLabel('Name').fill('Bottle from the cold room');
  await sheet.getByLabel('Strength').fill('lots');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(sheet.getByRole('alert')).toHaveText(/“lots”|"lots"/);
  await expect(sheet.getByLabel('Strength')).toHaveValue('lots');
  await sheet.getByLabel('Strength').fill('280');
  await expect(sheet.getByRole('alert')).toHaveCount(0);
  await sheet.getByLabel('Lot').fill('B 12');
  await sheet.getByLabel('Opened').fill('2026-05-26');
  await sheet.getByLabel('How much').fill('50');
  await sheet.getByLabel('Price').fill('300');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  const bottle = page.getByRole('article', { name: 'Bottle from the cold room' });
  await expect(bottle).toContainText('50 mL');
  await expect(bottle).toContainText('94 % of its strength left'.replace(' %', '\u00a0%'));

  await toPlan(page);
  await choose(page, 'Quick stretched ball');
  await type(page, 'Milk', '10');
  await product(page, 'coagulant');
  await page.getByLabel('Off the shelf').selectOption({ label: 'Bottle from the cold room' });
  await expect(page.getByRole('textbox', { name: 'IMCU in a mL' })).toHaveValue('280');
  await expect(page.getByRole('textbox', { name: 'Kept for' })).toHaveValue('6');
  await page.getByRole('textbox', { name: 'Milk', exact: true }).click();
  await type(page, 'Price a litre', '1');
  await product(page, 'coagulant');
  const cost = page.getByText(/ a kilo$/).first();
  const without = await cost.textContent();
  await page.getByLabel('Off the shelf').selectOption({ label: 'none of these' });
  await expect(cost).not.toHaveText(without ?? '');
  await page.getByLabel('Off the shelf').selectOption({ label: 'Bottle from the cold room' });
  await expect(cost).toHaveText(without ?? '');
  const dose = await page.locator('[data-dose="coagulant"] .figure').textContent();
  await page.getByRole('button', { name: 'Take it to the pot' }).click();
  await expect(action(page)).toContainText('Clean');
  await page.getByRole('link', { name: 'Shelf' }).click();
  const millilitres = Number(dose?.replace(/[^\d.]/g, ''));
  await expect(bottle).toContainText(`${Math.round(50 - millilitres)} mL`.replace(' ', '\u00a0'));
  await expect(bottle.getByRole('link', { name: /Stretched ball/ })).toBeVisible();
});

test('what the plan lacks is what there is to buy; a clumped packet counts for nothing', async ({ page }) => {
  await open(page, '/shelf');
  await expect(page.getByRole('region', { name: 'To buy' })).toContainText('citric acid');
  await page.getByRole('button', { name: 'Put something on the shelf' }).click();
  const sheet = page.getByRole('dialog', { name: 'On the shelf' });
  await sheet.getByLabel('It is').selectOption('acid');
  await sheet.getByLabel('Name').fill('Big jar');
  await sheet.getByLabel('How much').fill('500');
  await sheet.getByLabel('Condition').selectOption('clumped');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('article', { name: 'Big jar' })).toContainText('do not use it');
  await expect(page.getByRole('region', { name: 'To buy' })).toContainText('citric acid');
  await page.getByRole('button', { name: 'change Big jar' }).click();
  const change = page.getByRole('dialog', { name: 'Change it' });
  await change.getByLabel('Condition').selectOption('good');
  await change.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('region', { name: 'To buy' })).not.toContainText('citric acid');
  await page.getByRole('button', { name: 'take off Big jar' }).click();
  await expect(page.getByRole('article', { name: 'Big jar' })).toHaveCount(0);
  // On a phone the notice leaves the ways around free, and its button takes a finger.
  await page.setViewportSize({ width: 390, height: 844 });
  const putBack = page.getByRole('button', { name: 'Put it back' });
  const boxOf = async (what: Locator) => (await what.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
  await expect
    .poll(async () => {
      const notice = await boxOf(page.getByRole('listitem').filter({ has: putBack }));
      return (
        notice.y + notice.height - (await boxOf(page.getByRole('navigation', { name: 'Ways around' }))).y
      );
    })
    .toBeLessThanOrEqual(0);
  expect((await boxOf(putBack)).height).toBeGreaterThanOrEqual(44);
  await putBack.click();
  await expect(page.getByRole('article', { name: 'Big jar' })).toContainText('500');
});
