import { expect, type Page, test } from '@playwright/test';
import { action, MORNING, noteTemperature, open, stored, toThePot, walkRicotta } from './kitchen';

const timer = (page: Page) => page.getByRole('region', { name: 'Now' }).getByRole('timer');

test('a whole ricotta, from the plan to the book', async ({ page }) => {
  await open(page, '/plan');
  await toThePot(page);
  await expect(action(page)).toContainText('Clean');
  await walkRicotta(page);
  const pad = page.getByRole('form', { name: 'Note a reading' });
  await pad.getByRole('textbox').fill('1,2');
  await pad.getByRole('button', { name: 'Weigh and finish' }).click();
  await page.waitForURL(/\/book\//);
  const out = page.getByRole('region', { name: 'What came out' });
  await expect(out).toContainText('1.20\u00a0kg');
  await expect(out).toContainText(/citric acid used.*\(90\u00a0%\)/);
  await expect(out).toContainText('hottest reading72.0\u00a0°C');
  // A slip at the scale costs nothing.
  await page.getByRole('button', { name: 'Not over yet' }).click();
  await expect(action(page)).toContainText('Weigh it');
  await pad.getByRole('textbox').fill('1.25');
  await pad.getByRole('button', { name: 'Weigh and finish' }).click();
  await expect(out).toContainText('1.25\u00a0kg');
  await page.getByRole('radio', { name: /good/ }).click();
  await page.getByLabel('Taste and texture, in your words').fill('Sweet.');
  await page.getByRole('button', { name: 'Note the taste' }).click();
  await page.clock.fastForward('20:00:00');
  await page.getByRole('radio', { name: /the best/ }).click();
  await page.getByLabel('Taste and texture, in your words').fill('Firmer this morning.');
  await page.getByRole('button', { name: 'Note the taste' }).click();
  const tasted = page.getByRole('region', { name: 'Tasted' });
  await expect(tasted.getByRole('listitem')).toHaveCount(2);
  await expect(tasted).toContainText('20 h after');
});

test('the ramp is told in words from two readings, and what is over is over', async ({ page }) => {
  await open(page, '/plan');
  await toThePot(page);
  await page.getByRole('button', { name: 'All clean' }).click();
  await page.getByRole('button', { name: 'Measured' }).click();
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now).toContainText('Note a temperature.');
  await page.clock.fastForward('10:00');
  await noteTemperature(page, '20');
  await page.clock.fastForward('10:00');
  await noteTemperature(page, '40');
  // 2 °C a minute from 40 °C: 25 minutes more, at 09:45 on this clock.
  await expect(now).toContainText(/At this pace 90\u00a0°C at 09:45, 2.0\u00a0°C a minute/);
  await page.clock.fastForward('20:00');
  await noteTemperature(page, '89');
  await expect(now).toContainText('Turn the heat off now.');
  await noteTemperature(page, '97');
  await expect(now).toContainText(/7.0\u00a0°C over/);
});

test('held-back acid comes in portions until the whey is clear, and beyond the plan only in small ones', async ({
  page,
}) => {
  await open(page, '/plan');
  await toThePot(page);
  for (const button of ['All clean', 'Measured', /reached/])
    await page.getByRole('button', { name: button }).click();
  await expect(page.getByRole('button', { name: 'On to the rest' })).toHaveCount(0);
  const poured = page.getByRole('button', { name: /^Poured/ });
  const shares: number[] = [];
  for (let i = 0; i < 6; i++) {
    await poured.click();
    await expect(action(page)).toContainText('Look');
    shares.push(
      Number(
        /(\d+)\u00a0% of the planned/.exec(
          (await page.getByRole('region', { name: 'Now' }).textContent()) ?? '',
        )?.[1],
      ),
    );
    await page.getByRole('button', { name: /^milky/ }).click();
    await expect(action(page)).toContainText('Pour more');
  }
  expect(shares).toEqual([85, 90, 95, 100, 105, 110]);
  await page.getByRole('button', { name: 'Other amount' }).click();
  await page.getByLabel('Amount of acid that went in').fill('0,1');
  await page.getByLabel('Measure of acid that went in').selectOption('tsp');
  await page.getByRole('button', { name: 'It is in' }).click();
  await page.getByRole('button', { name: /^clear/ }).click();
  await expect(page.getByRole('button', { name: 'On to the rest' })).toBeEnabled();
});

