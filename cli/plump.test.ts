import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { makeLog, quirky } from '../src/learn/fixtures/kitchens';
import { METHODS } from '../src/makes';
import { planFile } from '../src/plan/plan';
import { run } from './plump';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'pail-cli-'));
const file = (value: unknown) => {
  const path = join(folder, `${Math.abs(JSON.stringify(value).length)}.json`);
  writeFileSync(path, typeof value === 'string' ? value : JSON.stringify(value));
  return path;
};
const brief = {
  format: 'plump-pail/brief',
  version: 1,
  method: 'paneer',
  milk: { species: 'cow', litres: 6 },
};
const out = (...words: string[]) => {
  const { out: text, faults } = run(words);
  if (faults.length > 0) throw new Error(JSON.stringify(faults));
  return JSON.parse(text);
};

describe('as a program', () => {
  const plump = (words: string[], input?: string) =>
    spawnSync('npm', ['run', '--silent', 'plump', '--', ...words], {
      cwd: ROOT,
      input,
      encoding: 'utf8',
      env: { ...process.env, npm_config_loglevel: 'error' },
    });

  it('plans from standard input, byte for byte the same each time', () => {
    const first = plump(['plan', '-'], JSON.stringify(brief));
    expect(first.status).toBe(0);
    expect(first.stdout).toBe(plump(['plan', '-'], JSON.stringify(brief)).stdout);
    expect(JSON.parse(first.stdout)).toMatchObject({
      format: 'plump-pail/plan',
      method: 'paneer',
      readyAt: null,
    });
  });

  it('ends with 1, nothing on standard output and a line per fault', () => {
    const { status, stdout, stderr } = plump(
      ['plan', '-'],
      JSON.stringify({ ...brief, milk: { species: 'cow', litres: 0, fatPct: -1 } }),
    );
    expect([status, stdout]).toEqual([1, '']);
    expect(
      stderr
        .trim()
        .split('\n')
        .filter((line) => !line.startsWith('npm')),
    ).toEqual(['milk.litres: is 0; give 0.2 to 500 L', 'milk.fatPct: is -1; give 0 to 12 %']);
  });
});

it('agrees with the interface’s core to the last digit', () => {
  const planned = planFile(brief);
  expect(planned.ok && JSON.parse(JSON.stringify(planned.value.plan))).toEqual(out('plan', file(brief)));
});

describe('methods', () => {
  it('lists them, and tells one whole', () => {
    expect(run(['methods']).out).toBe(`${METHODS.map((method) => method.id).join('\n')}\n`);
    const told = out('methods', 'paneer');
    expect(told).toMatchObject({
      title: 'Paneer',
      family: 'acid-set',
      options: { setC: { type: 'number', default: 95, min: 85, max: 99 } },
    });
    expect(told.options.setC.reason).toMatch(/./);
    expect(told.stages[0]).toEqual({ id: 'sanitise', kind: 'sanitise' });
    expect(run(['methods', 'fondue']).faults[0]?.path).toBe('method');
  });
});

describe('check', () => {
  it('knows briefs, plans and methods, and says what is wrong with them', () => {
    expect(out('check', file(brief))).toEqual({ kind: 'brief', version: 1, valid: true });
    expect(out('check', file(out('plan', file(brief))))).toEqual({ kind: 'plan', version: 1, valid: true });
    for (const method of METHODS)
      expect(out('check', file(method))).toEqual({ kind: 'method', version: 1, valid: true });
    const [method] = METHODS;
    const broken = {
      ...method,
      stages: [
        { id: 'scald', kind: 'scald', params: { toC: 'hot' } },
        { id: 'scald', kind: 'hold', params: { minutes: { option: 'nope' } } },
      ],
    };
    expect(run(['check', file(broken)]).faults.map((fault) => fault.path)).toEqual(
      expect.arrayContaining(['stages.0.params.toC', 'stages.1.id', 'stages.1.params']),
    );
    expect(run(['check', file({ ...brief, altitudeM: 3000 })]).faults[0]?.path).toBe('options.setC');
    expect(run(['check', file('{"format": ')]).faults[0]?.problem).toMatch(/is not JSON/);
    expect(run(['check', file({ format: 'other/brief' })]).faults[0]?.path).toBe('format');
    expect(run(['check', join(folder, 'none.json')]).faults[0]?.problem).toBe('is not there');
    expect(run(['check', folder]).faults[0]?.problem).toBe('is a folder');
    for (const name of ['toString', 'constructor', '__proto__'])
      expect(run([name]).faults[0]?.path).toBe('command');
    expect(run(['bake']).faults[0]?.path).toBe('command');
  });
});

