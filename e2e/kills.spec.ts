import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { OWN } from '../playwright.config';
import { seeded } from '../src/core/stats/random';
import { FAMILIES } from './families';
import { killable } from './killable';
import { action, choose, stored, toThePot } from './kitchen';

/** Kills of all makes together; more of them where somebody asks. */
const KILLS = Number(process.env.KILLS ?? 20);
const EACH = Math.ceil(KILLS / FAMILIES.length);

for (const [family, make] of FAMILIES.entries())
  test(`${make}: a browser killed ${EACH} times, at seeded moments and with writes in flight, loses nothing that showed as noted`, async ({
    launchOptions,
  }) => {
    test.setTimeout(300_000 + EACH * 60_000);
    const home = await mkdtemp(join(tmpdir(), 'pail-'));
    const random = seeded(17 + family);
    /** What showed as noted: temperatures in order, stages done in order. */
    const noted: number[] = [];
    const done: string[] = [];
    /** Amounts that showed as gone in. */
    let goes = 0;
    try {
      for (let round = 0; round <= EACH; round++) {
        const { page, kill } = await killable(launchOptions, home);
        await page.goto(round === 0 ? `${OWN}/plan` : `${OWN}/pot`);
        if (round === 0) {
          await choose(page, make);
          await toThePot(page);
        }
        await action(page).waitFor();
        const log = await stored(page);
        expect(log.map((event) => event.seq)).toEqual(log.map((_, i) => i));
        const temperatures = log
          .filter((event) => event.type === 'temperature')
          .map((event) => event.tempC as number);
        const stages = log.filter((event) => event.type === 'done').map((event) => event.stage as string);
        // All that was acknowledged is there, in its order; one write in flight may be there too.
        expect(temperatures.slice(0, noted.length)).toEqual(noted);
        expect(stages.slice(0, done.length)).toEqual(done);
        expect(temperatures.length - noted.length + stages.length - done.length).toBeLessThanOrEqual(1);
        const added = log.filter((event) => event.type === 'added').length;
        expect(added).toBe(goes);
        noted.splice(0, noted.length, ...temperatures);
        done.splice(0, done.length, ...stages);
        const place = page.getByText(/· stage \d+ of \d+ ·/);
        await expect(place).toContainText(`stage ${done.length + 1} of`);
        const all = Number(/of (\d+)/.exec((await place.textContent()) ?? '')?.[1]);
        if (round === EACH) {
          await kill();
          break;
        }
        const pad = page.getByRole('form', { name: 'Note a reading' });
        // Where something goes in, another amount of it does first, and the plan follows.
        const other = page.getByRole('button', { name: 'Other amount', exact: true });
        // Acid that is poured by the look of the whey goes in by its own portions.
        const byPortions = await page.getByRole('button', { name: /^Poured/ }).isVisible();
        const weighs = (await action(page).textContent())?.includes('Weigh out');
        if ((await other.isVisible()) && !byPortions && !weighs) {
          await other.click();
          await page.getByRole('textbox', { name: /^Amount of/ }).fill('0.5');
          await page.getByRole('button', { name: 'It is in' }).click();
          await expect(page.getByRole('button', { name: 'More of it' })).toBeVisible();
          goes += 1;
        }
        const turn = random() < 0.5 && done.length < all - 2;
        if (turn) {
          if (byPortions) {
            await page.getByRole('button', { name: /^Poured/ }).click();
            await page.getByRole('button', { name: /^clear/ }).click();
          }
          await page.locator('[data-main]').click();
          await expect(place).toContainText(`stage ${done.length + 2} of`);
          const after = await stored(page);
          done.push(after.filter((event) => event.type === 'done').at(-1)?.stage as string);
        } else {
          const temperature = pad.getByRole('button', { name: 'temperature', exact: true });
          if (await temperature.isVisible()) await temperature.click();
          await pad.getByRole('textbox').fill(String(20 + (round % 40)));
          await pad.getByRole('button', { name: 'Note it' }).click();
          await expect(pad.getByRole('textbox')).toHaveValue('');
          noted.push(20 + (round % 40));
        }
        // One more on its way when the battery dies.
        const temperature = pad.getByRole('button', { name: 'temperature', exact: true });
        if (await temperature.isVisible()) await temperature.click();
        await pad.getByRole('textbox').fill(String(60 + round / 100));
        const inFlight = pad
          .getByRole('button', { name: 'Note it' })
          .click({ noWaitAfter: true })
          .catch(() => undefined);
        // So many questions to the page later, somewhere within the write.
        for (let k = Math.floor(12 * random()); k > 0; k--) await page.evaluate('1');
        await kill();
        await inFlight;
      }
    } finally {
      await rm(home, { recursive: true, force: true });
    }
  });
