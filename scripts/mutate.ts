/**
 * `npm run mutate`: puts small faults into core, plan and run, one at a time, and tells which of them no unit test notices.
 * `--faults 200 --seed 7` draws so many, each as likely as any other; `--in src/core/acid` keeps to those beneath a folder or in a file;
 * `--seconds 60` is how long the tests that come past a fault may take in all: those nearest first, and what only a later one
 * would notice counts as not noticed, so that the score is never told too high.
 */
import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { drawn, type Fault, instrumented, keyOf, sourcesIn } from './mutants/faults';
import { put, surveyed, type Tests } from './mutants/ground';
import type { Trial } from './mutants/trial';
import { typesOf } from './mutants/types';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const GROUND = join(ROOT, '.mutants/ground');
const SURVEY = join(ROOT, '.mutants/survey.json');
/** Together the first turn takes about this, so that most faults are noticed without the long ones. */
const FIRST_MS = 3000;
/** A fault that keeps its tests from ending is noticed. */
const STUCK_MS = 240_000;

interface Survey {
  mark: string;
  faults: Fault[];
  tests: Tests[];
}

const { values } = parseArgs({
  options: {
    faults: { type: 'string', default: '200' },
    seed: { type: 'string', default: '1' },
    in: { type: 'string', default: '' },
    seconds: { type: 'string', default: '60' },
    again: { type: 'boolean', default: false },
  },
});

/** The files of tests that come past a fault, nearest and quickest first, in turns, as far as the time reaches. */
function turnsFor(fault: Fault, tests: readonly Tests[]): string[][] {
  const near = (name: string) => (dirname(name) === resolve(GROUND, dirname(fault.fileName)) ? 0 : 1);
  const past = tests
    .filter((one) => one.past[fault.id] !== undefined)
    .sort((a, b) => near(a.name) - near(b.name) || a.ms - b.ms);
  const turns: string[][] = [[], []];
  let ms = 0;
  for (const one of past) {
    if (ms > Number(values.seconds) * 1000) break;
    turns[ms < FIRST_MS ? 0 : 1]?.push(one.name);
    ms += one.ms;
  }
  return turns.filter((names) => names.length > 0);
}

/** One half of the trials in a process of its own, begun anew after a fault that gets stuck. */
function tried(list: string, from: number, step: number, tell: (at: number, noticed: boolean) => void) {
  return new Promise<void>((done, broken) => {
    let given = false;
    const child = spawn('npx', ['tsx', 'scripts/mutants/trial.ts', GROUND, list, `${from}`, `${step}`], {
      cwd: ROOT,
      detached: true,
      stdio: ['ignore', 'pipe', 'ignore'],
    });
    let at = from;
    const stuck = () => {
      given = true;
      tell(at, true);
      process.kill(-(child.pid ?? 0), 'SIGKILL');
      tried(list, at + step, step, tell).then(done, broken);
    };
    let watch = setTimeout(stuck, STUCK_MS);
    createInterface({ input: child.stdout }).on('line', (line) => {
      if (!line.startsWith('{"at"')) return;
      clearTimeout(watch);
      watch = setTimeout(stuck, STUCK_MS);
      const said = JSON.parse(line) as { at: number; noticed?: boolean };
      at = said.at;
      if (said.noticed !== undefined) tell(at, said.noticed);
    });
    child.on('exit', (code) => {
      clearTimeout(watch);
      if (code === 0) done();
      else if (!given) broken(new Error(`the trial at ${at} broke off`));
    });
  });
}

/** Of which sources a survey is: places in others would be other places. */
const mark = createHash('md5')
  .update(
    sourcesIn(ROOT)
      .map((name) => readFileSync(join(ROOT, name), 'utf8'))
      .join(),
  )
  .digest('hex');
const kept: Survey | null = existsSync(SURVEY) ? JSON.parse(readFileSync(SURVEY, 'utf8')) : null;
const { faults, tests } = kept?.mark === mark && !values.again ? kept : await surveyed(ROOT, GROUND);
writeFileSync(SURVEY, JSON.stringify({ mark, faults, tests }));
const sample = drawn(
  faults.filter(({ fileName }) => fileName.startsWith(values.in)),
  Number(values.faults),
  Number(values.seed),
);
const { files, faults: switches } = await instrumented(ROOT, sourcesIn(ROOT), sample);
put(GROUND, files);
const idOf = new Map(switches.map((one) => [keyOf(one), one.id]));
const trials = sample.flatMap((fault): Trial[] => {
  const turns = turnsFor(fault, tests);
  const most = Math.max(0, ...tests.map((one) => one.past[fault.id] ?? 0));
  return turns.length === 0
    ? []
    : [{ key: keyOf(fault), id: idOf.get(keyOf(fault)) ?? '', limit: most * 100 + 100_000, turns }];
});
const list = join(ROOT, '.mutants/trials.json');
writeFileSync(list, JSON.stringify(trials));
const noticed = new Set<string>();
let told = 0;
const tell = (at: number, seen: boolean) => {
  if (seen) noticed.add(trials[at]?.key ?? '');
  if (++told % 20 === 0) console.log(`${told} of ${trials.length} tried, ${noticed.size} noticed`);
};
await Promise.all([tried(list, 0, 2, tell), tried(list, 1, 2, tell)]);

const survived = sample.filter((fault) => !noticed.has(keyOf(fault)));
const noticedByTypes = typesOf(ROOT);
const unseen = survived.filter((fault) => !noticedByTypes(fault));
for (const { fileName, location, mutatorName, replacement } of unseen) {
  const line = readFileSync(join(ROOT, fileName), 'utf8').split('\n')[location.start.line]?.trim();
  console.log(`${fileName}:${location.start.line + 1} ${mutatorName}\n  ${line}\n  → ${replacement}`);
}
const count = sample.length - (survived.length - unseen.length);
console.log(
  `${faults.length} faults there are; ${sample.length} drawn, ${sample.length - count} noticed by the types alone; of the other ${count} ${count - unseen.length} noticed: ${((100 * (count - unseen.length)) / count).toFixed(0)} %.`,
);
