import { expect, type Page, test } from '@playwright/test';
import { action, MORNING, open, openPlan, toThePot, type, wentIn } from './kitchen';

const later = (minutes: number) => new Date(new Date(`${MORNING}+01:00`).getTime() + minutes * 60_000);
const bell = (page: Page) => page.getByRole('alert', { name: 'Ringing' });

test('an alarm put to sleep or answered in one window is so in the other', async ({ page, context }) => {
  await openPlan(page, 'Skyr');
  await toThePot(page);
  await page.getByRole('button', { name: 'All clean' }).click();
  await page.getByRole('button', { name: 'Measured' }).click();
  await expect(action(page)).toContainText('Scald');
  const other = await context.newPage();
  await other.clock.install({ time: later(0) });
  await other.goto('/book');
  await expect(other.getByRole('heading', { level: 1 })).toBeVisible();
  for (const window of [page, other]) {
    await window.clock.fastForward('01:30:00');
    await expect(bell(window)).toContainText('scald, time is up');
  }
  await bell(other).getByRole('button', { name: 'In 5 minutes again' }).click();
  await expect(bell(page)).toHaveCount(0);
  for (const window of [page, other]) {
    await window.clock.fastForward('05:30');
    await expect(bell(window)).toContainText('scald, time is up');
  }
  await bell(page).getByRole('button', { name: 'To this pot' }).click();
  await expect(bell(other)).toHaveCount(0);
  await other.reload();
  await expect(other.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(bell(other)).toHaveCount(0);
});

test('what the kitchen is in one window it is in the other, and neither undoes the other', async ({
  page,
  context,
}) => {
  await open(page, '/kitchen');
  const other = await context.newPage();
  await other.clock.install({ time: later(0) });
  await other.goto('/kitchen');
  const room = (window: Page) => window.getByRole('textbox', { name: 'Room', exact: true });
  await expect(room(other)).toHaveValue('20');
  await room(page).fill('17.5');
  await expect(room(other)).toHaveValue('17.5');
  await other.getByRole('textbox', { name: 'Altitude', exact: true }).fill('640');
  await expect(page.getByRole('textbox', { name: 'Altitude', exact: true })).toHaveValue('640');
  for (const window of [page, other]) {
    await window.reload();
    await expect(room(window)).toHaveValue('17.5');
    await expect(window.getByRole('textbox', { name: 'Altitude', exact: true })).toHaveValue('640');
  }
});

test('a window copied from another begins with its plan and goes its own way', async ({ page, context }) => {
  await open(page, '/plan');
  await type(page, 'Milk', '7');
  await expect(page.getByTestId('yield')).toBeVisible();
  const [copy] = await Promise.all([
    context.waitForEvent('page'),
    // What the browser keeps for one window goes along to one it opens.
    page.evaluate(() => void window.open('/plan')),
  ]);
  const milk = (window: Page) => window.getByRole('textbox', { name: 'Milk', exact: true });
  await expect(milk(copy)).toHaveValue('7');
  await type(copy, 'Milk', '11');
  await type(page, 'Fat', '4.4');
  for (const window of [page, copy]) await window.reload();
  await expect(milk(page)).toHaveValue('7');
  await expect(milk(copy)).toHaveValue('11');
});

test('what went in, noted in two windows, adds up in both, and one undoes what the other noted', async ({
  page,
  context,
}) => {
  await openPlan(page, 'Fresh pressed white');
  await toThePot(page);
  for (const done of ['All clean', 'Measured', /reached/, 'Stirred in', 'Ripened'])
    await page.getByRole('button', { name: done }).click();
  await expect(action(page)).toContainText('Coagulant');
  const other = await context.newPage();
  await other.clock.install({ time: later(1) });
  await other.goto('/pot');
  await expect(action(other)).toContainText('Coagulant');
  await wentIn(page, 'coagulant', '0.5');
  const said = (window: Page) => window.getByRole('region', { name: 'Now' });
  await expect(said(other)).toContainText('0.5 mL of coagulant in');
  await wentIn(other, 'coagulant', '0.25');
  for (const window of [page, other]) await expect(said(window)).toContainText('0.75 mL of coagulant in');
  await page.getByRole('button', { name: /^Undo/ }).click();
  for (const window of [page, other]) await expect(said(window)).toContainText('0.5 mL of coagulant in');
});
