import { readFile } from 'node:fs/promises';
import { expect, type Page } from '@playwright/test';

/** A Thursday morning in the kitchen's own zone; the app's clock starts here and runs on. */
export const MORNING = '2026-11-26T09:00:00';

/**
 * The app at an address, its clock set. What comes in its own time is waited for, not expected: an expectation that is not met yet has the
 * whole page read out each time.
 */
async function arrive(page: Page, path: string, at: string) {
  await page.clock.install({ time: new Date(`${at}+01:00`) });
  await page.goto(path);
  await page.getByRole('navigation', { name: 'Ways around' }).waitFor();
}

/** Opens a view with the app's clock set; the plan with a ricotta. */
export async function open(page: Page, path: string, at = MORNING) {
  await arrive(page, path, at);
  if (path === '/plan') await begin(page);
}

/** Opens the plan with the app's clock set, and takes a make off its shelves. */
export async function openPlan(page: Page, make: string, at = MORNING) {
  await arrive(page, '/plan', at);
  await choose(page, make);
}

/** Whether the plan opens with the shelves, because nothing has been chosen yet. */
async function shelvesStand(page: Page): Promise<boolean> {
  const shelves = page.getByRole('heading', { name: 'What could this milk become?' });
  await shelves.or(page.getByRole('button', { name: 'What else could it become?' })).waitFor();
  return shelves.isVisible();
}

/** Takes a ricotta off the shelves, where nothing has been chosen yet. */
export async function begin(page: Page) {
  if (await shelvesStand(page))
    await page.getByRole('radio', { name: 'Whole-milk ricotta', exact: true }).click();
}

/** Goes to the plan by its link. */
export async function toPlan(page: Page) {
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await begin(page);
}

/** A choice in a sentence, by its name. */
export const choice = (page: Page, label: string) =>
  page.getByRole('combobox', { name: new RegExp(`^${label}: `) });

/** Chooses another value of a choice in a sentence. */
export async function pick(page: Page, label: string, option: string) {
  await choice(page, label).click();
  await page.getByRole('option', { name: option }).click();
  await expect(page.getByRole('option')).toHaveCount(0);
}

/** Opens what a dose is taken from, and closes first what stands open over the doses. */
export async function product(page: Page, dose: string) {
  const opened = page.getByRole('dialog');
  if (await opened.isVisible()) {
    await page.keyboard.press('Escape');
    await expect(opened).toBeHidden();
  }
  await page.getByRole('button', { name: new RegExp(`^Which ${dose}`) }).click();
}

/** Types a number of the plan, in a sentence or in what a value opens. */
export async function type(page: Page, label: string, text: string) {
  await page.getByRole('textbox', { name: label, exact: true }).fill(text);
}

/** Starts a make of the first-run plan. */
export async function toThePot(page: Page) {
  await page.getByRole('button', { name: 'Take it to the pot' }).click();
  await page.getByRole('region', { name: 'Now' }).waitFor();
}

/** A make begun already, taken up at the stage it has reached: for those that are not about the way there. */
export async function beginAt(page: Page, make: string, stage: string) {
  await openPlan(page, make);
  await page.getByRole('button', { name: 'Begun or made already' }).click();
  const at = page.getByRole('dialog').getByLabel('It is at');
  const stages = at.getByRole('option').filter({ hasText: stage });
  await expect(stages).not.toHaveCount(0);
  await at.selectOption((await stages.first().getAttribute('value')) ?? '');
  await page.getByRole('dialog').getByRole('button', { name: 'Begin there' }).click();
  await page.getByRole('region', { name: 'Now' }).waitFor();
}

/** Notes that another amount went in than planned. */
export async function wentIn(page: Page, name: string, amount: string, unit?: string) {
  await page.getByRole('button', { name: /^(Other amount|More of it)$/ }).click();
  const sheet = page.getByRole('dialog', { name: `How much ${name} went in?` });
  await sheet.getByLabel(`Amount of ${name} that went in`).fill(amount);
  if (unit) await sheet.getByLabel(`Measure of ${name} that went in`).selectOption(unit);
  await sheet.getByRole('button', { name: 'It is in' }).click();
  await expect(sheet).toHaveCount(0);
}

