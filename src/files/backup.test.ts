import { describe, expect, it } from 'vitest';
import { parse } from '../core/faults/zodFaults';
import { logTold } from '../judge/fixtures/told';
import { USUAL_KITCHEN } from '../kitchen/usual';
import { type Backup, backupSchema, entriesIn, readBackup } from './backup';

const make = (id: string) => ({
  format: 'plump-pail/make' as const,
  version: 1 as const,
  id,
  events: logTold({ method: 'paneer', litres: 4 }),
});
const saved = {
  format: 'plump-pail/backup',
  version: 1,
  kitchen: USUAL_KITCHEN,
  milks: [],
  makes: [make('first-make'), make('second-make')],
};
const whole = (value: unknown) => parse<Backup>(backupSchema, value);
const paths = (read: ReturnType<typeof whole>) => (read.ok ? [] : read.faults.map(({ path }) => path).sort());

describe('a backup read make by make', () => {
  it('is what it is read at once, and tells of every entry', () => {
    let told = 0;
    const read = readBackup(saved, (entries) => {
      told += entries;
    });
    expect(read).toEqual(whole(saved));
    expect(told).toBe(entriesIn(saved));
    expect(told).toBe(2 * make('x').events.length);
  });

  it.each([
    [
      'a torn entry',
      { ...saved, makes: [make('first-make'), { ...make('second-make'), events: [{ seq: 0 }] }] },
    ],
    ['one that stands twice', { ...saved, makes: [make('first-make'), make('first-make')] }],
    ['a bad milk beside a bad make', { ...saved, milks: [{ id: 7 }], makes: [{ id: 'no' }] }],
    ['no list of makes', { ...saved, makes: 'none' }],
    ['nothing at all', null],
    ['a make that is nothing', { ...saved, makes: [null] }],
  ])('has the same faults at the same places: %s', (_name, value) => {
    const read = readBackup(value, () => undefined);
    expect(read.ok).toBe(false);
    expect(paths(read)).toEqual(paths(whole(value)));
    expect(entriesIn(value)).toBeGreaterThanOrEqual(0);
  });
});
