import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { METHODS } from '../src/makes';
import { planFile } from '../src/plan/plan';
import { COMPUTATIONS } from '../src/plan/reckon';
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
const milk = { species: 'cow' };

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

describe('reckon', () => {
  it('describes every computation with units, formula and source', () => {
    expect(run(['reckon']).out.trim().split('\n')).toEqual(COMPUTATIONS.map((one) => one.name));
    for (const { name } of COMPUTATIONS) {
      const told = out('reckon', name);
      expect(told.formula.length).toBeGreaterThan(5);
      expect(told.source.length).toBeGreaterThan(5);
      expect(Object.keys(told.inputs).length).toBeGreaterThan(0);
    }
  });

  const reckoned = (name: string, input: unknown) => out('reckon', name, JSON.stringify(input));

  it('doses acid for a pH and finds that pH again', () => {
    const { grams } = reckoned('acid-dose', { milk, acid: { kind: 'citric' }, pH: 5.6 });
    // Direct-acid stretched curd, about 2 g/L ± 20 % (from memory).
    expect(grams).toBeGreaterThan(1.6);
    expect(grams).toBeLessThan(2.4);
    expect(reckoned('acid-ph', { milk, acid: { kind: 'citric' }, grams }).pH).toBeCloseTo(5.6, 6);
    const vinegar = reckoned('acid-dose', {
      milk: { ...milk, litres: 4 },
      acid: { kind: 'vinegar', strengthPct: 5 },
      pH: 5.3,
    });
    expect(
      reckoned('acid-ph', {
        milk: { ...milk, litres: 4 },
        acid: { kind: 'vinegar', strengthPct: 5 },
        millilitres: vinegar.millilitres,
      }).pH,
    ).toBeCloseTo(5.3, 6);
  });

  it('answers the small ones', () => {
    expect(reckoned('coagulation-ph', { tempC: 50 }).pH).toBeCloseTo(5.4, 10);
    expect(reckoned('boil', { altitudeM: 1500 }).tempC).toBeCloseTo(95, 10);
    expect(reckoned('boil', {}).tempC).toBe(100);
    expect(reckoned('salt', { kg: 2, percent: 1.5 }).grams).toBeCloseTo(30, 10);
    expect(reckoned('spoons', { ingredient: 'citric acid', grams: 9.2 })).toEqual({
      spoons: '2 tsp',
      gramsOfSpoons: 9.2,
    });
    expect(
      reckoned('heat-mix', {
        parts: [
          { what: 'water', kg: 1, tempC: 20 },
          { what: 'water', kg: 1, tempC: 40 },
        ],
      }).tempC,
    ).toBeCloseTo(30, 10);
    expect(reckoned('press', { kg: 10, diameterCm: 20 }).kPa).toBeCloseTo(3.12, 2);
    expect(reckoned('press', { kg: 10, widthCm: 10, lengthCm: 20 }).kPa).toBeCloseTo(4.9, 2);
    const cheese = reckoned('yield', { milk: { ...milk, litres: 10 }, method: 'paneer' });
    expect(cheese.kg).toBeGreaterThan(1.3);
    expect(
      reckoned('yield', { milk: { ...milk, litres: 10 }, method: 'paneer', moisturePct: 60 }).kg,
    ).toBeGreaterThan(cheese.kg);
  });

  it.each([
    ['acid-ph', { milk, acid: { kind: 'citric' } }, 'grams'],
    ['acid-ph', { milk, acid: { kind: 'citric' }, millilitres: 5 }, 'millilitres'],
    ['acid-dose', { milk, acid: { kind: 'vinegar', strengthPct: 2 }, pH: 4.2 }, 'acid'],
    ['acid-dose', { milk, acid: { kind: 'citric' }, pH: 6.9 }, 'pH'],
    ['press', { kg: 1 }, 'diameterCm'],
    ['press', { kg: 1, diameterCm: 10, widthCm: 3, lengthCm: 4 }, 'diameterCm'],
    ['press', { kg: -1, diameterCm: 10 }, 'kg'],
    ['spoons', { ingredient: 'sand', grams: 1 }, 'ingredient'],
    ['heat-mix', { parts: [] }, 'parts'],
    ['yield', { milk, method: 'fondue' }, 'method'],
    ['boil', { altitudeM: 9000 }, 'altitudeM'],
    ['salt', { kg: 1, percent: 1, extra: 2 }, 'extra'],
  ])('%s %j is refused at %s', (name, input, path) => {
    const { out: text, faults } = run(['reckon', name as string, JSON.stringify(input)]);
    expect(text).toBe('');
    expect(faults.map((fault) => fault.path)).toContain(path);
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
    expect(run(['check', join(folder, 'none.json')]).faults[0]?.problem).toMatch(/cannot be read/);
    expect(run(['bake']).faults[0]?.path).toBe('command');
  });
});
