import { describe, expect, it } from 'vitest';
import { EXAMPLES } from '../../plan/reckon/examples';
import { COMPUTATIONS, reckon } from '../../plan/reckon/index';
import { curveInputs, curveOf, tellingInput } from './curve';
import { filledFrom, linesOf, requestOf } from './form';

describe.each(COMPUTATIONS.map((computation) => ({ name: computation.name, computation })))(
  '$name',
  ({ name, computation }) => {
    const lines = linesOf(computation);
    const filled = filledFrom(computation);

    it('has an example that can be reckoned, and a form that asks for just that', () => {
      expect(EXAMPLES[name]).toBeDefined();
      expect(lines.length).toBeGreaterThan(0);
      const answer = reckon(computation, requestOf(lines, filled));
      expect(answer.ok ? [] : answer.faults).toEqual([]);
      expect(answer).toEqual(reckon(computation, EXAMPLES[name]));
    });

    it('draws the curve its answer lies on, through the answer', () => {
      if (curveInputs(lines).length === 0) return;
      const along = tellingInput(computation, lines, filled);
      const curve = curveOf(computation, lines, filled, along);
      // pH against time is a curve by itself, spoons are words first.
      if (name === 'acidification' || name === 'drain' || curve === null) return;
      expect(curve.points.length).toBeGreaterThan(10);
      const xs = curve.points.map(([x]) => x);
      expect(Math.min(...xs)).toBeLessThanOrEqual(curve.here?.[0] as number);
      expect(Math.max(...xs)).toBeGreaterThanOrEqual(curve.here?.[0] as number);
    });

    it('answers what cannot be read at its field', () => {
      const line = lines.find((one) => one.kind === 'number');
      if (!line) return;
      const answer = reckon(
        computation,
        requestOf(lines, { ...filled, [line.path]: { value: null, text: 'lots' } }),
      );
      expect(answer.ok).toBe(false);
      if (!answer.ok) expect(answer.faults.some((fault) => fault.path === line.path)).toBe(true);
    });
  },
);

it('rows are read as they are typed: commas, spaces, decimal commas after a semicolon', () => {
  const series = COMPUTATIONS.find((one) => one.name === 'denaturation');
  if (!series) throw new Error('there is one');
  const lines = linesOf(series);
  expect(requestOf(lines, { series: '0, 4\n30 90\n\n35;90,5' })).toEqual({
    series: [
      [0, 4],
      [30, 90],
      [35, 90.5],
    ],
  });
});
