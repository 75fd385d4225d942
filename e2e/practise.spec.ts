import { expect, type Page, test } from '@playwright/test';
import { serious } from './axe';
import { open, to } from './kitchen';

const bench = (page: Page) => page.getByRole('region', { name: 'Bench' });
const box = (page: Page, name: string) => bench(page).getByRole('checkbox', { name, exact: true });
const hob = (page: Page, name: string) => bench(page).getByRole('radio', { name, exact: true }).click();
/** Lets time go by until something has to be decided. */
const call = async (page: Page, why: RegExp = /./) => {
  await bench(page).getByRole('button', { name: 'To the next call' }).click();
  await expect(bench(page).getByRole('status')).toHaveText(why);
};
const does = (page: Page, name: string) => bench(page).getByRole('button', { name, exact: true }).click();
/** Ends the stage on the pad. */
async function goesOn(page: Page) {
  const now = page.getByRole('region', { name: 'Now' });
  const before = await now.getByText(/stage \d+ of/).textContent();
  await page.locator('[data-main]').click();
  await expect(now.getByText(/stage \d+ of/)).not.toHaveText(before ?? '');
}
const score = async (page: Page) => Number(await page.getByTestId('score').textContent());

test('a ricotta practised well: by the look of the whey and the thermometer, and worth nearly all of it', async ({
  page,
}) => {
  await open(page, '/practise');
  await page.getByRole('button', { name: 'Ricotta for the towpath: a good pot' }).click();
  await to(page, /Scald/);
  await box(page, 'stir').check();
  await box(page, 'lid').uncheck();
  await hob(page, 'middle');
  await call(page, /nearly at its heat/);
  await call(page, /is due/);
  await hob(page, 'off');
  await box(page, 'stir').uncheck();
  await expect(bench(page).getByTestId('thermometer')).toContainText(/^(89|90)\.\d/);
  expect(await serious(page)).toEqual([]);
  await goesOn(page);

  // Poured on the bench it stands on the pad, which asks for a look.
  const now = page.getByRole('region', { name: 'Now' });
  for (let n = 0; n < 12; n++) {
    await does(page, 'Pour it in');
    await expect(now.getByRole('heading', { level: 1 })).toHaveText(/^Look/);
    await call(page);
    await does(page, 'Look');
    const told = (await bench(page).getByTestId('sensed').textContent()) ?? '';
    const look = /milky|cloudy|clear/.exec(told)?.[0] ?? '';
    await now
      .getByRole('button', { name: new RegExp(`^${look}`, 'i') })
      .first()
      .click();
    await expect(now.getByRole('heading', { level: 1 })).toHaveText(
      look === 'clear' ? /^Clear/ : /^Pour more/,
    );
    if (look === 'clear') break;
  }
  await goesOn(page);
  await call(page, /is due/);
  await goesOn(page);
  await does(page, 'Drain it');
  await call(page, /is due/);
  await goesOn(page);
  await does(page, 'Salt it');
  await goesOn(page);

  // A reload goes on where it stood.
  await page.reload();
  await page.getByRole('button', { name: 'Go on with it' }).click();
  await expect(now).toContainText('stage 8 of 8');
  await page.getByRole('textbox', { name: /^Finished weight/ }).fill('3.4');
  await page.keyboard.press('Enter');
  const after = page.getByRole('region', { name: 'Afterwards' });
  await expect(after).toContainText('where a perfect hand would have had');
  expect(await score(page)).toBeGreaterThanOrEqual(90);
  await expect(after).toContainText('Pot, milk and probe were as they should be.');
  expect(await serious(page)).toEqual([]);

  // Nothing of it is in the book, and nothing of it runs.
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await expect(page.getByRole('main')).not.toContainText('Ricotta for the towpath');
  await page.getByRole('link', { name: 'Pot', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'No make is under way.' })).toBeVisible();
});

test('curds practised badly: cut far too soon, never stirred, and told so with what it cost', async ({
  page,
}) => {
  await open(page, '/practise');
  await page.getByRole('button', { name: 'Curds for the pub: a good pot' }).click();
  await to(page, /Warm/);
  await hob(page, 'middle');
  await call(page);
  await call(page);
  await hob(page, 'off');
  await to(page, /Add culture/);
  await does(page, 'Pour it in');
  await to(page, /Ripen/);
  await call(page, /is due/);
  await to(page, /Coagulant/);
  await does(page, 'Pour it in');
  await goesOn(page);

  // Milk cannot be cut, and nothing is lost by trying.
  await goesOn(page);
  await does(page, 'Cut it');
  await expect(bench(page).getByRole('alert')).toContainText('You cannot cut milk');
  const apart = bench(page).getByRole('textbox', { name: /^Cuts apart/ });
  await apart.fill('wide');
  await does(page, 'Cut it');
  await expect(bench(page).getByRole('alert')).toContainText('not a number');
  await apart.fill('15');
  for (let n = 0; n < 20; n++) {
    await call(page);
    await does(page, 'Cut it');
    if ((await bench(page).getByRole('alert').count()) === 0) break;
  }
  for (let n = 0; n < 12; n++) {
    const main = page.locator('[data-main]');
    if (!(await main.isVisible())) break;
    const draw = bench(page).getByRole('button', { name: /^(Draw the whey off|Drain it)$/ });
    if ((await draw.count()) > 0) await draw.click();
    await goesOn(page);
  }
  await expect(page.getByText(/You went on without/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Finish without weighing' }).click();
  const after = page.getByRole('region', { name: 'Afterwards' });
  await expect(after).toContainText('It was cut before it was firm');
  await expect(after).toContainText(/g less/);
  expect(await score(page)).toBeLessThan(60);
  await expect(after.getByTestId('judged')).toContainText('That is so.');
  await after.getByRole('button', { name: 'This one again, with what you know now' }).click();
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('stage 1 of');
});

test('a plan is practised from the plan, and a trouble is named only afterwards', async ({ page }) => {
  await open(page, '/plan');
  await page.getByRole('button', { name: 'Practise it first' }).click();
  await expect(bench(page)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('Practice of the plan');
  await page.getByRole('button', { name: 'Leave this practice' }).click();
  await expect(page.getByRole('button', { name: 'Go on with it' })).toHaveCount(0);
  await page.getByRole('button', { name: 'The bottle on the windowsill: To the bench' }).click();
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('stage 1 of');
  await expect(page.getByText('half of its strength')).toHaveCount(0);
  await page.getByRole('button', { name: 'Stop here and see what went on' }).click();
  await expect(page.getByText('had half of its strength left')).toBeVisible();
});

test('a probe on the practice pot notes by itself, and without a server', async ({ page, context }) => {
  await open(page, '/practise');
  await page.getByRole('button', { name: 'A white wheel: a good pot' }).click();
  await to(page, /Warm/);
  await context.setOffline(true);
  const probe = page.getByRole('region', { name: 'Probe' });
  await probe.getByRole('button', { name: 'Connect' }).click();
  await hob(page, 'middle');
  await call(page, /nearly at its heat/);
  await expect(probe).toContainText('live, noted by itself');
  await expect(page.getByRole('region', { name: 'Noted last' })).toContainText(/3[12]\.\d/);
  await expect(probe.getByRole('group', { name: 'Pretend pot' })).toHaveCount(0);
  await context.setOffline(false);
});
