import { describe, expect, it } from 'vitest';
import type { SouringBy } from '../../run/souringBy';
import { souringText } from './souringText';

const at = (hour: number) => new Date(2026, 10, 26, hour).getTime();
const told = (by: Partial<SouringBy>, hour: number) =>
  souringText({ soured: null, byAt: null, expectedAt: null, ...by }, at(hour), '5.6')?.replaceAll(
    '\u00a0',
    ' ',
  );

describe('what a souring may take, in words', () => {
  it('is by when it has to be sour, and when it will be', () => {
    expect(told({ byAt: at(20), expectedAt: at(17) }, 12)).toBe(
      'At its warmth it has to be at pH 5.6 by 20:00; as it goes it is by 17:00.',
    );
    expect(told({ byAt: at(20), expectedAt: at(22) }, 12)).toBe(
      'At its warmth it has to be at pH 5.6 by 20:00; as it goes it is only by 22:00: set it warmer, or throw it out then.',
    );
    expect(told({ byAt: at(20) }, 12)).toBe('At its warmth it has to be at pH 5.6 by 20:00.');
  });

  it('once that hour is over, asks what shows it, and never speaks of an hour to come as past', () => {
    expect(told({ byAt: at(14), expectedAt: at(11) }, 16)).toBe(
      'It had to be at pH 5.6 by 14:00; as it goes it was by 11:00. Note its pH, or how it has set.',
    );
    expect(told({ byAt: at(14), expectedAt: at(20) }, 16)).toBe(
      'It had to be at pH 5.6 by 14:00, and as it goes it is not before 20:00: unless a pH shows otherwise, throw it out.',
    );
    expect(told({ byAt: at(14) }, 16)).toBe(
      'It had to be at pH 5.6 by 14:00. Note its pH, or how it has set.',
    );
  });

  it('is whether it was in time, once something shows that it has soured; nothing where it stands too cool', () => {
    expect(told({ soured: { hours: 8.75, inTime: true }, byAt: at(20) }, 16)).toBe(
      'It came to pH 5.6 about 8 h 45 after its culture: in time.',
    );
    expect(told({ soured: { hours: 19, inTime: false }, byAt: at(20) }, 16)).toMatch(
      /^It took about 19 h 00 to pH 5\.6, longer than is safe .*: throw it out\.$/,
    );
    expect(told({ expectedAt: at(20) }, 12)).toBeUndefined();
  });
});
