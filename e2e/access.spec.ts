import { expect, test } from '@playwright/test';
import { DEMO } from '../playwright.config';
import { serious } from './axe';

test.use({ baseURL: DEMO });

const VIEWS = [
  '/plan',
  '/pot',
  '/book',
  '/book/demo-make-12',
  '/book/beside?of=demo-make-11,demo-make-12',
  '/shelf',
  '/week',
  '/practise',
  '/methods/cultured-stretched',
  '/reckon/acidification',
  '/kitchen',
];

for (const path of VIEWS)
  test(`${path}: no serious accessibility fault by day or night, nothing wider than the screen`, async ({
    page,
  }) => {
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(error.message));
    page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
    const fits = () =>
      expect
        .poll(() => page.evaluate(() => document.documentElement.scrollWidth))
        .toBeLessThanOrEqual(page.viewportSize()?.width ?? 0);
    await page.goto(path);
    await expect(page.locator('h1')).toBeAttached();
    for (const colorScheme of ['light', 'dark'] as const) {
      await page.emulateMedia({ colorScheme });
      await expect(page.locator('html')).toHaveAttribute('data-look', colorScheme);
      await page.setViewportSize({ width: 1280, height: 800 });
      expect(await serious(page)).toEqual([]);
      for (const width of [820, 390]) {
        await page.setViewportSize({ width, height: 844 });
        await fits();
      }
      expect(await serious(page)).toEqual([]);
    }
    expect(errors).toEqual([]);
  });

for (const path of ['/plan', '/pot', '/book/demo-make-12'])
  test(`${path} in the machine’s own colours: drawings and charts take them, and nothing is amiss`, async ({
    browser,
  }) => {
    const context = await browser.newContext({ baseURL: DEMO, forcedColors: 'active', colorScheme: 'dark' });
    const page = await context.newPage();
    await page.goto(path);
    await expect(page.locator('h1')).toBeAttached();
    const colours = await page.evaluate(() => {
      const own = document.createElement('span');
      own.style.color = 'CanvasText';
      document.body.append(own);
      const drawn = document.querySelector('main [stroke="var(--rim)"]');
      const seen = {
        text: getComputedStyle(own).color,
        stroke: drawn ? getComputedStyle(drawn).stroke : 'nothing is drawn',
      };
      own.remove();
      return seen;
    });
    expect(colours.stroke).toBe(colours.text);
    expect(await serious(page)).toEqual([]);
    await context.close();
  });

test('views load when first visited, and nothing comes from elsewhere', async ({ page, baseURL }) => {
  const asked: string[] = [];
  page.on('request', (request) => asked.push(request.url()));
  await page.goto('/kitchen');
  await expect(page.locator('h1')).toHaveText('Kitchen');
  // The plan's part comes with the shell, since nearly every view builds on it.
  expect(asked.filter((url) => /BookView|ReckonView/.test(url))).toEqual([]);
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await expect(page.locator('h1')).toHaveText('The book');
  expect(asked.some((url) => /BookView/.test(url))).toBe(true);
  expect(asked.some((url) => /ReckonView/.test(url))).toBe(false);
  expect(
    asked.filter(
      (url) => !url.startsWith(baseURL as string) && !url.startsWith('blob:') && !url.startsWith('data:'),
    ),
  ).toEqual([]);
});
