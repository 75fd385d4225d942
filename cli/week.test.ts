import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import loadSolver from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { type Solver, solverOf } from '../src/schedule/solver';
import { type WeekPlan, weekPlanSchema } from '../src/schedule/weekFile';
import { run } from './plump';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'pail-week-'));
let count = 0;
const file = (value: unknown) => {
  const path = join(folder, `${count++}.json`);
  writeFileSync(path, JSON.stringify(value));
  return path;
};
const brief = (method: string, litres = 8) => ({
  format: 'plump-pail/brief',
  version: 1,
  method,
  milk: { species: 'cow', litres },
});
const week = {
  format: 'plump-pail/week',
  version: 1,
  from: '2026-11-30T00:00',
  days: 7,
  hands: 1,
  asleep: { from: '22:30', to: '06:00' },
  away: [{ from: '2026-12-01T08:00', to: '2026-12-01T16:30' }],
  pots: [{ id: 'blue', litres: 18 }],
  rings: 2,
  presses: 1,
  milk: [{ id: 'mon', litres: 24, from: '2026-11-30T07:30', useBy: '2026-12-02T20:00' }],
  wishes: [
    {
      id: 'ricotta',
      brief: brief('whole-milk-ricotta'),
      milk: 'mon',
      readyBy: '2026-12-03T18:00',
      weight: 1,
    },
    { id: 'goat', brief: brief('goat-lactic'), milk: 'mon', readyBy: '2026-12-04T07:00' },
    { id: 'paneer', brief: brief('paneer'), milk: 'mon' },
  ],
};

/** As much time as it wants: what is proved does not hang on the machine. */
const PATIENT = ['--seconds', '3600'];

let solver: Solver;
beforeAll(async () => {
  solver = solverOf(await loadSolver());
});
const laid = (value: unknown): WeekPlan => {
  const { out, faults } = run(['week', file(value), ...PATIENT], solver);
  expect(faults).toEqual([]);
  return weekPlanSchema.parse(JSON.parse(out));
};
const faults = (value: unknown) => run(['week', file(value)], solver).faults;

describe('a week', () => {
  it('is looked for as long as one says, and other words are answered', () => {
    for (const wrong of [['--seconds'], ['--seconds', 'long'], ['--seconds', '0'], ['--seconds', '4000']])
      expect(run(['week', file(week), ...wrong], solver)).toMatchObject({
        out: '',
        faults: [{ path: 'seconds', remedy: expect.stringContaining('1 to 3600 s') }],
      });
    expect(run(['week', file(week), '--hours', '2'], solver).faults[0]?.path).toBe('command');
  });

  it('is laid as a program too, to the same plan', () => {
    const { status, stdout } = spawnSync('npm', ['run', '--silent', 'plump', '--', 'week', '-', ...PATIENT], {
      cwd: ROOT,
      input: JSON.stringify(week),
      encoding: 'utf8',
      env: { ...process.env, npm_config_loglevel: 'error' },
    });
    expect(status).toBe(0);
    const plan = JSON.parse(stdout);
    expect(plan).toEqual(laid(week));
    expect(plan.proved).toBe(true);
    expect(plan.placed).toHaveLength(3);
    expect(run(['check', file(plan)]).faults).toEqual([]);
    expect(run(['check', file(week)]).faults).toEqual([]);
  });

  it('goes into markdown, a calendar with alarms, and a table of one stage a row', () => {
    const plan = laid(week);
    const path = file(plan);
    const as = (to: string) => run(['convert', path, '--to', to]).out;
    const stages = plan.placed.reduce((sum, one) => sum + one.stages.length, 0);
    expect(as('csv').trim().split('\r\n')).toHaveLength(1 + stages);
    expect(as('ics').match(/BEGIN:VALARM/g)).toHaveLength(stages);
    expect(as('ics')).toContain(`DTSTART:${plan.placed[0]?.start.replaceAll(/[-:]/g, '')}00`);
    expect(as('markdown')).toContain('- 06:');
    expect(as('markdown')).toMatch(/## Thursday 2026-12-03|## Friday 2026-12-04/);
  });

  it('counts in the hours of a place that has summer time, and knows no place that is none', () => {
    const spring = {
      ...week,
      zone: 'Europe/Berlin',
      from: '2026-03-28T00:00',
      milk: [],
      away: [],
      wishes: [{ id: 'goat', brief: brief('goat-lactic'), readyBy: '2026-03-30T12:00' }],
    };
    const [goat] = laid(spring).placed;
    const minutes = goat?.stages.reduce((sum, { durationMin }) => sum + durationMin, 0) ?? 0;
    const wall = (Date.parse(`${goat?.readyAt}Z`) - Date.parse(`${goat?.start}Z`)) / 60_000;
    expect(Math.round(wall - minutes)).toBeGreaterThanOrEqual(59);
    expect(faults({ ...week, zone: 'Europe/Nowhere' })[0]?.path).toBe('zone');
  });

  it('answers what is wrong by its place', () => {
    const [first, ...rest] = week.wishes;
    expect(faults({ ...week, wishes: [first, first] })[0]).toMatchObject({ path: 'wishes' });
    expect(faults({ ...week, wishes: [{ ...first, milk: 'tue' }, ...rest] })[0]).toMatchObject({
      path: 'wishes.0.milk',
      remedy: 'take one of mon',
    });
    const huge = { ...first, brief: brief('paneer', 9999) };
    expect(faults({ ...week, wishes: [huge] })[0]?.path).toBe('wishes.0.brief.milk.litres');
    expect(faults({ ...week, days: 0, hands: 0 }).map(({ path }) => path)).toEqual(['days', 'hands']);
    expect(faults({ ...week, away: [{ from: '2026-12-02T08:00', to: '2026-12-01T08:00' }] })[0]?.path).toBe(
      'away.0.to',
    );
  });

  it('without wishes is empty, and proved so', () => {
    expect(laid({ ...week, wishes: [] })).toMatchObject({ placed: [], left: [], proved: true });
  });
});
