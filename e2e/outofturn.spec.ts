import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { action, noteTemperature, open, toPlan, toThePot } from './kitchen';

const now = (page: Page) => page.getByRole('region', { name: 'Now' });
const outOfTurn = async (page: Page, what: string) => {
  await page.getByRole('button', { name: 'Out of turn' }).click();
  await page.getByRole('dialog').getByRole('button', { name: what, exact: true }).click();
};

test.beforeEach(async ({ page }) => {
  await open(page, '/plan');
  await toThePot(page);
});

test('a pause lets the countdown wait, and going on gives the time back; a stage is left out, and taken back by undo', async ({
  page,
}) => {
  await page.clock.fastForward('02:00');
  await expect(now(page).getByRole('timer')).toContainText(/[56]:/);
  await outOfTurn(page, 'Pause');
  await expect(action(page)).toContainText('Paused');
  await page.clock.fastForward('30:00');
  await expect(now(page).getByRole('timer')).toContainText(/30:\d\d/);
  await expect(page.getByRole('region', { name: 'Ringing' })).toHaveCount(0);
  await now(page).getByRole('button', { name: 'Go on' }).click();
  await expect(action(page)).not.toContainText('Paused');
  await expect(now(page).getByRole('timer')).toContainText(/[56]:/);
  const first = await action(page).textContent();
  await outOfTurn(page, 'Leave it out');
  await expect(action(page)).not.toHaveText(first ?? '');
  await now(page).getByRole('button', { name: 'Undo stage left out' }).click();
  await expect(action(page)).toHaveText(first ?? '');
});

