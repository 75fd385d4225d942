/** `npm run plump`: the command line, put into one file first. */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundled } from './bundled.mjs';
import { ROOT } from './setup.mjs';

const folder = mkdtempSync(join(tmpdir(), 'plump-'));
try {
  const program = join(folder, 'plump.mjs');
  writeFileSync(program, await bundled(join(ROOT, 'cli/main.ts')));
  await import(pathToFileURL(program).href);
} finally {
  rmSync(folder, { recursive: true, force: true });
}
