import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, type Page, test } from '@playwright/test';
import { appFrom } from '../server/app';
import { action, begin, to, toThePot } from './kitchen';

test.use({ serviceWorkers: 'allow' });

const PORT = 4716;
const HERE = `http://127.0.0.1:${PORT}`;

/** The app as it was built, of another version: its page and its keeper say so. */
function built(version: string): string {
  const dist = mkdtempSync(join(tmpdir(), 'pail-'));
  cpSync(join(import.meta.dirname, '../dist'), dist, { recursive: true });
  const change = (name: string, from: string | RegExp, into: string) => {
    const path = join(dist, name);
    const text = readFileSync(path, 'utf8');
    expect(text).toMatch(from);
    writeFileSync(path, text.replace(from, into));
  };
  change('index.html', /<title>/, `<meta name="built" content="${version}" /><title>`);
  change('sw.js', /plump-pail-\w+/, `plump-pail-${version}`);
  return dist;
}

const served = (dist: string) =>
  new Promise<Server>((resolve) => {
    const server = appFrom(dist, { demo: false }).listen(PORT, '127.0.0.1', () => resolve(server));
  });
const gone = (server: Server) =>
  new Promise<void>((resolve) => {
    server.closeAllConnections();
    server.close(() => resolve());
  });
const version = (page: Page) => page.locator('meta[name="built"]').getAttribute('content');

test('a make that runs keeps its version through an update, with and without a server, until every window is closed', async ({
  context,
}) => {
  const [first, second] = [built('one'), built('two')];
  let server = await served(first);
  const page = await context.newPage();
  await page.goto(`${HERE}/plan`);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.reload();
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  await begin(page);
  await toThePot(page);
  await to(page, /Scald/);
  expect(await version(page)).toBe('one');

  await gone(server);
  server = await served(second);
  await page.reload();
  await expect(action(page)).toContainText('Scald');
  expect(await version(page)).toBe('one');
  await page.evaluate(() => navigator.serviceWorker.getRegistration().then((kept) => kept?.update()));
  await expect(page.getByText('A newer version of Plump Pail is here.')).toBeVisible();
  await page.reload();
  expect(await version(page)).toBe('one');

  await gone(server);
  await page.reload();
  await expect(action(page)).toContainText('Scald');
  expect(await version(page)).toBe('one');

  server = await served(second);
  const at = page.url();
  await page.close();
  await expect(async () => {
    const anew = await context.newPage();
    await anew.goto(at);
    const found = await version(anew);
    if (found === 'two') await expect(action(anew)).toContainText('Scald');
    await anew.close();
    expect(found).toBe('two');
  }).toPass();
  await gone(server);
  for (const dist of [first, second]) rmSync(dist, { recursive: true });
});
