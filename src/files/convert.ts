import { bad, good, type Result } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { type Plan, planSchema } from '../plan/schema';
import { stateOf } from '../run/state';
import { makeCalendar, planCalendar } from './calendar';
import { makeCsv, planCsv } from './csv';
import { checkFile } from './kinds';
import { type MakeFile, makeSchema } from './make';
import { makeMarkdown, planMarkdown } from './markdown';

export const CONVERT_TO = ['markdown', 'ics', 'csv'] as const;
export type ConvertTo = (typeof CONVERT_TO)[number];

/** A plan or a make in another open format. */
export function convert(value: unknown, to: ConvertTo): Result<string> {
  const found = checkFile(value);
  if (!found.ok) return found;
  switch (found.value.kind) {
    case 'plan': {
      const plan = parse<Plan>(planSchema, value);
      if (!plan.ok) return plan;
      return to === 'ics'
        ? planCalendar(plan.value)
        : good(to === 'csv' ? planCsv(plan.value) : planMarkdown(plan.value));
    }
    case 'make': {
      const make = parse<MakeFile>(makeSchema, value);
      if (!make.ok) return make;
      const state = stateOf(make.value.events);
      return good(
        to === 'ics'
          ? makeCalendar(state, make.value.id)
          : to === 'csv'
            ? makeCsv(make.value.events)
            : makeMarkdown(state),
      );
    }
    default:
      return bad({ path: 'format', problem: `is a ${found.value.kind}`, remedy: 'give a plan or a make' });
  }
}
