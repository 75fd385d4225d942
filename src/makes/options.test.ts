import { describe, expect, it } from 'vitest';
import { parse } from '../core/faults/zodFaults';
import { METHODS } from './index';
import { type Method, methodSchema } from './method';
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
    expect(faultsOf({ ...paneer, options: without }).every((path) => path.startsWith('stages.'))).toBe(true);
    expect(faultsOf({ ...paneer, acid: { option: 'gone' } })).toEqual(['acid']);
    expect(faultsOf({ ...skyr, culture: { labelShare: { option: 'gone' }, percent: 2 } })).toEqual([
      'culture',
    ]);
  });
});
