import { expect, it } from 'vitest';
import { basic } from '../plan/fixtures/briefs';
import { addedEvent, addingIn } from '../run/adding';
import { at } from '../run/fixtures/walked';
import { judge } from './judge';

const likeliest = (state: Parameters<typeof judge>[0]) => judge(state, ['late-set']).causes[0];
const squeaky = basic('squeaky-curds');

it('a set that is late while it stands there is asked as one that is over: cooled milk by its readings', () => {
  const cold = at(squeaky, 'set', [
    [10, { type: 'temperature', tempC: 26 }],
    [50, { type: 'tested', found: 'not yet' }],
  ]);
  expect(likeliest(cold)?.id).toBe('set-too-cold');
  expect(likeliest(cold)?.because[0]?.text).toMatch(/26.*while it set/);
  expect(likeliest(cold)?.nowText).toMatch(/Wrap it/);
});

it('a late set is put down to the small dose before an old bottle', () => {
  const brief = basic('fresh-pressed', {}, { coagulant: { form: 'liquid', imcuPerMl: 200, ageMonths: 12 } });
  const before = at(brief, 'coagulant');
  const adding = addingIn(before).find((one) => one.dose === 'coagulant');
  if (!adding) throw new Error('coagulant goes in here');
  const small = addedEvent(before, adding, { amount: 0.6 * adding.planned, unit: adding.units[0] ?? 'g' });
  const minutes = at(brief, 'coagulant', [[1, small]]).plan.predictions.setMin?.likely ?? 0;
  const late = at(brief, 'coagulant', [
    [1, small],
    [2, { type: 'done', stage: 'coagulant' }],
    [minutes + 20, { type: 'tested', found: 'not yet' }],
  ]);
  expect(likeliest(late)?.id).toBe('coagulant-short');
  expect(likeliest(late)?.because[0]?.text).toMatch(/60.% of the planned dose/);
});

it('a bowl that stopped in time clears the coagulant, and leaves the milk', () => {
  const soft = at(squeaky, 'set', [
    [14.5, { type: 'flocculated' }],
    [60, { type: 'tested', found: 'not yet' }],
  ]);
  const ids = judge(soft, ['late-set']).causes.map(({ id }) => id);
  expect(ids).not.toContain('coagulant-weak');
  expect(ids).toContain('milk-overheated');
});
