/** Frames in the machine's Chromium: the practice bench with its clock hastened, and a strand of the week that is pulled. */
import { loadavg } from 'node:os';
import type { Page } from '@playwright/test';
import { served } from './served';

const PORT = 4719;
const FRAMES = 240;
const { browser, stop } = await served(PORT, '--demo');

/** Begins to keep how long each frame takes, ms; told as text, since the page knows nothing of what the compiler puts in. */
const watch = (page: Page) =>
  page.evaluate(`{
    window.frames_ = [];
    let last = performance.now();
    requestAnimationFrame(function next() {
      const now = performance.now();
      window.frames_.push(now - last);
      last = now;
      requestAnimationFrame(next);
    });
  }`);
async function tell(page: Page, what: string, aimMs: number) {
  const frames = await page.evaluate<number[]>('window.frames_');
  const sorted = frames.slice(5).sort((a, b) => a - b);
  const at = (share: number) => (sorted[Math.floor(sorted.length * share)] ?? Number.NaN).toFixed(1);
  console.log(
    `${what}: ${at(0.5)} ms in the median, ${at(0.95)} ms at the 95th percentile of ${sorted.length} frames (aim: ${aimMs})`,
  );
}

console.log(`load ${loadavg()[0]?.toFixed(1)}`);
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`http://127.0.0.1:${PORT}/practise`);
  await page.getByRole('button', { name: 'Curds for the pub: a good pot' }).click();
  await page.getByRole('radio', { name: '600 ×' }).click();
  await page.getByRole('button', { name: 'Let time go by' }).click();
  await watch(page);
  await page.waitForFunction(
    (many) => (window as unknown as { frames_: number[] }).frames_.length > many,
    FRAMES,
  );
  await tell(page, 'a frame of the practice bench at 600 ×', 16.7);

  await page.goto(`http://127.0.0.1:${PORT}/week`);
  const strand = page
    .getByRole('button', { name: /^Balls,/ })
    .locator('span')
    .first();
  await strand.waitFor();
  const box = await strand.boundingBox();
  if (!box) throw new Error('the strand is on the wall');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await watch(page);
  for (let i = 0; i < FRAMES / 2; i++)
    await page.mouse.move(
      box.x + box.width / 2 + 40 * Math.sin(i / 9),
      box.y + box.height / 2 - 60 + 50 * Math.cos(i / 7),
    );
  await tell(page, 'a frame while a strand is pulled', 33);
  await page.mouse.up();
} finally {
  await stop();
}
