import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { bookWith, METHODS, methodById } from '../makes';
import type { Brief } from '../plan/brief/schema';
import { MODEL_VERSION } from '../plan/modelVersion';
import { planBrief } from '../plan/plan';
import { convert } from './convert';
import { checkFile, FILE_KINDS } from './kinds';

const brief: Brief = {
  format: 'plump-pail/brief',
  version: 1,
  method: 'paneer',
  milk: { species: 'cow', litres: 6 },
  acid: { kind: 'vinegar' },
  start: '2026-11-27T09:00',
};
const planned = planBrief(brief);
if (!planned.ok) throw new Error('the test’s brief must plan');
const { plan, parameters } = { plan: planned.value.plan, parameters: planned.value.parameters };
const make = {
  format: 'plump-pail/make',
  version: 1,
  id: 'a-make-under-test',
  events: [
    {
      type: 'started',
      seq: 0,
      at: 1_795_680_000_000,
      name: '=cmd()|paneer',
      milkName: '',
      plan,
      parameters,
      modelVersion: MODEL_VERSION,
    },
    { type: 'temperature', seq: 1, at: 1_795_680_600_000, tempC: -1.5 },
    { type: 'note', seq: 2, at: 1_795_680_601_000, text: '@home, "quoted"\n*and* two lines' },
    { type: 'temperature', seq: 3, at: 1_795_680_700_000, tempC: 30, shown: { tempC: 31.5, by: 'dial' } },
    { type: 'finished', seq: 4, at: 1_795_690_000_000, weighedKg: 0.9 },
  ],
};
const got = (value: unknown, to: 'markdown' | 'ics' | 'csv') => {
  const result = convert(value, to);
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
};

describe('CSV', () => {
  it('is RFC 4180 with units in its header, and nothing a spreadsheet would run', () => {
    const text = got(make, 'csv');
    expect(text.endsWith('\r\n')).toBe(true);
    const { data, errors } = Papa.parse<Record<string, string>>(text.trim(), { header: true });
    expect(errors).toEqual([]);
    expect(Object.keys(data[0] ?? {})).toContain('temperature (°C)');
    expect(data[0]?.text).toBe("'=cmd()|paneer");
    expect(data[1]?.['temperature (°C)']).toBe('-1.5');
    expect(data[2]?.text).toBe('\'@home, "quoted"\n*and* two lines');
    expect(data[3]).toMatchObject({ 'temperature (°C)': '30', text: 'dial showed 31.5 °C' });
    const cells = [
      '=2*cmd|x',
      '+1+cmd|x',
      '-2+3',
      '@a',
      '\t=1',
      '\r=1',
      ' =1',
      '\u22122+cmd',
      '\uff1d1',
      '-1.5',
      '+4',
    ];
    const notes = cells.map((text, i) => ({ type: 'note', seq: i + 1, at: 1_795_680_601_000, text }));
    const read = Papa.parse<Record<string, string>>(
      got({ ...make, events: [make.events[0], ...notes] }, 'csv').trim(),
      { header: true },
    ).data.slice(1);
    expect(read.map((row) => row.text)).toEqual([
      ...cells.slice(0, 9).map((text) => `'${text}`),
      '-1.5',
      '+4',
    ]);
    expect(Papa.parse(got(plan, 'csv').trim(), { header: true }).data).toHaveLength(plan.stages.length);
  });
});

describe('calendar', () => {
  const text = got(plan, 'ics');
  const unfolded = text.replaceAll('\r\n ', '').split('\r\n');

  it('has an event with an alarm for each hands-on stage, named by batch and stage, at local times', () => {
    const busy = plan.stages.filter((stage) => stage.handsOnMin > 0);
    expect(unfolded.filter((line) => line === 'BEGIN:VEVENT')).toHaveLength(busy.length);
    expect(unfolded.filter((line) => line === 'BEGIN:VALARM')).toHaveLength(busy.length);
    expect(unfolded).toContain('DTSTART:20261127T090000');
    expect(unfolded.some((line) => /^SUMMARY:Paneer: Scald to 95 °C$/.test(line))).toBe(true);
    expect(new Set(unfolded.filter((line) => line.startsWith('UID:'))).size).toBe(busy.length);
  });

  it('is safe whatever a file calls its things, and ends no later than a calendar can say', () => {
    const [stage] = plan.stages;
    const odd = got(
      { ...plan, stages: [{ ...stage, title: 'a\rBEGIN:VEVENT\u0007;\nb', handsOnMin: 5 }] },
      'ics',
    );
    expect(odd.match(/BEGIN:VEVENT/g)).toHaveLength(1 + 2);
    expect(odd.split('\r\n').filter((line) => line === 'BEGIN:VEVENT')).toHaveLength(1);
    expect(odd.replaceAll('\r\n', '')).not.toMatch(/\p{Cc}/u);
    for (const start of ['9999-12-31T09:00', '2099-01-01T00:00'])
      expect(convert({ ...plan, brief: { ...plan.brief, start } }, 'ics')).toMatchObject({ ok: false });
  });

  it('folds at 75 octets, ends lines with CRLF, escapes commas', () => {
    for (const line of text.split('\r\n'))
      expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
    expect(/[^\r]\n/.test(text)).toBe(false);
    expect(unfolded.some((line) => line.startsWith('SUMMARY') && line.includes('\\,'))).toBe(true);
  });

  it('wants a time, and is ready by one', () => {
    const { start: _, ...timeless } = plan.brief;
    expect(convert({ ...plan, brief: timeless }, 'ics')).toMatchObject({
      ok: false,
      faults: [{ path: 'brief.start' }],
    });
    const total = plan.stages.reduce((sum, stage) => sum + stage.durationMin.likely, 0);
    const by = got({ ...plan, brief: { ...timeless, readyBy: '2026-11-27T18:00' } }, 'ics');
    const first = /DTSTART:20261127T(\d\d)(\d\d)/.exec(by);
    expect(Number(first?.[1]) * 60 + Number(first?.[2])).toBeCloseTo(18 * 60 - total, -0.5);
    expect(got(make, 'ics')).toContain('DTSTART:20261126T');
  });
});

