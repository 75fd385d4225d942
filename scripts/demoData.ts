import { execFile } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import type { Plugin } from 'vite';
import { bundled } from './bundled.mjs';

/** What the demo fetches when it is first opened. */
export const DEMO_FILE = 'demo.json';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const KEPT = at('../node_modules/.cache/plump-pail');

/** The demo's makes, enacted by a program; the same program is run once, whoever builds how often. */
async function enactedBy(program: string): Promise<string> {
  const name = join(KEPT, `demo-${createHash('sha256').update(program).digest('hex').slice(0, 16)}`);
  const known = await readFile(`${name}.json`, 'utf8').catch(() => null);
  if (known !== null) return known;
  // What an earlier program enacted is of no use to anybody.
  await rm(KEPT, { recursive: true, force: true });
  await mkdir(KEPT, { recursive: true });
  await writeFile(`${name}.mjs`, program);
  const { stdout } = await promisify(execFile)(process.execPath, [`${name}.mjs`], { maxBuffer: 64_000_000 });
  // Whole at any moment: another build may look for it.
  await writeFile(`${name}.${process.pid}`, stdout);
  await rename(`${name}.${process.pid}`, `${name}.json`);
  return stdout;
}

/** Enacts the demo's makes once, as the app is built and beside it, so that opening it computes nothing. */
export function demoData(): Plugin {
  let enacted: Promise<string> | undefined;
  return {
    name: 'demo-data',
    apply: 'build',
    buildStart() {
      if (enacted) return;
      enacted = bundled(at('./enactDemo.ts')).then(enactedBy);
      // Told where it is wanted.
      enacted.catch(() => undefined);
    },
    async generateBundle() {
      try {
        this.emitFile({ type: 'asset', fileName: DEMO_FILE, source: await (enacted as Promise<string>) });
      } catch (error) {
        this.error(`the demo could not be enacted: ${error}`);
      }
    },
  };
}
