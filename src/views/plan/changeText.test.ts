import { describe, expect, it } from 'vitest';
import { uncapital } from '../../core/units/capital';
import { formatter, METRIC } from '../../core/units/format';
import { METHODS } from '../../makes';
import { briefSchema } from '../../plan/brief/schema';
import { differences } from '../../plan/compare';
import { planned } from '../../plan/fixtures/briefs';
import { changeText } from './changeText';
import { differenceText, howMuchText, toldApart, whatText } from './differenceText';

const metric = formatter(METRIC);
const american = formatter({ ...METRIC, temperature: 'F', volume: 'gal', mass: 'oz' });
const plain = (text: string) => text.replaceAll('\u00a0', ' ');
const paneer = METHODS.find(({ id }) => id === 'paneer');
if (!paneer) throw new Error('paneer is a make');
const told = (path: string, before: unknown, after: unknown, format = metric, crude: 'cow' | null = null) =>
  plain(changeText({ path, before, after }, paneer, format, crude));

describe('what was changed', () => {
  it('stands by its name and in the maker’s units', () => {
    expect(told('milk.litres', 4, 8)).toBe('milk 4 → 8 L');
    expect(told('milk.litres', 3.785411784, 7.570823568, american)).toBe('milk 1 → 2 gal');
    expect(told('milk.startC', 4, 20)).toBe('starts at 4 → 20 °C');
    expect(told('options.setC', 90, 95, american)).toBe('scald to 194 → 203 °F');
    expect(told('milk.pricePerLitre', 1, 1.2, american)).toBe('price a gallon 3.79 → 4.54');
    expect(told('milk.pH', undefined, 6.6)).toBe('pH not given → 6.6');
    expect(told('milk.homogenised', false, true)).toBe('homogenised no → yes');
  });

  it('says what goes in as it is chosen, and a dose in hand as it is measured', () => {
    expect(told('acid.kind', 'citric', 'vinegar')).toBe('acid citric acid → vinegar');
    expect(told('coagulant.form', 'liquid', 'tablet')).toBe('coagulant liquid → tablets');
    expect(told('coagulant.imcuPerMl', 200, 280)).toBe('the coagulant’s strength 200 → 280 IMCU in a mL');
    expect(told('culture.form', 'freeze-dried', 'saved')).toBe('culture freeze-dried → saved from a batch');
    expect(told('milk.treatment', 'pasteurised', 'boiled')).toBe('treated pasteurised → boiled at home');
    expect(told('milk.species', 'cow', 'goat')).toBe('milk cow’s → goat’s');
    expect(told('acid.given', undefined, { amount: 0.5, unit: 'tsp' })).toBe(
      'acid in hand as reckoned → ½ tsp',
    );
    expect(told('calcium', undefined, true)).toBe('calcium no → yes');
    expect(told('calcium', true, { given: { amount: 2, unit: 'g' } })).toBe('calcium yes → 2 g');
    expect(told('heat.by', 'hob', 'sink')).toBe('warmed on the hob → in a hot sink');
    expect(told('method', 'Paneer', 'Skyr')).toBe('make Paneer → Skyr');
    const pressed = METHODS.find(({ options }) =>
      Object.values(options).some(({ type }) => type === 'steps'),
    );
    const [key, option] =
      Object.entries(pressed?.options ?? {}).find(([, { type }]) => type === 'steps') ?? [];
    if (!pressed || !key || !option) throw new Error('one make is pressed');
    const change = {
      path: `options.${key}`,
      before: [[14, 60]],
      after: [
        [14, 60],
        [23, 30],
      ],
    };
    expect(plain(changeText(change, pressed, metric, null))).toBe(
      `${uncapital(option.label)} 14.0 kg for 60 min → 14.0 kg for 60 min, then 23.0 kg for 30 min`,
    );
  });

  it('has a name for all that may be changed in a brief', () => {
    const of = (value: unknown, path: string): string[] => {
      const shape = (value as { shape?: Record<string, unknown> }).shape;
      const inner = (value as { unwrap?: () => unknown }).unwrap?.();
      if (inner) return of(inner, path);
      return shape && path !== 'calcium' && !path.endsWith('given')
        ? Object.entries(shape).flatMap(([key, one]) => of(one, path === '' ? key : `${path}.${key}`))
        : [path];
    };
    const never = /^(format|version|method|options|seed|start|readyBy|asleep|away|currency|sources)(\.|$)/;
    const paths = of(briefSchema, '').filter((path) => !never.test(path));
    expect(paths.length).toBeGreaterThan(35);
    const unnamed = paths.filter(
      (path) => path !== 'calcium' && told(path, undefined, 2).startsWith(`${path} `),
    );
    expect(unnamed).toEqual([]);
    expect(paths.filter((path) => told(path, undefined, 2).includes('.'))).toEqual([]);
  });

  it('says protein as the label does where the kitchen goes by labels', () => {
    expect(told('milk.proteinPct', 3.01, 3.31)).toBe('protein 3.01 → 3.31 %');
    expect(told('milk.proteinPct', 3.01, 3.31, metric, 'cow')).toBe('protein 3.2 → 3.5 %');
  });
});

