/**
 * `npm run mutate`: puts small faults into core, plan and run and tells which of them no unit test notices. Every fault
 * is put before all of them, one or two minutes each: `--windows 40 --seed 7` takes so many stretches of a few lines, drawn by the seed,
 * `--mutate src/core/acid/acids.ts` one file.
 */
import { spawnSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { seeded } from '../src/core/stats/random';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const ROOMS = ['src/core', 'src/plan', 'src/run'];
/** Lines of one stretch. */
const STRETCH = 10;

const { values } = parseArgs({
  options: { windows: { type: 'string' }, seed: { type: 'string' }, mutate: { type: 'string' } },
});

/** Stretches of the product's own lines, each line as likely as any other. */
function stretches(count: number, seed: number): string[] {
  const files = ROOMS.flatMap((room) =>
    readdirSync(join(ROOT, room), { recursive: true, encoding: 'utf8' })
      .filter((name) => name.endsWith('.ts') && !/\.test\.ts$|fixtures\//.test(name))
      .map((name) => join(room, name)),
  ).map((name) => ({ name, lines: readFileSync(join(ROOT, name), 'utf8').split('\n').length }));
  const all = files.reduce((sum, { lines }) => sum + lines, 0);
  const random = seeded(seed);
  return Array.from({ length: count }, () => {
    let at = Math.floor(random() * all);
    const file = files.find(({ lines }) => {
      if (at < lines) return true;
      at -= lines;
      return false;
    });
    if (!file) throw new Error('a line is in some file');
    return `${file.name}:${at + 1}-${Math.min(file.lines, at + STRETCH)}`;
  });
}

const what = values.windows
  ? stretches(Number(values.windows), Number(values.seed ?? 1)).join()
  : values.mutate;
const { status } = spawnSync('npx', ['stryker', 'run', ...(what ? ['--mutate', what] : [])], {
  cwd: ROOT,
  stdio: 'inherit',
});
process.exit(status ?? 1);
