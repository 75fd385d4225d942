import type { Page } from '@playwright/test';
import { basic, planned } from '../src/plan/fixtures/briefs';

/** Puts rows into a table of the database as they are, past everything that reads them first. */
export const tear = (page: Page, table: string, ...rows: object[]) =>
  page.evaluate(
    ({ table, rows }) =>
      new Promise<void>((resolve, reject) => {
        const opened = indexedDB.open('plump-pail');
        opened.onerror = () => reject(opened.error);
        opened.onsuccess = () => {
          const writing = opened.result.transaction(table, 'readwrite');
          for (const row of rows) writing.objectStore(table).put(row);
          writing.oncomplete = () => {
            opened.result.close();
            resolve();
          };
          writing.onerror = () => reject(writing.error);
        };
      }),
    { table, rows },
  );

export const { plan, parameters } = planned(basic('paneer', { litres: 6 }));
/** The start of a make from another device. */
export const started = {
  type: 'started',
  name: 'Paneer from afar',
  milkName: '',
  plan,
  parameters,
  modelVersion: 2,
};
/** Such a make as a file, its events a minute apart. */
export const make = (events: object[]) => ({
  format: 'plump-pail/make',
  version: 1,
  id: 'make-from-afar',
  events: events.map((event, seq) => ({ seq, at: 1_795_680_000_000 + seq * 60_000, ...event })),
});
