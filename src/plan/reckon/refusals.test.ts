import { describe, expect, it } from 'vitest';
import { COMPUTATIONS, reckon } from '.';
import { EXAMPLES } from './examples';
import { named } from './fixtures/ask';

/** What is said of an input that is refused: where, what is wrong, what to do. */
function refused(name: string, change: Record<string, unknown>): string {
  const result = reckon(named(name), { ...(EXAMPLES[name as keyof typeof EXAMPLES] as object), ...change });
  if (result.ok) throw new Error(`${name} takes ${JSON.stringify(change)}`);
  const [fault] = result.faults;
  return `${fault?.path}: ${fault?.problem}; ${fault?.remedy}`.replaceAll('\u00a0', ' ');
}

describe('the reckoner refuses in words', () => {
  it.each(COMPUTATIONS.map((one) => [one.name, one] as const))(
    '%s: every number out of its bounds',
    (name, one) => {
      for (const [input, { min, max }] of Object.entries(one.inputs)) {
        for (const value of [
          min === undefined ? undefined : min - 1,
          max === undefined ? undefined : max + 1,
        ]) {
          if (value === undefined) continue;
          const said = refused(name, { [input]: value });
          expect(said).toMatch(new RegExp(`^${input}: .{3,}; .{3,}`));
        }
      }
      expect(refused(name, { colour: 'blue' })).toMatch(/colour.*; .{3,}/);
    },
  );

  it.each([
    ['acid-ph', { grams: undefined }, /^grams: or millilitres must be given, one of the two; give one$/],
    [
      'acid-ph',
      { grams: undefined, millilitres: 5 },
      /^millilitres: does not apply to citric acid, a powder; give grams$/,
    ],
    ['acid-ph', { grams: 90_000 }, /^acid: is so much that this milk would go below pH 1; give less/],
    [
      'standardise',
      { targetFatPct: undefined },
      /^targetFatPct: is missing; give one of the two: with one milk poured into another the other follows$/,
    ],
    [
      'standardise',
      { targetCaseinToFat: 0.7 },
      /^targetFatPct: is given beside a casein to fat; give one of the two/,
    ],
    [
      'standardise',
      { targetFatPct: undefined, targetCaseinToFat: 5 },
      /^targetCaseinToFat: is 5, which no blend of [\d.]+ and [\d.]+ reaches; give a ratio between/,
    ],
    [
      'press',
      { diameterCm: undefined, widthCm: undefined, lengthCm: undefined },
      /^diameterCm: or widthCm with lengthCm must be given, one of the two; give the size of one mould$/,
    ],
    ['press', { diameterCm: 10, widthCm: 10, lengthCm: 10 }, /^diameterCm: or widthCm with lengthCm/],
    [
      'clotting-time',
      { milk: { species: 'cow', treatment: 'ultra-heat' } },
      /^milk.treatment: is ultra-heat, and such milk does not set with a coagulant; take raw or pasteurised milk/,
    ],
    ['acid-dose', { pH: 6.9 }, /^pH: is 6.9, above the milk’s own 6.65; give 6.65 or less$/],
    [
      'brine-time',
      { shape: 'cylinder', diameterCm: undefined },
      /^diameterCm: is missing; give the diameter/,
    ],
    [
      'brine-time',
      { shape: 'slab', thicknessCm: undefined },
      /^thicknessCm: is missing; give the thickness of the slab$/,
    ],
    ['salt-loss', { saltGrams: 500, kg: 0.05, moisturePct: 40 }, /^saltGrams: .*; give less$/],
    ['yield', { method: 'blue' }, /^method: is "blue"; give whole-milk-ricotta or /],
    ['fridge-days', { method: 'blue' }, /^method: is "blue"; give whole-milk-ricotta or /],
    [
      'pasteurise',
      {
        series: [
          [0, 4],
          [10, 70],
          [5, 70],
        ],
      },
      /^series.2: lies before the one above it; give the minutes in order$/,
    ],
    [
      'acidification',
      {
        temps: [
          [0, 30],
          [5, 28],
          [3, 27],
        ],
      },
      /^temps.2: lies before the one above it; give the hours in order$/,
    ],
    [
      'slow-souring',
      {
        series: [
          [0, 30],
          [5, 28],
          [3, 27],
        ],
      },
      /^series.2: goes back in time; give the hours in order$/,
    ],
    [
      'stretch-window',
      { moisturePct: 70, fatPct: 40 },
      /^fatPct: and moisture make 110 % together; check both$/,
    ],
    [
      'cool-through',
      { shape: 'slab', thicknessCm: undefined },
      /^thicknessCm: is missing; give the thickness of the slab$/,
    ],
  ])('%s with %j', (name, change, words) => expect(refused(name, change)).toMatch(words));

  it('takes every number at its very bounds, where nothing else speaks against it', () => {
    for (const one of COMPUTATIONS)
      for (const [input, { min, max }] of Object.entries(one.inputs))
        for (const value of [min, max]) {
          if (value === undefined) continue;
          const result = reckon(one, {
            ...(EXAMPLES[one.name as keyof typeof EXAMPLES] as object),
            [input]: value,
          });
          const bounds = result.ok
            ? []
            : result.faults.filter(
                (fault) => fault.path === input && fault.remedy === `give ${min} to ${max}`,
              );
          expect([one.name, input, value, bounds]).toEqual([one.name, input, value, []]);
        }
  });
});