describe('Markdown', () => {
  it('tells doses, stages with boxes to tick, and cautions in place', () => {
    const text = got(plan, 'markdown');
    expect(text).toContain('# Paneer');
    expect(text).toMatch(/- vinegar: \d+ mL \(\d+ g\), about .* held back, in \d+ mL of cool water/);
    expect(text.match(/- \[ \]/g)).toHaveLength(plan.stages.length);
    expect(text).toContain('  - Caution: Weights slip');
  });

  it('keeps a person’s own words from being read as Markdown', () => {
    const text = got(make, 'markdown');
    expect(text).toContain('\\*and\\* two lines');
    expect(text).toContain('- Weighed: 900 g');
  });

  it('keeps a file’s words on their line, and from being a heading, a page or a link', () => {
    const [stage] = plan.stages;
    const [dose] = plan.doses;
    const text = got(
      {
        ...plan,
        method: '<script>',
        stages: [{ ...stage, title: 'one\r# two [a](b)' }, ...plan.stages.slice(1)],
        doses: [{ ...dose, ingredient: '![x](y)' }],
        cautions: [{ id: 'x', stage: stage?.id, text: 'a\r\n# heading\u2028- [x] done' }],
      },
      'markdown',
    );
    expect(text.split('\n').filter((line) => line.startsWith('#'))).toEqual([
      '# \\<script\\>',
      '## To weigh out',
      '## Stages',
    ]);
    expect(text).not.toMatch(/[\r\u2028]|(?<!\\)\[(?![ ]\])/);
  });
});

it('a name that every object has is no format, no make and no option', () => {
  for (const name of ['toString', 'constructor', '__proto__', 'hasOwnProperty']) {
    expect(checkFile({ format: `plump-pail/${name}`, version: 1 })).toMatchObject({
      faults: [{ path: 'format' }],
    });
    expect(checkFile({ ...brief, method: name })).toMatchObject({ faults: [{ path: 'method' }] });
    const options = JSON.parse(`{"${name}": 1}`);
    expect(checkFile({ ...brief, options })).toMatchObject({ ok: name === '__proto__' });
  }
});

it('a brief or a broken file is not converted', () => {
  expect(convert(brief, 'csv')).toMatchObject({ ok: false, faults: [{ path: 'format' }] });
  expect(convert({ ...plan, stages: [] }, 'csv')).toMatchObject({ ok: false });
  expect(Object.keys(FILE_KINDS)).toEqual([
    'brief',
    'plan',
    'make',
    'method',
    'backup',
    'question',
    'answer',
    'learned',
    'week',
    'week-plan',
    'practice',
    'practised',
  ]);
});

describe('a make of one’s own', () => {
  const paneer = methodById('paneer', METHODS);
  if (!paneer) throw new Error('paneer is one of the product’s makes');
  const mine = { ...paneer, id: 'my-paneer', title: 'Paneer, grandmother’s' };
  const methods = bookWith([mine]);
  const own = planBrief({ ...brief, method: mine.id }, { methods });
  if (!own.ok) throw new Error('a copy of paneer can be planned');

  it('goes out under its own name, and is known by its brief again where its book is at hand', () => {
    for (const to of ['markdown', 'ics'] as const) {
      const text = convert(own.value.plan, to, methods);
      expect(text.ok && text.value).toContain('grandmother’s');
    }
    expect(checkFile({ ...brief, method: mine.id }, methods)).toMatchObject({ ok: true });
    expect(checkFile({ ...brief, method: mine.id })).toMatchObject({
      ok: false,
      faults: [{ path: 'method' }],
    });
  });
});
