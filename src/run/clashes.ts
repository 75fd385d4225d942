import type { Plan } from '../plan/schema';
import { expectedEnd } from './expect';
import type { MakeState } from './state';

/** A stretch of time in which a stage wants somebody's hands, ms on the wall clock. */
export interface HandsOn {
  stage: string;
  title: string;
  from: number;
  to: number;
}

/** Below this a stage is a tap in passing, min. */
const SHORTEST_MIN = 1;

type Handed = Pick<Plan['stages'][number], 'id' | 'title' | 'handsOnMin' | 'durationMin' | 'hands'>;

/** A stage's windows; one of an earlier version wants its hands as it begins. */
const windowsOf = ({ hands, handsOnMin, durationMin }: Handed): readonly (readonly [number, number])[] =>
  hands ?? [[0, Math.min(handsOnMin, durationMin.likely)]];

function handsOf(stages: readonly Handed[], fromMs: number): HandsOn[] {
  const found: HandsOn[] = [];
  let at = fromMs;
  for (const stage of stages) {
    for (const [from, to] of windowsOf(stage))
      if (to - from >= SHORTEST_MIN)
        found.push({
          stage: stage.id,
          title: stage.title,
          from: at + from * 60_000,
          to: at + to * 60_000,
        });
    at += stage.durationMin.likely * 60_000;
  }
  return found;
}

/** When a plan that starts at `startMs` wants hands. */
export const planHands = (plan: Plan, startMs: number): HandsOn[] => handsOf(plan.stages, startMs);

/** When a running make still wants hands, from its next stage on, as it stands now. */
export const runHands = (state: MakeState, now: number): HandsOn[] =>
  handsOf(state.plan.stages.slice(state.index + 1), Math.max(now, expectedEnd(state)));

/** A moment at which more pots want somebody than there are hands. */
export interface Clash {
  at: number;
  ours: HandsOn;
  /** The other makes that want hands then, by name. */
  others: { name: string; what: HandsOn }[];
}

/** The first moment of each of our stages at which the pots together want more than `hands` pairs of hands. */
export function clashesOf(
  ours: readonly HandsOn[],
  running: readonly { name: string; hands: readonly HandsOn[] }[],
  hands: number,
): Clash[] {
  return ours.flatMap((mine) => {
    const starts = [mine.from, ...running.flatMap((make) => make.hands.map((one) => one.from))]
      .filter((at) => at >= mine.from && at < mine.to)
      .sort((a, b) => a - b);
    for (const at of starts) {
      const others = running.flatMap((make) => {
        const what = make.hands.find((one) => one.from <= at && at < one.to);
        return what ? [{ name: make.name, what }] : [];
      });
      if (others.length + 1 > hands) return [{ at, ours: mine, others }];
    }
    return [];
  });
}
