import { describe, expect, it } from 'vitest';
import { METHODS } from '../makes';
import { basic, planned } from './fixtures/briefs';
import type { Moved } from './moved';
import { teachesOf } from './teaches';

const made = (method: string) => planned(basic(method));
/** A make of which something is known already. */
const knowing = (method: string, learned: Moved[]) => {
  const one = made(method);
  return { ...one, plan: { ...one.plan, learned } };
};
const known = (quantity: Moved['quantity'], sdLn: number): Moved => ({
  of: 'milk',
  id: 'cows',
  quantity,
  likely: 1,
  low: Math.exp(-1.2816 * sdLn),
  high: Math.exp(1.2816 * sdLn),
  makes: 5,
  figure: 'x',
  unit: 'g',
  plain: 1,
  value: 1,
});

describe('what a make would teach', () => {
  it('is only of what the make is of, and something for every make', () => {
    const of = (method: string) => teachesOf(made(method)).map(({ quantity }) => quantity);
    for (const { id } of METHODS) expect(of(id).length, id).toBeGreaterThan(0);
    expect(of('paneer')).not.toContain('culture-pace');
    expect(of('paneer')).not.toContain('coagulant-strength');
    expect(of('goat-lactic')).not.toContain('acid-need');
    expect(of('goat-lactic')).toContain('culture-pace');
    // A bag that hangs by its weight tells of its pace, a colander does not.
    expect(of('goat-lactic')).toContain('drain-pace');
    expect(of('whole-milk-ricotta')).not.toContain('drain-pace');
  });

  it('is what is known least, and less of it with every make', () => {
    const fresh = made('quick-stretched');
    const [first, ...rest] = teachesOf(fresh);
    expect(first?.quantity).toBe('coagulant-strength');
    for (const one of [first, ...rest]) expect(one?.thenShare).toBeLessThan(one?.nowShare ?? 0);
    const after = teachesOf(knowing('quick-stretched', [known('coagulant-strength', 0.05)]));
    const again = after.find(({ quantity }) => quantity === 'coagulant-strength');
    expect(again?.nowShare ?? 0).toBeLessThan(first?.thenShare ?? 0);
    expect(after[0]?.quantity).not.toBe('coagulant-strength');
  });

  it('is nothing where all is known', () => {
    const all = ['acid-need', 'coagulant-strength', 'culture-pace', 'power', 'drain-pace', 'yield'] as const;
    expect(
      teachesOf(
        knowing(
          'quick-stretched',
          all.map((one) => known(one, 0.004)),
        ),
      ),
    ).toEqual([]);
  });
});
