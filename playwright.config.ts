import { readFileSync } from 'node:fs';
import { defineConfig, type LaunchOptions } from '@playwright/test';

/**
 * How the machine's Chromium is started, for tests, benches and pictures alike. Its address bar would start a process of its own beside every
 * page (the two names at the end of what is switched off), a third of the machine's work; what the driver switches off is said once more,
 * since only the last such list counts.
 */
const chromium = JSON.parse(
  readFileSync(new URL('./scripts/chromium.json', import.meta.url), 'utf8'),
) as LaunchOptions;

/**
 * A test's page lives for seconds, and no test looks at its picture: hardly anything is painted (there is memory for next to none of it),
 * nothing is compiled for the long run, garbage may pile up and is taken away by who made it, and nobody listens. What stands on the page,
 * where, and in what colours stays the same; pictures and benches are made without these.
 */
const FOR_SECONDS = [
  '--force-gpu-mem-available-mb=1',
  '--js-flags=--no-turbofan,--interrupt-budget-for-maglev=300000,--min-semi-space-size=64,--initial-heap-size=512,--single-threaded-gc',
  '--default-tile-width=640',
  '--default-tile-height=416',
  '--disable-audio-output',
];

export const OWN = 'http://127.0.0.1:4711';
export const DEMO = 'http://127.0.0.1:4712';

export default defineConfig({
  testDir: 'e2e',
  fullyParallel: true,
  // One more than there are cores: each waits for its page part of the time.
  workers: 3,
  // A machine that stalls gets a second go; what needed one is told as flaky.
  retries: 1,
  // For what hangs, and nothing else: a make of many stages takes two minutes where others want the machine, which may stall for one.
  timeout: 600_000,
  expect: { timeout: 60_000, toPass: { timeout: 180_000 } },
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    baseURL: OWN,
    // A press that never comes, or a page, is told before the whole test is given up.
    actionTimeout: 180_000,
    navigationTimeout: 180_000,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/Amsterdam',
    // Keeping the whole app for later costs each test a second; those that are about it allow it.
    serviceWorkers: 'block',
    // A colour that fades is painted a dozen times over; nothing else of the app moves.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: { ...chromium, args: [...(chromium.args ?? []), ...FOR_SECONDS] },
  },
  webServer: [
    {
      command: 'node --import tsx server/main.ts --port 4711',
      url: OWN,
      timeout: 300_000,
      reuseExistingServer: false,
    },
    {
      command: 'node --import tsx server/main.ts --demo --port 4712',
      url: DEMO,
      timeout: 300_000,
      reuseExistingServer: false,
    },
  ],
});
