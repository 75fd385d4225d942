import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { bounded, boundedBy } from './bounds';
import { faultLine } from './fault';
import { parse } from './zodFaults';

const schema = z.strictObject({
  litres: bounded('litres'),
  kind: z.enum(['citric', 'vinegar']),
  note: z.string().optional(),
  parts: z
    .array(z.strictObject({ kg: boundedBy(0, 5, 'kg') }))
    .min(1, 'give at least one part')
    .optional(),
});
const lines = (value: unknown) => {
  const read = parse(schema, value);
  return read.ok ? [] : read.faults.map(faultLine);
};

describe('faults say where, what is wrong and what would be right', () => {
  it.each([
    [{ litres: 4, kind: 'citric' }, []],
    [{ kind: 'citric' }, ['litres: is missing; give a number']],
    [{ litres: 'four', kind: 'citric' }, ['litres: is "four"; give a number']],
    [{ litres: null, kind: 'citric' }, ['litres: is null; give a number']],
    [{ litres: 0, kind: 'citric' }, ['litres: is 0; give 0.2 to 500 L']],
    [{ litres: Number.NaN, kind: 'citric' }, ['litres: is NaN; give a number']],
    [
      { litres: Number.POSITIVE_INFINITY, kind: 'citric' },
      [expect.stringMatching(/^litres: is Infinity; give/)],
    ],
    [{ litres: 4, kind: 'bleach' }, ['kind: is "bleach"; give citric or vinegar']],
    [{ litres: 4 }, ['kind: is missing; give citric or vinegar']],
    [
      { litres: 4, kind: 'citric', colour: 1 },
      ['colour: is not a known field; leave it out or correct its name'],
    ],
    [{ litres: 4, kind: 'citric', parts: [] }, ['parts: is a list; give at least one part']],
    [
      { litres: 4, kind: 'citric', parts: [{ kg: 9 }, { kg: 1, x: 2 }] },
      [
        'parts.0.kg: is 9; give 0 to 5 kg',
        'parts.1.x: is not a known field; leave it out or correct its name',
      ],
    ],
    ['text', ['file: is "text"; give a group of fields']],
    [[], ['file: is a list; give a group of fields']],
  ])('%j', (value, expected) => {
    expect(lines(value)).toEqual(expected);
  });

  it('carry the bounds, so that they can be said in other units', () => {
    const read = parse(schema, { litres: 5000, kind: 'citric' });
    expect(read.ok ? null : read.faults[0]?.bounds).toEqual({ min: 0.2, max: 500 });
  });

  it('cut long text short', () => {
    expect(lines({ litres: 'x'.repeat(300), kind: 'citric' })[0]?.length).toBeLessThan(90);
  });
});
