import { bad, good, type Result } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { METHODS, type MethodBook, methodById } from '../makes';
import { type Plan, planSchema } from '../plan/schema';
import { stateOf } from '../run/state';
import { summaryOf } from '../run/summary';
import { type WeekPlan, weekPlanSchema } from '../schedule/weekFile';
import { type Backup, backupSchema, upcastBackup } from './backup';
import { makeCalendar, planCalendar } from './calendar';
import { bookCsv, makeCsv, planCsv } from './csv';
import { checkFile } from './kinds';
import { type MakeFile, makeSchema } from './make';
import { makeMarkdown, planMarkdown } from './markdown';
import { weekCalendar, weekCsv, weekMarkdown } from './weekText';

export const CONVERT_TO = ['markdown', 'ics', 'csv'] as const;
export type ConvertTo = (typeof CONVERT_TO)[number];

/** A plan or a make in another open format; `methods` are the makes a plan may be of. */
export function convert(value: unknown, to: ConvertTo, methods: MethodBook = METHODS): Result<string> {
  const found = checkFile(value, methods);
  if (!found.ok) return found;
  switch (found.value.kind) {
    case 'plan': {
      const plan = parse<Plan>(planSchema, value);
      if (!plan.ok) return plan;
      const of = { plan: plan.value, method: methodById(plan.value.method, methods) };
      return to === 'ics' ? planCalendar(of) : good(to === 'csv' ? planCsv(plan.value) : planMarkdown(of));
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
    case 'backup': {
      if (to !== 'csv')
        return bad({ path: 'to', problem: `is ${to} for a backup`, remedy: 'give --to csv: one make a row' });
      const backup = parse<Backup>(backupSchema, upcastBackup(value));
      return backup.ok ? good(makesCsv(backup.value.makes)) : backup;
    }
    case 'week-plan': {
      const week = parse<WeekPlan>(weekPlanSchema, value);
      if (!week.ok) return week;
      const of = { ics: weekCalendar, csv: weekCsv, markdown: weekMarkdown };
      return good(of[to](week.value));
    }
    default:
      return bad({
        path: 'format',
        problem: `is a ${found.value.kind}`,
        remedy: 'give a plan, a make, a week-plan or a backup',
      });
  }
}

const makesCsv = (makes: readonly MakeFile[]): string =>
  bookCsv(makes.map(({ id, events }) => summaryOf(id, stateOf(events))));

/** Several makes as a book, one a row; faults are named by the file's place. */
export function convertMakes(values: readonly unknown[], to: ConvertTo): Result<string> {
  if (to !== 'csv')
    return bad({
      path: 'to',
      problem: `is ${to} for several makes`,
      remedy: 'give --to csv: one make a row',
    });
  const makes: MakeFile[] = [];
  for (const [i, value] of values.entries()) {
    const make = parse<MakeFile>(makeSchema, value);
    if (!make.ok)
      return { ok: false, faults: make.faults.map((one) => ({ ...one, path: `files.${i}.${one.path}` })) };
    makes.push(make.value);
  }
  return good(makesCsv(makes));
}
