import { describe, expect, it } from 'vitest';
import { SPECIES } from '../core/milk/species';
import { formatter, METRIC, type UnitChoice } from '../core/units/format';
import { METHODS } from '../makes';
import { stageKind } from '../makes/kinds';
import { basic, planned } from './fixtures/briefs';
import { tellingOf } from './telling';

const UNITS: UnitChoice[] = [
  METRIC,
  { temperature: 'F', volume: 'gal', mass: 'oz', decimal: '.' },
  { temperature: 'C', volume: 'L', mass: 'g', decimal: ',' },
];
/** Set at arm's length: longer than this an action runs off the plate. */
const LONGEST_ACTION = 24;

const wordsOf = (id: string, units: UnitChoice, milk = {}, rest = {}) => {
  const { plan, parameters } = planned(basic(id, milk, rest));
  const telling = tellingOf({ plan }, formatter(units));
  return plan.stages.map((stage) => ({
    stage,
    words: stageKind(stage.kind).words(parameters[stage.id], telling),
  }));
};

describe.each(METHODS.map((method) => method.id))('the words of %s', (id) => {
  it('are whole in every unit: no hole, no dangling mark, no empty step', () => {
    for (const units of UNITS)
      for (const { words } of wordsOf(id, units)) {
        const all = [words.title, words.action, words.target ?? '', ...words.steps, words.right, words.done];
        expect(all.filter(Boolean).join(' | ')).not.toMatch(
          /undefined|NaN|null|Infinity|\[object| {2,}| [,.;]/,
        );
        expect(words.steps.filter((step) => step.trim() === '')).toEqual([]);
        expect(words.steps.length).toBeGreaterThan(0);
        expect(words.right.length).toBeGreaterThan(8);
      }
  });

  it('can be read at arm’s length: a few words to do, large', () => {
    for (const { words } of wordsOf(id, METRIC)) {
      expect(words.action.length).toBeLessThanOrEqual(LONGEST_ACTION);
      expect(words.done.length).toBeLessThanOrEqual(LONGEST_ACTION);
      expect(words.action).toMatch(/^[A-Z]/);
    }
  });

  it('speak only the kitchen’s own units', () => {
    for (const { words } of wordsOf(id, UNITS[1] as UnitChoice)) {
      const all = [words.title, words.target ?? '', ...words.steps, words.done].join(' ');
      expect(all).not.toMatch(/\d\u00a0?°C/);
      expect(all).not.toMatch(/\d\u00a0(mL|L|kg)\b/);
    }
    for (const { words } of wordsOf(id, METRIC))
      expect([words.title, words.target ?? '', words.done].join(' ')).not.toMatch(
        /°F|\boz\b|\bcups?\b|\bgal\b/,
      );
  });

  it('name the goal that the plan has for the stage', () => {
    for (const { stage, words } of wordsOf(id, METRIC))
      if (['warm', 'scald', 'cool', 'cook'].includes(stage.kind) && stage.targetC !== null)
        expect(words.target).toBe(`${Math.round(stage.targetC)}\u00a0°C`);
  });

  it('stand for every milk it can be made of', () => {
    for (const species of SPECIES)
      for (const { words } of wordsOf(id, METRIC, { species }))
        expect(`${words.title} ${words.steps.join(' ')}`).not.toMatch(/undefined|NaN/);
  });
});

it('skyr has its skin lifted, off the heat and before it cools; ricotta may stir it under', () => {
  const of = (id: string, kind: string) => {
    const words = wordsOf(id, METRIC).find(({ stage }) => stage.kind === kind)?.words;
    return `${words?.steps.join(' ')} ${words?.normal}`;
  };
  expect(of('skyr', 'scald')).toMatch(/lift it off whole.*stays there/);
  expect(of('skyr', 'cool')).toContain('Lift the skin off first.');
  expect(of('whole-milk-ricotta', 'scald')).toContain('or stir it under');
});

it('a bag that hangs by the clock is not told that its weight decides; a block is not spread to cool', () => {
  const steps = (id: string, kind: string, rest = {}) =>
    wordsOf(id, METRIC, {}, rest)
      .find(({ stage }) => stage.kind === kind)
      ?.words.steps.join(' ');
  expect(steps('goat-lactic', 'drain')).toContain('that one number sets the rest of the time');
  expect(steps('goat-lactic', 'drain', { options: { drainHours: 12 } })).not.toContain('number');
  expect(steps('fresh-pressed', 'chill')).toMatch(/^In one piece, covered/);
  expect(steps('soft-cream', 'chill')).toMatch(/^Shallow and covered/);
});

describe('the words of a milk', () => {
  const stretchOf = (species: 'cow' | 'goat') =>
    wordsOf('quick-stretched', METRIC, { species })
      .find(({ stage }) => stage.kind === 'stretch')
      ?.words.steps.join(' ');
  it('say of goat’s curd that one stretch is enough, and of no other', () => {
    expect(stretchOf('goat')).toContain('One stretch is enough for goat’s curd');
    expect(stretchOf('cow')).not.toContain('goat');
  });
});
