import { describe, expect, it } from 'vitest';
import { parse } from '../core/faults/zodFaults';
import { METHODS } from './index';
import type { Method } from './method';
import { methodSchema } from './methodSchema';
import { paneer } from './methods/paneer';
import { skyr } from './methods/skyr';

const faultsOf = (method: unknown) => {
  const read = parse<Method>(methodSchema, method);
  return read.ok ? [] : read.faults.map((fault) => fault.path);
};
const setC = paneer.options.setC as object;

describe('options of a make', () => {
  it.each(METHODS.map((method) => [method.id, method] as const))(
    '%s: every option can be what it is',
    (_, method) => expect(faultsOf(method)).toEqual([]),
  );

  it('whatever is in degrees stands in the maker’s own, in every make', () => {
    const inDegrees = METHODS.flatMap(({ id, options }) =>
      Object.entries(options).flatMap(([key, option]) =>
        option.type === 'number' && option.unit === '°C' ? [[`${id}.${key}`, option.quantity]] : [],
      ),
    );
    expect(inDegrees.length).toBeGreaterThan(20);
    expect(inDegrees.filter(([, quantity]) => quantity !== 'temperature')).toEqual([]);
  });

  it('a usual value out of bounds, and bounds the wrong way round, stand at the option', () => {
    const with_ = (part: object) => ({
      ...paneer,
      options: { ...paneer.options, setC: { ...setC, ...part } },
    });
    expect(faultsOf(with_({ default: 120 }))).toEqual(['options.setC.default']);
    expect(faultsOf(with_({ min: 99, max: 85 }))).toEqual(['options.setC.max']);
    expect(faultsOf(with_({ step: 0 }))).toEqual(['options.setC.step']);
    expect(faultsOf(with_({ default: 'hot' }))).toEqual(['options.setC.default']);
  });

  it('no option leads a stage, or a plan, where nothing can be: at its end, at what it is usually, by its kind', () => {
    const hold = paneer.options.holdMin as object;
    const with_ = (key: string, part: object) => ({
      ...paneer,
      options: { ...paneer.options, [key]: { ...hold, ...part } },
    });
    expect(faultsOf(with_('holdMin', { max: 99_999 }))).toEqual(['options.holdMin.max']);
    expect(faultsOf(with_('holdMin', { min: -5 }))).toEqual(['options.holdMin.min']);
    expect(faultsOf(with_('holdMin', { max: 1e11, default: 1e11 }))).toContain('options.holdMin.default');
    expect(faultsOf(with_('saltPct', { min: 0, max: 60, default: 2 }))).toEqual(['options.saltPct.max']);
    expect(
      faultsOf({
        ...paneer,
        options: {
          ...paneer.options,
          saltPct: { type: 'boolean', label: 'Salt', default: true, reason: '' },
        },
      }),
    ).toEqual(['options.saltPct.type']);
    for (const name of ['toString', 'constructor'])
      expect(faultsOf({ ...paneer, options: { ...paneer.options, [name]: hold } })).toEqual([
        `options.${name}`,
      ]);
    expect(faultsOf({ ...paneer, id: 'constructor' })).toEqual(['id']);
    const odd = { id: 'odd', kind: 'hold', params: { minutes: { option: 'valueOf' } } };
    expect(faultsOf({ ...paneer, stages: [...paneer.stages, odd] })).not.toEqual([]);
  });

  it('names are cut short of what every later place can hold', () => {
    expect(faultsOf({ ...paneer, title: 'x'.repeat(119) })).toEqual(['title']);
    expect(faultsOf({ ...paneer, short: 'x'.repeat(119) })).toEqual(['short']);
    const broken = parse<Method>(methodSchema, { ...paneer, title: 'two\nlines' });
    expect(broken.ok && broken.value.title).toBe('two lines');
  });

  it('a choice must be one of its own', () => {
    const [key, choice] =
      METHODS.flatMap((method) => Object.entries(method.options)).find(([, one]) => one.type === 'choice') ??
      [];
    const wrong = {
      ...paneer,
      options: { ...paneer.options, [key as string]: { ...choice, default: 'none of it' } },
    };
    expect(faultsOf(wrong)).toEqual([`options.${key}.default`]);
  });

  it('what the make names must be there, in its stages and outside them', () => {
    const { setC: _, ...without } = paneer.options;
    const faults = faultsOf({ ...paneer, options: without });
    expect(faults).toContain('acid');
    expect(faults.filter((path) => path !== 'acid').every((path) => path.startsWith('stages.'))).toBe(true);
    expect(faultsOf({ ...paneer, acid: { option: 'gone' } })).toEqual(['acid']);
    expect(faultsOf({ ...skyr, culture: { labelShare: { option: 'gone' }, percent: 2 } })).toEqual([
      'culture',
    ]);
  });
});
