/** What the app's main thread does while the first plan comes and while a number is typed, in the machine's Chromium: what stands in the way of an answer. */
import type { CDPSession } from '@playwright/test';
import { served } from './served';

const PORT = 4720;
const KEYS = 20;

interface Profile {
  nodes: { id: number; callFrame: { functionName: string; url: string } }[];
  samples: number[];
  timeDeltas: number[];
}

/** Files by what is in them; the bundler puts packages, the shell, what knows makes, and the plan into one each. */
const PARTS: readonly (readonly [what: string, file: RegExp])[] = [
  ['packages', /\/frame-/],
  ['shell', /\/shell-/],
  ['core and makes', /\/makes-/],
  ['plan', /\/plan-/],
  ['other script', /./],
];
const OWN: Readonly<Record<string, string>> = {
  '(idle)': 'waiting',
  '(garbage collector)': 'collecting garbage',
  '(program)': 'the browser’s own: style, layout, painting, reading code',
};

/** Milliseconds of a profile by what they went into. */
function sharesOf({ nodes, samples, timeDeltas }: Profile): Map<string, number> {
  const whatOf = new Map(
    nodes.map(({ id, callFrame: { functionName, url } }) => [
      id,
      OWN[functionName] ??
        (url ? (PARTS.find(([, file]) => file.test(url))?.[0] ?? '') : 'the browser’s functions'),
    ]),
  );
  const shares = new Map<string, number>();
  samples.forEach((sample, i) => {
    const what = whatOf.get(sample) ?? '';
    shares.set(what, (shares.get(what) ?? 0) + (timeDeltas[i] ?? 0) / 1000);
  });
  return shares;
}

async function profiled(cdp: CDPSession, what: string, times: number, work: () => Promise<unknown>) {
  await cdp.send('Profiler.enable');
  await cdp.send('Profiler.setSamplingInterval', { interval: 250 });
  const metrics = async () =>
    new Map(
      (await cdp.send('Performance.getMetrics')).metrics.map(({ name, value }) => [name, value * 1000]),
    );
  await cdp.send('Performance.enable');
  const before = await metrics();
  await cdp.send('Profiler.start');
  await work();
  const { profile } = (await cdp.send('Profiler.stop')) as { profile: Profile };
  const after = await metrics();
  const each = (ms: number) => `${(ms / times).toFixed(1)} ms`;
  const since = (name: string) => (after.get(name) ?? 0) - (before.get(name) ?? 0);
  console.log(
    `${what}: style ${each(since('RecalcStyleDuration'))}, layout ${each(since('LayoutDuration'))}, script ${each(since('ScriptDuration'))}, all tasks ${each(since('TaskDuration'))}`,
  );
  for (const [part, ms] of [...sharesOf(profile)].sort((a, b) => b[1] - a[1]))
    if (ms / times >= 0.1) console.log(`    ${each(ms).padStart(10)}  ${part}`);
}

const { browser, stop } = await served(PORT, '--demo');
try {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  const cdp = await context.newCDPSession(page);
  const spreadOf = (litres: string) =>
    page.waitForFunction(
      (wanted) =>
        document.querySelector('[data-spread=own]') !== null &&
        [...document.querySelectorAll('input')].some((one) => one.value === wanted),
      litres,
    );
  await profiled(cdp, 'first plan with its spread, cold', 1, async () => {
    await page.goto(`http://127.0.0.1:${PORT}/plan`);
    await page.locator('[data-spread=own]').waitFor();
  });
  const field = page.getByRole('textbox', { name: 'Milk', exact: true });
  await field.focus();
  await profiled(cdp, 'a number typed, to its spread', KEYS, async () => {
    for (let i = 0; i < KEYS; i++) {
      const litres = String(3 + (i % 7));
      await page.keyboard.press('Control+a');
      await page.keyboard.type(litres);
      await spreadOf(litres);
    }
  });
} finally {
  await stop();
}
