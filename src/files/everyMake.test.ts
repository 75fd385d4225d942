import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { METHODS } from '../makes';
import { basic, planned } from '../plan/fixtures/briefs';
import { convert } from './convert';
import { checkFile } from './kinds';

const START = '2026-11-27T09:00';

describe.each(METHODS.map((method) => ({ name: method.title, id: method.id })))(
  '$name in the open formats',
  ({ id }) => {
    const { plan } = planned(basic(id, {}, { start: START }));
    const to = (format: 'markdown' | 'ics' | 'csv') => {
      const text = convert(JSON.parse(JSON.stringify(plan)), format);
      if (!text.ok) throw new Error(JSON.stringify(text.faults));
      return text.value;
    };

    it('is a plan file, and its method a method file', () => {
      expect(checkFile(JSON.parse(JSON.stringify(plan)))).toEqual({
        ok: true,
        value: { kind: 'plan', version: 1 },
      });
      const method = METHODS.find((one) => one.id === id);
      expect(checkFile(JSON.parse(JSON.stringify(method)))).toMatchObject({
        ok: true,
        value: { kind: 'method' },
      });
    });

    it('as text names every dose, every stage and every caution', () => {
      const text = to('markdown');
      for (const dose of plan.doses) expect(text).toContain(`- ${dose.ingredient}: `);
      for (const stage of plan.stages) expect(text).toContain(stage.title);
      for (const caution of plan.cautions) expect(text).toContain(caution.text);
      expect(text).not.toMatch(/NaN|undefined|\u00a0/);
    });

    it('as a calendar rings for the hands, inside the make, in lines of at most 75 octets', () => {
      const calendar = to('ics');
      expect(calendar).toMatch(/^BEGIN:VCALENDAR\r\nVERSION:2\.0\r\n/);
      const events = calendar.match(/BEGIN:VEVENT/g)?.length ?? 0;
      expect(events).toBeGreaterThan(2);
      expect(calendar.match(/BEGIN:VALARM/g)).toHaveLength(events);
      for (const line of calendar.split('\r\n'))
        expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
      const begins = [...calendar.matchAll(/DTSTART:(\d{8}T\d{6})/g)].map((found) => found[1] as string);
      expect([...begins].sort()).toEqual(begins);
      expect(begins[0]).toMatch(/^20261127T09/);
    });

    it('as a table has a row a stage, and no cell a spreadsheet would run', () => {
      const { data } = Papa.parse<string[]>(to('csv').trim());
      expect(data).toHaveLength(plan.stages.length + 1);
      for (const cell of data.flat()) expect(cell).not.toMatch(/^[=+@]/);
    });
  },
);
