import type { DBCore, DBCoreKeyRange, DBCoreMutateRequest, DBCoreTransaction } from 'dexie';
import { packOf } from './packOf';

/** What is reckoned once from a make's log and kept beside it, keyed by make and length of the log; lost, it is reckoned again. */
export const BESIDE_LOG = ['summaries', 'taught'] as const;

/** Where summaries stand packed, and what all makes teach together: what is struck out goes there too. */
const PACKED = 'packs';
const TOGETHER = 'learned';

/** A make with the length of its log. */
export type AsLong = [makeId: string, events: number];

const firstOf = (key: unknown): unknown => (Array.isArray(key) ? key[0] : undefined);

/** The makes that a write to the log is about; null where it may be about any. */
function makesOf(request: DBCoreMutateRequest): string[] | null {
  switch (request.type) {
    case 'deleteRange': {
      const [from, to] = [firstOf(request.range.lower), firstOf(request.range.upper)];
      return from !== undefined && from === to ? [String(from)] : null;
    }
    case 'delete':
      return [...new Set(request.keys.map((key) => String(firstOf(key))))];
    default:
      return [...new Set(request.values.map((row: { makeId?: unknown }) => String(row.makeId)))];
  }
}

const RANGE = 2;

/** Makes written to at once from which on what stands beside is looked through as a whole. */
const MANY = 8;

/** Strikes out what stands beside the logs of these makes, or of all for null, in the transaction that changes them. */
async function strikeOut(core: DBCore, trans: DBCoreTransaction, makes: string[] | null): Promise<void> {
  const all = { type: RANGE, lower: core.MIN_KEY, upper: core.MAX_KEY } as DBCoreKeyRange;
  const few = makes !== null && makes.length < MANY;
  const ranges = few
    ? makes.map(
        (id) => ({ type: RANGE, lower: [id, core.MIN_KEY], upper: [id, core.MAX_KEY] }) as DBCoreKeyRange,
      )
    : [all];
  const struck = makes && new Set<unknown>(makes);
  // Asked for side by side: who notes something waits for these.
  const standing = await Promise.all(
    BESIDE_LOG.flatMap((name) =>
      ranges.map(async (range) => {
        const table = core.table(name);
        const { result } = await table.query({
          trans,
          values: false,
          query: { index: table.schema.primaryKey, range },
        });
        return { name, keys: struck ? result.filter((key: unknown) => struck.has(firstOf(key))) : result };
      }),
    ),
  );
  const packs = new Set<number>();
  let together = false;
  for (const { name, keys } of standing) {
    // Nothing is written where nothing stands, so that nobody who follows these tables is woken.
    if (keys.length > 0) await core.table(name).mutate({ type: 'delete', trans, keys });
    for (const key of keys) packs.add(packOf(String(firstOf(key))));
    if (name === 'taught' && keys.length > 0) together = true;
  }
  if (packs.size > 0) await core.table(PACKED).mutate({ type: 'delete', trans, keys: [...packs] });
  if (together) await core.table(TOGETHER).mutate({ type: 'deleteRange', trans, range: all });
}

/**
 * Stands before the tables: whoever changes a log, strikes out in the same transaction what was reckoned from it, so that what
 * stands beside a log is always true of it.
 */
export const besideLog = (core: DBCore): DBCore => ({
  ...core,
  transaction: (stores, mode, options) =>
    core.transaction(
      mode === 'readwrite' && stores.includes('events')
        ? [...new Set([...stores, ...BESIDE_LOG, PACKED, TOGETHER])]
        : stores,
      mode,
      options,
    ),
  table: (name) => {
    const table = core.table(name);
    if (name !== 'events') return table;
    return {
      ...table,
      mutate: async (request) => {
        await strikeOut(core, request.trans, makesOf(request));
        return table.mutate(request);
      },
    };
  },
});
