import { expect, test } from '@playwright/test';
import { DEMO } from '../playwright.config';
import { METHODS } from '../src/makes';
import { EVERY_FAMILY } from './families';
import { choice, choose, give, open, openPlan, product, saved, type } from './kitchen';

test('a plan goes out as text, calendar and file, and the file comes back in', async ({ page }) => {
  await openPlan(page, 'Goat’s lactic log');
  await type(page, 'Milk', '6.5');
  await product(page, 'culture');
  await page.getByLabel('Culture is').selectOption('liquid');
  const text = await saved(page, 'As text');
  expect(text).toMatch(/^# Goat’s lactic log/);
  const calendar = await saved(page, 'Into a calendar');
  expect(calendar).toContain('BEGIN:VALARM');
  expect(calendar.match(/BEGIN:VEVENT/g)?.length).toBeGreaterThan(4);
  const file = await saved(page, 'As a file');
  const kg = await page.getByTestId('yield').textContent();
  await choose(page, 'Paneer');
  await type(page, 'Milk', '2');
  await give(page, 'Open a plan or brief', file);
  await expect(page.getByTestId('yield')).toHaveText(kg ?? '');
  await product(page, 'culture');
  await expect(page.getByLabel('Culture is')).toHaveValue('liquid');
});

test('a file that is no plan is answered, and the plan stays', async ({ page }) => {
  await open(page, '/plan');
  const kg = await page.getByTestId('yield').textContent();
  await give(
    page,
    'Open a plan or brief',
    '{"format": "plump-pail/brief", "version": 1, "method": "paneer", "milk": {"species": "camel"}}',
  );
  await expect(page.getByRole('region', { name: 'Out and in' })).toContainText('milk.species');
  await expect(page.getByTestId('yield')).toHaveText(kg ?? '');
});

for (const { family, makes } of EVERY_FAMILY) {
  test(`every make of ${family} prints on one sheet`, async ({ page }) => {
    await open(page, '/plan');
    for (const { title } of makes) {
      await choose(page, title);
      // What goes on paper follows a moment later.
      await expect(page.locator('article.sheet')).toContainText(title);
      for (const format of ['A4', 'Letter']) {
        const pdf = (await page.pdf({ format, preferCSSPageSize: false })).toString('latin1');
        expect(pdf.match(/\/Type\s*\/Page[^s]/g), `${title} on ${format}`).toHaveLength(1);
      }
    }
  });
}

test('what is printed is what stands on the screen, however soon after a key', async ({ page }) => {
  await openPlan(page, 'Paneer');
  const milk = page.getByRole('textbox', { name: 'Milk', exact: true });
  await milk.focus();
  // Within the task of the key itself, which is sooner than anybody can ask for paper.
  await page.evaluate(() => {
    document.addEventListener('input', () =>
      queueMicrotask(() => {
        window.dispatchEvent(new Event('beforeprint'));
        document.title = document.querySelector('article.sheet header')?.textContent ?? '';
      }),
    );
  });
  await milk.press('9');
  await expect(page).toHaveTitle(/Paneer.*kg/);
  expect(await page.title()).toContain((await page.getByTestId('yield').textContent())?.match(/[\d.]+/)?.[0]);
});

test('what if: a plan set aside, the copy changed, the differences told, and the first one back', async ({
  page,
}) => {
  await open(page, '/plan');
  await type(page, 'Milk', '8');
  const first = await page.getByTestId('yield').textContent();
  const panel = page.getByRole('region', { name: 'What if' });
  await panel.getByRole('button', { name: 'twice the milk' }).click();
  await expect(page.getByRole('textbox', { name: 'Milk', exact: true })).toHaveValue('16');
  await expect(panel).toContainText('milk 8 → 16');
  await expect(panel.getByRole('listitem').first()).toContainText('cheese');
  await expect(panel.getByRole('listitem').first()).toContainText('+100');
  await expect(page.getByTestId('ghost')).toBeVisible();
  await page.reload();
  await expect(panel).toContainText('milk 8 → 16');
  await panel.getByRole('button', { name: 'back to the first' }).click();
  await expect(page.getByTestId('yield')).toHaveText(first ?? '');
  await expect(page.getByTestId('ghost')).toHaveCount(0);
});

test('what if of another make: that is told by name, and the first comes back as it was chosen', async ({
  page,
}) => {
  await open(page, '/plan');
  await choose(page, 'Quick stretched ball');
  await type(page, 'Set at', '33');
  const panel = page.getByRole('region', { name: 'What if' });
  await panel.getByRole('button', { name: 'something else' }).click();
  await choose(page, 'Paneer');
  await expect(panel).toContainText('Changed: make Quick stretched ball → Paneer.');
  await panel.getByRole('button', { name: 'back to the first' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Quick stretched ball');
  await expect(page.getByRole('textbox', { name: 'Set at', exact: true })).toHaveValue('33');
});

test('what if, with what was learned of two pots: each plan is held as it stood in its own', async ({
  page,
}) => {
  await page.goto(`${DEMO}/plan`);
  await type(page, 'Milk', '7');
  const scene = page.getByRole('region', { name: 'What becomes of it' });
  await expect(choice(page, 'Made in')).toHaveText('big blue pot');
  await expect(scene).toContainText('Milk in the pot “big blue pot” warms');
  const hours = await scene.getByText('from first warming').locator('strong').first().textContent();
  const panel = page.getByRole('region', { name: 'What if' });
  await panel.getByRole('button', { name: 'twice the milk' }).click();
  await expect(choice(page, 'Made in')).toHaveText('the vat');
  await expect(panel.getByRole('listitem').filter({ hasText: 'hours to ready' })).toContainText(
    `instead of ${hours}`,
  );
  // A pot named with its article has it once.
  await expect(page.getByRole('region', { name: 'In the pail' })).toContainText('in the vat');
  await expect(scene).toContainText('near the boil: the vat');
});

test('what a file calls its things comes out of the exports harmless', async ({ page }) => {
  await open(page, '/methods');
  const paneer = METHODS.find((method) => method.id === 'paneer') as (typeof METHODS)[number];
  const title = '=2*cmd|x # [a](b)';
  await give(page, 'Open a method file', { ...paneer, id: 'odd-one', title });
  await page.waitForURL(/odd-one/);
  await page.goto('/plan');
  await choose(page, title);
  const [text, calendar] = [await saved(page, 'As text'), await saved(page, 'Into a calendar')];
  expect(text.split('\n')[0]).toBe('# \\=2\\*cmd\\|x \\# \\[a\\](b)');
  expect(calendar.match(/BEGIN:VCALENDAR/g)).toHaveLength(1);
  expect(calendar).toContain('SUMMARY:=2*cmd|x # [a](b): ');
});
