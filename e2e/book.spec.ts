import { expect, type Page, test } from '@playwright/test';
import { DEMO } from '../playwright.config';
import { checkFile } from '../src/files/kinds';
import { give, saved } from './kitchen';

test.use({ baseURL: DEMO });

/** Finished makes of the demo. */
const MAKES = 17;
/** All of them are in the table; only those in sight are drawn. */
const holds = async (page: Page, makes: number) =>
  expect(page.getByRole('table', { name: 'Makes' })).toHaveAttribute('aria-rowcount', String(makes + 1));

test('the demo has makes of all families behind it and a running ricotta, and is found by its words', async ({
  page,
}) => {
  await page.goto('/book');
  await holds(page, MAKES);
  await expect(page.getByRole('navigation', { name: /Day line/ }).getByRole('link')).toContainText(
    'Friday ricotta',
  );
  await page.getByRole('searchbox').fill('teasel');
  await holds(page, 5);
  await page.getByRole('searchbox').fill('gorgon');
  await expect(page.getByRole('main')).toContainText('Nothing in the book speaks of “gorgon”');
});

test('a make goes out as a file that the check passes, and comes back after it was taken out; taking out can be undone', async ({
  page,
}) => {
  await page.goto('/book');
  await page.getByRole('link', { name: /Paneer for the towpath/ }).click();
  const file = await saved(page, 'Save as a file');
  expect(checkFile(JSON.parse(file))).toMatchObject({ ok: true, value: { kind: 'make' } });
  await page.getByRole('button', { name: 'Take out' }).click();
  await holds(page, MAKES - 1);
  await give(page, 'Take in a make', file);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Paneer for the towpath');
  await page.getByRole('link', { name: 'The book', exact: true }).click();
  await holds(page, MAKES);
  await page.getByRole('link', { name: /Lemon pot cheese/ }).click();
  await page.getByRole('button', { name: 'Take out' }).click();
  await holds(page, MAKES - 1);
  const told = page.getByRole('listitem').filter({ hasText: 'Lemon pot cheese' });
  await told.getByRole('button', { name: 'Put it back' }).click();
  await holds(page, MAKES);
});

test('a bad file is answered with the reason and nothing changes', async ({ page }) => {
  await page.goto('/book');
  const answer = page.getByRole('alert');
  await give(page, 'Take in a make', 'not json');
  await expect(answer).toContainText('is not JSON');
  await give(page, 'Take in a make', '{"format":"plump-pail/plan","version":1}');
  await expect(answer).toContainText('format: is "plump-pail/plan"; give plump-pail/make');
  await page.getByRole('link', { name: /Paneer for the towpath/ }).click();
  const file = await saved(page, 'Save as a file');
  await page.getByRole('link', { name: 'The book', exact: true }).click();
  await give(page, 'Take in a make', file);
  await expect(answer).toContainText('is in the book already');
  await give(page, 'Take in a make', file.replace('"tempC": ', '"tempC": 900'));
  await expect(answer).toContainText('give -5 to 110 °C');
  await holds(page, MAKES);
});

test('a backup brings everything back; a broken one changes nothing', async ({ page }) => {
  await page.goto('/kitchen');
  const file = await saved(page, 'Save a backup');
  expect(checkFile(JSON.parse(file))).toMatchObject({ ok: true, value: { kind: 'backup' } });
  await page.goto('/book');
  await page.getByRole('link', { name: /Goat pot cheese/ }).click();
  await page.getByRole('button', { name: 'Take out' }).click();
  await holds(page, MAKES - 1);
  await page.goto('/kitchen');
  await give(page, 'Bring a backup back', file.slice(0, -40));
  await expect(page.getByRole('alert')).toContainText('is not JSON');
  await give(page, 'Bring a backup back', file.replace('"roomC":18', '"roomC":181'));
  await expect(page.getByRole('alert')).toContainText('kitchen.roomC: is 181; give -5 to 45 °C');
  await give(page, 'Bring a backup back', file);
  await expect(page.getByText('The backup is back.')).toBeVisible();
  await page.goto('/book');
  await holds(page, MAKES);
});

test('make again lays the same brief out on the plan', async ({ page }) => {
  await page.goto('/book');
  await page.getByRole('link', { name: /Ricotta for tarts/ }).click();
  await page.getByRole('button', { name: 'Make again' }).click();
  await expect(page.getByRole('textbox', { name: 'Milk', exact: true })).toHaveValue('12');
  await expect(page.getByRole('textbox', { name: 'Moisture wanted', exact: true })).toHaveValue('69');
  await expect(page.getByRole('combobox', { name: /^From: / })).toHaveText('Sallow Reach cows');
});

test('the demo starts over', async ({ page }) => {
  await page.goto('/book');
  await page.getByRole('link', { name: /Lemon pot cheese/ }).click();
  await page.getByRole('button', { name: 'Take out' }).click();
  await holds(page, MAKES - 1);
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Start the demo over' }).click();
  await page.waitForURL(/plan/);
  await page.getByRole('navigation', { name: 'Ways around' }).getByRole('link', { name: 'Book' }).click();
  await holds(page, MAKES);
});

test('a make is played back: at any minute it stands as it stood', async ({ page }) => {
  await page.goto(`${DEMO}/book/demo-make-1`);
  const replay = page.getByRole('region', { name: 'Play it back' });
  const slide = replay.getByRole('slider', { name: 'How it stood at' });
  await slide.focus();
  await page.keyboard.press('Home');
  await expect(replay).toContainText('Clean');
  await page.keyboard.press('PageUp');
  await page.keyboard.press('PageUp');
  await expect(replay).toContainText(/Scald|Warm/);
  await expect(replay).toContainText(/°C at \d\d:\d\d/);
  await page.keyboard.press('End');
  await expect(replay).not.toContainText('Scald');
  await replay.getByRole('button', { name: 'Play it back' }).click();
  await expect(replay.getByRole('button', { name: 'Hold' })).toBeVisible();
  await expect(replay).toContainText('of acid in');
});
