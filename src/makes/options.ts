import { SATURATED_PCT_WW } from '../core/salt/brine';
import { AIMED_STRETCH_PH } from '../core/stretch/window';
import type { ChoiceOption, MethodOption, NumberOption, StageSpec } from './method';

type Range = Pick<NumberOption, 'default' | 'min' | 'max' | 'usually'> & { step?: number };

/** A temperature to choose, °C. */
export const heat = (label: string, range: Range, reason: string): NumberOption => ({
  type: 'number',
  label,
  unit: '°C',
  quantity: 'temperature',
  step: 1,
  ...range,
  reason,
});

/** A number to choose in a unit that is the same everywhere. */
export const amount = (label: string, unit: string, range: Range, reason: string): NumberOption => ({
  type: 'number',
  label,
  unit,
  quantity: 'plain',
  step: 1,
  ...range,
  reason,
});

/** A count. */
export const count = (label: string, range: Range, reason: string): NumberOption => ({
  ...amount(label, '', range, reason),
  whole: true,
});

export const yesNo = (label: string, usual: boolean, reason: string): MethodOption => ({
  type: 'boolean',
  label,
  default: usual,
  reason,
});

/** A school to choose: each with its value, its name and its reason. */
export const school = (
  label: string,
  usual: string,
  choices: readonly (readonly [value: string, text: string, reason: string])[],
  reason: string,
): ChoiceOption => ({
  type: 'choice',
  label,
  default: usual,
  choices: choices.map(([value, text, why]) => ({ value, text, reason: why })),
  reason,
});

export const saltDry = (usual: number, reason = 'Of the drained cheese’s weight.'): NumberOption =>
  amount('Salt', '%', { default: usual, min: 0, max: 4, step: 0.1 }, reason);

/** Strain groups a make can be soured with; what fits it first. */
export const cultures = (usual: string): ChoiceOption =>
  school(
    'Culture',
    usual,
    [
      ['mesophilic', 'mesophilic', 'Sours cleanly at room warmth, sleeps above 40 °C.'],
      ['aromatic', 'aromatic mesophilic', 'The same warmth, slower, with a buttery smell and a little gas.'],
      ['thermophilic', 'thermophilic', 'Wants 35 to 45 °C; sleeps at room warmth.'],
      ['yogurt', 'yogurt', 'Wants 38 to 45 °C, goes sourer, tastes of yogurt.'],
      [
        'mesophilic+thermophilic',
        'mesophilic with thermophilic',
        'One works while the other is too cool or too hot.',
      ],
    ],
    'Which strains sour it decides the pace and the taste.',
  );

/** Coagulant by the time its set should take. */
export const wantedSet = (usual: number, reason: string): NumberOption =>
  amount('Clean break wanted after', 'min', { default: usual, min: 3, max: 180 }, reason);

export const cutTo = (usual: number, min: number, max: number): NumberOption =>
  amount(
    'Cut',
    'mm',
    { default: usual, min, max },
    'Each halving of the cut takes about two points of moisture: smaller is drier and leaner.',
  );

export const cookTo = (
  usual: number,
  min: number,
  max: number,
  usually?: readonly [number, number],
): NumberOption =>
  heat(
    'Cook to',
    { default: usual, min, max, ...(usually && { usually: [...usually] }) },
    'Hotter curd is drier: about a point of moisture for 2 °C, or 4 °F.',
  );

export const stirFor = (usual: number, min: number, max: number): NumberOption =>
  amount(
    'Stir on for',
    'min',
    { default: usual, min, max },
    'Longer stirring makes firmer curd, a point and a half for twice the time.',
  );

export const stirred = (): MethodOption =>
  yesNo(
    'Stirred while it warms',
    true,
    'Fragile curd (fresh goat’s, store milk) is better left alone in a warm bath; it stays moister.',
  );

/** How a stretch is heated. */
export const stretchBy = (): ChoiceOption =>
  school(
    'Stretch by',
    'whey',
    [
      ['whey', 'hot whey', 'Keeps the taste in and warms evenly.'],
      ['ladled', 'ladled hot water', 'No second pot; a little more working.'],
      ['microwave', 'microwave', 'Quick for a small batch; hot edges, so fold them inside.'],
    ],
    'All three bring the core to 57 to 63 °C; how evenly decides what fat it costs.',
  );

