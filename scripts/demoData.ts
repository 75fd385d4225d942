import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import type { Plugin } from 'vite';

/** What the demo fetches when it is first opened. */
export const DEMO_FILE = 'demo.json';

/** Enacts the demo's makes once, as the app is built, so that opening it computes nothing. */
export function demoData(): Plugin {
  return {
    name: 'demo-data',
    apply: 'build',
    generateBundle() {
      const { status, stdout, stderr } = spawnSync(
        process.execPath,
        ['--import', 'tsx', fileURLToPath(new URL('./enactDemo.ts', import.meta.url))],
        { encoding: 'utf8', maxBuffer: 64_000_000 },
      );
      if (status !== 0) this.error(`the demo could not be enacted: ${stderr}`);
      this.emitFile({ type: 'asset', fileName: DEMO_FILE, source: stdout });
    },
  };
}
