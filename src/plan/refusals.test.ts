import { describe, expect, it } from 'vitest';
import type { Brief } from './brief/schema';
import { basic, planned } from './fixtures/briefs';
import { planFile } from './plan';

describe('refusals name the field', () => {
  const cases: [string, unknown, string, RegExp][] = [
    ['unknown field', { ...basic('paneer'), colour: 'blue' }, 'colour', /not a known field/],
    ['unknown make', basic('blue-cheese'), 'method', /give whole-milk-ricotta or/],
    ['no milk', { ...basic('paneer'), milk: { species: 'cow' } }, 'milk.litres', /is missing/],
    ['both amounts', { ...basic('paneer'), wantKg: 1 }, 'wantKg', /beside milk.litres/],
    ['fat −1', basic('paneer', { fatPct: -1 }), 'milk.fatPct', /is -1; give 0 to 12 %/],
    ['fat 60', basic('paneer', { fatPct: 60 }), 'milk.fatPct', /give 0 to 12 %/],
    ['protein 0', basic('paneer', { proteinPct: 0 }), 'milk.proteinPct', /give 1 to 9 %/],
    ['0 litres', basic('paneer', { litres: 0 }), 'milk.litres', /give 0.2 to 500 L/],
    ['5,000 litres', basic('paneer', { litres: 5000 }), 'milk.litres', /give 0.2 to 500 L/],
    ['not a number', basic('paneer', { litres: Number.POSITIVE_INFINITY }), 'milk.litres', /give/],
    [
      'boiled milk with a coagulant',
      basic('squeaky-curds', { treatment: 'ultra-heat' }),
      'milk.treatment',
      /is ultra-heat, and such milk does not set with a coagulant; take raw or pasteurised/,
    ],
    [
      'camel',
      { ...basic('paneer'), milk: { species: 'camel', litres: 8 } },
      'milk.species',
      /is "camel"; give cow or goat/,
    ],
    [
      'vinegar of 80 %',
      basic('paneer', {}, { acid: { kind: 'vinegar', strengthPct: 80 } }),
      'acid.strengthPct',
      /give 2 to 30/,
    ],
    [
      'strength of citric acid',
      basic('paneer', {}, { acid: { kind: 'citric', strengthPct: 5 } }),
      'acid.strengthPct',
      /does not apply/,
    ],
    ['sour milk', basic('whole-milk-ricotta', { pH: 5.8 }), 'milk.pH', /curdles by itself/],
    [
      'milk richer than any',
      basic('paneer', { fatPct: 12, proteinPct: 8.5 }),
      'milk.proteinPct',
      /and fat make 20.5 % together; check both: the richest milk has about 15 %/,
    ],
    [
      'a remedy with the sourness',
      basic('whole-milk-ricotta', { pH: 5.8 }),
      'milk.pH',
      /on the way to .* °C; use fresher milk, or a cooler set/,
    ],
    [
      'strength where there is none to give',
      basic('paneer', {}, { acid: { kind: 'lemon', strengthPct: 5 } }),
      'acid.strengthPct',
      /does not apply to lemon; leave it out/,
    ],
    [
      'calcium by the sachet',
      basic('squeaky-curds', {}, { calcium: { given: { amount: 1, unit: 'sachet' } } }),
      'calcium.given.unit',
      /is sachet, which this is not measured in; give g, tsp, mL or drop/,
    ],
    [
      'salt by the tablet',
      basic('squeaky-curds', {}, { salt: { given: { amount: 1, unit: 'tablet' } } }),
      'salt.given.unit',
      /is tablet, which this is not measured in; give g, tsp, tbsp or cup/,
    ],
    ['milk that is a number', { ...basic('paneer'), milk: 5 }, 'milk', /^is 5; \p{L}/u],
    [
      'litres in letters',
      basic('paneer', { litres: 'eight' as never }),
      'milk.litres',
      /^is "eight"; give a number/,
    ],
    ['whey’s pH in milk', basic('whole-milk-ricotta', { pH: 4.5 }), 'milk.pH', /give 5.8 to 7/],
    [
      'high mountain',
      basic('paneer', {}, { altitudeM: 3000 }),
      'options.setC',
      /milk boils there at 90 °C; give 89 °C or less/,
    ],
    [
      'option out of range',
      basic('paneer', {}, { options: { setC: 40 } }),
      'options.setC',
      /give 85 to 99 °C/,
    ],
    [
      'option of another make',
      basic('paneer', {}, { options: { rinses: 1 } }),
      'options.rinses',
      /not an option of paneer/,
    ],
    ['cream in paneer', basic('paneer', {}, { cream: { litres: 1, fatPct: 36 } }), 'cream', /takes none/],
    [
      'weak acid, cool set',
      basic('warm-acid-pot-cheese', {}, { acid: { kind: 'vinegar', strengthPct: 2 }, options: { setC: 45 } }),
      'acid',
      /more than milk can take/,
    ],
    ['no such time', basic('paneer', {}, { start: '2026-02-30T09:00' }), 'start', /give a local time like/],
    [
      'a mountain of cheese',
      { ...basic('paneer'), milk: { species: 'cow' }, wantKg: 400 },
      'wantKg',
      /would take .* L of milk/,
    ],
    [
      'cream so much that no whey leaves it',
      basic(
        'whole-milk-ricotta',
        { litres: 4 },
        { cream: { litres: 3, fatPct: 36 }, options: { moisturePct: 78 } },
      ),
      'options.moisturePct',
      /wetter than this curd is when it leaves the pot.*wish it drier/,
    ],
    [
      'less cheese than its cream alone gives',
      {
        ...basic('soft-cream'),
        milk: { species: 'cow' },
        wantKg: 0.02,
        cream: { litres: 0.05, fatPct: 36 },
      },
      'wantKg',
      /give 0\.0\d+ to \d+ kg/,
    ],
    [
      'a label no coagulant can live up to',
      basic(
        'squeaky-curds',
        {},
        {
          coagulant: { form: 'liquid', setsLitres: 10_000, per: 'drop', inMin: 1, atC: 20 },
        },
      ),
      'coagulant.setsLitres',
      /stronger than any coagulant/,
    ],
    ['a time beyond any calendar', basic('paneer', {}, { start: '9999-12-31T09:00' }), 'start', /up to 2098/],
    [
      'ultra-heated milk and a coagulant',
      basic('quick-stretched', { treatment: 'ultra-heat' }),
      'milk.treatment',
      /does not set with a coagulant; take raw or pasteurised milk/,
    ],
    [
      'boiled milk and a coagulant',
      basic('squeaky-curds', { treatment: 'boiled' }),
      'milk.treatment',
      /does not set/,
    ],
    [
      'boiled milk and a trace',
      basic('goat-lactic', { treatment: 'boiled' }),
      'milk.treatment',
      /does not set/,
    ],
    ['acid whey', basic('whey-ricotta', { pH: 5.2 }), 'milk.pH', /next to nothing/],
    ['sourer whey than whey gets', basic('whey-ricotta', { pH: 4.1 }), 'milk.pH', /next to nothing/],
    ['whey as fresh as milk', basic('whey-ricotta', { pH: 6.95 }), 'milk.pH', /give 4 to 6.9/],
    [
      'milk as thin as whey',
      basic('paneer', { proteinPct: 0.6 }),
      'milk.proteinPct',
      /is 0.6; give 1 to 9 %/,
    ],
    [
      'thermophiles alone at 22 °C',
      basic('goat-lactic', {}, { options: { setC: 22, cultureGroup: 'thermophilic' } }),
      'options.cultureGroup',
      /hardly grows at 22 °C; set at 43 °C, or take a group/,
    ],
    [
      'a set of two minutes',
      basic('quick-stretched', {}, { options: { wantedSetMin: 2 } }),
      'options.wantedSetMin',
      /give 3 to 180 min/,
    ],
    [
      'a set of four hours',
      basic('squeaky-curds', {}, { options: { wantedSetMin: 240 } }),
      'options.wantedSetMin',
      /give 3 to 180 min/,
    ],
    [
      'brine that water cannot hold',
      basic('grilling', {}, { options: { brinePctWw: 30 } }),
      'options.brinePctWw',
      /water takes no more than 26.4 %/,
    ],
    [
      'salt this brine never brings',
      basic('cultured-stretched', {}, { options: { brinePctWw: 5, saltPct: 3 } }),
      'options.saltPct',
      /at most; take a stronger brine/,
    ],
    [
      'stretch water at 92 °C',
      basic('quick-stretched', {}, { options: { stretchWaterC: 92 } }),
      'options.stretchWaterC',
      /melt the fat out; give 90 °C or less/,
    ],
    [
      'coagulant of unknown strength',
      basic('squeaky-curds', {}, { coagulant: { form: 'liquid' } }),
      'coagulant',
      /no strength and no label statement/,
    ],
    [
      'half a label statement',
      basic('squeaky-curds', {}, { coagulant: { form: 'liquid', setsLitres: 10, per: 'mL' } }),
      'coagulant.inMin',
      /how many litres/,
    ],
    [
      'a label in a measure the product has not',
      basic(
        'squeaky-curds',
        {},
        { coagulant: { form: 'tablet', setsLitres: 10, per: 'mL', inMin: 40, atC: 32 } },
      ),
      'coagulant.per',
      /a tablet is not measured in; give tablet/,
    ],
    [
      'coagulant of 5 IMCU',
      basic('squeaky-curds', {}, { coagulant: { form: 'liquid', imcuPerMl: 5 } }),
      'coagulant.imcuPerMl',
      /give 10 to 3000/,
    ],
    ['a room too cold to sour in', basic('goat-lactic', {}, { roomC: 2 }), 'options.setC', /too cold/],
    [
      'a school nobody teaches',
      basic('quick-stretched', {}, { options: { stretchBy: 'sun' } }),
      'options.stretchBy',
      /give whey or ladled or microwave/,
    ],
    [
      'a switch that is a number',
      basic('quick-stretched', {}, { options: { stirred: 1 } }),
      'options.stirred',
      /give true or false/,
    ],
    ['half a turn', basic('squeaky-curds', {}, { options: { turns: 4.5 } }), 'options.turns', /whole number/],
    [
      'a scald no mountain allows',
      basic('skyr', {}, { altitudeM: 4000 }),
      'options.scaldC',
      /milk boils there at 86.7 °C; give 85 °C or less/,
    ],
  ];
  it.each(cases)('%s', (_name, brief, path, words) => {
    const result = planFile(brief);
    expect(result.ok).toBe(false);
    if (result.ok) return;
    const fault = result.faults.find((one) => one.path === path);
    expect(fault, JSON.stringify(result.faults)).toBeDefined();
    expect(`${fault?.problem}; ${fault?.remedy}`).toMatch(words);
    // Every fault beside it says what is wrong and what to do, too.
    for (const one of result.faults) {
      expect(one.path).toMatch(/^\w/);
      expect(one.problem.trim()).not.toBe('');
      expect(one.remedy).toMatch(/^\p{L}/u);
    }
  });

  it.each([
    ['protein', 1, 9],
    ['fat', 0, 12],
  ] as const)('%s is taken as far as it says, and no farther', (what, least, most) => {
    const with_ = (value: number) => planFile(basic('paneer', { [`${what}Pct`]: value }));
    const refused = (value: number) => {
      const result = with_(value);
      return !result.ok && result.faults.some(({ path }) => path === `milk.${what}Pct`);
    };
    expect([least, most].map(refused)).toEqual([false, false]);
    expect([least - 0.01, most + 0.01].map(refused)).toEqual([true, true]);
  });

  it('ultra-heated milk is planned, with a note; raw milk set cool is warned about at its stage', () => {
    const notes = (brief: Brief) =>
      planned(brief).plan.cautions.map((caution) => `${caution.stage}: ${caution.id}`);
    expect(notes(basic('whole-milk-ricotta', { treatment: 'ultra-heat' }))).toContain('measure: ultra-heat');
    expect(notes(basic('warm-acid-pot-cheese', { treatment: 'raw' }))).toEqual(
      expect.arrayContaining(['measure: raw-milk', 'warm: raw-unheated']),
    );
    expect(notes(basic('whole-milk-ricotta', { treatment: 'raw' }))).not.toContain('scald: raw-unheated');
  });
});
