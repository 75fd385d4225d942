import { bad, good, type Result } from '../core/faults/fault';
import { wallMinutes } from '../core/units/wallTime';
import { planFile } from '../plan/plan';
import { frozen, frozenMethod } from '../run/frozen';
import type { MakeFile } from './make';

/**
 * A make just begun, by a brief or a plan that says when: its one event the start, at that wall time taken as UTC. Other programs
 * may put name, milks, taken and pot into it, and append events. A plan is made anew of its own brief: the same model, the same figures.
 */
export function startFile(value: unknown): Result<MakeFile> {
  const brief =
    typeof value === 'object' && value !== null && 'brief' in value && 'stages' in value
      ? value.brief
      : value;
  const planned = planFile(brief);
  if (!planned.ok) return planned;
  const { plan } = planned.value;
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
        ...frozen(planned.value),
        ...frozenMethod(plan),
      },
    ],
  });
}
