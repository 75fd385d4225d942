import type { Method, MethodOption, StageSpec } from './method';
import { amount, school } from './options';

/** A time, a count or a load that makers set by habit: which parameter of which stage it is, and how far it goes. */
interface Habit {
  kind: string;
  /** Only stages whose parameters are so. */
  where?: Readonly<Record<string, unknown>>;
  param: string;
  option: string;
  /** What it is where the make says nothing; the stage's own figure otherwise. */
  usual?: number;
  make(usual: number): MethodOption;
  /** At nought the stage is left out. */
  noughtLeavesOut?: true;
}

const often =
  (label: string, unit: string, min: number, max: number, reason: string, step = 1) =>
  (usual: number): MethodOption => ({
    ...amount(
      label,
      unit,
      { default: usual, min: Math.min(min, usual), max: Math.max(max, usual), step },
      reason,
    ),
    rare: true,
  });

/** Habits of the trade that every make takes where it has the stage. Common practice. */
const HABITS: readonly Habit[] = [
  ...(['warm', 'scald'] as const).map(
    (kind): Habit => ({
      kind,
      param: 'overMin',
      option: 'warmOverMin',
      usual: 0,
      make: often(
        'Warmed over',
        'min',
        0,
        240,
        'Nought: as fast as the heat goes. Slower is gentler, and is judged as you warm.',
      ),
    }),
  ),
  {
    kind: 'ripen',
    param: 'minutes',
    option: 'ripenMin',
    make: often('Ripen', 'min', 0, 90, 'Nought: the coagulant goes in at once.'),
    noughtLeavesOut: true,
  },
  {
    kind: 'heal',
    param: 'minutes',
    option: 'healMin',
    make: often('Heal', 'min', 0, 30, 'The faces close before they are stirred; fragile curd wants longer.'),
    noughtLeavesOut: true,
  },
  {
    kind: 'cook',
    param: 'overMin',
    option: 'cookMin',
    make: often('Cook over', 'min', 0, 90, 'Slowly, or a skin locks the whey in. Nought: not heated at all.'),
    noughtLeavesOut: true,
  },
  {
    kind: 'hold',
    where: { as: 'stir' },
    param: 'minutes',
    option: 'holdMin',
    make: often('Stir on for', 'min', 0, 120, 'Longer is drier.'),
    noughtLeavesOut: true,
  },
  {
    kind: 'hold',
    where: { as: 'stir' },
    param: 'everyMin',
    option: 'stirEveryMin',
    usual: 0,
    make: often('Stirred every', 'min', 0, 30, 'Nought: all the while. A bell calls for each round.'),
  },
  {
    kind: 'hold',
    param: 'minutes',
    option: 'restMin',
    make: often('Rest', 'min', 0, 180, 'Curd gathers and firms while nobody stirs.'),
    noughtLeavesOut: true,
  },
  {
    kind: 'settle',
    param: 'minutes',
    option: 'settleMin',
    make: often('Settle', 'min', 0, 60, 'The curd sinks and knits on the base.'),
    noughtLeavesOut: true,
  },
  {
    kind: 'drain',
    where: { in: 'colander' },
    param: 'minutes',
    option: 'drainMin',
    make: often('In the colander', 'min', 1, 240, 'By the clock, at eight litres.'),
  },
  {
    kind: 'drain',
    where: { in: 'bag' },
    param: 'clockHours',
    option: 'drainHours',
    usual: 0,
    make: often(
      'By the clock',
      'h',
      0,
      72,
      'Nought: until it holds the moisture wanted. Else so many hours, overnight for one.',
      0.5,
    ),
  },
  {
    kind: 'drain',
    where: { in: 'cloth' },
    param: 'clockHours',
    option: 'drainHours',
    usual: 0,
    make: often(
      'By the clock',
      'h',
      0,
      24,
      'Nought: until it holds the moisture wanted. Else so long, half an hour or overnight.',
      0.25,
    ),
  },
  {
    kind: 'shape',
    param: 'pieceKg',
    option: 'pieceKg',
    make: often(
      'Pieces of',
      'kg',
      0.02,
      5,
      'Bigger pieces take longer to shape, to cool and in brine.',
      0.01,
    ),
  },
  {
    kind: 'shape',
    param: 'pieces',
    option: 'pieces',
    usual: 0,
    make: often('How many', '', 0, 200, 'Nought: by weight.'),
  },
  {
    kind: 'chill',
    param: 'minutes',
    option: 'chillMin',
    make: often('Chill', 'min', 0, 1440, 'Cold to the middle before it is touched.', 5),
    noughtLeavesOut: true,
  },
  {
    kind: 'press',
    param: 'steps',
    option: 'pressSteps',
    make: () => ({
      type: 'steps',
      rare: true,
      label: 'Pressed in steps',
      default: [],
      reason:
        'Kilograms and minutes, one after the other, turned between: 14 kg 60 min, 23 kg 30 min. None: as above.',
    }),
    usual: 0,
  },
];

