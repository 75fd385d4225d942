import type { Result } from '../../core/faults/fault';
import { good } from '../../core/faults/fault';
import { parse } from '../../core/faults/zodFaults';
import { convert } from '../../files/convert';
import { checkFile } from '../../files/kinds';
import type { MethodBook } from '../../makes';
import { type Brief, briefSchema } from '../../plan/brief/schema';
import type { Planned } from '../../plan/plan';
import { type Plan, planSchema } from '../../plan/schema';

/** A plan as text or as a calendar. A calendar wants a beginning: a plan without one begins at `startWall`. */
export function give(
  { plan }: Planned,
  to: 'markdown' | 'ics',
  startWall: string,
  methods: MethodBook,
): Result<string> {
  const { start, readyBy } = plan.brief;
  const begins = start === undefined && readyBy === undefined;
  return convert(begins ? { ...plan, brief: { ...plan.brief, start: startWall } } : plan, to, methods);
}

/** The brief that a file holds, by itself or in a plan. */
export function take(value: unknown, methods: MethodBook): Result<Brief> {
  const found = checkFile(value, methods);
  if (!found.ok) return found;
  if (found.value.kind !== 'plan') return parse<Brief>(briefSchema, value);
  const plan = parse<Plan>(planSchema, value);
  return plan.ok ? good(plan.value.brief) : plan;
}
