import { does } from '../../makes/asked';
import type { PlanOf } from '../planOf';
import { potWanted } from '../tools';

/** A stretch of minutes, from and to. */
export type Stretch = readonly [fromMin: number, toMin: number];

/** What only so many can have at once, besides hands and pots. */
export const SHARED = ['ring', 'press'] as const;
export type Shared = (typeof SHARED)[number];

/** A stage as it stands in a week. */
export interface DemandStage {
  id: string;
  title: string;
  likelyMin: number;
  /** How much shorter and longer it may be, in whole steps of the grid. */
  lessSteps: number;
  moreSteps: number;
  hands: readonly Stretch[];
  uses: readonly Shared[];
}

/** What one make wants of a week. */
export interface Demand {
  id: string;
  stages: readonly DemandStage[];
  /** First and last stage that uses the pot; null for a make without one. */
  pot: { first: number; last: number } | null;
  /** The pot it wants, L, with room above the milk; and its milk alone. */
  potLitres: number;
  litres: number;
  /** The stage whose beginning is the start of warming. */
  warms: number;
}

/** Starts lie on this grid, and waits are longer or shorter by steps of it, min. */
export const GRID_MIN = 5;
const NEAR = 1e-6;
/** Hands this near the end of a stage touch it, min. */
export const TOUCHES_MIN = 1e-3;

/** What a plan wants of a week. A plan of an earlier version, that does not say so, wants its hands as its stages begin, and no more than a pot. */
export function demandOf(id: string, of: PlanOf): Demand {
  const { plan } = of;
  const stages = plan.stages.map((stage): DemandStage => {
    const likelyMin = stage.durationMin.likely;
    const shorter = likelyMin - (stage.atLeastMin ?? likelyMin);
    const longer = (stage.atMostMin ?? likelyMin) - likelyMin;
    return {
      id: stage.id,
      title: stage.title,
      likelyMin,
      lessSteps: Math.max(0, Math.floor(shorter / GRID_MIN + NEAR)),
      moreSteps: Math.max(0, Math.floor(longer / GRID_MIN + NEAR)),
      hands: (stage.hands ?? [[0, Math.min(stage.handsOnMin, likelyMin)]]).filter(([from, to]) => to > from),
      uses: SHARED.filter((one) => stage.uses?.includes(one)),
    };
  });
  const inPot = plan.stages.flatMap((stage, i) => (stage.uses?.includes('pot') ? [i] : []));
  const warms = plan.stages.findIndex((stage) => does(stage, 'heats-milk'));
  return {
    id,
    stages,
    pot: inPot.length > 0 ? { first: inPot[0] as number, last: inPot.at(-1) as number } : null,
    potLitres: potWanted(of),
    litres: plan.brief.milk.litres ?? 0,
    warms: Math.max(0, warms),
  };
}

/** A make with its waits drawn out or cut short by whole steps of the grid: everything in minutes from its start. */
export interface Shape {
  steps: readonly number[];
  /** Minutes away from likely durations. */
  awayMin: number;
  totalMin: number;
  stages: readonly { startMin: number; durationMin: number }[];
  hands: readonly Stretch[];
  pot: Stretch | null;
  shared: Readonly<Record<Shared, readonly Stretch[]>>;
  warmsMin: number;
}

/** When hands are wanted in a stage that lasts longer or shorter than likely: what touches its end stays there, the rest keeps its distance from the start. */
export function handsIn(
  { hands, likelyMin }: Pick<DemandStage, 'hands' | 'likelyMin'>,
  durationMin: number,
): Stretch[] {
  return hands.flatMap(([from, to]): Stretch[] => {
    const moved = to >= likelyMin - TOUCHES_MIN ? durationMin - likelyMin : 0;
    const [a, b] = [Math.max(0, from + moved), Math.min(durationMin, to + moved)];
    return b > a ? [[a, b]] : [];
  });
}

/** A stretch of whole minutes: nobody goes from one pot to the next within one. */
const whole = ([from, to]: Stretch): Stretch => [Math.floor(from + NEAR), Math.ceil(to - NEAR)];

/** Stretches in order, those that touch made one: one pair of hands is wanted once. */
function merged(stretches: readonly Stretch[]): Stretch[] {
  const found: [number, number][] = [];
  for (const [from, to] of [...stretches].sort((a, b) => a[0] - b[0])) {
    const last = found.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else found.push([from, to]);
  }
  return found;
}

/** A make with so many steps added to or taken from each stage. */
export function shapeOf({ stages, pot, warms }: Demand, steps: readonly number[]): Shape {
  let at = 0;
  let awayMin = 0;
  const placed: { startMin: number; durationMin: number }[] = [];
  const hands: Stretch[] = [];
  const shared: Record<Shared, Stretch[]> = { ring: [], press: [] };
  stages.forEach((stage, i) => {
    const by = (steps[i] ?? 0) * GRID_MIN;
    const durationMin = stage.likelyMin + by;
    awayMin += Math.abs(by);
    placed.push({ startMin: at, durationMin });
    for (const [from, to] of handsIn(stage, durationMin)) hands.push(whole([at + from, at + to]));
    for (const one of stage.uses) shared[one].push(whole([at, at + durationMin]));
    at += durationMin;
  });
  const [first, last] = [pot && placed[pot.first], pot && placed[pot.last]];
  return {
    steps,
    awayMin,
    totalMin: at,
    stages: placed,
    hands: merged(hands),
    pot: first && last ? whole([first.startMin, last.startMin + last.durationMin]) : null,
    shared: { ring: merged(shared.ring), press: merged(shared.press) },
    warmsMin: placed[warms]?.startMin ?? 0,
  };
}
