import { spawn } from 'node:child_process';
import { existsSync, readFileSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, describe, expect, it } from 'vitest';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const part = (name: string) => join(ROOT, 'dist/assets', name);
const LEFT_OPEN = part('left-open-in-a-page.js');
const LONG_GONE = part('of-long-ago.js');
const DAY_S = 24 * 3600;

afterAll(() => {
  for (const file of [LEFT_OPEN, LONG_GONE]) rmSync(file, { force: true });
});

describe('a rebuild', () => {
  it('leaves pages that are open their parts, and is never half there', async () => {
    writeFileSync(LEFT_OPEN, '// a part of an earlier build');
    writeFileSync(LONG_GONE, '// a part nobody can have open');
    const long = new Date(Date.now() - 40 * DAY_S * 1000);
    utimesSync(LONG_GONE, long, long);
    const building = spawn('node', ['-e', "import('./scripts/setup.mjs').then((setup) => setup.build())"], {
      cwd: ROOT,
    });
    let missing = 0;
    const watching = setInterval(() => {
      if (!existsSync(join(ROOT, 'dist/index.html'))) missing++;
    }, 1);
    const code = await new Promise((resolve) => building.on('exit', resolve));
    clearInterval(watching);
    expect(code).toBe(0);
    expect(missing).toBe(0);
    // Built for service, not for a test: the keeper is registered, and nothing speaks of development.
    const page = readFileSync(join(ROOT, 'dist/index.html'), 'utf8');
    const scripts = [...page.matchAll(/"\/(assets\/[^"]+\.js)"/g)].map(([, script]) =>
      readFileSync(join(ROOT, 'dist', script as string), 'utf8'),
    );
    expect(scripts.join()).toContain('/sw.js');
    expect(scripts.join()).not.toContain('jsxDEV');
    expect(existsSync(LEFT_OPEN)).toBe(true);
    expect(existsSync(LONG_GONE)).toBe(false);
    expect(existsSync(join(ROOT, '.dist-next'))).toBe(false);
  });
});
