import { expect, test } from '@playwright/test';
import { choose, open, openPlan, pick, product } from './kitchen';

test('a dose in hand is planned as it is, in few actions, and says what it falls short of', async ({
  page,
}) => {
  await openPlan(page, 'Quick stretched ball');
  const acid = page.locator('[data-dose="acid"]');
  const computed = await acid.locator('.figure').first().textContent();
  await page.getByRole('button', { name: /^I have another amount of acid:/ }).click();
  await page.getByRole('button', { name: 'I have another amount of acid', exact: true }).click();
  await page.getByRole('textbox', { name: 'Amount of acid in hand' }).fill('1');
  await page.getByRole('combobox', { name: 'Measure of acid in hand' }).selectOption('tsp');
  await expect(acid).toContainText('1 tsp, as you have it');
  await expect(acid.getByRole('status')).toContainText('short of what this milk takes');
  await page.getByRole('textbox', { name: 'Amount of acid in hand' }).fill('a pinch');
  await expect(acid).toContainText(/is no amount/);
  await page.getByRole('textbox', { name: 'Amount of acid in hand' }).fill('2');
  await page.reload();
  await page.getByRole('button', { name: /^I have another amount of acid:/ }).click();
  await expect(page.getByRole('textbox', { name: 'Amount of acid in hand' })).toHaveValue('2');
  await page.getByRole('button', { name: 'compute it' }).click();
  await expect(acid.locator('.figure').first()).toHaveText(computed ?? '');
});

test('every dose, the pail, the yield and the hours stand in the first view; what warms the pot changes its times, and a bath too cool is said at its field', async ({
  page,
}) => {
  await open(page, '/plan');
  for (const title of ['Ricotta', 'Quick stretched ball', 'Squeaky cheddared curds']) {
    if (title !== 'Ricotta') await choose(page, title);
    await page.evaluate(() => scrollTo(0, 0));
    for (const figure of await page.locator('[data-dose] .figure:first-of-type').all())
      await expect(figure).toBeInViewport();
    await expect(page.getByTestId('yield')).toBeInViewport();
    await expect(page.getByRole('button', { name: 'Take it to the pot' })).toBeInViewport();
  }
  const warm = page
    .getByRole('list', { name: 'Stages' })
    .getByRole('listitem')
    .filter({ hasText: /Bring to/ })
    .first();
  const before = await warm.textContent();
  await pick(page, 'Warmed', 'in a hot sink');
  await expect(warm).not.toHaveText(before ?? '');
  await page.getByRole('textbox', { name: 'Water at', exact: true }).fill('25');
  await expect(page.getByText(/milk in it does not come to/)).toBeVisible();
});

test('what few ask for is folded away, opens with what was said, and press steps are read as typed', async ({
  page,
}) => {
  await openPlan(page, 'Fresh pressed white');
  await page.getByRole('button', { name: 'More: Pressed in steps' }).click();
  await page.getByRole('textbox', { name: 'Pressed in steps' }).fill('14 kg 60 min, 23 kg 30 min');
  await expect(page.getByRole('list', { name: 'Stages' })).toContainText(/then 23\.0.kg for 30.min/);
  await page.getByRole('textbox', { name: 'Pressed in steps' }).fill('heavy');
  await expect(page.getByText(/is no row of loads/)).toBeVisible();
});

test('a plan is laid round the night and a day away, and says so', async ({ page }) => {
  await openPlan(page, 'Goat’s lactic log');
  await page.getByRole('button', { name: /^When/ }).click();
  await page.getByRole('radio', { name: 'ready by' }).click();
  await page.getByLabel('Ready by').fill('2026-11-28T18:00');
  await page.getByRole('checkbox', { name: 'Nobody up at night' }).check();
  await page.getByRole('button', { name: 'I am away for a while' }).click();
  await expect(page.getByRole('list', { name: 'Stages' })).toContainText(/Laid round your hours|Nearest/);
  await expect(page.getByRole('region', { name: 'What becomes of it' })).toContainText(/Start .*, ready /);
});

test('a bottle known by the 1 : 12,000 on its label is dosed by it, and a word in its place is answered', async ({
  page,
}) => {
  await openPlan(page, 'Quick stretched ball');
  const dose = page.locator('[data-dose="coagulant"]');
  await expect(dose).toContainText('mL');
  const mL = async () => Number.parseFloat(/([\d.]+)\s*mL/.exec((await dose.textContent()) ?? '')?.[1] ?? '');
  const usual = await mL();
  await product(page, 'coagulant');
  await page.getByLabel('Known by').selectOption('soxhlet');
  const ratio = page.getByRole('textbox', { name: '1 to', exact: true });
  await ratio.fill('12,000');
  await expect(page.getByRole('dialog')).toContainText('1 : 12000 is about 173 IMCU in a mL');
  // Single strength, 200 IMCU in a mL, is what it was before.
  await expect.poll(async () => (await mL()) / usual).toBeCloseTo(200 / 172.8, 1);
  await ratio.fill('strong');
  await expect(page.getByRole('dialog')).toContainText('"strong" is not a number: give 1000 to 10000000.');
  await page.getByLabel('Coagulant', { exact: true }).selectOption('tablet');
  // A tablet of which nothing is said is the usual one, and that is said.
  await expect(page.getByLabel('Known by')).toHaveValue('nothing');
  await expect(dose).toContainText(/tablet/);
  await page.keyboard.press('Escape');
  await expect(dose.getByRole('status')).toContainText('Nothing is said of how strong these tablets are');
  await product(page, 'coagulant');
  await page.getByLabel('Known by').selectOption('strength');
  await page.getByRole('textbox', { name: 'IMCU a tablet' }).fill('700');
  await expect(dose.getByRole('status')).toHaveCount(0);
  // Salt goes by the spoon as it is ground.
  const salt = page.locator('[data-dose="salt"]');
  const spoons = async () => /^.*? tsp/.exec((await salt.locator('p').first().textContent()) ?? '')?.[0];
  const fine = await spoons();
  await product(page, 'salt');
  await page.getByLabel('Salt is').selectOption('flaked');
  await expect(salt).toContainText('flaked salt');
  expect(await spoons()).not.toBe(fine);
});