export const action = (page: Page) =>
  page.getByRole('region', { name: 'Now' }).getByRole('heading', { level: 1 });

/** Notes a temperature on the pad by its keys. */
export async function noteTemperature(page: Page, text: string) {
  const pad = page.getByRole('form', { name: 'Note a reading' });
  for (const key of text)
    await pad.getByRole('button', { name: key === '.' ? 'decimal mark' : key, exact: true }).click();
  await pad.getByRole('button', { name: 'Note it' }).click();
  await expect(pad.getByRole('textbox')).toHaveValue('');
}

/** Walks a ricotta from its first stage to the last, acid by the whey, and leaves it at the scale. */
export async function walkRicotta(page: Page) {
  await page.getByRole('button', { name: 'All clean' }).click();
  await page.getByRole('button', { name: 'Measured' }).click();
  await expect(action(page)).toContainText('Scald');
  await page.clock.fastForward('20:00');
  await noteTemperature(page, '52.5');
  await page.clock.fastForward('10:00');
  await noteTemperature(page, '72');
  await page.getByRole('button', { name: /reached/ }).click();
  await page.getByRole('button', { name: /^Poured/ }).click();
  await page.clock.fastForward('02:00');
  await page.getByRole('button', { name: /^cloudy/ }).click();
  await page.getByRole('button', { name: /^Poured/ }).click();
  await page.getByRole('button', { name: /^clear/ }).click();
  await page.getByRole('button', { name: 'On to the rest' }).click();
  await expect(action(page)).toContainText('Let it rest');
  await page.clock.fastForward('12:00');
  await page.getByRole('button', { name: 'Rested' }).click();
  await page.clock.fastForward('45:00');
  await page.getByRole('button', { name: 'Drained' }).click();
  await page.getByRole('button', { name: 'Salted' }).click();
  await expect(action(page)).toContainText('Weigh it');
}

/** Chooses what the milk is to become, from the shelves. */
export async function choose(page: Page, make: string) {
  if (!(await shelvesStand(page)))
    await page.getByRole('button', { name: 'What else could it become?' }).click();
  await page.getByRole('radio', { name: make, exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(make);
}

/** Every event of the only make on this device, as the database holds it. */
export const stored = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<{ type: string; seq: number; tempC?: number; stage?: string }[]>((resolve, reject) => {
        const opened = indexedDB.open('plump-pail');
        opened.onerror = () => reject(opened.error);
        opened.onsuccess = () => {
          const all = opened.result.transaction('events').objectStore('events').getAll();
          all.onsuccess = () => resolve(all.result);
        };
      }),
  );

/** What a button saves as a file. */
export async function saved(page: Page, button: string): Promise<string> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button, exact: true }).click(),
  ]);
  return readFile(await download.path(), 'utf8');
}

/** Hands a file to the button of that label. */
export const give = (page: Page, label: string, value: unknown) =>
  page.getByLabel(label).setInputFiles({
    name: 'file.json',
    mimeType: 'application/json',
    buffer: Buffer.from(typeof value === 'string' ? value : JSON.stringify(value)),
  });

/** The number of the stage it stands at. */
const place = async (page: Page) =>
  /stage (\d+) of/.exec(
    (await page
      .getByRole('region', { name: 'Now' })
      .getByText(/stage \d+ of/)
      .textContent()) ?? '',
  )?.[1];

/** Goes on to the next stage. What rings above may move the page under the finger: then one presses again. */
export async function wayOn(page: Page) {
  const before = await place(page);
  await expect(async () => {
    if ((await place(page)) === before) await page.locator('[data-main]').click({ timeout: 5000 });
    await expect.poll(() => place(page), { timeout: 6000 }).not.toBe(before);
  }).toPass();
}

/** Goes on by the way on until the make stands at what is to be done. */
export async function to(page: Page, what: string | RegExp) {
  for (let i = 0; i < 30; i++) {
    if ((await action(page).textContent())?.match(what)) return;
    await wayOn(page);
  }
  throw new Error(`never came to ${what}`);
}
