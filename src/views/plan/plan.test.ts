import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../../core/units/format';
import { USUAL_KITCHEN } from '../../kitchen/usual';
import { METHODS } from '../../makes';
import { planBrief } from '../../plan/plan';
import { type Draft, FIRST_DRAFT } from '../../store/slices/draft';
import { faultText, numberFault } from '../common/faultText';
import { countdownText, hoursText } from '../common/times';
import { briefOf } from '../draft/briefOf';
import { carrySpread } from './carrySpread';
import { timesOf } from './planTimes';

const NOW = '2026-11-26T09:00';
const draft = (change: Partial<Draft>, fields: Partial<Draft['fields']> = {}): Draft => ({
  ...FIRST_DRAFT,
  ...change,
  fields: { ...FIRST_DRAFT.fields, ...fields },
});
const field = (value: number | null, text: string | null = null) => ({ value, text });

describe('the brief a form stands for', () => {
  it('is whole for a first run, with the label’s protein turned into true protein', () => {
    const { brief, faults } = briefOf(FIRST_DRAFT, USUAL_KITCHEN, NOW, METHODS);
    expect(faults).toEqual([]);
    expect(brief?.milk).toMatchObject({ species: 'cow', litres: 4, fatPct: 3.7 });
    expect(brief?.milk.proteinPct).toBeCloseTo(3.01, 10);
    expect(
      briefOf(FIRST_DRAFT, { ...USUAL_KITCHEN, proteinBasis: 'true' }, NOW, METHODS).brief?.milk.proteinPct,
    ).toBe(3.2);
  });

  it('asks for kilograms or litres, cream only where the make takes it, a strength only where the acid has one', () => {
    const wanted = briefOf(
      draft({ by: 'wantKg', cream: true, method: 'paneer', acid: 'lemon' }),
      USUAL_KITCHEN,
      NOW,
      METHODS,
    ).brief;
    expect(wanted).toMatchObject({ wantKg: 1, acid: { kind: 'lemon' } });
    expect(wanted?.milk.litres).toBeUndefined();
    expect(wanted?.cream).toBeUndefined();
    expect(wanted?.acid).toEqual({ kind: 'lemon' });
    const creamy = briefOf(draft({ cream: true, acid: 'vinegar' }), USUAL_KITCHEN, NOW, METHODS).brief;
    expect(creamy).toMatchObject({
      cream: { litres: 0.25, fatPct: 36 },
      acid: { kind: 'vinegar', strengthPct: 5 },
    });
  });

  it('answers every field that cannot be read at once, and lets optional ones be empty', () => {
    const { brief, faults } = briefOf(
      draft(
        {},
        {
          litres: field(null, ''),
          fatPct: field(null, 'rich'),
          pH: field(null, ''),
          startC: field(null, null),
        },
      ),
      USUAL_KITCHEN,
      NOW,
      METHODS,
    );
    expect(brief).toBeNull();
    expect(faults.map((fault) => [fault.path, fault.problem])).toEqual(
      expect.arrayContaining([
        ['milk.litres', 'is empty'],
        ['milk.fatPct', '"rich" is not a number'],
        ['milk.startC', 'is empty'],
      ]),
    );
    expect(faults.map((fault) => fault.path)).not.toContain('milk.pH');
    expect(briefOf(draft({}, { pH: field(null, 'sour') }), USUAL_KITCHEN, NOW, METHODS).faults[0]?.path).toBe(
      'milk.pH',
    );
  });

  it('keeps to options of its own make, and marks one that was emptied', () => {
    const options = {
      'whole-milk-ricotta': { setC: field(88), pressKPa: field(3) },
      paneer: { setC: field(null, '') },
    };
    expect(briefOf(draft({ options }), USUAL_KITCHEN, NOW, METHODS).brief?.options).toEqual({ setC: 88 });
    expect(briefOf(draft({ options, method: 'paneer' }), USUAL_KITCHEN, NOW, METHODS).faults).toMatchObject([
      { path: 'options.setC', bounds: { min: 85, max: 99 } },
    ]);
  });

  it('refuses a start in the past, not one to be ready by, which may still do', () => {
    const at = (when: Draft['when'], moment: string) =>
      briefOf(draft({ when, moment }), USUAL_KITCHEN, NOW, METHODS).faults.map((fault) => fault.path);
    expect(at('start', '2026-11-26T08:59')).toEqual(['start']);
    expect(at('start', '2026-11-26T09:00')).toEqual([]);
    expect(at('readyBy', '2026-11-26T20:00')).toEqual([]);
    expect(at('start', '')).toEqual(['start']);
  });
});

