/** A large book: its table sorted, searched and put together, and the view opened and scrolled in the machine's Chromium. */
import { expect } from '@playwright/test';
import { createTable, getCoreRowModel, getGroupedRowModel } from '@tanstack/react-table';
import { formatter, METRIC } from '../src/core/units/format';
import { stateTold } from '../src/judge/fixtures/told';
import { METHODS } from '../src/makes';
import type { Summary } from '../src/run/line';
import { summaryOf } from '../src/run/summary';
import { columnsOf, speakingOf } from '../src/views/book/columns';
import { sortedLines } from '../src/views/book/flatRows';
import { atRest, memoryText, noteShown, served, shownMs } from './served';

const MANY = 10_000;
const IN_BROWSER = Number(process.argv[2] ?? MANY);
/** Makes whose summaries are not there yet. */
const LOST = 100;
const TIMES = 15;
const PORT = 4718;
/** Packs that many makes come to. */
const PACKS = 16;
/** Makes of the demo's own that are over. */
const DEMO_MAKES = 17;
const median = (all: number[]) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? Number.NaN;
const timed = (what: () => void): number =>
  median(
    Array.from({ length: TIMES }, () => {
      const began = performance.now();
      what();
      return performance.now() - began;
    }),
  );

const seeds = METHODS.map(({ id }) => summaryOf(id, stateTold({ method: id, weighs: 0.97 })));
const lines = Array.from({ length: MANY }, (_, i): Summary => {
  const seed = seeds[i % seeds.length] as Summary;
  return {
    ...seed,
    id: `make-${i}`,
    name: `${seed.title} ${i}`,
    startedAt: seed.startedAt - i * 3_000_000,
    yieldShare: 0.8 + ((i * 7919) % 400) / 1000,
  };
});
const columns = columnsOf(formatter(METRIC), '€');
const none = { left: [], right: [] };
const plainState = {
  columnPinning: none,
  rowPinning: { top: [], bottom: [] },
  expanded: true as const,
  grouping: [] as string[],
};
const table = createTable<Summary>({
  data: lines,
  columns,
  state: plainState,
  onStateChange: () => undefined,
  renderFallbackValue: null,
  autoResetAll: false,
  getRowId: (line) => line.id,
  getCoreRowModel: getCoreRowModel(),
  getGroupedRowModel: getGroupedRowModel(),
});
let turn = 0;
/** The rows of a state that differs a little each time, as a tap or a key makes them. */
function rows(change: (turn: number) => Partial<typeof plainState>): number {
  turn += 1;
  table.setOptions((was) => ({ ...was, state: { ...plainState, ...change(turn) } }));
  return table.getGroupedRowModel().rows.length;
}
rows(() => ({}));
let tap = 0;
const found = timed(() => speakingOf(lines, `paneer ${tap++}`));
const sorted = timed(() => {
  tap += 1;
  const value = table.getColumn(tap % 2 ? 'yield' : 'score')?.accessorFn;
  sortedLines(lines, (line) => value?.(line, 0), tap % 3 === 0);
});
const grouped = timed(() => rows((i) => ({ grouping: [i % 2 ? 'month' : 'title'] })));
console.log(`${MANY} makes found by a word: ${found.toFixed(0)} ms (aim: 50)`);
console.log(`${MANY} makes sorted by yield or score: ${sorted.toFixed(0)} ms (aim: 50)`);
console.log(`${MANY} makes put together by month or make: ${grouped.toFixed(0)} ms`);

