import { expect, test } from '@playwright/test';
import { beginsInSight } from './inSight';
import { choose, noteTemperature, open, to, toThePot } from './kitchen';

test('a warming with two readings still has its pad in sight', async ({ page }) => {
  await open(page, '/plan');
  await toThePot(page);
  for (const button of ['All clean', 'Measured']) await page.getByRole('button', { name: button }).click();
  await noteTemperature(page, '20');
  await page.clock.fastForward('05:00');
  await noteTemperature(page, '33');
  await expect(page.getByText(/min (ahead|behind)|On time/)).toBeVisible();
  await beginsInSight(page);
});

test('a stage begins at its top, however far the one before was scrolled down', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, '/plan');
  await toThePot(page);
  await page.evaluate(() => window.scrollTo(0, 600));
  expect(await page.evaluate(() => scrollY)).toBeGreaterThan(300);
  await page.locator('[data-main]').click();
  await expect(page.getByText(/stage 2 of/)).toBeVisible();
  await expect.poll(() => page.evaluate(() => scrollY)).toBe(0);
  // Touched, the pad unfolds its keys; what is noted folds nothing away that was typed.
  await expect(page.getByRole('button', { name: 'decimal mark' })).toHaveCount(0);
  const typed = page.getByRole('form', { name: 'Note a reading' }).getByRole('textbox');
  await typed.fill('20');
  // Turned on its side it is a tablet's screen: what was typed is still there.
  await page.setViewportSize({ width: 844, height: 390 });
  await expect(typed).toHaveValue('20');
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(typed).toHaveValue('20');
  await typed.fill('');
  await noteTemperature(page, '20.5');
  await expect(page.getByRole('region', { name: 'Noted last' })).toContainText('20.5');
});

test('what rings moves nothing away from under the finger, and stays in sight however far one has scrolled', async ({
  page,
}) => {
  await open(page, '/plan');
  await choose(page, 'Squeaky cheddared curds');
  await toThePot(page);
  await to(page, /Let it set/);
  const main = page.locator('[data-main]');
  const before = await main.boundingBox();
  await page.clock.fastForward('03:00:00');
  const bell = page.getByRole('alert', { name: 'Ringing' });
  await expect(bell).toBeInViewport();
  expect(Math.abs(((await main.boundingBox())?.y ?? 0) - (before?.y ?? 0))).toBeLessThan(2);
  await page.evaluate(() => scrollTo(0, 500));
  await expect(bell).toBeInViewport();
});