describe('faults in the maker’s units', () => {
  it('an empty field is called empty, in words, whatever the schema says of it', () => {
    const said = (problem: string) =>
      faultText({ path: 'name', problem, remedy: 'give it a name' }, formatter(METRIC));
    for (const problem of ['is ""', 'is null', 'is undefined', 'is empty', 'is missing'])
      expect(said(problem)).toBe('Nothing is here yet; give it a name.');
    expect(said('is "null and void"')).toBe('This is "null and void"; give it a name.');
  });

  it('a number that cannot be read, or cannot be, is answered with what could', () => {
    const bounds = { min: 0.2, max: 500 };
    const said = (text: string, value: number | null) =>
      faultText(numberFault('litres', text, value, bounds), formatter(METRIC), 'volume').replaceAll(
        '\u00a0',
        ' ',
      );
    expect(said('', null)).toBe('Nothing is here yet: give 0.20 to 500 L.');
    expect(said('a bucket', null)).toBe('"a bucket" is not a number: give 0.20 to 500 L.');
    expect(said('900', 900)).toBe('Out of range: give 0.20 to 500 L.');
  });

  const metric = formatter(METRIC);
  const american = formatter({ temperature: 'F', volume: 'gal', mass: 'oz', decimal: ',' });
  const litres = {
    path: 'milk.litres',
    problem: 'is 5000',
    remedy: 'give 0.2 to 500 L',
    bounds: { min: 0.2, max: 500 },
  };

  it('say the range in litres or gallons, °C or °F', () => {
    expect(faultText(litres, metric, 'volume')).toBe('Out of range: give 0.20 to 500\u00a0L.');
    expect(faultText(litres, american, 'volume')).toBe('Out of range: give 0,05 to 132\u00a0gal.');
    expect(faultText({ ...litres, bounds: { min: 0, max: 45 } }, american, 'temperature')).toBe(
      'Out of range: give 32 to 113\u00a0°F.',
    );
  });

  it('keep what was typed, and say the rest as a sentence', () => {
    expect(faultText({ ...litres, problem: '"a bucket" is not a number' }, metric, 'volume')).toMatch(
      /^"a bucket" is not a number: give/,
    );
    expect(
      faultText(
        { path: 'cream', problem: 'is given, and paneer takes none', remedy: 'leave it out' },
        metric,
      ),
    ).toBe('This is given, and paneer takes none; leave it out.');
  });
});

describe('the spread while a new one is drawn', () => {
  const plan = (litres: number, spread: boolean, method = 'paneer') => {
    const planned = planBrief(
      { format: 'plump-pail/brief', version: 1, method, milk: { species: 'cow', litres } },
      { spread },
    );
    if (!planned.ok) throw new Error('must plan');
    return planned.value;
  };

  it('is the last one in proportion, around the new likely figure', () => {
    const carried = carrySpread(plan(8, false), plan(4, true));
    const real = plan(8, true);
    expect(carried.plan.predictions.yieldKg.likely).toBe(real.plan.predictions.yieldKg.likely);
    expect(carried.plan.predictions.yieldKg.low / real.plan.predictions.yieldKg.low).toBeCloseTo(1, 2);
    expect((carried.spread?.acidNeeded.high ?? 0) / (real.spread?.acidNeeded.high ?? 1)).toBeCloseTo(1, 2);
    expect(carried.plan.hinges.length).toBeGreaterThan(0);
  });

  it('is not carried from one make to another, or from nothing', () => {
    const bare = plan(8, false);
    expect(carrySpread(bare, plan(8, true, 'whole-milk-ricotta'))).toBe(bare);
    expect(carrySpread(bare, null)).toBe(bare);
  });
});

describe('times in words', () => {
  it('count down, and up once it is over', () => {
    expect([90_000, 0, -1, -61_000, 3_725_000].map(countdownText)).toEqual([
      '1:30',
      '0:00',
      '+0:00',
      '+1:01',
      '1\u00a0h\u00a002',
    ]);
    expect([0.4, 59.6, 125].map(hoursText)).toEqual(['0\u00a0min', '1\u00a0h\u00a000', '2\u00a0h\u00a005']);
  });

  it('a plan to be ready by starts early enough, and says when that has passed', () => {
    const planned = planBrief(
      {
        format: 'plump-pail/brief',
        version: 1,
        method: 'paneer',
        milk: { species: 'cow', litres: 4 },
        readyBy: '2026-11-27T18:00',
      },
      { spread: false },
    );
    if (!planned.ok) throw new Error('must plan');
    const now = new Date('2026-11-27T09:00').getTime();
    const times = timesOf(planned.value.plan, now);
    expect(times.readyText).toBe('18:00');
    expect(times.startMs).toBeGreaterThan(now);
    expect(timesOf(planned.value.plan, now + 8 * 3_600_000).startText).toMatch(/which has passed$/);
  });
});
