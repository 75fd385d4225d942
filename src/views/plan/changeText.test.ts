import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../../core/units/format';
import { METHODS } from '../../makes';
import { differences } from '../../plan/compare';
import { planned } from '../../plan/fixtures/briefs';
import { changeText } from './changeText';
import { differenceText, whatText } from './differenceText';

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
