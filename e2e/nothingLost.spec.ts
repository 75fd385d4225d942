import { expect, type Page, test } from '@playwright/test';
import { METHODS } from '../src/makes';
import { make, plan, started, tear } from './fromAfar';
import { action, begin, give, open, product, saved, stored, toThePot } from './kitchen';

/** From now on, until it is let go, the browser has no room for anything new. */
async function fillDisk(page: Page) {
  await page.addInitScript(() => {
    for (const way of ['add', 'put'] as const) {
      const real = IDBObjectStore.prototype[way];
      IDBObjectStore.prototype[way] = function (this: IDBObjectStore, ...args: [unknown, IDBValidKey?]) {
        if ((window as { full?: boolean }).full)
          throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
        return real.apply(this, args);
      };
    }
  });
  return (full: boolean) =>
    page.evaluate((now) => {
      (window as { full?: boolean }).full = now;
    }, full);
}

test('a torn make is set aside and named; every view works, and it can be saved and taken out', async ({
  page,
}) => {
  await open(page, '/plan');
  await toThePot(page);
  await tear(
    page,
    'events',
    { makeId: 'torn/make', seq: 0, at: 1, type: 'started', name: 'Torn' },
    { makeId: 'another-make', seq: 3, at: 1e300, type: 'done', stage: 'x' },
  );
  await tear(page, 'goods', { id: 'jar', name: 'a broken jar', kind: 7 });
  await tear(page, 'settings', { key: 'reckoner', value: 'nonsense' });
  for (const path of ['/plan', '/pot', '/book', '/shelf', '/methods', '/reckon']) {
    await page.goto(path);
    await expect(page.getByRole('main').getByRole('heading').first()).toBeVisible();
    await expect(page.getByRole('link', { name: 'See in the kitchen' })).toBeVisible();
  }
  await page.getByRole('link', { name: 'See in the kitchen' }).click();
  const aside = page.getByRole('region', { name: 'Set aside' });
  await expect(aside.getByRole('listitem')).toHaveCount(4);
  await expect(aside).toContainText('A good of the shelf, “a broken jar”');
  await expect(aside).toContainText('entry 0 of its log is missing');
  expect(JSON.parse(await saved(page, 'A make, “Torn”: save as a file')).events).toHaveLength(1);
  while ((await aside.count()) > 0) {
    const left = await aside.getByRole('listitem').count();
    await aside
      .getByRole('button', { name: /take it out/ })
      .first()
      .click();
    await expect(page.getByRole('region', { name: 'Set aside' }).getByRole('listitem')).toHaveCount(left - 1);
  }
  await page.goto('/pot');
  await page.getByRole('region', { name: 'Now' }).waitFor();
});

test('files that would lock every door are refused at their field, and nothing changes', async ({ page }) => {
  await open(page, '/book');
  const answer = page.getByRole('alert').filter({ hasText: 'nothing has changed' });
  for (const [wrong, words] of [
    [make([{ ...started, parameters: {} }]), /parameters\..*give what a/],
    [make([started, { type: 'note', text: 'late', at: 1e20 }]), /at: is 100000000000000000000; give 0 to/],
    [
      make([{ ...started, plan: { ...plan, stages: plan.stages.map((s) => ({ ...s, startMin: 1e300 })) } }]),
      /startMin/,
    ],
    [{ ...make([started]), id: 'a/b?c#d-and-more' }, /id: .*letters, digits/],
  ] as const) {
    await give(page, 'Take in a make', wrong);
    await expect(answer).toContainText(words);
  }
  await page.goto('/methods');
  const paneer = METHODS.find((method) => method.id === 'paneer') as (typeof METHODS)[number];
  const hold = { ...paneer.options.holdMin, default: 1e11, max: 1e11 };
  await give(page, 'Open a method file', {
    ...paneer,
    id: 'mine',
    options: { ...paneer.options, holdMin: hold },
  });
  await expect(answer).toContainText(/options\.holdMin\.(default|max)/);
  expect(await stored(page)).toEqual([]);
});