test('a reading noted wrongly is put right, or struck out; a wrong value is answered', async ({ page }) => {
  await page.getByRole('button', { name: 'All clean' }).click();
  await page.getByRole('button', { name: 'Measured' }).click();
  await page.clock.fastForward('05:00');
  await noteTemperature(page, '92');
  const noted = page.getByRole('region', { name: 'Noted last' });
  await expect(now(page)).toContainText('over');
  await noted.getByRole('button', { name: 'Put right: 92.0\u00a0°C' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('It really was, °C').fill('290');
  await sheet.getByRole('button', { name: 'Put it right' }).click();
  await expect(sheet.getByRole('alert')).toContainText('give −5 to 110\u00a0°C');
  await sheet.getByLabel('It really was, °C').fill('29');
  await sheet.getByRole('button', { name: 'Put it right' }).click();
  await expect(noted).toContainText('29.0\u00a0°C');
  await expect(now(page)).toContainText('Note another in a few minutes');
  await noted.getByRole('button', { name: 'Put right: 29.0\u00a0°C' }).click();
  await sheet.getByRole('button', { name: 'Strike it out' }).click();
  await expect(noted).toHaveCount(0);
});

test('more milk than planned: measured, and every dose after it moves', async ({ page }) => {
  await page.getByRole('button', { name: 'All clean' }).click();
  await expect(action(page)).toContainText('Weigh out');
  const planned = await action(page).textContent();
  await now(page).getByRole('button', { name: 'Other amount' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Milk in the pot').fill('900');
  await sheet.getByRole('button', { name: 'Plan with that' }).click();
  await expect(sheet.getByRole('alert')).toContainText('Out of range: give 0.20 to 500\u00a0L.');
  await sheet.getByLabel('Milk in the pot').fill('5.2');
  await sheet.getByRole('button', { name: 'Plan with that' }).click();
  await expect(now(page)).toContainText('5.2\u00a0L');
  await expect(action(page)).not.toHaveText(planned ?? '');
  await now(page).getByRole('button', { name: 'Undo milk measured' }).click();
  await expect(action(page)).toHaveText(planned ?? '');
});

test('the curd is parted: two strands, each with its own half', async ({ page }) => {
  await page.getByRole('button', { name: 'Out of turn' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Stays here').fill('120');
  await expect(sheet.getByRole('alert')).toContainText('Give 5 to 95');
  await sheet.getByLabel('Stays here').fill('75');
  await sheet.getByLabel('The rest is').fill('Ricotta with lemon peel');
  await sheet.getByRole('button', { name: 'Part it' }).click();
  await expect(now(page)).toContainText('3.0\u00a0L');
  const line = page.getByRole('navigation', { name: /^Day line/ });
  await expect(line.getByRole('link')).toHaveCount(2);
  await page.getByRole('button', { name: 'To that pot' }).click();
  await expect(now(page)).toContainText('Ricotta with lemon peel');
  await expect(now(page)).toContainText('1.0\u00a0L');
});

test('the rest of a parted curd goes another way: salted otherwise, its own amount', async ({ page }) => {
  await page.getByRole('button', { name: 'Out of turn' }).click();
  const sheet = page.getByRole('dialog');
  const salt = sheet.getByRole('textbox', { name: 'Salt', exact: true });
  await expect(salt).toHaveValue('0.5');
  await salt.fill('40');
  await sheet.getByRole('button', { name: 'Part it' }).click();
  await expect(sheet.getByRole('alert')).toHaveText('Out of range: give 0 to 3\u00a0%.');
  await salt.fill('1');
  await sheet.getByRole('button', { name: 'Part it' }).click();
  await page.getByRole('button', { name: 'To that pot' }).click();
  await expect(now(page)).toContainText('the other half');
  const saltsOf = async (path: string) =>
    page.evaluate(
      (id) =>
        new Promise<number>((resolve) => {
          const opening = indexedDB.open('plump-pail');
          opening.onsuccess = () => {
            const reading = opening.result.transaction('events').objectStore('events').getAll();
            reading.onsuccess = () =>
              resolve(
                reading.result.findLast((event) => event.makeId === id && event.type === 'split').plan.brief
                  .options.saltPct,
              );
          };
        }),
      path.split('/').at(-1) ?? '',
    );
  const other = page.url();
  expect(await saltsOf(other)).toBe(1);
  const line = page.getByRole('navigation', { name: /^Day line/ });
  await line.getByRole('link').first().click();
  await expect(page).not.toHaveURL(other);
  expect(await saltsOf(page.url())).toBe(0.5);
});

test('a make carried to another device is written only there, and comes back with what happened', async ({
  page,
  browser,
}) => {
  await page.getByRole('button', { name: 'All clean' }).click();
  const leaving = page.waitForEvent('download');
  await outOfTurn(page, 'Hand it over');
  const away = await (await leaving).path();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('is on another device');
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('is on another device');

  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  await open(phone, '/book', '2026-11-26T09:10:00');
  await phone.getByLabel('Take in a make').setInputFiles(away);
  await expect(now(phone)).toBeVisible();
  await phone.getByRole('button', { name: 'Measured' }).click();
  await expect(action(phone)).toContainText('Scald');
  const returning = phone.waitForEvent('download');
  await outOfTurn(phone, 'Hand it over');
  const back = await (await returning).path();
  expect(JSON.parse(readFileSync(back, 'utf8')).events.at(-1).type).toBe('handed');

  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await page.getByLabel('Take in a make').setInputFiles(back);
  await expect(action(page)).toContainText('Scald');
  await phone.context().close();
});

test('a make handed over by mistake goes on here', async ({ page }) => {
  await outOfTurn(page, 'Hand it over');
  await page.getByRole('button', { name: 'It never left: go on here' }).click();
  await page.getByRole('button', { name: 'All clean' }).click();
  await expect(action(page)).toContainText('Weigh out');
});

test('a make under way already begins in the middle; one that is over goes into the book', async ({
  page,
}) => {
  await toPlan(page);
  await page.getByRole('button', { name: 'Begun or made already' }).click();
  const sheet = page.getByRole('dialog');
  const stage = await sheet.getByLabel('It is at').locator('option').nth(3).getAttribute('value');
  await sheet.getByLabel('It is at').selectOption(stage ?? '');
  const underWay = sheet.getByRole('form', { name: 'Under way' });
  for (const [since, told] of [
    ['2026-11-26T11:00', 'still to come'],
    ['2026-01-26T11:00', 'not at its first'],
    ['', 'Say since when'],
  ] as const) {
    await underWay.getByLabel('Since').fill(since);
    await underWay.getByRole('button', { name: 'Begin there' }).click();
    await expect(underWay.getByRole('alert')).toContainText(told);
  }
  await underWay.getByLabel('Since').fill('2026-11-26T08:55');
  await underWay.getByRole('button', { name: 'Begin there' }).click();
  await expect(now(page)).toContainText('stage 5 of');
  await expect(now(page)).toContainText('Thu 26 Nov 08:55');

  await toPlan(page);
  await page.getByRole('button', { name: 'Begun or made already' }).click();
  const made = sheet.getByRole('form', { name: 'Made already' });
  await made.getByLabel('Done').fill('2026-11-28T09:00');
  await made.getByRole('button', { name: 'Into the book' }).click();
  await expect(made.getByRole('alert')).toContainText('not over yet');
  await made.getByLabel('Done').fill('2020-11-20T09:00');
  await made.getByRole('button', { name: 'Into the book' }).click();
  await expect(made.getByRole('alert')).toContainText('before it was begun');
  await made.getByLabel('Begun').fill('2026-11-20T08:00');
  await made.getByLabel('Done').fill('2026-11-20T10:15');
  await made.getByLabel('It weighed').fill('heavy');
  await made.getByRole('button', { name: 'Into the book' }).click();
  await expect(made.getByRole('alert')).toContainText('no weight of a cheese');
  await made.getByLabel('It weighed').fill('820');
  await made.getByRole('button', { name: 'Into the book' }).click();
  await expect(made.getByRole('alert')).toContainText('In grams? Then it is 0.820 here.');
  await made.getByLabel('It weighed').fill('0.82');
  await expect(made.getByRole('alert')).toHaveCount(0);
  await made.getByLabel('It was').selectOption({ label: '4, good' });
  await made.getByLabel('In words').fill('soft, a little wet');
  await made.getByRole('button', { name: 'Into the book' }).click();
  await expect(page.getByRole('region', { name: 'What came out' })).toContainText('820\u00a0g');
  await expect(page.getByRole('region', { name: 'Tasted' })).toContainText('soft, a little wet');
  await expect(page.getByText('Entered afterwards')).toBeVisible();
});

test('a logger’s file is taken in: columns said, wrong rows answered, its readings on the track', async ({
  page,
}) => {
  await page.clock.fastForward('20:00');
  const lines = ['elapsed min;°C', '4;18', '8;24', '12;oops', '15;31'];
  await page.getByLabel('A logger’s file (CSV)').setInputFiles({
    name: 'logger.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(lines.join('\n')),
  });
  const sheet = page.getByRole('dialog', { name: 'A logger’s file' });
  await expect(sheet.getByLabel('It tells time')).toHaveValue('minutes');
  await expect(sheet).toContainText(
    '3 of 4 rows can be taken: 09:04 to 09:15, 18.0\u00a0°C to 31.0\u00a0°C.',
  );
  await expect(sheet.getByRole('alert')).toContainText('Row 4: "oops" is no temperature');
  await sheet.getByLabel('Temperature').selectOption('-1');
  await expect(sheet.getByRole('button', { name: 'Take 0' })).toBeDisabled();
  await sheet.getByLabel('Temperature').selectOption('1');
  await sheet.getByRole('button', { name: 'Take 3' }).click();
  await expect(page.getByText('3 readings lie on the track.')).toBeVisible();
  await now(page).getByRole('button', { name: 'Undo logger’s file' }).click();
  await expect(now(page).getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
});