describe('looking back', () => {
  const begun = out('start', file({ ...brief, start: '2026-11-27T09:00' }));
  const ended = {
    ...begun,
    events: [
      ...begun.events,
      ...begun.events[0].plan.stages.slice(0, -1).map((stage: { id: string }, i: number) => ({
        type: 'done',
        stage: stage.id,
        seq: i + 1,
        at: begun.events[0].at + (i + 1) * 600_000,
      })),
    ],
  };
  const whole = {
    ...ended,
    events: [
      ...ended.events,
      { type: 'finished', weighedKg: 0.7, seq: ended.events.length, at: begun.events[0].at + 9e6 },
    ],
  };

  it('begins a make at its wall time, its one event the start', () => {
    expect(begun).toMatchObject({ format: 'plump-pail/make', version: 1 });
    expect(begun.events).toHaveLength(1);
    expect(new Date(begun.events[0].at).toISOString()).toBe('2026-11-27T09:00:00.000Z');
    expect(out('check', file(begun))).toMatchObject({ kind: 'make', valid: true });
    expect(out('start', file(begun.events[0].plan)).events[0].plan).toEqual(begun.events[0].plan);
    expect(run(['start', file(brief)]).faults.map(({ path }) => path)).toEqual(['start']);
  });

  it('lists findings and causes, and tells of one', () => {
    expect(run(['findings']).out.split('\n')).toContain('will-not-stretch');
    expect(run(['causes']).out.split('\n')).toContain('model-off');
    expect(out('findings', 'no-squeak')).toMatchObject({
      id: 'no-squeak',
      families: ['squeaky-curd'],
    });
    expect(run(['findings', 'dull']).faults.map(({ path }) => path)).toEqual(['finding']);
  });

  it('answers a question', () => {
    const question = { format: 'plump-pail/question', version: 1, make: whole, found: ['falls-apart'] };
    const answer = out('judge', file(question));
    expect(answer.format).toBe('plump-pail/answer');
    expect(answer.causes[0].id).toBe('pressed-too-little');
    expect(out('check', file(answer))).toMatchObject({ kind: 'answer' });
    expect(run(['judge', file({ ...question, found: [] })]).faults).toHaveLength(1);
  });

  it('writes several makes as a book, one a row', () => {
    const book = run(['convert', file(whole), file(begun), '--to', 'csv']);
    expect(book.faults).toEqual([]);
    expect(book.out.trim().split('\r\n')).toHaveLength(3);
    expect(book.out).toContain('weighed (kg)');
    expect(run(['convert', file(whole), file(begun), '--to', 'ics']).faults).toHaveLength(1);
  });
});

describe('learning', () => {
  const makes = Array.from({ length: 6 }, (_, i) => ({
    format: 'plump-pail/make',
    version: 1,
    id: `kitchen-make-${i}`,
    events: makeLog(quirky(3), 'squeaky-curds', i).map((event, seq) => ({ ...event, seq })),
  }));

  it('learns of makes, a backup’s or one by one, and plans with it where the sources are the same', () => {
    const paths = makes.map((make, i) => {
      const path = join(folder, `kitchen-${i}.json`);
      writeFileSync(path, JSON.stringify(make));
      return path;
    });
    const learned = out('learn', ...paths);
    expect(learned).toMatchObject({ format: 'plump-pail/learned', version: 1, makes: 6 });
    expect(learned.quirks.length).toBeGreaterThan(0);
    for (const { low, likely, high, makes: many, says } of learned.quirks) {
      expect(low < likely && likely < high && (low > 1 || high < 1)).toBe(true);
      expect(many).toBeGreaterThanOrEqual(2);
      expect(says).toMatch(/makes\.$/);
    }
    expect(out('check', file(learned))).toMatchObject({ kind: 'learned' });
    const squeaky = {
      ...brief,
      method: 'squeaky-curds',
      milk: { species: 'cow', litres: 8 },
      sources: { milk: 'Sallow Reach cows', coagulant: 'bottle', culture: 'sachets', pot: 'blue' },
    };
    const path = join(folder, 'squeaky.json');
    writeFileSync(path, JSON.stringify(squeaky));
    const plan = out('plan', path, '--learned', file(learned));
    expect(plan.learned.length).toBe(learned.quirks.length);
    const { sources: _, ...stranger } = squeaky;
    expect(out('plan', file(stranger), '--learned', file(learned)).learned ?? []).toHaveLength(
      learned.quirks.filter((one: { of: string }) => one.of === 'method').length,
    );
    expect(run(['plan', path, '--lerned', path]).faults).toHaveLength(1);
    expect(run(['learn', path]).faults.length).toBeGreaterThan(0);
  });
});

describe('practising', () => {
  const asked = (moves: unknown[]) => ({
    format: 'plump-pail/practice',
    version: 1,
    brief: { ...brief, milk: { species: 'cow', litres: 7 } },
    quirks: { seed: 4 },
    moves,
  });

  it('answers every move, the same to the byte each time, with a make that no learning takes', () => {
    const path = file(
      asked([
        { atMin: 1, do: 'heat', setting: 2 },
        { atMin: 30, do: 'look' },
        { atMin: 30, do: 'add', what: 'acid', grams: 300 },
        { atMin: 36, do: 'drain' },
      ]),
    );
    const { out: text } = run(['practise', path]);
    expect(run(['practise', path]).out).toBe(text);
    const answer = JSON.parse(text);
    expect(answer.worth.kg).toBeGreaterThan(0);
    expect(out('check', file(answer))).toMatchObject({ kind: 'practised', valid: true });
    expect(out('check', path)).toMatchObject({ kind: 'practice', valid: true });
    expect(out('learn', file(answer.make)).quirks).toEqual([]);
  });

  it('says by its number which move cannot be', () => {
    const { faults } = run(['practise', file(asked([{ atMin: 3, do: 'stretch', waterC: 78, minutes: 4 }]))]);
    expect(faults).toMatchObject([{ path: 'moves.0', problem: 'cannot stretch what is not drained curd' }]);
  });
});
