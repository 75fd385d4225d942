import { describe, expect, it } from 'vitest';
import { logOf } from '../judge/log';
import { hungInTheFridge, PLANNED_H, plain } from '../run/fixtures/hung';
import { drainPace } from './evidence/drain';

describe('the pace of a bag', () => {
  it('is held against where it hung: as heavy as a bag in the fridge is, it teaches that nothing is other', () => {
    const log = logOf(hungInTheFridge([[60 * PLANNED_H, { type: 'done', stage: 'bag' }]]));
    if (!log) throw new Error('its make is known');
    expect(drainPace({ log, plain })?.ln).toBeCloseTo(0, 3);
  });
});
