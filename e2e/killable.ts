import { spawn } from 'node:child_process';
import { chromium, type LaunchOptions, type Page } from '@playwright/test';

/** A browser on a home of its own that can be killed as a flat battery would kill it. */
export async function killable(
  options: LaunchOptions,
  home: string,
): Promise<{ page: Page; kill(): Promise<void> }> {
  const browser = spawn(
    options.executablePath as string,
    [
      ...(options.args ?? []),
      '--headless',
      '--remote-debugging-port=0',
      `--user-data-dir=${home}`,
      'about:blank',
    ],
    { stdio: ['ignore', 'ignore', 'pipe'], detached: true },
  );
  const address = await new Promise<string>((resolve, reject) => {
    let said = '';
    browser.stderr.on('data', (chunk: Buffer) => {
      said += chunk.toString();
      const found = /DevTools listening on (ws:\S+)/.exec(said)?.[1];
      if (found) resolve(found);
    });
    browser.on('exit', () => reject(new Error(said)));
  });
  const remote = await chromium.connectOverCDP(address);
  const context = remote.contexts()[0];
  if (!context) throw new Error('the browser has no context');
  const page = context.pages()[0] ?? (await context.newPage());
  const kill = async () => {
    const gone = new Promise((resolve) => browser.once('exit', resolve));
    process.kill(-(browser.pid as number), 'SIGKILL');
    await gone;
  };
  return { page, kill };
}
