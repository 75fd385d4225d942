import type { Page } from '@playwright/test';

/** Takes a table into a writing hand of its own, so that nothing else comes to it; gives back what lets it go, as a reload does. */
export async function heldDisk(page: Page, table: 'events' | 'methods'): Promise<() => Promise<unknown>> {
  await page.evaluate(
    (table) =>
      new Promise<void>((held) => {
        const opened = indexedDB.open('plump-pail');
        opened.onsuccess = () => {
          const store = opened.result.transaction(table, 'readwrite').objectStore(table);
          let on = true;
          document.addEventListener('let-go', () => {
            on = false;
          });
          const hold = () => {
            if (on) store.count().onsuccess = hold;
          };
          hold();
          held();
        };
      }),
    table,
  );
  return () => page.evaluate(() => document.dispatchEvent(new Event('let-go')));
}
