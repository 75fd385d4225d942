import { liveQuery } from 'dexie';
import { useEffect, useMemo, useState } from 'react';
import type { MakeEvent } from '../run/events';
import { type MakeView, stateFor } from './folded';
import { readLog, TornLog } from './log';
import { usePorts } from './ports';
import { useAppSelector } from './store';

/** A make with its log, read from the store when it is wanted. */
export interface OpenMake extends MakeView {
  log: readonly MakeEvent[];
}

/**
 * Makes by their ids, in that order, followed as they change; those that are not here are left out. Null until they are read. A make that
 * runs is at hand already.
 */
export function useMakes(ids: readonly string[]): readonly OpenMake[] | null {
  const { db } = usePorts();
  const loaded = useAppSelector((state) => state.data.loaded);
  const atHand = useAppSelector((state) => state.data.logs);
  const names = JSON.stringify(ids);
  const [read, setRead] = useState<{ of: string; logs: ReadonlyMap<string, readonly MakeEvent[]> }>({
    of: '',
    logs: new Map(),
  });
  useEffect(() => {
    const wanted: string[] = JSON.parse(names);
    const one = async (id: string) => {
      try {
        return await readLog(db, id);
      } catch (error) {
        if (error instanceof TornLog) return [];
        throw error;
      }
    };
    const reading = liveQuery(() => Promise.all(wanted.map(one))).subscribe({
      next: (logs) => setRead({ of: names, logs: new Map(logs.map((log, i) => [wanted[i] ?? '', log])) }),
      error: console.error,
    });
    return () => reading.unsubscribe();
  }, [db, names]);
  return useMemo(() => {
    const wanted: string[] = JSON.parse(names);
    const found = wanted.map((id) => atHand[id] ?? (read.of === names ? read.logs.get(id) : undefined));
    if (!loaded || found.some((log) => log === undefined)) return null;
    return wanted.flatMap((id, i) => {
      const log = found[i] ?? [];
      return log.length > 0 ? [{ id, log, state: stateFor(log) }] : [];
    });
  }, [names, atHand, read, loaded]);
}
