import { expect, type Page } from '@playwright/test';

const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/** What has to be in sight as a stage begins: its name, its time, the way on, and the pad; and how far the page goes beyond. */
const measured = (page: Page) =>
  page.evaluate(() => {
    const bar = document.querySelector('nav[aria-label="Ways around"]')?.getBoundingClientRect();
    const floor = bar && bar.top > innerHeight / 2 ? bar.top : innerHeight;
    const parts = [
      document.querySelector('[aria-label="Now"] h1'),
      document.querySelector('[role="timer"]'),
      document.querySelector('[data-main]'),
      document.querySelector('form[aria-label="Note a reading"] button[type="submit"]'),
    ].flatMap((part) => (part ? [part.getBoundingClientRect()] : []));
    return {
      name: document.querySelector('[aria-label="Now"] h1')?.textContent,
      above: Math.min(0, Math.round(Math.min(...parts.map((box) => box.top)))),
      below: Math.max(0, Math.round(Math.max(...parts.map((box) => box.bottom)) - floor)),
      wider: Math.max(0, document.documentElement.scrollWidth - innerWidth),
      cut: Math.max(
        0,
        parts[0]
          ? (document.querySelector('[aria-label="Now"] h1')?.scrollWidth ?? 0) - Math.ceil(parts[0].width)
          : 0,
      ),
    };
  });

/**
 * The stage under way begins at its top and needs no scrolling, on a laptop and on a phone: first on the one it stands on, then on the
 * other, where it is left, so that the next one begins there. What comes back is its name.
 */
export async function beginsInSight(page: Page): Promise<string> {
  expect(await page.evaluate(() => scrollY)).toBe(0);
  let name = '';
  const standsOn = page.viewportSize()?.width === PHONE.width ? [PHONE, LAPTOP] : [LAPTOP, PHONE];
  for (const size of standsOn) {
    await page.setViewportSize(size);
    // On a phone the pad's keys are folded until it is touched.
    await expect(page.getByRole('button', { name: 'decimal mark' })).toHaveCount(size === PHONE ? 0 : 1);
    const seen = await measured(page);
    expect([size.width, seen]).toEqual([
      size.width,
      { name: seen.name, above: 0, below: 0, wider: 0, cut: 0 },
    ]);
    name = seen.name ?? '';
  }
  return name;
}
