import { expect, it } from 'vitest';
import { articleOf } from './named';

it.each([
  ['big blue pot', 'the big blue pot'],
  ['Theo pot', 'the Theo pot'],
  ['A4 tray', 'the A4 tray'],
  ['the vat', 'the vat'],
  ['The Vat', 'The Vat'],
  ['my tall pot', 'my tall pot'],
  ['Grandmother’s pot', 'Grandmother’s pot'],
  ["the boys' pan", "the boys' pan"],
])('%s stands in a sentence as %s', (name, said) => {
  expect(articleOf(name) + name).toBe(said);
});
