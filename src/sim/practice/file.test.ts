import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { basic } from '../../plan/fixtures/briefs';
import { eventSchema } from '../../run/events';
import { stateOf } from '../../run/state';
import { beginPractice } from './batch';
import { practise } from './file';
import { practisedSchema } from './fileSchema';
import { play } from './hand';
import { hiddenOf } from './hidden';
import type { Move } from './moves';

const asked = (method: string, moves: unknown[], quirks: object = { seed: 4 }) => ({
  format: 'plump-pail/practice',
  version: 1,
  brief: basic(method),
  quirks,
  moves,
});

/** The moves of somebody who goes by thermometer and tests. */
function movesOf(method: string, quirks: { seed?: number } = { seed: 4 }): Move[] {
  const begun = beginPractice(basic(method), hiddenOf(quirks), quirks.seed ?? 0);
  if (!begun.ok) throw new Error('it can be planned');
  return play(begun.value, false);
}
const came = (value: unknown) => {
  const result = practise(value);
  if (!result.ok) throw new Error(result.faults.map(({ path, problem }) => `${path} ${problem}`).join('; '));
  return result.value;
};

describe('a practice as a file', () => {
  it('is answered: a make marked as practice, what it was worth, and what really went on', () => {
    const answer = came(asked('squeaky-curds', movesOf('squeaky-curds')));
    expect(practisedSchema.safeParse(answer).success).toBe(true);
    const { events } = z.object({ events: z.array(eventSchema) }).parse(answer.make);
    const state = stateOf(events);
    expect(state.practice).toBe(true);
    expect(state.finishedAt).not.toBeNull();
    expect(answer.worth.kg).toBeGreaterThan(0.7);
    expect(answer.worth.kg).toBeLessThanOrEqual(answer.truth.best.kg * 1.03);
    expect(answer.truth.departs.power).toBeDefined();
    expect(answer.truth.course.length).toBeGreaterThan(50);
    expect(answer.truth.course.length).toBeLessThanOrEqual(1501);
  });

  it('says the same to the byte, and another with another seed', () => {
    const moves = movesOf('quick-stretched');
    const text = (seed: number) => JSON.stringify(practise(asked('quick-stretched', moves, { seed })));
    expect(text(4)).toBe(text(4));
    expect(text(4)).not.toBe(text(5));
  });

  it('tells each deed with what it cost, the dearest first, and holds the judge against it', () => {
    const moves = movesOf('squeaky-curds', {});
    const cut = moves.findIndex((one) => one.do === 'cut');
    const set = (moves[cut]?.atMin ?? 0) - 15;
    const early = moves.map((one, i) =>
      i < cut - 1
        ? { ...one, atMin: Math.min(one.atMin, set) }
        : { ...one, atMin: Math.max(set, one.atMin - 15) },
    );
    const well = came(asked('squeaky-curds', moves, {}));
    const badly = came(asked('squeaky-curds', early, {}));
    expect(well.worth.score).toBeGreaterThanOrEqual(95);
    expect(well.truth.costs.filter(({ marks }) => marks > 2)).toEqual([]);
    expect(badly.worth.kg).toBeLessThan(well.worth.kg);
    const [first] = badly.truth.costs;
    expect(first).toMatchObject({ cause: 'cut-too-early' });
    expect(first?.grams).toBeGreaterThan(50);
    expect(badly.truth.judged.really).toContain('cut-too-early');
    expect(badly.truth.judged.right).toBe(true);
  });

  it('is answered where it is wrong: by its number, and what to do', () => {
    const faults = (moves: unknown[]) => {
      const result = practise(asked('squeaky-curds', moves));
      return result.ok ? [] : result.faults.map(({ path, problem }) => `${path} ${problem}`);
    };
    expect(faults([{ atMin: 0, do: 'cut', mm: 12 }])).toEqual(['moves.0 cannot cut milk']);
    expect(
      faults([
        { atMin: 5, do: 'look' },
        { atMin: 2, do: 'look' },
      ])[0],
    ).toContain('moves.1.atMin lies before');
    expect(faults([{ atMin: 0, do: 'juggle' }])[0]).toContain('moves.0.do');
    expect(faults([{ atMin: 0, do: 'heat', setting: 7 }])[0]).toContain('moves.0.setting');
    expect(faults([{ atMin: 0, do: 'drain' }])[0]).toContain('cannot drain milk');
    const wrong = practise({ ...asked('squeaky-curds', []), brief: basic('no-such-cheese') });
    expect(wrong.ok ? '' : wrong.faults[0]?.path).toContain('brief');
  });

  it('a deed before its stage has come is done all the same', () => {
    const hung = (hours: number) =>
      came(
        asked(
          'goat-lactic',
          [
            { atMin: 0, do: 'heat', setting: 2 },
            { atMin: 12, do: 'heat', setting: 0 },
            { atMin: 13, do: 'add', what: 'culture', grams: 0.5 },
            { atMin: 14, do: 'add', what: 'coagulant', grams: 0.2 },
            { atMin: 14 + 30 * 60, do: 'drain' },
            { atMin: 14 + (30 + hours) * 60, do: 'wait' },
          ],
          {},
        ),
      ).worth;
    expect(hung(16).moisturePct).toBeLessThan(hung(4).moisturePct);
    const brined = practise(asked('paneer', [{ atMin: 0, do: 'brine' }]));
    expect(brined.ok ? '' : brined.faults[0]?.problem).toContain('a brine this make does not have');
  });

  it('is worth nothing while it is milk', () => {
    const answer = came(asked('paneer', [{ atMin: 0, do: 'heat', setting: 2 }]));
    expect(answer.worth).toMatchObject({ kg: 0, score: 0, faults: ['no-set'] });
    expect(answer.truth.costs).toEqual([]);
  });
});
