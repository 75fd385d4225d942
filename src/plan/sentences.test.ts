import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import { METHODS } from '../makes';
import { stageKind } from '../makes/kinds';
import type { Method, OptionValue } from '../makes/method';
import { basic } from './fixtures/briefs';
import { type Planned, planBrief } from './plan';
import { sentencesOf, sentenceText } from './sentences';
import { tellingOf } from './telling';

const format = formatter(METRIC);

function plannedWith(method: Method, options: Record<string, OptionValue> = {}): Planned | null {
  const found = planBrief(basic(method.id, {}, { options }), { spread: false });
  return found.ok ? found.value : null;
}
const optionsIn = (said: ReturnType<typeof sentencesOf>) =>
  said.stages.flatMap(({ clauses }) => clauses.flatMap(({ option }) => option ?? []));

describe('a plan in sentences', () => {
  it.each(METHODS.map((method) => [method.id, method] as const))(
    '%s: every sentence begins with its stage’s title, and no value stands in two places',
    (_id, method) => {
      const planned = plannedWith(method) as Planned;
      const said = sentencesOf(planned, method, format);
      const telling = tellingOf(planned, format);
      planned.plan.stages.forEach((stage, i) => {
        const text = sentenceText(said.stages[i] as (typeof said.stages)[number]);
        const { title } = stageKind(stage.kind).words(planned.parameters[stage.id], telling);
        expect(text.startsWith(title)).toBe(true);
        expect(text).not.toMatch(/undefined|NaN|\[object| {2}|,,|, \.|;\s*\./);
      });
      const named = [...optionsIn(said), ...said.stages.flatMap((one) => one.further), ...said.leftOut];
      expect(new Set(named).size).toBe(named.length);
    },
  );

  it.each(METHODS.map((method) => [method.id, method] as const))(
    '%s: whatever is asked for is told, so that nothing is dropped in silence',
    (_id, method) => {
      for (const [name, option] of Object.entries(method.options)) {
        const other: OptionValue[] =
          option.type === 'number'
            ? [option.min, option.max]
            : option.type === 'choice'
              ? option.choices.map(({ value }) => value)
              : option.type === 'boolean'
                ? [true, false]
                : [[[10, 30]]];
        for (const value of other) {
          const planned = plannedWith(method, { [name]: value });
          if (!planned) continue;
          const said = sentencesOf(planned, method, format, new Set([name]));
          const told = [...optionsIn(said), ...said.leftOut];
          // What belongs to a stage that is not part of the make waits until that is.
          const present = new Set(planned.plan.stages.map(({ id }) => id));
          const wanted = method.stages.some(
            (stage) => present.has(stage.id) && JSON.stringify(stage).includes(`{"option":"${name}"`),
          );
          if (wanted) expect(told, `${name} = ${String(value)}`).toContain(name);
        }
      }
    },
  );

  it('what few ask for waits until it is asked for, then stands in the sentence', () => {
    const method = METHODS.find(({ id }) => id === 'squeaky-curds') as Method;
    const usual = sentencesOf(plannedWith(method) as Planned, method, format);
    expect(usual.stages.find(({ id }) => id === 'warm')?.further).toEqual(['warmOverMin']);
    const planned = plannedWith(method, { warmOverMin: 60 }) as Planned;
    const asked = sentencesOf(planned, method, format, new Set(['warmOverMin']));
    const warm = asked.stages.find(({ id }) => id === 'warm') as (typeof asked.stages)[number];
    expect(sentenceText(warm)).toBe('Bring to 31\u00a0°C over 60\u00a0min.');
    expect(warm.further).toEqual([]);
  });

  it('what is unusual for the make says what would be usual', () => {
    const method = METHODS.find(({ id }) => id === 'squeaky-curds') as Method;
    const ripen = (ripenMin: number) => {
      const said = sentencesOf(plannedWith(method, { ripenMin }) as Planned, method, format);
      return said.stages.map(sentenceText).find((line) => line.startsWith('Ripen'));
    };
    expect(ripen(90)).toBe('Ripen 1\u00a0h\u00a030\u00a0min (usually 20 to 75\u00a0min).');
    expect(ripen(75)).toBe('Ripen 75\u00a0min.');
  });

  it('a choice between stages stands at the one that is taken, and what is left out is named', () => {
    const method = METHODS.find(({ id }) => id === 'low-moisture-stretched') as Method;
    const text = (saltBy: string) =>
      sentencesOf(plannedWith(method, { saltBy }) as Planned, method, format).stages.map(sentenceText);
    expect(text('dry').find((line) => line.startsWith('Salt with'))).toContain('; salted dry');
    expect(text('brine').find((line) => line.startsWith('Brine'))).toContain('; salted in brine');
    const pear = METHODS.find(({ id }) => id === 'cultured-stretched') as Method;
    expect(sentencesOf(plannedWith(pear) as Planned, pear, format).leftOut).toEqual(['lipase']);
  });

  it('values read in the maker’s units, whatever they are', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...METHODS),
        fc.constantFrom('C' as const, 'F' as const),
        fc.constantFrom('.' as const, ',' as const),
        (method, temperature, decimal) => {
          const own = formatter({ ...METRIC, temperature, decimal });
          const text = sentencesOf(plannedWith(method) as Planned, method, own)
            .stages.map(sentenceText)
            .join(' ');
          expect(text).not.toMatch(temperature === 'F' ? /°C/ : /°F/);
          if (decimal === ',') expect(text).not.toMatch(/\d\.\d/);
        },
      ),
      { numRuns: 40 },
    );
  });
});
