import type { Resolved } from './brief/resolved';
import { usualFor } from './brief/usual';
import { TABLET_G } from './doses';
import type { Planned } from './planned';
import type { Dose, Plan } from './schema';

/** Which of the maker's units a compared figure is written in. */
export type Measure =
  | 'kg of 100 L'
  | 'money of a kg'
  | 'minutes of a kg'
  | 'kg'
  | 'hours'
  | 'minutes'
  | 'percent'
  | 'litres'
  | 'grams'
  | 'tablets'
  | 'pH'
  | 'plain';

export interface Difference {
  what: string;
  measure: Measure;
  before: number | null;
  after: number | null;
  /** Change against what was, 0.1 for a tenth more; one thing gone or come counts as 1. */
  relative: number;
}

/** How much a change of a figure matters to a maker, against a like change of the yield. Common practice. */
const WEIGHT: Record<string, number> = {
  cheese: 1,
  'cheese of 100 L': 1.5,
  'a kilo costs': 1.2,
  'hours to ready': 0.9,
  'hands on': 0.9,
  'hands for a kilo': 0.8,
  moisture: 2,
  'fat in dry matter': 1,
};

/** A dose as its maker counts it, whatever else it is taken from. */
function doseFigure({ id, ingredient, grams, measure }: Dose): [string, Measure, number] {
  if (id === 'coagulant' && measure === 'pieces') return [ingredient, 'tablets', grams / TABLET_G];
  return [id === 'salt' ? 'salt' : ingredient, 'grams', grams];
}

const figuresOf = ({ predictions: p, brief, doses }: Plan): [string, Measure, number | null][] => [
  ['cheese', 'kg', p.yieldKg.likely],
  ['cheese of 100 L', 'kg of 100 L', (100 * p.yieldKg.likely) / (brief.milk.litres ?? 1)],
  ['a kilo costs', 'money of a kg', p.costPerKg],
  ['hours to ready', 'hours', p.totalHours],
  ['hands on', 'minutes', p.handsOnMin],
  ['hands for a kilo', 'minutes of a kg', p.handsOnMin / p.yieldKg.likely],
  ['moisture', 'percent', p.moisturePct],
  ['fat in dry matter', 'percent', p.fatInDryMatterPct],
  ['time to a clean cut', 'minutes', p.setMin?.likely ?? null],
  ['souring', 'hours', p.acidifyHours?.likely ?? null],
  ['draining', 'hours', p.drainHours?.likely ?? null],
  ['whey', 'litres', p.wheyLitres],
  ...doses.map(doseFigure),
];

/** A change too small to speak of. */
const LEAST = 0.005;

/** What comes out differently, those that matter first. */
export function differences(before: Plan, after: Plan): Difference[] {
  const was = figuresOf(before);
  const now = new Map(figuresOf(after).map(([what, , value]) => [what, value]));
  const names = new Set([...was.map(([what]) => what), ...now.keys()]);
  const measures = new Map([...figuresOf(after), ...was].map(([what, measure]) => [what, measure]));
  return [...names]
    .map((what): Difference => {
      const b = was.find(([name]) => name === what)?.[2] ?? null;
      const a = now.get(what) ?? null;
      const relative = b === null || a === null ? (a === b ? 0 : 1) : b === 0 ? Number(a !== 0) : a / b - 1;
      return { what, measure: measures.get(what) ?? 'plain', before: b, after: a, relative };
    })
    .filter((one) => Math.abs(one.relative) > LEAST)
    .sort(
      (a, b) =>
        Math.abs(b.relative) * (WEIGHT[b.what] ?? 0.5) - Math.abs(a.relative) * (WEIGHT[a.what] ?? 0.5),
    );
}

/** One thing that was changed in the brief: its dotted path, what it was and what it is. */
export interface Change {
  path: string;
  before: unknown;
  after: unknown;
}

/** Told whole: a dose in hand with its measure, calcium with its own, and what is a row. */
const isWhole = (key: string, value: unknown) =>
  key === 'given' || key === 'calcium' || Array.isArray(value) || value === null || typeof value !== 'object';

const leaves = (value: object, path = ''): [string, unknown][] =>
  Object.entries(value).flatMap(([key, inner]) =>
    isWhole(key, inner) ? [[`${path}${key}`, inner]] : leaves(inner, `${path}${key}.`),
  );

/** What a brief need not say, and is so all the same. */
const UNSAID = [
  ['heat.by', 'hob'],
  ['salt.kind', 'fine'],
] as const;

/** Of a part of the batch, what kind it is: of another kind, all the rest of it is other. */
const KINDS = ['acid.kind', 'coagulant.form', 'culture.form', 'heat.by'];
const STAYS_WITH_ANY_KIND = /\.(given|price)$/;

/** When it is made and by whom, in which money and where its figures are from: nothing of what is made. */
const ELSEWHERE = /^(seed|start|readyBy|asleep|away|currency|sources)(\.|$)/;

/** Where an option stands in a brief. */
const OPTION = 'options.';

/** A plan and the make it is of. */
type PlannedAs = Pick<Planned, 'plan' | 'method'>;

/** Every option that stands as it follows from the batch, asked for by nobody. */
function following({ plan: { brief }, method }: PlannedAs): ReadonlySet<string> {
  const usual = usualFor(brief as Resolved, method, brief.milk.litres ?? 1);
  const options = brief.options ?? {};
  return new Set(Object.keys(usual).filter((key) => usual[key] === options[key]));
}

/** Options that stand in both plans as they follow from each one's batch: nobody has changed anything there. */
export function followingBoth(before: PlannedAs, after: PlannedAs): ReadonlySet<string> {
  const follows = following(after);
  return new Set([...following(before)].filter((key) => follows.has(key)));
}

/** Whether a change says something of its own, beside a part of the batch that has become another kind. */
const saysMore = (kind: string, path: string) =>
  path === kind || !path.startsWith(kind.slice(0, kind.indexOf('.') + 1)) || STAYS_WITH_ANY_KIND.test(path);

/**
 * What the briefs of two plans differ in; what merely follows from something else that was changed, in the one as in the other, is not
 * among it. Of another make, that is told and what both are asked for: its options are its own.
 */
export function changes(before: PlannedAs, after: PlannedAs): Change[] {
  const said = ({ plan: { brief } }: PlannedAs) => new Map<string, unknown>([...UNSAID, ...leaves(brief)]);
  const [was, now] = [said(before), said(after)];
  const others = [...new Set([...was.keys(), ...now.keys()])]
    .filter(
      (path) => JSON.stringify(was.get(path)) !== JSON.stringify(now.get(path)) && !ELSEWHERE.test(path),
    )
    .map((path): Change => ({ path, before: was.get(path), after: now.get(path) }));
  if (before.method.id !== after.method.id)
    return [
      { path: 'method', before: before.method.title, after: after.method.title },
      ...others.filter(
        ({ path, before: one, after: other }) =>
          path !== 'method' && !path.startsWith(OPTION) && one !== undefined && other !== undefined,
      ),
    ];
  const follow = followingBoth(before, after);
  const otherKinds = KINDS.filter((kind) => others.some(({ path }) => path === kind));
  return others.filter(
    ({ path }) =>
      !(path.startsWith(OPTION) && follow.has(path.slice(OPTION.length))) &&
      otherKinds.every((kind) => saysMore(kind, path)),
  );
}
