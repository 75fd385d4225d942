/** A large book: its table sorted, searched and put together, and the view opened and scrolled in the machine's Chromium. */
import { createTable, getCoreRowModel, getFilteredRowModel, getGroupedRowModel } from '@tanstack/react-table';
import { formatter, METRIC } from '../src/core/units/format';
import { stateTold } from '../src/judge/fixtures/told';
import { METHODS } from '../src/makes';
import { type Summary, summaryOf } from '../src/run/summary';
import { columnsOf, speaksOf } from '../src/views/book/columns';
import { sortedRows } from '../src/views/book/sortedRows';
import { served } from './served';

const MANY = 10_000;
const IN_BROWSER = Number(process.argv[2] ?? 1000);
const TIMES = 15;
const PORT = 4718;
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
  columnFilters: [],
  expanded: true as const,
  globalFilter: '',
  sorting: [] as { id: string; desc: boolean }[],
  grouping: [] as string[],
};
const table = createTable<Summary>({
  data: lines,
  columns,
  state: plainState,
  globalFilterFn: speaksOf,
  onStateChange: () => undefined,
  renderFallbackValue: null,
  autoResetAll: false,
  getRowId: (line) => line.id,
  getCoreRowModel: getCoreRowModel(),
  getFilteredRowModel: getFilteredRowModel(),
  getGroupedRowModel: getGroupedRowModel(),
  getSortedRowModel: sortedRows(),
});
let turn = 0;
/** The rows of a state that differs a little each time, as a tap or a key makes them. */
function rows(change: (turn: number) => Partial<typeof plainState>): number {
  turn += 1;
  table.setOptions((was) => ({ ...was, state: { ...plainState, ...change(turn) } }));
  return table.getSortedRowModel().rows.length;
}
rows(() => ({}));
const found = timed(() => rows((i) => ({ globalFilter: `paneer ${i}` })));
const sorted = timed(() =>
  rows((i) => ({ sorting: [{ id: i % 2 ? 'yield' : 'score', desc: i % 3 === 0 }] })),
);
const grouped = timed(() => rows((i) => ({ grouping: [i % 2 ? 'month' : 'title'] })));
console.log(`${MANY} makes found by a word: ${found.toFixed(0)} ms (aim: 50)`);
console.log(`${MANY} makes sorted by yield or score: ${sorted.toFixed(0)} ms (aim: 50)`);
console.log(`${MANY} makes put together by month or make: ${grouped.toFixed(0)} ms`);

const { browser, stop } = await served(PORT, '--demo');
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`http://127.0.0.1:${PORT}/book`);
  await page.locator('[data-make]').first().waitFor();
  await page.evaluate(
    (many) =>
      new Promise<void>((resolve, reject) => {
        const opened = indexedDB.open('plump-pail');
        opened.onerror = () => reject(opened.error);
        opened.onsuccess = () => {
          const db = opened.result;
          const read = db.transaction('events').objectStore('events').getAll();
          read.onsuccess = () => {
            const seed = read.result.filter((event) => event.makeId === 'demo-make-12');
            const write = db.transaction(['makes', 'events'], 'readwrite');
            for (let i = 0; i < many; i++) {
              write.objectStore('makes').put({ id: `copy-${i}` });
              for (const event of seed)
                write.objectStore('events').put({ ...event, makeId: `copy-${i}`, at: event.at - i * 1e7 });
            }
            write.oncomplete = () => resolve();
            write.onerror = () => reject(write.error);
          };
        };
      }),
    IN_BROWSER,
  );
  /** Opens the book anew and waits until it lies there whole, ms. */
  const open = async () => {
    const began = performance.now();
    await page.reload();
    await page
      .locator(`table[aria-rowcount="${IN_BROWSER + DEMO_MAKES + 1}"]`)
      .waitFor({ timeout: 1_200_000 });
    return performance.now() - began;
  };
  console.log(
    `book of ${IN_BROWSER} makes summed up for the first time: ${((await open()) / 1000).toFixed(1)} s`,
  );
  const learning = performance.now();
  await page.waitForFunction(
    (many) =>
      new Promise<boolean>((resolve) => {
        const opened = indexedDB.open('plump-pail');
        opened.onsuccess = () => {
          const count = opened.result.transaction('taught').objectStore('taught').count();
          count.onsuccess = () => {
            opened.result.close();
            resolve(count.result >= many);
          };
        };
      }),
    IN_BROWSER + DEMO_MAKES,
    { timeout: 1_200_000, polling: 500 },
  );
  console.log(
    `learned from for the first time: ${((performance.now() - learning) / 1000).toFixed(1)} s more`,
  );
  const cold = [await open(), await open(), await open()];
  console.log(`opened cold after that: ${median(cold).toFixed(0)} ms (aim for 10000: 500)`);
  await page.getByRole('link', { name: 'Reckon', exact: true }).click();
  await page.getByRole('textbox').first().waitFor();
  const opened = await page.evaluate(async () => {
    const from = performance.now();
    (document.querySelector('a[href="/book"]') as HTMLElement).click();
    while (!document.querySelector('[data-make]')) await new Promise(requestAnimationFrame);
    return performance.now() - from;
  });
  console.log(`the same opened from another view: ${opened.toFixed(0)} ms`);
  const frames = await page.evaluate(async () => {
    const all: number[] = [];
    let last = performance.now();
    for (let i = 0; i < 120; i++) {
      window.scrollBy(0, 160);
      await new Promise(requestAnimationFrame);
      const now = performance.now();
      all.push(now - last);
      last = now;
    }
    return all;
  });
  const slowest = [...frames].sort((a, b) => a - b);
  console.log(
    `scrolled: frames of ${median(frames).toFixed(1)} ms in the median, ${(slowest[Math.floor(slowest.length * 0.95)] ?? 0).toFixed(1)} ms at the 95th percentile (aim: 16.7)`,
  );
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
} finally {
  await stop();
}
