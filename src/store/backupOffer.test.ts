import { describe, expect, it } from 'vitest';
import { backupOffer, NEVER_SAVED, putOff } from './backupOffer';

const DAY = 86_400_000;
const NOW = 1000 * DAY;
/** One make every so many days, the last one today. */
const makes = (count: number, everyDays: number) =>
  Array.from({ length: count }, (_, i) => ({
    startedAt: NOW - (i + 1) * everyDays * DAY,
    endedAt: NOW - i * everyDays * DAY,
  }));

describe('a backup is offered', () => {
  it('where there is none, and much has happened over some time', () => {
    expect(backupOffer(makes(6, 4), NEVER_SAVED, NOW)).toEqual({ makes: 6, days: 24, ever: false });
    expect(backupOffer(makes(4, 9), NEVER_SAVED, NOW)).toBeNull();
    expect(backupOffer(makes(6, 1), NEVER_SAVED, NOW)).toBeNull();
    expect(backupOffer([], NEVER_SAVED, NOW)).toBeNull();
  });

  it('where the last one is old, counting only what it does not hold', () => {
    const saved = { at: NOW - 30 * DAY, putOffUntil: null };
    expect(backupOffer(makes(20, 4), saved, NOW)).toEqual({ makes: 8, days: 30, ever: true });
    expect(backupOffer(makes(20, 4), { ...saved, at: NOW - 10 * DAY }, NOW)).toBeNull();
    expect(backupOffer(makes(20, 12), saved, NOW)).toBeNull();
  });

  it('not of a make that runs, and not while it is put off', () => {
    const running = makes(6, 4).map((one) => ({ ...one, endedAt: null }));
    expect(backupOffer(running, NEVER_SAVED, NOW)).toBeNull();
    const off = putOff(NEVER_SAVED, NOW);
    expect(backupOffer(makes(6, 4), off, NOW + 6 * DAY)).toBeNull();
    expect(backupOffer(makes(6, 4), off, NOW + 8 * DAY)).not.toBeNull();
  });
});
