import { expect, test } from '@playwright/test';
import { DEMO } from '../playwright.config';
import { serious } from './axe';

test.use({ baseURL: DEMO });

/** Views by what one is about; a page goes from one to the next. */
const VIEWS = {
  'what is made': ['/plan', '/pot', '/practise', '/methods/cultured-stretched'],
  'the book': ['/book', '/book/demo-make-12', '/book/beside?of=demo-make-11,demo-make-12'],
  'what there is': ['/shelf', '/week', '/kitchen', '/reckon/acidification'],
};

for (const [about, views] of Object.entries(VIEWS))
  test(`${about}: no serious accessibility fault by day or night, nothing wider than the screen`, async ({
    page,
  }) => {
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(error.message));
    page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
    const fits = (path: string) =>
      expect
        .poll(() => page.evaluate(() => document.documentElement.scrollWidth), { message: path })
        .toBeLessThanOrEqual(page.viewportSize()?.width ?? 0);
    for (const path of views) {
      await page.goto(path);
      await expect(page.locator('h1')).toBeAttached();
      for (const colorScheme of ['light', 'dark'] as const) {
        await page.emulateMedia({ colorScheme });
        await expect(page.locator('html')).toHaveAttribute('data-look', colorScheme);
        await page.setViewportSize({ width: 1280, height: 800 });
        expect(await serious(page), path).toEqual([]);
        for (const width of [820, 390]) {
          await page.setViewportSize({ width, height: 844 });
          await fits(path);
        }
        expect(await serious(page), path).toEqual([]);
      }
      expect(errors, path).toEqual([]);
    }
  });

test('in the machine’s own colours drawings and charts take them, and nothing is amiss', async ({
  browser,
}) => {
  const context = await browser.newContext({ baseURL: DEMO, forcedColors: 'active', colorScheme: 'dark' });
  const page = await context.newPage();
  for (const path of ['/plan', '/pot', '/book/demo-make-12']) {
    await page.goto(path);
    await expect(page.locator('main [stroke="var(--rim)"]').first()).toBeAttached();
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
    expect(colours.stroke, path).toBe(colours.text);
    expect(await serious(page), path).toEqual([]);
  }
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