test('where the disk is full every sheet stays open with what was typed, and says so until answered', async ({
  page,
}) => {
  const full = await fillDisk(page);
  await open(page, '/shelf');
  await full(true);
  await page.getByRole('button', { name: 'A can of milk' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name').fill('Monday’s can');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  const said = page.getByText(/“Monday’s can” could not be written down: there is no room/);
  await expect(said).toBeVisible();
  await page.clock.fastForward('05:00');
  await expect(said).toBeVisible();
  await expect(sheet.getByLabel('Name')).toHaveValue('Monday’s can');
  await full(false);
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('article', { name: 'Monday’s can' })).toBeVisible();

  await page.goto('/plan');
  await begin(page);
  await toThePot(page);
  await full(true);
  await page.getByRole('button', { name: 'All clean' }).click();
  await expect(page.getByText(/could not be written down: there is no room/)).toBeVisible();
  await expect(action(page)).toContainText('Clean');
  await full(false);
  await page.getByRole('button', { name: 'All clean' }).click();
  await expect(action(page)).not.toContainText('Clean');

  await page.goto('/kitchen');
  const backup = await saved(page, 'Save a backup');
  await full(true);
  await give(page, 'Bring a backup back', backup);
  await expect(page.getByText(/could not be written down: there is no room/)).toBeVisible();
  await full(false);
  await page.goto('/pot');
  await page.getByRole('region', { name: 'Now' }).waitFor();
});

test('a view that cannot be loaded says so in its place, and the others go on', async ({ page }) => {
  await page.route(/assets\/ShelfView-.*\.js/, (route) => route.abort());
  await open(page, '/book');
  const ways = page.getByRole('navigation', { name: 'Ways around' });
  await ways.getByRole('link', { name: 'Shelf' }).click();
  await expect(page.getByRole('alert')).toContainText('This view cannot be shown.');
  await ways.getByRole('link', { name: 'Methods' }).click();
  await expect(page.getByRole('heading', { name: 'Methods' })).toBeVisible();
  await page.unroute(/assets\/ShelfView-.*\.js/);
  await ways.getByRole('link', { name: 'Shelf' }).click();
  await page.getByRole('button', { name: 'Load it again' }).click();
  await expect(page.getByRole('heading', { name: 'Shelf', level: 1 })).toBeVisible();
});

test('a worker that fails is started again and says so; the plan stands', async ({ page }) => {
  await page.addInitScript(() => {
    window.Worker = class extends EventTarget {
      constructor() {
        super();
        queueMicrotask(() => this.dispatchEvent(new Event('error')));
      }
      postMessage() {}
      terminate() {}
    } as never;
  });
  await open(page, '/plan');
  await expect(page.getByText(/broke off and has been started anew/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'To weigh out' })).toBeVisible();
});

test('a store of a newer version is not touched, and what to do is said', async ({ page }) => {
  await page.route('**/held', (route) => route.fulfill({ contentType: 'text/html', body: '<p>held</p>' }));
  await page.goto('/held');
  await page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const opened = indexedDB.open('plump-pail', 9000);
        opened.onupgradeneeded = () => {
          for (const table of ['makes', 'events', 'milks', 'goods', 'methods', 'photos', 'settings'])
            opened.result.createObjectStore(table);
        };
        opened.onsuccess = () => {
          opened.result.close();
          resolve();
        };
      }),
  );
  await page.goto('/plan');
  await expect(page.locator('#root')).toContainText(/newer version.*Reload.*Nothing has been deleted/);
});

test('what waits torn from an earlier page locks no door', async ({ page }) => {
  await page.addInitScript(() => {
    localStorage.setItem('waiting:draft', '{"value":{"method":"pan');
    localStorage.setItem('waiting:kitchen', JSON.stringify({ value: { roomC: 900 }, at: 1e300, by: 'x' }));
  });
  await open(page, '/plan');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
});

test('more cream than can be is said at its field, and the plan before it stands', async ({ page }) => {
  await open(page, '/plan');
  await page.getByRole('button', { name: 'Stir in cream' }).click();
  await product(page, 'cream');
  await page.getByRole('textbox', { name: 'Cream', exact: true }).fill('9');
  await page.getByRole('textbox', { name: 'Moisture wanted', exact: true }).fill('78');
  await expect(page.getByText(/wetter than this curd is/i)).toBeVisible();
  await expect(page.getByTestId('yield')).not.toContainText('NaN');
});
