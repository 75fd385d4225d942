/** `npm run screenshots`: one current picture of each main view from the demo data, at a fixed hour, into docs/screenshots. */
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { build, CHROMIUM, ensureChromium, ensurePackages, ROOT } from './setup.mjs';

ensurePackages();
ensureChromium();
build();
const { chromium } = await import('@playwright/test');

const HOUR = new Date('2026-11-26T09:12:00+01:00');
const DEMO = 'http://127.0.0.1:4715';
const OWN = 'http://127.0.0.1:4716';
const servers = [
  ['--demo', '--port', '4715'],
  ['--port', '4716'],
].map((args) =>
  spawn('npx', ['tsx', 'server/main.ts', ...args], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit'],
    detached: true,
  }),
);
await Promise.all(servers.map((server) => new Promise((ready) => server.stdout.once('data', ready))));

const browser = await chromium.launch(CHROMIUM);

const LAPTOP = { width: 1280, height: 800 };
const TABLET = { width: 820, height: 1180 };
const PHONE = { width: 390, height: 844 };

async function shoot(
  name,
  path,
  { base = DEMO, viewport = LAPTOP, look = 'light', act = async () => {} } = {},
) {
  const context = await browser.newContext({
    viewport,
    colorScheme: look,
    locale: 'en-GB',
    timezoneId: 'Europe/Amsterdam',
    reducedMotion: 'reduce',
  });
  const page = await context.newPage();
  await page.clock.install({ time: HOUR });
  await page.goto(`${base}${path}`);
  await page.locator('h1').first().waitFor();
  // In the demo something is on the heat: its makes come a moment after the view.
  if (base === DEMO)
    await page
      .getByRole('navigation', { name: /^Day line/ })
      .getByRole('link')
      .waitFor();
  await page.evaluate(() => document.fonts.ready);
  await act(page);
  // What a worker fetches is not always told as finished: the picture does not wait for it for ever.
  await page.waitForLoadState('networkidle', { timeout: 5000 }).catch(() => undefined);
  await page.screenshot({ path: join(ROOT, 'docs/screenshots', `${name}.png`) });
  await context.close();
  console.log(name);
}

const spreadShown = (page) => page.getByRole('region', { name: 'What the yield hangs on' }).waitFor();
/** A plan of the demo's milk, with what its makes have taught. */
const whole = async (page) => {
  await spreadShown(page);
  await page.getByRole('region', { name: 'With what has been learned' }).waitFor();
  await page.locator('[data-spread="own"]').waitFor();
};
const toTheAcid = async (page) => {
  await page.getByRole('button', { name: /reached/ }).click();
  await page.getByRole('button', { name: /^Poured/ }).click();
  await page.getByRole('button', { name: /^cloudy/ }).click();
  await page.getByRole('heading', { name: /Pour more/ }).waitFor();
  await page.clock.fastForward(1000);
};

