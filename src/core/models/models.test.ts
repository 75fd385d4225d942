import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { MODELS, modelsMarkdown } from './index';

describe.each(MODELS.filter((model) => model.checks.length > 0))('$title', ({ checks }) => {
  it.each(checks)('$what: $low to $high $unit ($source)', ({ value, low, high }) => {
    expect(value()).toBeGreaterThanOrEqual(low);
    expect(value()).toBeLessThanOrEqual(high);
  });
});

it('clotting: the root mean square of the log ratio to the middle of each observation is below 0.25', () => {
  const checks = MODELS.find((model) => model.title === 'Clotting time')?.checks ?? [];
  expect(checks).toHaveLength(5);
  const squares = checks.map(
    ({ value, low, high }) => Math.log(value() / ((low / 0.65 + high / 1.35) / 2)) ** 2,
  );
  expect(Math.sqrt(squares.reduce((a, b) => a + b, 0) / squares.length)).toBeLessThan(0.25);
});

it('docs/models.md says what the models say (npm run models writes it)', () => {
  expect(readFileSync(new URL('../../../docs/models.md', import.meta.url), 'utf8')).toBe(modelsMarkdown());
});