export const stretchWater = (usual: number): NumberOption =>
  heat(
    'Water or whey for it',
    { default: usual, min: 65, max: 95 },
    'Hotter is faster and costs fat: past 75 °C the outside runs ahead of the core.',
  );

export const brineOf = (usual: number, reason: string): NumberOption =>
  amount(
    'Brine, by weight',
    '%',
    { default: usual, min: 5, max: 40, step: 0.5 },
    `${reason} Water takes ${SATURATED_PCT_WW} % at most.`,
  );

/** The pH that acid in cold milk brings it to, for a curd that stretches. */
export const acidTo = (): NumberOption =>
  amount(
    'Acid to pH',
    '',
    { default: AIMED_STRETCH_PH.citric, min: 5.1, max: 5.75, step: 0.05 },
    'Citric acid takes calcium along: 5.5 to 5.75. Vinegar, lactic acid and the lactone leave it: 5.1 to 5.4.',
  );

/** Milk to a bag, at most. */
export const bagOf = (usual: number): NumberOption =>
  amount(
    'Milk to a bag',
    'kg',
    { default: usual, min: 0.5, max: 40, step: 0.5 },
    'A bigger bag drains slower: its whey has further to go.',
  );

/** What a curd is pressed with. */
export const pressedBy = (ownWeight: string): ChoiceOption =>
  school(
    'Pressed',
    'weight',
    [
      ['weight', 'under a board and a weight', 'Steady: the load rides down with the cheese.'],
      ['screw', 'in a press', 'The load falls as it settles; set it again.'],
      ['self', 'in the hoop, by its own weight', ownWeight],
    ],
    'Weight closes it; each doubling takes a point of moisture.',
  );

/** How openly the curd is knit, for the hours it wants in brine. */
export const knit = (usual: string): ChoiceOption =>
  school(
    'The curd is',
    usual,
    [
      ['close', 'closed by the press', 'Salt goes in slowly and evenly.'],
      ['loose', 'loosely knit', 'About five times as fast: taste it early.'],
      ['open', 'open, hardly pressed', 'Ten times as fast and more: an hour is much.'],
    ],
    'Brine runs in through cracks: the more open, the shorter it wants.',
  );

/** What a brine is made of. */
export const brineMadeOf = (): ChoiceOption =>
  school(
    'Brine of',
    'water',
    [
      ['water', 'water', 'Clean and lasting: strained and boiled up it serves again.'],
      ['whey', 'its own whey', 'Its acid and calcium keep the surface firm; cold it keeps a week.'],
    ],
    'Fresh water takes calcium out of the surface unless some is added.',
  );

/** Ricotta skimmed off the whey by heat alone, before cheese is poached in it. */
export const ricottaFirst = (): MethodOption =>
  yesNo(
    'Ricotta skimmed first',
    false,
    'The whey is heated alone first: what rises is skimmed and weighed apart, and the whey is clearer to poach in.',
  );

export const keptInBrine = (): MethodOption =>
  yesNo('Kept in its brine', true, 'In 10 % or more it keeps a month.');

/** Where pot cheese ends and ricotta begins, °C. Common practice. */
export const RICOTTA_FROM_C = 80;

/** Herbs or spice in the cheese or round it, and their stage, which nought leaves out. Common practice: 3 to 10 g of what is dry. */
export const herbs = (): NumberOption => ({
  ...amount(
    'Herbs or spice',
    'g/kg',
    { default: 0, min: 0, max: 40 },
    'Dried herbs 3 to 6, whole seeds or cracked pepper 5 to 10, fresh herbs 20 to 30; they taste stronger the next day.',
  ),
});
export const HERBS: StageSpec = {
  id: 'herbs',
  kind: 'dress',
  params: { what: 'herbs', gPerKg: { option: 'herbsGPerKg' } },
  onlyIf: { option: 'herbsGPerKg' },
};

/** Lipase, and its stage. */
export const lipase = (): MethodOption =>
  yesNo('Lipase', false, 'A sharper, older taste; too much weakens the set.');
export const LIPASE: StageSpec = {
  id: 'lipase',
  kind: 'add-other',
  params: { what: 'lipase' },
  onlyIf: { option: 'lipase' },
};
