import { expect, type Page, test } from '@playwright/test';
import { heldDisk } from './heldDisk';
import { action, noteTemperature, open, stored, to, toThePot } from './kitchen';

test('what is pressed while something is being written is written after it, and once', async ({ page }) => {
  await open(page, '/plan');
  await toThePot(page);
  await to(page, 'Scald');
  const letGo = await heldDisk(page, 'events');
  const pad = page.getByRole('form', { name: 'Note a reading' });
  await pad.getByRole('textbox').fill('89');
  for (let i = 0; i < 2; i++) await pad.getByRole('button', { name: 'Note it' }).click();
  await page.getByRole('button', { name: /reached/ }).click();
  await letGo();
  await expect(action(page)).toContainText('Pour acid');
  const log = (await stored(page)).map(({ type, tempC }) => tempC ?? type);
  expect(log.slice(log.indexOf(89), log.indexOf(89) + 2)).toEqual([89, 'done']);
  expect(log.filter((one) => one === 89)).toHaveLength(1);
});

test('a double tap counts once, undo takes back, back steps back', async ({ page }) => {
  await open(page, '/plan');
  await toThePot(page);
  const button = page.getByRole('button', { name: 'All clean' });
  const { x, y, width, height } = (await button.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
  await page.mouse.click(x + width / 2, y + height / 2);
  await expect(action(page)).toContainText('Weigh out');
  // The second half of a slow double tap lands on the next stage's button.
  await page.mouse.click(x + width / 2, y + height / 2);
  await expect(action(page)).toContainText('Weigh out');
  await page.getByRole('button', { name: 'Measured' }).click();
  await noteTemperature(page, '12.5');
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now).toContainText('12.5\u00a0°C');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(now).not.toContainText('12.5\u00a0°C');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(action(page)).toContainText('Weigh out');
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect(action(page)).toContainText('Clean');
  expect((await stored(page)).map((event) => event.type)).toEqual([
    'started',
    'done',
    'done',
    'temperature',
    'undone',
    'undone',
    'back',
  ]);
});

/** Two ways of pressing a place of the page, each let go when it is told to. */
const FINGERS = {
  'a mouse': async (page: Page, x: number, y: number) => {
    await page.mouse.move(x, y);
    await page.mouse.down();
    return () => page.mouse.up();
  },
  'a finger': async (page: Page, x: number, y: number) => {
    const touch = await page.context().newCDPSession(page);
    await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [{ x, y }] });
    return () => touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  },
};

for (const [name, press] of Object.entries(FINGERS))
  test(`the page moves while ${name} presses: what was pressed counts, and nothing that came under it`, async ({
    browser,
  }) => {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, hasTouch: true });
    await open(page, '/plan');
    await toThePot(page);
    await page.getByRole('button', { name: 'All clean' }).click();
    const measured = page.getByRole('button', { name: 'Measured' });
    await expect(measured).toBeEnabled();
    const main = (await measured.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
    const undo = await page.getByRole('button', { name: /^Undo/ }).boundingBox();
    const at = { x: main.x + main.width / 2, y: main.y + main.height / 2 };
    const letGo = await press(page, at.x, at.y);
    const byPx = { x: at.x - (undo?.x ?? 0) - 40, y: at.y - (undo?.y ?? 0) - 20 };
    // What stands above the buttons becomes less, and what takes back the last stage slides under the finger.
    await page.getByRole('region', { name: 'Now' }).evaluate((region, by) => {
      region.style.transform = `translate(${by.x}px, ${by.y}px)`;
    }, byPx);
    expect(
      await page.evaluate(({ x, y }) => document.elementFromPoint(x, y)?.closest('button')?.textContent, at),
    ).toContain('Undo');
    await letGo();
    await expect(action(page)).toContainText('Scald');
    expect((await stored(page)).map((event) => event.type)).toEqual(['started', 'done', 'done']);
    await page.close();
  });
