import { expect, test } from '@playwright/test';
import { action, choose, open, to, toThePot, wentIn } from './kitchen';
import { now, wrong } from './mishaps';

test.use({ serviceWorkers: 'allow' });

test('after the first visit it works with the server gone: plan, pot, book, and what is noted stays', async ({
  page,
  context,
}) => {
  await open(page, '/plan');
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  // The keeper serves from the next load on.
  await page.reload();
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  await context.setOffline(true);
  await page.reload();
  await choose(page, 'Grilling cheese');
  await toThePot(page);
  await page.locator('[data-main]').click();
  await expect(action(page)).toContainText('Weigh out');
  await page.reload();
  await expect(action(page)).toContainText('Weigh out');
  // What really went in, a plan made anew of it and what went wrong need no server either.
  await to(page, 'Coagulant');
  await wentIn(page, 'coagulant', '0.3');
  await expect(now(page)).toContainText('of coagulant in');
  await to(page, 'Cut');
  await wrong(page, 'Cut too early', { 'Minutes before the clean break': '15' }, /less cheese/);
  await page.reload();
  await expect(now(page)).toContainText('after what went wrong');
  for (const view of ['Book', 'Shelf', 'Methods', 'Reckon', 'Kitchen']) {
    await page.getByRole('link', { name: view, exact: true }).click();
    await expect(page).toHaveURL(new RegExp(`/${view.toLowerCase()}`));
    await expect(page.locator('main').getByRole('heading').first()).toBeVisible();
  }
  await page.keyboard.press('/');
  await expect(page.getByPlaceholder('A name, or part of one')).toBeFocused();
});

test('a newer version waits until every window is closed', async ({ page }) => {
  const keeper = await (await page.request.get('/sw.js')).text();
  expect(keeper).not.toMatch(/skipWaiting|clients\.claim/);
  const manifest = await (await page.request.get('/app.webmanifest')).json();
  expect(manifest).toMatchObject({ display: 'standalone', start_url: '/' });
});
