import { describe, expect, it } from 'vitest';
import { CURD_STYLES } from '../../core/curd/styles';
import { basic, planned } from '../../plan/fixtures/briefs';
import { cookedTo, MEASURES, type Measure } from './fixtures/consequence';
import { MILK_AND_WHEY } from './fixtures/milkAndWhey';
import { played } from './fixtures/played';
import { WORKED_CURD } from './fixtures/workedCurd';
import { AS_PLANNED, hiddenOf } from './hidden';

const CONSEQUENCES = [...WORKED_CURD, ...MILK_AND_WHEY];

describe('whatever is done has its consequence', () => {
  it.each(CONSEQUENCES)('$what', ({ method, at, so, hidden, says, rises = [], falls = [], finds }) => {
    const all = at.map((value) => played(method, so(value), hidden?.(value), says));
    const values = (measure: Measure) => all.map(MEASURES[measure]);
    for (const measure of rises) expect(ordered(values(measure)), measure).toEqual('rises');
    for (const measure of falls) expect(ordered(values(measure).reverse()), measure).toEqual('rises');
    if (finds) expect(all.some(({ worth }) => worth.faults.includes(finds))).toBe(true);
  });

  it('are thirty at the least', () => {
    expect(CONSEQUENCES.length).toBeGreaterThanOrEqual(30);
  });

  it('curd cooked hotter is drier, a degree as the core has it (from memory: 0.4 points)', () => {
    const at = (toC: number) => played('fresh-pressed', { cook: cookedTo(toC) }).outcome.moisturePct;
    const [cool, warm] = [at(35), at(40)];
    expect(cool - warm).toBeGreaterThan(1);
    expect(CURD_STYLES['fresh-pressed'].usual.cookC).toBe(35);
  });

  it('pressed or hung in the fridge it comes to what was planned for the fridge', () => {
    for (const [method, options] of [
      ['fresh-pressed', { pressIn: 'fridge' }],
      ['soft-cream', { drainIn: 'fridge', drainHours: 8 }],
    ] as const) {
      const wants = planned(basic(method, {}, { options })).plan.predictions;
      const room = planned(basic(method, {}, { options: inTheRoom(options) })).plan.predictions;
      const { outcome, practice } = played(method, {}, AS_PLANNED, { options });
      expect(practice.aims.kg).toBeCloseTo(wants.yieldKg.likely, 3);
      const off = Math.abs(outcome.moisturePct - wants.moisturePct);
      expect(off).toBeLessThan(Math.abs(outcome.moisturePct - room.moisturePct));
      expect(off).toBeLessThan(0.4);
    }
  });

  it('every trouble shows: the pot is another than the one that was planned', () => {
    for (const trouble of ['rich-milk', 'thin-milk', 'drifting-probe', 'weak-acid'] as const)
      expect(hiddenOf({ troubles: [trouble] }).depart).not.toEqual(AS_PLANNED.depart);
  });
});

/** Whether figures rise all the way; told whole where they do not. */
const ordered = (values: readonly number[]): string =>
  values.every((value, i) => i === 0 || value > (values[i - 1] as number)) ? 'rises' : values.join(' ');

/** The same, but for where it stands. */
const inTheRoom = (options: Readonly<Record<string, string | number>>) =>
  Object.fromEntries(Object.entries(options).filter(([, value]) => value !== 'fridge'));
