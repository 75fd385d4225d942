import { expect, type Page, test } from '@playwright/test';
import {
  action,
  choose,
  noteTemperature,
  open,
  openPlan,
  pick,
  product,
  toPlan,
  toThePot,
  type,
} from './kitchen';

const now = (page: Page) => page.getByRole('region', { name: 'Now' });
const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).click();

/** Acid in at once, whey clear at the first look. */
async function acidIn(page: Page) {
  await press(page, /^Poured/);
  await press(page, /^clear/);
  await press(page, 'On to the rest');
}

async function finish(page: Page, text: string) {
  // The pad takes a weight only once the last stage has come.
  await expect(action(page)).toContainText('Weigh it');
  const pad = page.getByRole('form', { name: 'Note a reading' });
  await pad.getByRole('textbox').fill(text);
  await pad.getByRole('button', { name: 'Weigh and finish' }).click();
  await page.waitForURL(/\/book\//);
}

test('a paneer: rinsed, pressed under a weight, chilled, into the book', async ({ page }) => {
  await openPlan(page, 'Paneer');
  await product(page, 'acid');
  await page.getByLabel('Acid', { exact: true }).selectOption('vinegar');
  await type(page, 'Milk', '6');
  await toThePot(page);
  await press(page, 'All clean');
  await expect(now(page)).toContainText(/First jug: \d+\u00a0mL of vinegar in the same amount of cool water/);
  await press(page, 'Measured');
  await expect(now(page)).toContainText('Milk climbs out of the pot without warning');
  await press(page, /reached/);
  await acidIn(page);
  await press(page, 'Rested');
  await expect(now(page)).toContainText('The whey is scalding');
  await press(page, 'Drained');
  await expect(action(page)).toContainText('Rinse');
  await press(page, 'Rinsed');
  await expect(action(page)).toContainText(/Press \d+(\.\d+)?\u00a0kg/);
  await expect(now(page)).toContainText('Weights slip as the cheese settles');
  await expect(now(page).getByRole('timer')).toContainText(/1\u00a0h\u00a0(30|29)/);
  await page.clock.fastForward('02:40:00');
  await expect(now(page).getByRole('timer')).toContainText(/over since/);
  await press(page, 'Pressed');
  await press(page, 'Cold');
  await finish(page, '0.95');
  await expect(page.getByRole('region', { name: 'What came out' })).toContainText('950\u00a0g');
});

test('a goat’s pot cheese with a rinse and cream, in American units throughout', async ({ page }) => {
  await open(page, '/kitchen');
  await page.getByRole('radio', { name: '°F' }).click();
  await page.getByRole('radio', { name: 'US gallons, cups' }).click();
  await page.getByRole('radio', { name: 'ounces, pounds' }).click();
  await toPlan(page);
  await choose(page, 'Warm-acid pot cheese');
  await pick(page, 'Milk of', 'goat’s');
  await page.getByRole('button', { name: 'Dress with cream' }).click();
  await page.getByRole('textbox', { name: 'Rinses', exact: true }).press('ArrowUp');
  await toThePot(page);
  await press(page, 'All clean');
  await press(page, 'Measured');
  await expect(action(page)).toContainText('Warm 122\u00a0°F');
  await page.clock.fastForward('10:00');
  await noteTemperature(page, '80');
  await expect(now(page)).toContainText('80.0\u00a0°F');
  await press(page, /122/);
  await acidIn(page);
  await press(page, 'Rested');
  await press(page, 'Drained');
  await press(page, 'Rinsed');
  await expect(action(page)).toContainText(/Salt .*oz/);
  await press(page, 'Salted');
  await expect(action(page)).toContainText('Fold in cream');
  await press(page, 'Dressed');
  await finish(page, '2.5');
  await expect(page.getByRole('region', { name: 'What came out' })).toContainText('2.50\u00a0lb');
});

test('a reading that cannot be right is answered, and stays to be mended', async ({ page }) => {
  await open(page, '/plan');
  await toThePot(page);
  const pad = page.getByRole('form', { name: 'Note a reading' });
  await pad.getByRole('button', { name: 'Note it' }).click();
  await expect(pad.getByRole('alert')).toContainText('Nothing is entered yet: give −5 to 110 °C');
  await pad.getByRole('textbox').fill('3200');
  await pad.getByRole('button', { name: 'Note it' }).click();
  await expect(pad.getByRole('alert')).toContainText('That cannot be right');
  await expect(pad.getByRole('textbox')).toHaveValue('3200');
  await pad.getByRole('textbox').fill('32');
  await pad.getByRole('button', { name: 'Note it' }).click();
  await pad.getByRole('button', { name: 'plus 1', exact: true }).click();
  await expect(pad.getByRole('textbox')).toHaveValue('33.0');
});

test('two makes at once: each is a strand, and the pot asks which', async ({ page }) => {
  await open(page, '/plan');
  await toThePot(page);
  await toPlan(page);
  await choose(page, 'Paneer');
  await toThePot(page);
  await press(page, 'All clean');
  const strands = page.getByRole('navigation', { name: /Day line/ }).getByRole('link');
  await expect(strands).toHaveCount(2);
  await expect(strands.nth(1)).toContainText('Paneer · weigh out');
  await page.getByRole('navigation', { name: 'Ways around' }).getByRole('link', { name: 'Pot' }).click();
  await expect(page.getByRole('heading', { name: 'Which pot?' })).toBeVisible();
  await page
    .getByRole('main')
    .getByRole('link', { name: /^Ricotta/ })
    .click();
  await expect(action(page)).toContainText('Clean');
});

test('a make given up goes into the book with its reason, and can be taken up again', async ({ page }) => {
  await open(page, '/plan');
  await toThePot(page);
  await now(page).getByRole('button', { name: 'Note', exact: true }).click();
  await page.getByLabel('What happened, in your words').fill('The cat was in the sink.');
  await page.getByRole('dialog').getByRole('button', { name: 'Note it' }).click();
  await press(page, 'Give this make up');
  await page.getByLabel('Why, if you know').fill('milk had turned');
  await page.getByRole('alertdialog').getByRole('button', { name: 'Give it up' }).click();
  await page.waitForURL(/\/book\//);
  await expect(page.getByRole('main')).toContainText('given up: milk had turned');
  await expect(page.getByRole('region', { name: 'Notes' })).toContainText('The cat was in the sink.');
  await press(page, 'Not over yet');
  await expect(action(page)).toContainText('Clean');
});

test('the pot knows when there is nothing on it, and what is not there', async ({ page }) => {
  await open(page, '/pot');
  await expect(page.getByRole('heading', { name: 'No make is under way.' })).toBeVisible();
  await page.goto('/pot/no-such-make');
  await expect(page.getByRole('heading', { name: 'There is no such make on this device.' })).toBeVisible();
  await page.goto('/book/no-such-make');
  await expect(page.getByRole('heading', { name: 'This make is not in the book.' })).toBeVisible();
});