test('closing the tab and coming back stands at the same stage with the right time left', async ({
  page,
  context,
}) => {
  await open(page, '/plan');
  await toThePot(page);
  await page.getByRole('button', { name: 'All clean' }).click();
  await page.getByRole('button', { name: 'Measured' }).click();
  await page.getByRole('button', { name: /reached/ }).click();
  await page.getByRole('button', { name: /^Poured/ }).click();
  await page.getByRole('button', { name: /^clear/ }).click();
  await page.getByRole('button', { name: 'On to the rest' }).click();
  await expect(timer(page)).toContainText(/1[12]:\d\d/);
  const events = await stored(page);
  const entered = (events.at(-1) as unknown as { at: number }).at;
  await page.close();
  const again = await context.newPage();
  await again.clock.setFixedTime(new Date(entered + 5 * 60_000));
  await again.goto('/pot');
  await expect(action(again)).toContainText('Let it rest');
  await expect(timer(again)).toContainText('7:00');
  await again.clock.setFixedTime(new Date(entered + 13.5 * 60_000));
  await again.reload();
  await expect(timer(again)).toContainText('+1:30');
});

test('two windows on one make agree and never fork it', async ({ page, context }) => {
  await open(page, '/plan');
  await toThePot(page);
  const second = await context.newPage();
  await second.goto(page.url());
  await expect(action(second)).toContainText('Clean');
  const tap = (window: Page) =>
    window.getByRole('button', { name: 'All clean' }).evaluateAll((buttons) => {
      // None where the other window was faster.
      for (const button of buttons) (button as HTMLButtonElement).click();
    });
  await Promise.all([tap(page), tap(second)]);
  await expect(action(page)).toContainText('Weigh out');
  await expect(action(second)).toContainText('Weigh out');
  const events = await stored(page);
  expect(events.map((event) => event.seq)).toEqual(events.map((_, i) => i));
  expect(events.filter((event) => event.type === 'done')).toHaveLength(1);
});

test('wet hands on every screen: sizes and distances', async ({ page }) => {
  await open(page, '/plan', MORNING);
  await toThePot(page);
  const check = async () => {
    const caps = await page.locator('[data-big]').evaluateAll((texts) =>
      texts.map((text) => {
        const style = getComputedStyle(text);
        const pen = document.createElement('canvas').getContext('2d') as CanvasRenderingContext2D;
        pen.font = `${style.fontWeight} ${style.fontSize} ${style.fontFamily}`;
        return pen.measureText('H').actualBoundingBoxAscent;
      }),
    );
    expect(caps.length).toBeGreaterThanOrEqual(2);
    // 12 mm at 96 px an inch.
    for (const cap of caps) expect(cap).toBeGreaterThanOrEqual((12 / 25.4) * 96);
    const buttons = page.getByRole('region', { name: 'Now' }).locator('button:not(.underline)');
    const boxes = await buttons.evaluateAll((all) =>
      all.map((button) => button.getBoundingClientRect()).filter(({ width }) => width > 0),
    );
    for (const box of boxes) expect(box.height).toBeGreaterThanOrEqual(72);
    for (const [i, a] of boxes.entries()) {
      for (const b of boxes.slice(i + 1)) {
        const across = Math.max(b.x - (a.x + a.width), a.x - (b.x + b.width));
        const down = Math.max(b.y - (a.y + a.height), a.y - (b.y + b.height));
        expect(Math.max(across, down)).toBeGreaterThanOrEqual(15.5);
      }
    }
  };
  const onEveryScreen = async () => {
    for (const viewport of [
      { width: 820, height: 1180 },
      { width: 390, height: 844 },
      { width: 1280, height: 800 },
    ]) {
      await page.setViewportSize(viewport);
      await expect
        .poll(() => page.evaluate(() => document.documentElement.scrollWidth))
        .toBeLessThanOrEqual(viewport.width);
      // On a phone the pad's keys are folded until it is touched.
      await expect(page.getByRole('button', { name: 'decimal mark' })).toHaveCount(
        viewport.width === 390 ? 0 : 1,
      );
      await check();
    }
  };
  await onEveryScreen();
  for (const button of ['All clean', 'Measured', /reached/]) {
    await page.getByRole('button', { name: button }).click();
    // The next stage has buttons of its own: those are the ones to measure.
    await expect(page.getByRole('button', { name: button })).toHaveCount(0);
    await onEveryScreen();
  }
  await page.getByRole('button', { name: /^Poured/ }).click();
  await expect(action(page)).toContainText('Look');
  await page.setViewportSize({ width: 390, height: 844 });
  // Opened afresh on a phone, too.
  await page.reload();
  await expect(action(page)).toContainText('Look');
  await check();
  await onEveryScreen();
});

test('the day line follows the make on every view', async ({ page }) => {
  await open(page, '/plan');
  await toThePot(page);
  for (const view of ['Plan', 'Book', 'Kitchen', 'Pot']) {
    await page.getByRole('navigation', { name: 'Ways around' }).getByRole('link', { name: view }).click();
    await expect(page.getByRole('navigation', { name: /Day line/ }).getByRole('link')).toContainText(
      /Ricotta · clean · [78]:\d\d/,
    );
  }
});
