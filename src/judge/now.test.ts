import { describe, expect, it } from 'vitest';
import { stateTold } from './fixtures/told';
import type { FindingId } from './ids';
import { judge } from './judge';

describe('what can be done with this very cheese', () => {
  it('what a cheese does by nature at its age is said, and no longer than that', () => {
    const said = (method: string, found: FindingId, age: number) =>
      judge(stateTold({ method, age }), [found]).ask.some(({ text }) => text.includes('by nature'));
    expect(said('grilling', 'too-soft', 1)).toBe(true);
    expect(said('grilling', 'too-soft', 5)).toBe(false);
    expect(said('squeaky-curds', 'weeps', 0.5)).toBe(true);
    expect(said('squeaky-curds', 'weeps', 2)).toBe(false);
    expect(said('quick-stretched', 'tough', 6)).toBe(true);
    expect(said('quick-stretched', 'tough', 13)).toBe(false);
    expect(said('paneer', 'tough', 1)).toBe(false);
  });

  it('what may be no food is told before any cause has a say', () => {
    const now = (method: string, ...found: FindingId[]) => [
      ...new Set(judge(stateTold({ method }), found).causes.flatMap(({ nowText }) => nowText ?? [])),
    ];
    expect(now('fresh-pressed', 'off-smell', 'bland')).toEqual([
      'Gas or an off smell within a day: discard it untasted.',
    ]);
    expect(now('fresh-pressed', 'gassy')[0]).toMatch(
      /discard it untasted\. Only a few small holes that smell clean/,
    );
    expect(now('whole-milk-ricotta', 'mouldy', 'too-soft')).toEqual([
      'Throw it out, all of it: in soft fresh cheese threads run where no eye sees them.',
    ]);
  });

  it('what softens a hard cheese is not told of one that only weighs too little', () => {
    const now = (found: FindingId) =>
      judge(stateTold({ method: 'quick-stretched', took: { stretch: 3 }, weighs: 0.8 }), [found]).causes.find(
        ({ id }) => id === 'overworked',
      )?.nowText;
    expect(now('tough')).toMatch(/then melt it/);
    expect(now('low-yield')).toBeNull();
  });

  it('something can be done with most of what was found, whatever it came from', () => {
    const now = (method: string, found: FindingId) =>
      judge(stateTold({ method, age: 100 }), [found]).causes.flatMap(({ id, nowText }) =>
        id === 'model-off' ? [] : [nowText],
      );
    expect(now('fresh-pressed', 'tough')).toContain('Keep it cold and sealed for 5 days, then melt it.');
    expect(now('paneer', 'tough').join()).not.toMatch(/melt/);
    for (const [method, found] of [
      ['quick-stretched', 'bland'],
      ['goat-lactic', 'falls-apart'],
      ['squeaky-curds', 'too-salty'],
      ['quick-stretched', 'grainy'],
    ] as const)
      for (const text of now(method, found)) expect(text).not.toBeNull();
  });
});
