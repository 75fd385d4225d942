import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parse } from '../../core/faults/zodFaults';
import { formatter, METRIC } from '../../core/units/format';
import { type Thermometer, thermometerSchema } from '../../kitchen/kitchen';
import { thingOf, wordsOf } from '../common/asking';
import { TOOLS, type Tool, type ToolSpec, thermometerSays } from './tools';

const metric = formatter(METRIC);
const imperial = formatter({ temperature: 'F', volume: 'gal', mass: 'oz', decimal: ',' });
const spec = (list: ToolSpec['list']) => TOOLS.find((one) => one.list === list) as ToolSpec;
const NOW = new Date(2026, 10, 26, 9, 0).getTime();
const at = { boilsAtC: 100, now: NOW };
const dial = (part: Partial<Thermometer> = {}): Thermometer => ({
  id: 't',
  name: 'dial',
  iceReadsC: 0.4,
  boilReadsC: 99,
  checked: '2026-11-20',
  ...part,
});

const EXAMPLES: Record<ToolSpec['list'], Tool> = {
  pots: { id: 'p', name: 'blue pot', litres: 18, kind: 'enamel' },
  hobs: { id: 'h', name: 'ring', source: 'gas', kW: 3.5 },
  moulds: { id: 'm', name: 'hoop', acrossCm: 16, longCm: null, heightCm: 12, sides: 'tapered', count: 3 },
  thermometers: dial(),
};

describe.each(TOOLS.map((one) => ({ name: one.title, one })))('$name', ({ one }) => {
  const example = EXAMPLES[one.list];
  it('goes into its form and comes out the same, in the kitchen’s units', () => {
    const read = parse<Tool>(
      one.schema,
      thingOf(one.fields, wordsOf(one.fields, example, metric), example.id, metric),
    );
    expect(read).toEqual({ ok: true, value: example });
  });

  it('means nearly the same in gallons, inches and °F', () => {
    const read = parse<Record<string, unknown>>(
      one.schema as never,
      thingOf(one.fields, wordsOf(one.fields, example, imperial), example.id, imperial),
    );
    if (!read.ok) throw new Error('what was right stays right');
    for (const [key, value] of Object.entries(example))
      if (typeof value === 'number')
        expect(Math.abs((read.value[key] as number) - value)).toBeLessThan(0.02 * Math.abs(value) + 0.02);
      else expect(read.value[key]).toEqual(value);
  });

  it('a new one has a name to be given, and the empty form says so', () => {
    const read = parse<Tool>(one.schema, thingOf(one.fields, one.usual, 'new', metric));
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.faults.map((fault) => fault.path)).toContain('name');
  });

  it('says itself in a line, whatever the units', () => {
    for (const format of [metric, imperial]) {
      const said = one.says(example, format, at);
      expect(said.length).toBeGreaterThan(8);
      expect(said).not.toMatch(/undefined|NaN/);
    }
  });

  it('whatever is typed into it never throws, and what cannot be is a fault', () => {
    const words = fc.record(
      Object.fromEntries(one.fields.map(({ key }) => [key, fc.string({ maxLength: 12 })])),
    );
    fc.assert(
      fc.property(words, (typed) => {
        const read = parse<Tool>(one.schema, thingOf(one.fields, typed, 'x', metric));
        if (read.ok) expect(read.value.name.length).toBeGreaterThan(0);
        else expect(read.faults.length).toBeGreaterThan(0);
      }),
    );
  });
});

describe('a thermometer', () => {
  it('says how far it is off, warm and hot, and when to check again', () => {
    expect(thermometerSays(dial(), metric, at)).toBe(
      'Reads 0.1\u00a0°C too low at 35\u00a0°C, 0.9\u00a0°C too low at 90\u00a0°C. Checked 6 days ago.',
    );
    expect(thermometerSays(dial({ checked: '2026-11-26' }), metric, at)).toMatch(/Checked today/);
    expect(thermometerSays(dial({ checked: '2026-11-25' }), metric, at)).toMatch(/Checked yesterday/);
    expect(thermometerSays(dial({ checked: '2026-09-01' }), metric, at)).toMatch(/check it again/);
    expect(thermometerSays(dial({ checked: null }), metric, at)).toMatch(/Say when you checked it/);
  });

  it('that nobody has checked says only that', () => {
    expect(thermometerSays(dial({ iceReadsC: null, boilReadsC: null }), metric, at)).toMatch(/Not checked/);
  });

  it('reads right where the air is thin, if it shows what water boils at there', () => {
    const high = { boilsAtC: 95, now: NOW };
    expect(thermometerSays(dial({ iceReadsC: 0, boilReadsC: 95 }), metric, high)).toMatch(
      /right at 35.*right at 90/,
    );
  });

  it('takes a day, not a word, for when it was checked', () => {
    const read = (checked: unknown) => thermometerSchema.safeParse({ ...dial(), checked }).success;
    expect([read('2026-11-20'), read(null), read('last week'), read('2026-13-40')]).toEqual([
      true,
      true,
      false,
      false,
    ]);
  });
});

it('an oblong mould holds its width times its length, a count is whole', () => {
  const moulds = spec('moulds');
  const typed = {
    name: 'box',
    acrossCm: '10',
    longCm: '20',
    heightCm: '10',
    sides: 'straight',
    count: '2,5',
  };
  const read = parse<Tool>(moulds.schema, thingOf(moulds.fields, typed, 'x', metric));
  expect(read).toMatchObject({ ok: false, faults: [{ path: 'count' }] });
  const whole = parse<Tool>(moulds.schema, thingOf(moulds.fields, { ...typed, count: '2' }, 'x', metric));
  if (!whole.ok) throw new Error('a box is a mould');
  expect(moulds.says(whole.value, metric, at)).toBe('2, square-cornered and straight, about 2.0\u00a0L each');
});
