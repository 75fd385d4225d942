import { parseISO } from 'date-fns';
import { does } from '../../makes/asked';
import type { Plan } from '../../plan/schema';
import { momentText } from '../common/times';

/** When a plan's milk first goes onto the heat, ms; at its start where nothing is warmed. */
export const warmedAt = (plan: Plan, now: number): number =>
  timesOf(plan, now).startMs +
  (plan.stages.find((stage) => does(stage, 'heats-milk'))?.startMin ?? 0) * 60_000;

/** When a plan starts and is ready on the wall clock; a plan without a time starts now. */
export function timesOf(plan: Plan, now: number) {
  const minutes = plan.stages.reduce((sum, stage) => sum + stage.durationMin.likely, 0);
  const { start, readyBy } = plan.brief;
  const startMs = start
    ? parseISO(start).getTime()
    : readyBy
      ? parseISO(readyBy).getTime() - minutes * 60_000
      : now;
  const readyMs = startMs + minutes * 60_000;
  const late = startMs < now - 90_000;
  return {
    startMs,
    readyMs,
    startText: start || readyBy ? `${momentText(startMs, now)}${late ? ', which has passed' : ''}` : 'now',
    readyText: momentText(readyMs, now),
  };
}
