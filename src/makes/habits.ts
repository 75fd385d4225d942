import type { CurdStyleName } from '../core/curd/styles';
import { PLACES, type Place } from '../core/heat/places';
import { stageKind } from './kinds';
import type { Method, MethodOption, StageSpec } from './method';
import { amount, heat, school } from './options';
import type { Habit } from './traits';

const fits = (habit: Habit, stage: StageSpec) =>
  Object.entries(habit.where ?? {}).every(([key, value]) => stage.params[key] === value);

/** Where it stands, each with what comes of it. Common practice. */
const PLACE_SAYS: Record<Place, readonly [text: string, reason: string]> = {
  room: ['in the room', 'Sooner done; its hours in the warm count.'],
  fridge: ['in the fridge', 'Slower, and safe for longer.'],
};

function optionOf({ label, reason, range }: Habit, usual: number): MethodOption {
  if (range === 'press-steps') return { type: 'steps', rare: true, label, default: [], reason };
  if (range === 'place') {
    const places = PLACES.map((place) => [place, ...PLACE_SAYS[place]] as const);
    return { ...school(label, 'room', places, reason), rare: true };
  }
  const { unit, min, max, step = 1 } = range;
  const reach = { default: usual, min: Math.min(min, usual), max: Math.max(max, usual), step };
  const number = unit === '°C' ? heat(label, reach, reason) : amount(label, unit, reach, reason);
  return { ...number, rare: true };
}

/** A make's own number, from as little to as much as the habit has it; null where it is no such number. */
function widened(own: MethodOption, { range, noughtLeavesOut }: Habit, leaves: boolean): MethodOption | null {
  if (own.type !== 'number' || typeof range === 'string' || own.unit !== range.unit) return null;
  // Only where nought leaves the stage out may it be nought.
  const least = noughtLeavesOut && !leaves ? own.step : range.min;
  const [min, max] = [Math.min(own.min, least), Math.max(own.max, range.max)];
  if (min === own.min && max === own.max) return own;
  return { ...own, min, max, usually: own.usually ?? [own.min, own.max] };
}

/** A stage whose habit is taken up as an option, and that option; null where the make has it already or the stage has not. */
function taken(habit: Habit, stage: StageSpec, options: Method['options']) {
  const now = stage.params[habit.param];
  const named = typeof now === 'object' ? now.option : null;
  const own = named === null ? undefined : options[named];
  if (named !== null && own !== undefined) {
    // A make's own option, which may go as far as makers go.
    const leaves = habit.noughtLeavesOut === true && named === habit.option;
    const wider = widened(own, habit, leaves);
    return wider && { stage: leaves ? leftOutAtNought(stage, habit) : stage, name: named, option: wider };
  }
  const there = Object.hasOwn(options, habit.option) ? options[habit.option] : undefined;
  if (there && !(habit.shared && there.label === habit.label)) return null;
  const usual = typeof now === 'number' ? now : typeof habit.range === 'string' ? 0 : habit.usual;
  if (usual === undefined) return null;
  const filled = { ...stage, params: { ...stage.params, [habit.param]: { option: habit.option } } };
  return {
    stage: habit.noughtLeavesOut ? leftOutAtNought(filled, habit) : filled,
    name: habit.option,
    option: there ?? optionOf(habit, usual),
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
/** What the hot milk is where whey is in the pot. */
const HOT_WHEY = [
  'in the hot whey',
  'Most of it stays in the whey: it wants much, and salts evenly.',
] as const;

/** Curd that is never in one piece has no faces. */
const NO_FACES: readonly CurdStyleName[] = ['cottage', 'cream-cheese', 'skyr'];

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
    ...new Set([
      ...before.map(([, at]) => at),
      usual,
      ...(usual === 'curd' && !NO_FACES.includes(method.style) ? ['surface' as const] : []),
    ]),
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
    choices.map((at) => [at, ...(at === 'milk' && method.of === 'whey' ? HOT_WHEY : SALT_AT[at])] as const),
    'How much of it stays depends on how much whey is still there, and on the waters after it.',
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
  // Where a kind comes twice, the last is the one that counts: milk may be warmed a little first.
  for (let i = stages.length - 1; i >= 0; i--) {
    for (const habit of stageKind((stages[i] as StageSpec).kind).habits) {
      const stage = stages[i] as StageSpec;
      const found = fits(habit, stage) ? taken(habit, stage, options) : null;
      if (!found) continue;
      options[found.name] = found.option;
      stages[i] = found.stage;
    }
  }
  return saltedAt({ ...method, options, stages });
}
