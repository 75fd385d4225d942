import { spawn } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { type Browser, chromium, expect, type LaunchOptions, type Page } from '@playwright/test';

/** MB of a process as the machine counts them. */
const countedMb = (pid: number, file: string, line: RegExp): number => {
  const path = `/proc/${pid}/${file}`;
  const found = existsSync(path) && line.exec(readFileSync(path, 'utf8'));
  return found ? Math.round(Number(found[1]) / 1024) : 0;
};

/**
 * What the largest of the browser's pages holds in memory with its workers, MB: what the machine would have more without it (shared parts
 * by its share of them), and all that is mapped, the browser's own program among it. As text, since neither alone says it.
 */
export async function memoryText(browser: Browser): Promise<string> {
  const cdp = await browser.newBrowserCDPSession();
  const { processInfo } = await cdp.send('SystemInfo.getProcessInfo');
  const [largest] = processInfo
    .filter(({ type }) => type === 'renderer')
    .map(({ id }) => ({
      share: countedMb(id, 'smaps_rollup', /^Pss:\s+(\d+) kB/m),
      all: countedMb(id, 'status', /VmRSS:\s+(\d+) kB/),
    }))
    .sort((a, b) => b.all - a.all);
  return largest
    ? `${largest.share} MB, ${largest.all} with what all pages share`
    : 'not told by this machine';
}

/** Until the browser's pages and their workers have nothing left to do: less than a twentieth of a second's work in half a second. */
export async function atRest(browser: Browser): Promise<void> {
  const cdp = await browser.newBrowserCDPSession();
  let before = 0;
  const workedS = async () => {
    const { processInfo } = await cdp.send('SystemInfo.getProcessInfo');
    const all = processInfo
      .filter(({ type }) => type === 'renderer')
      .reduce((sum, { cpuTime }) => sum + cpuTime, 0);
    const since = all - before;
    before = all;
    return since;
  };
  await workedS();
  await expect.poll(workedS, { intervals: [500], timeout: 60_000 }).toBeLessThan(0.05);
}

/**
 * Has a page note when it first paints what a selector finds, each time it is opened from then on. As text: the loader of these files would
 * wrap a named function in a helper the page does not have.
 */
export const noteShown = (page: Page, selector: string): Promise<unknown> =>
  page.addInitScript(`{ const wanted = ${JSON.stringify(selector)};
new MutationObserver((_, observer) => {
  if (!document.querySelector(wanted)) return;
  observer.disconnect();
  requestAnimationFrame(() => { const painted = new MessageChannel(); painted.port1.onmessage = () => { (window.shownMs ??= {})[wanted] = performance.now(); }; painted.port2.postMessage(0); });
}).observe(document, { subtree: true, childList: true, attributes: true }); }`);

/** From the address to the first painting of what a selector finds, ms, once that is there; to be noted before the page opens. */
export async function shownMs(page: Page, selector: string, timeout = 30_000): Promise<number> {
  const painted = await page.waitForFunction(
    (wanted) => (window as { shownMs?: Record<string, number> }).shownMs?.[wanted],
    selector,
    { timeout },
  );
  return Number(await painted.jsonValue());
}

/** The app served on a port, and the machine's Chromium to look at it. */
export async function served(
  port: number,
  ...flags: string[]
): Promise<{ browser: Browser; stop(): Promise<void> }> {
  const options = JSON.parse(
    readFileSync(new URL('../scripts/chromium.json', import.meta.url), 'utf8'),
  ) as LaunchOptions;
  const server = spawn(
    process.execPath,
    ['--import', 'tsx', 'server/main.ts', ...flags, '--port', String(port)],
    { stdio: ['ignore', 'pipe', 'inherit'], detached: true },
  );
  await new Promise<void>((resolve) => {
    server.stdout.on('data', (chunk: Buffer) => chunk.toString().includes('http://') && resolve());
  });
  const browser = await chromium.launch(options);
  return {
    browser,
    stop: async () => {
      await browser.close();
      if (server.pid) process.kill(-server.pid);
    },
  };
}