const { browser, stop } = await served(PORT, '--demo');
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`http://127.0.0.1:${PORT}/book`);
  await page.locator('[data-make]').first().waitFor();
  /** Makes that are over, copied: their logs, or what stands beside them. */
  const copy = (stores: string[], many: number, named: string) =>
    page.evaluate(
      ([stores, many, named]) =>
        new Promise<void>((resolve, reject) => {
          const opened = indexedDB.open('plump-pail');
          opened.onerror = () => reject(opened.error);
          opened.onsuccess = () => {
            const db = opened.result;
            const write = db.transaction(['makes', ...stores], 'readwrite');
            write.oncomplete = () => {
              db.close();
              resolve();
            };
            write.onerror = () => reject(write.error);
            const ids = Array.from({ length: many }, (_, i) => `${named}-${i}`);
            for (const id of ids) write.objectStore('makes').put({ id });
            for (const name of stores) {
              const store = write.objectStore(name);
              const read = store.getAll();
              read.onsuccess = () => {
                const seed = read.result.filter((row) => (row.makeId ?? row.id) === 'demo-make-12');
                ids.forEach((id, i) => {
                  for (const row of seed)
                    store.put(
                      row.makeId
                        ? { ...row, makeId: id, at: row.at - i * 1e7 }
                        : {
                            ...row,
                            id,
                            ...(row.summary && {
                              summary: { ...row.summary, id, startedAt: row.summary.startedAt - i * 1e7 },
                            }),
                            ...(row.taught && { taught: { ...row.taught, make: id } }),
                          },
                    );
                });
              };
            }
          };
        }),
      [stores, many, named] as const,
    );
  /** Counts the rows of a table, or takes them out as if they had been lost. */
  const rows = (table: string, what: 'count' | 'clear') =>
    page.evaluate(
      ([table, what]) =>
        new Promise<number | undefined>((resolve) => {
          const opened = indexedDB.open('plump-pail');
          opened.onsuccess = () => {
            const db = opened.result;
            const done = db.transaction(table, 'readwrite').objectStore(table)[what]();
            done.onsuccess = () => {
              db.close();
              resolve(done.result);
            };
          };
        }),
      [table, what] as const,
    );
  let makes = DEMO_MAKES;
  /** Until a table of what stands beside the logs is whole, so that nothing works beside what is measured. */
  const held = (table: string, least: number) =>
    expect.poll(() => rows(table, 'count'), { timeout: 600_000 }).toBeGreaterThanOrEqual(least);
  /** Opens the book anew and waits until it lies there whole, ms. */
  const open = async () => {
    const whole = `table[aria-rowcount="${makes + 1}"]`;
    await noteShown(page, whole);
    await page.reload({ waitUntil: 'commit' });
    return shownMs(page, whole, 600_000);
  };
  await held('taught', makes);
  const small = [await open(), await open(), await open()];
  console.log(`book of ${makes} makes opened cold: ${median(small).toFixed(0)} ms`);
  await copy(['events'], LOST, 'lost');
  makes += LOST;
  const first = await open();
  console.log(`${LOST} makes without summaries summed up: ${(first / LOST).toFixed(1)} ms each, once`);
  await held('taught', makes);
  await copy(['summaries', 'taught'], IN_BROWSER, 'copy');
  makes += IN_BROWSER;
  const unpacked = await open();
  console.log(
    `book of ${makes} makes opened before its summaries are packed: ${unpacked.toFixed(0)} ms, once`,
  );
  await held('packs', PACKS);
  await atRest(browser);
  const cold = [await open(), await open(), await open()];
  console.log(`book of ${makes} makes opened cold: ${median(cold).toFixed(0)} ms (aim: 500)`);
  for (const [path, shows] of [
    ['plan', '[data-testid=yield]'],
    ['pot', 'main h1'],
  ] as const) {
    const times = [];
    await noteShown(page, shows);
    for (let i = 0; i < 5; i++) {
      // Not while the page before it is still there.
      await page.goto('about:blank');
      await page.goto(`http://127.0.0.1:${PORT}/${path}`, { waitUntil: 'commit' });
      times.push(await shownMs(page, shows));
    }
    console.log(`${path} opened beside them: ${median(times).toFixed(0)} ms (aim: 1000)`);
  }
  await page.getByRole('link', { name: 'Reckon', exact: true }).click();
  await page.getByRole('textbox').first().waitFor();
  const opened = await page.evaluate(async () => {
    const from = performance.now();
    (document.querySelector('a[href="/book"]') as HTMLElement).click();
    while (!document.querySelector('[data-make]')) await new Promise(requestAnimationFrame);
    return performance.now() - from;
  });
  console.log(`the same opened from another view: ${opened.toFixed(0)} ms`);
  /** Scrolls on from the top: how long each frame took as the page sees it, and how many were drawn later than their turn. */
  const scroll = async (when: string) => {
    const { frames, late } = await page.evaluate(async () => {
      window.scrollTo(0, 0);
      const frames: number[] = [];
      let late = 0;
      let shownAt = await new Promise<number>(requestAnimationFrame);
      let last = performance.now();
      for (let i = 0; i < 240; i++) {
        window.scrollBy(0, 160);
        const at = await new Promise<number>(requestAnimationFrame);
        if (at - shownAt > 25) late += 1;
        shownAt = at;
        const now = performance.now();
        frames.push(now - last);
        last = now;
      }
      return { frames, late };
    });
    const sorted = [...frames].sort((a, b) => a - b);
    const at = (share: number) => (sorted[Math.floor(sorted.length * share)] ?? Number.NaN).toFixed(1);
    console.log(
      `scrolled ${when}: frames of ${at(0.5)} ms in the median, ${at(0.95)} ms at the 95th percentile (aim: 16.7); ${late} of ${frames.length} later than their turn at 60 a second`,
    );
  };
  await scroll('as soon as it lies there');
  await atRest(browser);
  await scroll('at rest');
  const key = await page.evaluate(async () => {
    const button = [...document.querySelectorAll('th button')].find((one) =>
      one.textContent?.startsWith('of plan'),
    ) as HTMLElement;
    const from = performance.now();
    button.click();
    await new Promise(requestAnimationFrame);
    await new Promise(requestAnimationFrame);
    return performance.now() - from;
  });
  console.log(`sorted by a tap on its head: ${key.toFixed(0)} ms to the frame after`);
  console.log(`memory of the page and its workers: ${await memoryText(browser)} (aim: at most 400)`);
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('HeapProfiler.collectGarbage');
  console.log(`the same, what is no longer needed thrown out: ${await memoryText(browser)}`);
  await rows('learned', 'clear');
  await open();
  await scroll('while it learns anew from all of them');
} finally {
  await stop();
}
