import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
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
