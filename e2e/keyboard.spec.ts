import { expect, type Page, test } from '@playwright/test';
import { action, open } from './kitchen';

/** What has the keyboard, by its name; asked in one step, since what has it may lose it between two questions. */
const held = (page: Page) =>
  page.evaluate(() => {
    const here = document.activeElement;
    if (!here || here === document.body) return '';
    const label = (here as HTMLInputElement).labels?.[0]?.textContent;
    return (here.getAttribute('aria-label') ?? label ?? here.textContent ?? '').trim();
  });
const named = (said: string, name: RegExp | string) =>
  typeof name === 'string' ? said === name : name.test(said);

/** Tabs on until the thing with that name has the keyboard; fails when it is farther away than `most` presses. */
async function tabTo(page: Page, name: RegExp | string, most = 25) {
  for (let i = 0; i <= most; i++) {
    if (named(await held(page), name)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`the keyboard never reaches ${name}`);
}

/** Goes to a thing by a few letters of its name, from wherever one is. */
async function goTo(page: Page, letters: string, name: RegExp | string) {
  await page.keyboard.press('ControlOrMeta+k');
  await expect(page.getByRole('combobox', { name: 'Go to anything by name' })).toBeFocused();
  await page.keyboard.type(letters);
  await expect(page.getByRole('option', { selected: true })).toHaveText(name);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect.poll(async () => named(await held(page), name), { message: `${name}` }).toBe(true);
}

/** Presses what has the keyboard; a button that has just changed its meaning rests for a moment. */
async function press(page: Page) {
  await expect(page.locator(':focus')).not.toHaveAttribute('aria-disabled', 'true');
  await page.keyboard.press('Enter');
}

async function pressOn(page: Page, name: RegExp | string, most?: number) {
  await tabTo(page, name, most);
  await press(page);
}

test('a make with the keyboard alone, from plan to book', async ({ page }) => {
  await open(page, '/');
  await pressOn(page, 'See what my milk can become');
  // The view one has gone to has the keyboard.
  await expect(page.locator('#view')).toBeFocused();
  await pressOn(page, 'Whole-milk ricotta', 13);
  await expect(page.getByTestId('yield')).toBeVisible();
  // What was chosen has the keyboard, and the milk is next.
  await expect.poll(() => held(page)).toMatch(/^Whole-milk ricotta/);
  await tabTo(page, 'Milk', 4);
  await page.keyboard.type('6');
  await tabTo(page, 'Fat', 2);
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('textbox', { name: 'Fat', exact: true })).toHaveValue('3.8');
  await goTo(page, 'salt goes', /^Salt goes in/);
  await goTo(page, 'take it', 'Take it to the pot');
  await press(page);
  await expect(action(page)).toContainText('Clean');
  await pressOn(page, 'All clean', 1);
  await expect(action(page)).toContainText('Weigh out');
  await pressOn(page, 'Measured', 1);
  await expect(action(page)).toContainText('Scald');
  await tabTo(page, /^Temperature/);
  await page.keyboard.type('64,5');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('64.5\u00a0°C');
  await goTo(page, 'reached', /reached$/);
  await press(page);
  await expect(action(page)).toContainText('Pour');
  await pressOn(page, /^Poured/, 1);
  await expect(action(page)).toContainText('Look');
  // What was pressed is gone, and what is asked has the keyboard.
  await pressOn(page, /^clear/, 3);
  for (const [said, next] of [
    ['Clear', 'On to the rest'],
    ['Let it rest', 'Rested'],
    ['Drain', 'Drained'],
    ['Salt', 'Salted'],
  ] as const) {
    await expect(action(page)).toContainText(said);
    await pressOn(page, next, 1);
  }
  await expect(action(page)).toContainText('Weigh');
  await tabTo(page, /^Finished weight/);
  await page.keyboard.type('1.8');
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/book\//);
  await expect(page.getByRole('region', { name: 'What came out' })).toContainText('1.80\u00a0kg');
});

test('what seldom happens, with the keyboard alone: pause, go on, put right, leave out, list a pot', async ({
  page,
}) => {
  await open(page, '/plan');
  await pressOn(page, 'Take it to the pot');
  await expect(action(page)).toContainText('Clean');
  await pressOn(page, 'Out of turn');
  await pressOn(page, 'Pause');
  await expect(action(page)).toContainText('Paused');
  await goTo(page, 'go on', 'Go on');
  await press(page);
  await expect(action(page)).toContainText('Clean');
  await pressOn(page, 'All clean');
  await pressOn(page, 'Other amount');
  await expect(page.getByRole('dialog')).toBeVisible();
  await tabTo(page, /^Milk in the pot/);
  await page.keyboard.type('5');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('5.0\u00a0L');
  await tabTo(page, /^Temperature/);
  await page.keyboard.type('19');
  await page.keyboard.press('Enter');
  await pressOn(page, /^Put right: 19/);
  await tabTo(page, /^It really was/);
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('91');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Noted last' })).toContainText('91.0\u00a0°C');
  await pressOn(page, 'Out of turn');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  // The keyboard is back where the sheet was opened from.
  await expect(page.getByRole('button', { name: 'Out of turn' })).toBeFocused();
  await page.keyboard.press('Enter');
  await pressOn(page, 'Leave it out');
  await expect(action(page)).toContainText('Scald');

  await page.goto('/kitchen');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await goTo(page, 'a pot', 'A pot');
  await press(page);
  await tabTo(page, 'Name');
  await page.keyboard.type('copper-free pan');
  await tabTo(page, 'Holds');
  await page.keyboard.type('7');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Pots and vats' })).toContainText('copper-free pan');
});
