/** A backup of a large kitchen brought back and saved in the machine's Chromium, and whether the page stays alive meanwhile. */
import { mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { USUAL_KITCHEN } from '../src/kitchen/usual';
import { makeFile } from './makeFile';
import { served } from './served';

const PORT = 4718;
const MAKES = 2_000;
const MOST_MS = 90_000;

const { browser, stop } = await served(PORT);
const folder = mkdtempSync(join(tmpdir(), 'pail-bench-'));
const file = join(folder, 'backup.json');

/** Begins to keep the longest stretch without a frame, ms; told as text, since the page knows nothing of what the compiler puts in. */
const watch = (page: Page) =>
  page.evaluate(`{
    window.longest_ = 0;
    let last = performance.now();
    requestAnimationFrame(function next() {
      const now = performance.now();
      window.longest_ = Math.max(window.longest_, now - last);
      last = now;
      requestAnimationFrame(next);
    });
  }`);
const longest = (page: Page) => page.evaluate<number>('window.longest_');

async function told(page: Page, what: string, work: () => Promise<unknown>) {
  await page.waitForLoadState('networkidle');
  await watch(page);
  const began = performance.now();
  await work();
  const seconds = (performance.now() - began) / 1000;
  console.log(
    `${what}: ${seconds.toFixed(1)} s; the longest the page stood still meanwhile was ${(await longest(page)).toFixed(0)} ms`,
  );
}

try {
  const now = Date.now();
  const makes = Array.from({ length: MAKES }, (_, n) => makeFile(n, true, now));
  const text = JSON.stringify({
    format: 'plump-pail/backup',
    version: 1,
    kitchen: USUAL_KITCHEN,
    milks: [],
    makes,
  });
  writeFileSync(file, text);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  page.setDefaultTimeout(MOST_MS);
  await page.goto(`http://127.0.0.1:${PORT}/kitchen`);
  const bring = async () => {
    await page.getByLabel('Bring a backup back').setInputFiles(file);
    const [refused, back] = [
      page.getByText('This file was not taken'),
      page.getByText('The backup is back.'),
    ];
    await back.or(refused).waitFor();
    if ((await refused.count()) > 0) throw new Error(await page.locator('main').innerText());
  };
  await told(page, `a backup of ${MAKES} makes, ${(text.length / 1e6).toFixed(0)} MB, brought back`, bring);
  await page.reload();
  await told(page, 'the same over a kitchen as large', bring);
  await page.reload();
  await told(page, 'it saved again', async () => {
    const coming = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save a backup' }).click();
    const path = await (await coming).path();
    if (statSync(path).size < text.length / 2) throw new Error('the backup is not whole');
  });
  await told(page, 'everything put back as it was before', async () => {
    await page.getByRole('button', { name: 'As it was before the last backup came back' }).click();
    await page.getByText('Everything is as it was before the backup.').waitFor();
  });
} finally {
  rmSync(folder, { recursive: true, force: true });
  await stop();
}