const fits = (habit: Habit, stage: StageSpec) =>
  stage.kind === habit.kind &&
  Object.entries(habit.where ?? {}).every(([key, value]) => (stage.params[key] ?? 'cloth') === value);

/** A stage whose habit is taken up as an option, and that option; null where the make has it already or the stage has not. */
function taken(habit: Habit, stage: StageSpec, options: Method['options']) {
  const now = stage.params[habit.param];
  const named = typeof now === 'object' ? now.option : null;
  if (named !== null && named !== habit.option) return null;
  if (named === null && Object.hasOwn(options, habit.option)) return null;
  const own = named === null ? undefined : options[named];
  if (own !== undefined)
    // A make's own option of that name, which may now go down to nought.
    return own.type === 'number' && habit.noughtLeavesOut
      ? { stage: leftOutAtNought(stage, habit), option: { ...own, min: 0 } }
      : null;
  const usual = typeof now === 'number' ? now : habit.usual;
  if (usual === undefined) return null;
  const filled = { ...stage, params: { ...stage.params, [habit.param]: { option: habit.option } } };
  return {
    stage: habit.noughtLeavesOut ? leftOutAtNought(filled, habit) : filled,
    option: habit.make(usual),
  };
}

function leftOutAtNought(stage: StageSpec, { option }: Habit): StageSpec {
  const before = stage.onlyIf === undefined ? [] : [stage.onlyIf].flat();
  return { ...stage, onlyIf: [...before, { option }] };
}

/** Where salt may go besides where a make puts it, each with what comes of it. Common practice. */
const SALT_AT = {
  milk: ['in the hot milk', 'Most of it leaves with the whey: it wants much, and salts evenly.'],
  whey: ['in the whey, before it is drawn', 'The curd takes its share of the whey’s salt.'],
  curd: ['in the curd', 'All of it stays but what a press takes along.'],
  stretch: ['as it is stretched', 'Folded in with the last pulls.'],
  surface: ['on the faces, at each turn', 'A rind, and a milder middle for a day or two.'],
} as const;
type SaltAt = keyof typeof SALT_AT;

/** Adds where the salt goes, and the stages it may go in at, to a make that salts dry in one stage. */
function saltedAt(method: Method): Method {
  const index = method.stages.findIndex((stage) => stage.id === 'salt');
  const salt = method.stages[index];
  if (!salt || method.options.saltBy || salt.params.days !== undefined) return method;
  const stretched = method.stages.findIndex((stage) => stage.kind === 'stretch');
  const usual: SaltAt = stretched >= 0 && stretched < index ? 'stretch' : 'curd';
  const acid = method.stages.findIndex((stage) => stage.kind === 'add-acid' && stage.params.cold !== true);
  const off = method.stages.findIndex((stage) => stage.kind === 'draw-whey' || stage.kind === 'drain');
  const before: [number, SaltAt][] = [];
  if (acid > 0) before.push([acid, 'milk']);
  if (off > 0 && method.bag === null) before.push([off, 'whey']);
  if (usual === 'stretch') before.push([stretched, 'curd']);
  const choices = [
    ...new Set([...before.map(([, at]) => at), usual, ...(usual === 'curd' ? ['surface' as const] : [])]),
  ];
  if (choices.length < 2) return method;
  const only = (stage: StageSpec, at: readonly SaltAt[]): StageSpec => ({
    ...stage,
    onlyIf: [...(stage.onlyIf === undefined ? [] : [stage.onlyIf].flat()), { option: 'saltAt', is: [...at] }],
  });
  const stages = method.stages.flatMap((stage, i) => [
    ...before
      .filter(([at]) => at === i)
      .map(([, at]) => only({ ...salt, id: `salt-${at}`, params: { ...salt.params, at } }, [at])),
    i === index
      ? only(
          { ...stage, params: { ...stage.params, at: { option: 'saltAt' } } },
          choices.filter((at) => !before.some(([, other]) => other === at)),
        )
      : stage,
  ]);
  const option = school(
    'Salt goes in',
    usual,
    choices.map((at) => [at, ...SALT_AT[at]] as const),
    'How much of it stays depends on how much whey is still there.',
  );
  return {
    ...method,
    options: { ...method.options, saltAt: { ...option, rare: true } as MethodOption },
    stages,
  };
}

/** A make with everything its stages can be told by habit, as options that few ask for. */
export function withHabits(method: Method): Method {
  const options = { ...method.options };
  const stages = [...method.stages];
  for (const habit of HABITS) {
    // Milk may be warmed a little first; the warming that counts is the last.
    const index = stages.findLastIndex((stage) => fits(habit, stage) && stage.kind === 'warm');
    const at = index >= 0 ? index : stages.findIndex((stage) => fits(habit, stage));
    const stage = stages[at];
    if (!stage) continue;
    const found = taken(habit, stage, options);
    if (!found) continue;
    options[habit.option] = found.option;
    stages[at] = found.stage;
  }
  return saltedAt({ ...method, options, stages });
}
