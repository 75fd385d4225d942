import { bad, good, type Result } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { wallMinutes } from '../core/units/wallTime';
import { planFile } from '../plan/plan';
import { type Plan, planSchema } from '../plan/schema';
import { frozenWhole } from '../run/frozen';
import type { MakeFile } from './make';

/**
 * A make just begun, by a brief or a plan that says when: its one event the start, at that wall time taken as UTC. Other programs
 * may put name, milks, taken and pot into it, and append events. A plan stays as it
 * was given, where its stages are still those of its brief.
 */
export function startFile(value: unknown): Result<MakeFile> {
  const given = planIn(value);
  if (given && !given.ok) return given;
  const planned = planFile(given ? given.value.brief : value);
  if (!planned.ok) return planned;
  const plan = given?.value ?? planned.value.plan;
  const same = planned.value.plan.stages.every(({ id }, i) => plan.stages[i]?.id === id);
  if (!same || planned.value.plan.stages.length !== plan.stages.length)
    return bad({
      path: 'stages',
      problem: 'are not those that its brief gives today',
      remedy: 'plan its brief anew, and begin that',
    });
  const minutes = plan.brief.start === undefined ? null : wallMinutes(plan.brief.start);
  if (minutes === null)
    return bad({ path: 'start', problem: 'is missing', remedy: 'say when it begins, as 2026-11-27T09:00' });
  return good({
    format: 'plump-pail/make',
    version: 1,
    id: `${plan.method}-${plan.brief.start}`.replace(/[^A-Za-z0-9-]/g, '-'),
    events: [
      {
        type: 'started',
        seq: 0,
        at: minutes * 60_000,
        name: plan.method,
        milkName: '',
        ...frozenWhole(planned.value),
        plan,
      },
    ],
  });
}

/** A plan as it stands in a file; null for anything else. */
const planIn = (value: unknown): Result<Plan> | null =>
  typeof value === 'object' && value !== null && 'format' in value && value.format === 'plump-pail/plan'
    ? parse<Plan>(planSchema, value)
    : null;
