import { expect, type Page, test } from '@playwright/test';
import { DEMO } from '../playwright.config';

test.use({ baseURL: DEMO });

const acid = (page: Page) => page.locator('[data-dose="acid"]').locator('.figure').first();
const learned = (page: Page) => page.getByRole('region', { name: 'With what has been learned' });

test('what six makes say of a milk moves its acid, says so, and can be seen plain or left out', async ({
  page,
}) => {
  await page.goto('/plan');
  await expect(learned(page)).toContainText(
    'Milk of Sallow Reach cows takes 12\u00a0% more acid: six makes.',
  );
  const [, withIt, plain] =
    /acid ([\d.]+)\sg, plain ([\d.]+)\sg/.exec((await learned(page).textContent()) ?? '') ?? [];
  expect(Number(withIt) / Number(plain)).toBeCloseTo(1.12, 2);
  await expect(acid(page)).toContainText(withIt ?? '');
  await learned(page).getByRole('button', { name: 'Show it plain' }).click();
  await expect(acid(page)).toContainText(plain ?? '');
  await learned(page).getByRole('button', { name: 'Plan with what was learned' }).click();
  await expect(acid(page)).toContainText(withIt ?? '');

  // Left out in the kitchen, it moves nothing any more, here and after a reload.
  await page.getByRole('link', { name: 'Kitchen', exact: true }).click();
  const quirk = page
    .getByRole('region', { name: 'What has been learned' })
    .getByRole('listitem')
    .filter({ hasText: 'takes 12\u00a0% more acid' });
  await expect(quirk).toContainText('Market ricotta');
  await quirk.getByRole('checkbox').click();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(acid(page)).toContainText(plain ?? '');
  await page.reload();
  await expect(acid(page)).toContainText(plain ?? '');
  await expect(learned(page)).not.toContainText('more acid');
});

test('a kitchen without finished makes has learned nothing, and says what would teach it', async ({
  page,
}) => {
  await page.goto('http://127.0.0.1:4711/kitchen');
  await expect(page.getByRole('region', { name: 'What has been learned' })).toContainText('Nothing yet');
});