/** Practises curds from the start to the stage whose action that is, by thermometer and calls. */
const practiseTo = (action) => async (page) => {
  await page.getByRole('button', { name: 'Curds for the pub: something wrong' }).click();
  const bench = page.getByRole('region', { name: 'Bench' });
  const now = page.getByRole('region', { name: 'Now' });
  const title = now.getByRole('heading', { level: 1 });
  await title.waitFor();
  const call = async (times = 1) => {
    for (let i = 0; i < times; i++) await bench.getByRole('button', { name: 'To the next call' }).click();
  };
  const hob = (to) => bench.getByRole('radio', { name: to, exact: true }).click();
  const reads = async () => {
    const shown = (await bench.getByTestId('thermometer').textContent()).replace(/[^\d.]/g, '');
    await page.getByRole('textbox', { name: /^Temperature/ }).fill(shown);
    await page.keyboard.press('Enter');
    await page.clock.fastForward(1000);
  };
  for (let i = 0; i < 40; i++) {
    const at = await title.textContent();
    if (at.includes(action)) break;
    if (/^(Warm|Cook)/.test(at)) {
      await bench.getByRole('checkbox', { name: 'stir' }).check();
      await hob(at.startsWith('Warm') ? 'middle' : 'low');
      await call();
      await hob('off');
      await reads();
      await bench.getByRole('checkbox', { name: 'stir' }).uncheck();
    }
    if (/^(Add|Coagulant)/.test(at)) await bench.getByRole('button', { name: 'Pour it in' }).click();
    if (at.startsWith('Cut')) await bench.getByRole('button', { name: 'Cut it' }).click();
    for (const name of ['Draw the whey off', 'Drain it', 'Salt it']) {
      const button = bench.getByRole('button', { name, exact: true });
      if ((await button.count()) > 0) await button.click();
    }
    for (let n = 0; at.startsWith('Let it set') && n < 16; n++) {
      await call();
      await bench.getByRole('button', { name: 'Try, read and weigh' }).click();
      if ((await bench.getByTestId('sensed').textContent()).includes('clean')) break;
    }
    if (/^(Ripen|Stir|Let it settle|Drain|Turn|Hands)/.test(at)) {
      await call();
      await reads().catch(() => undefined);
    }
    if (!(await page.locator('[data-main]').isVisible())) break;
    await page.locator('[data-main]:enabled').click();
    await page.waitForFunction((text) => document.querySelector('[data-big]')?.textContent !== text, at);
    await page.clock.fastForward(1000);
  }
};
const practised = async (page) => {
  await practiseTo('never')(page);
  await page.getByRole('button', { name: 'Finish without weighing' }).click();
  await page.getByRole('region', { name: 'Afterwards' }).waitFor();
  await page.clock.fastForward(20_000);
};

try {
  await shoot('plan', '/plan', { act: whole });
  await shoot('plan-line-and-track', '/plan', {
    act: async (page) => {
      await spreadShown(page);
      await page
        .getByRole('region', { name: 'Heat against acid' })
        .evaluate((section) => section.scrollIntoView());
    },
  });
  await shoot('shelves', '/plan', { base: OWN });
  await shoot('practise', '/practise', { act: practiseTo('Cut') });
  await shoot('practise-after', '/practise', { act: practised });
  await shoot('shelf', '/shelf', {
    act: (page) => page.getByRole('button', { name: 'Pour together' }).click(),
  });
  await shoot('week', '/week', {
    act: (page) => page.getByText('Nothing better fits').waitFor({ timeout: 60_000 }),
  });
  await shoot('methods', '/methods/squeaky-curds');
  await shoot('reckoner', '/reckon/clotting-time');
  await shoot('plan-dark', '/plan', { look: 'dark', act: whole });
  await shoot('plan-phone', '/plan', { viewport: PHONE, act: whole });
  await shoot('pot', '/pot');
  await shoot('pot-acid-tablet', '/pot', { viewport: TABLET, act: toTheAcid });
  await shoot('pot-phone-dark', '/pot', { viewport: PHONE, look: 'dark' });
  await shoot('book', '/book');
  await shoot('make', '/book/demo-make-12', {
    act: (page) =>
      page
        .getByRole('heading', { name: 'What was wrong with it?' })
        .evaluate((heading) => heading.scrollIntoView({ block: 'start' })),
  });
  await shoot('beside', '/book/beside?of=demo-make-11,demo-make-12');
  await shoot('learned', '/kitchen', {
    act: async (page) => {
      await page.getByText(/takes \d+\u00a0% more acid/).waitFor();
      await page
        .getByRole('heading', { name: 'What has been learned' })
        .evaluate((heading) => heading.scrollIntoView({ block: 'start' }));
    },
  });
  await shoot('kitchen', '/kitchen', {
    act: (page) =>
      page.getByRole('region', { name: 'What stands in it' }).evaluate((section) => section.scrollIntoView()),
  });
} finally {
  await browser.close();
  for (const server of servers) process.kill(-server.pid);
}
