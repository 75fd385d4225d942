import { describe, expect, it } from 'vitest';
import { COMPUTATIONS } from '.';

/** A unit, or a shape said in words. */
const UNITS =
  /^(|[%] ?.*|0 to 1|IMCU(\/L( of milk)?)?|[LWms]|°C|cm|k?g(\/L)?|kPa|mL|mmol\/L|h|min|(g|h|min|mL); .+|(days|drops|share|tablets)\b.+|an? .+|(any|the same) measure|text(; .+)?|true or false(; .+)?|\{.+\}.*)$/;
/** Units that say nothing are those of choices, and of numbers that have none. */
const NO_UNIT = /^$/;

describe.each(COMPUTATIONS.map((one) => [one.name, one] as const))('%s', (_name, one) => {
  it('says what it is, what it wants and what it answers, each by a name of its own', () => {
    expect(one.title).toMatch(/^(pH|[A-Z]).{4,}/);
    expect(one.formula.length).toBeGreaterThan(10);
    expect(one.source.length).toBeGreaterThan(5);
    for (const side of [one.inputs, one.outputs]) {
      const labels = Object.values(side).map(({ label }) => label);
      expect(labels.length).toBeGreaterThan(0);
      for (const label of labels) expect(label).toMatch(/[a-z]{2}|pH/);
      const told = Object.values(side).map(({ label, unit }) => `${label}, ${unit}`);
      expect(new Set(told).size).toBe(told.length);
    }
  });

  it('gives every number the unit its name says', () => {
    for (const [name, { unit }] of Object.entries({ ...one.inputs, ...one.outputs })) {
      if (/C$/.test(name)) expect([name, unit]).toEqual([name, expect.stringMatching(/^°C/)]);
      if (/(?<!per)Kg$|^kg/.test(name)) expect([name, unit]).toEqual([name, expect.stringMatching(/^kg\b/)]);
      if (/Pct/.test(name)) expect([name, unit]).toEqual([name, expect.stringContaining('%')]);
      if (/^grams|Grams$/.test(name)) expect([name, unit]).toEqual([name, expect.stringMatching(/^g\b/)]);
      if (/^millilitres$/.test(name)) expect([name, unit]).toEqual([name, expect.stringMatching(/^mL\b/)]);
      if (/Cm$/.test(name)) expect([name, unit]).toEqual([name, 'cm']);
      if (/Litres$|^litres/.test(name) && unit !== '')
        expect([name, unit]).toEqual([name, expect.stringMatching(/L\b/)]);
      if (/^kPa/.test(name)) expect([name, unit]).toEqual([name, 'kPa']);
      if (/KgPerL$/.test(name)) expect([name, unit]).toEqual([name, 'kg/L']);
    }
  });

  it('speaks in units a maker knows, and counts bare what has none', () => {
    for (const [name, { unit }] of Object.entries({ ...one.inputs, ...one.outputs })) {
      expect([name, unit]).toEqual([name, expect.stringMatching(UNITS)]);
      if (/^pH|PH$/.test(name)) expect([name, unit]).toEqual([name, '']);
    }
  });

  it('shows choices without a unit', () => {
    for (const { choices, unit } of Object.values(one.inputs)) if (choices) expect(unit).toMatch(NO_UNIT);
  });
});
