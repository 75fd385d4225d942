/** `npm run plump`: the command line, put into one file first; its hundreds of modules read one by one take seconds. */
import { mkdtempSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import { ROOT } from './setup.mjs';

const { resolve } = createRequire(import.meta.url);

/** Brings a file of its own beside it, so it is read from where it lies. */
const whereItLies = {
  name: 'where-it-lies',
  setup: ({ onResolve }) =>
    onResolve({ filter: /^highs$/ }, ({ path }) => ({
      path: pathToFileURL(resolve(path)).href,
      external: true,
    })),
};

const folder = mkdtempSync(join(tmpdir(), 'plump-'));
const outfile = join(folder, 'plump.mjs');
try {
  await build({
    entryPoints: [join(ROOT, 'cli/main.ts')],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'error',
    plugins: [whereItLies],
  });
  await import(pathToFileURL(outfile).href);
} finally {
  rmSync(folder, { recursive: true, force: true });
}
