import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { type Browser, chromium, type LaunchOptions } from '@playwright/test';

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
