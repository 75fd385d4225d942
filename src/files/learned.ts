import { bad, type Fault, good, type Result } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { beliefOfFile, learnedFile, learnFrom } from '../learn/learn';
import { type Taught, taughtBy } from '../learn/samples';
import { type Learned, learnedSchema } from '../learn/schema';
import { type Brief, briefSchema } from '../plan/brief/schema';
import { type Planned, planBrief } from '../plan/plan';
import { stateOf } from '../run/state';
import { type Backup, backupSchema, upcastBackup } from './backup';
import { type MakeFile, makeSchema } from './make';

const isBackup = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && 'format' in value && value.format === 'plump-pail/backup';

/** What makes teach. */
export const learnMakes = (makes: readonly MakeFile[]): Learned =>
  learnedFile(
    learnFrom(
      makes.flatMap(({ id, events }): Taught[] => {
        const taught = taughtBy(id, stateOf(events));
        return taught ? [taught] : [];
      }),
    ),
  );

/** What the makes of files teach, makes and backups together; one that stands in several counts once. */
export function learnFiles(values: readonly unknown[]): Result<Learned> {
  const makes = new Map<string, MakeFile>();
  const faults: Fault[] = [];
  for (const [i, value] of values.entries()) {
    const read: Result<readonly MakeFile[]> = isBackup(value)
      ? mapped(parse<Backup>(backupSchema, upcastBackup(value)), ({ makes: all }) => all)
      : mapped(parse<MakeFile>(makeSchema, value), (make) => [make]);
    if (read.ok) for (const make of read.value) makes.set(make.id, make);
    else
      faults.push(
        ...read.faults.map((one) => ({
          ...one,
          path: values.length > 1 ? `files.${i}.${one.path}` : one.path,
        })),
      );
  }
  return faults.length > 0 ? { ok: false, faults } : good(learnMakes([...makes.values()]));
}
const mapped = <A, B>(result: Result<A>, to: (value: A) => B): Result<B> =>
  result.ok ? good(to(result.value)) : result;

/** A plan that uses what has been learned, where the brief's sources name the same things. */
export function planWithLearned(value: unknown, learned: unknown): Result<Planned> {
  const brief = parse<Brief>(briefSchema, value);
  if (!brief.ok) return brief;
  const read = parse<Learned>(learnedSchema, learned);
  if (!read.ok)
    return { ok: false, faults: read.faults.map((one) => ({ ...one, path: `learned.${one.path}` })) };
  const wrong = read.value.quirks.findIndex(({ low, likely, high }) => !(low <= likely && likely <= high));
  if (wrong >= 0)
    return bad({
      path: `learned.quirks.${wrong}.likely`,
      problem: 'lies outside its low and high',
      remedy: 'give low, likely and high in that order',
    });
  const { sources = {}, method } = brief.value;
  return planBrief(brief.value, { belief: beliefOfFile(read.value, { ...defined(sources), method }) });
}

const defined = (sources: NonNullable<Brief['sources']>): Record<string, string> =>
  Object.fromEntries(Object.entries(sources).filter((one): one is [string, string] => one[1] !== undefined));