it('what came of it is of a pound and a hundred gallons where those are the maker’s', () => {
  const milk = { species: 'cow', litres: 8, fatPct: 3.7, proteinPct: 3.1, pricePerLitre: 1 } as const;
  const brief = (litres: number, pricePerLitre: number) =>
    planned({ method: 'paneer', milk: { ...milk, litres, pricePerLitre }, acid: { kind: 'citric' } } as never)
      .plan;
  const found = differences(brief(8, 1), brief(8, 1.5));
  const cost = found.find(({ measure }) => measure === 'money of a kg');
  if (!cost) throw new Error('a dearer milk makes a dearer cheese');
  expect(whatText(cost, metric)).toBe('a kilo costs');
  expect(whatText(cost, american)).toBe('a pound costs');
  expect(whatText(cost, american, '€')).toBe('a pound costs, €');
  expect(plain(howMuchText(cost, metric))).toMatch(/^\+[\d.]+ %$/);
  const [before = 0, after = 0] = differenceText(cost, american).split(' → ').map(Number);
  expect(before).toBeCloseTo((cost.before ?? 0) * 0.45359237, 2);
  expect(after).toBeCloseTo((cost.after ?? 0) * 0.45359237, 2);
  const per = {
    what: 'cheese of 100 L',
    measure: 'kg of 100 L',
    before: 12,
    after: 13,
    relative: 0.1,
  } as const;
  expect(plain(`${whatText(per, american)} ${differenceText(per, american)}`)).toBe(
    'cheese of 100 gal 100 lb → 108 lb',
  );
});

it('what is in percent already has changed by points, not by percent of percents', () => {
  const moisture = {
    what: 'moisture',
    measure: 'percent',
    before: 71.5,
    after: 53.3,
    relative: -0.255,
  } as const;
  expect(plain(howMuchText(moisture, metric))).toBe('−18 points');
  expect(plain(howMuchText({ ...moisture, after: 72.5, relative: 0.014 }, metric))).toBe('+1.0 points');
  expect(howMuchText({ ...moisture, after: null, relative: 1 }, metric)).toBe('gone');
  const cheese = { what: 'cheese', measure: 'kg', before: 4, after: 2, relative: -0.5 } as const;
  expect(plain(howMuchText(cheese, metric))).toBe('−50 %');
  // As the figures beside it say: 48.4 % instead of 45.5 %.
  expect(plain(howMuchText({ ...moisture, before: 45.54, after: 48.36, relative: 0.06 }, metric))).toBe(
    '+2.9 points',
  );
});

it('figures that read the same are not told as changed', () => {
  const hands = {
    what: 'hands for a kilo',
    measure: 'minutes of a kg',
    before: 21.2,
    relative: -0.016,
  } as const;
  expect(toldApart([{ ...hands, after: 20.9 }], metric)).toEqual([]);
  expect(
    toldApart(
      [
        { ...hands, after: 18 },
        { ...hands, after: null },
      ],
      metric,
    ),
  ).toHaveLength(2);
});
