import { expect, test } from '@playwright/test';
import { action, open, openPlan, toPlan, toThePot, type } from './kitchen';

test('pots, rings, moulds and thermometers are listed; wrong figures are answered; a plan names them', async ({
  page,
}) => {
  await open(page, '/kitchen');
  const pots = page.getByRole('region', { name: 'Pots and vats' });
  await pots.getByRole('button', { name: 'A pot' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Holds').fill('a lot');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(sheet.getByRole('alert').first()).toHaveText('Nothing is here yet; give it a name.');
  await expect(sheet.getByRole('alert').nth(1)).toBeVisible();
  await sheet.getByLabel('Name').fill('jam pan');
  await sheet.getByLabel('Holds').fill('2000');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(sheet.getByRole('alert')).toContainText('give 0.50 to 1000\u00a0L');
  await sheet.getByLabel('Holds').fill('4.5');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(pots).toContainText('4.5\u00a0L');

  await page.getByRole('button', { name: 'A thermometer' }).click();
  await sheet.getByLabel('Name').fill('dial');
  await sheet.getByLabel('In ice water').fill('2');
  await sheet.getByLabel('At the boil').fill('102');
  await sheet.getByLabel('Checked on').fill('2026-09-01');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('region', { name: 'Thermometers' })).toContainText(
    'Reads 2.0\u00a0°C too high at 35\u00a0°C, 2.0\u00a0°C too high at 90\u00a0°C. Checked 86 days ago: check it again.',
  );

  await page.getByRole('button', { name: 'A thermometer' }).click();
  await sheet.getByLabel('Name').fill('pen');
  await sheet.getByLabel('In ice water').fill('0');
  await sheet.getByRole('button', { name: 'Keep it' }).click();

  await page.getByRole('button', { name: 'A ring or burner' }).click();
  await sheet.getByLabel('Name').fill('camping ring');
  await sheet.getByLabel('Rated').fill('0.4');
  await sheet.getByRole('button', { name: 'Keep it' }).click();

  await toPlan(page);
  const ready = page.getByRole('region', { name: 'To have ready' });
  await expect(ready).toContainText('yours, the jam pan of 4.5\u00a0L, is too small');
  await type(page, 'Milk', '3');
  await expect(ready).toContainText(': the jam pan');
  await expect(ready).toContainText('the camping ring warms it in 2\u00a0h');
  await expect(ready).toContainText('Check first: dial');
  await toThePot(page);
  await page.getByRole('button', { name: 'All clean' }).click();
  await page.getByRole('button', { name: 'Measured' }).click();
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('your dial shows 92.0\u00a0°C');
  // What is read off it is put right, and stands in the log with what it showed.
  const pad = page.getByRole('form', { name: 'Note a reading' });
  await pad.getByRole('textbox', { name: 'Temperature' }).fill('72');
  await expect(pad.getByRole('radio', { name: 'pen' })).toBeChecked();
  await pad.getByText('dial', { exact: true }).click();
  await expect(pad).toContainText('dial: 72.0\u00a0°C is 70.0\u00a0°C');
  await pad.getByRole('button', { name: 'Note it' }).click();
  const noted = page.getByRole('region', { name: 'Noted last' });
  await expect(noted).toContainText('70.0\u00a0°C, dial 72.0\u00a0°C');
  await expect(pad.getByRole('radio', { name: 'dial' })).toBeChecked();
  // A step goes on from what it showed.
  await pad.getByRole('button', { name: 'plus 1', exact: true }).click();
  await pad.getByRole('button', { name: 'Note it' }).click();
  await expect(noted).toContainText('71.0\u00a0°C, dial 73.0\u00a0°C');
  // So is what is said of a mistake.
  await page.getByRole('button', { name: /reached/ }).click();
  await page.getByRole('button', { name: 'Something went wrong' }).click();
  const mistake = page.getByRole('dialog', { name: 'What went wrong?' });
  await mistake.getByLabel('This').selectOption({ label: 'The milk was too cool for the acid' });
  const at = mistake.getByLabel('At what temperature', { exact: true });
  await at.fill('300');
  await expect(mistake.getByRole('alert')).toContainText('give a number from -5 to 110 °C');
  await at.fill('90');
  await expect(mistake).toContainText('dial: 90.0\u00a0°C is 88.0\u00a0°C');
  await mistake.getByRole('button', { name: 'Write it down' }).click();
  await expect(mistake).toHaveCount(0);

  await page.goto('/kitchen');
  await pots.getByRole('button', { name: 'take off jam pan' }).click();
  await expect(pots).not.toContainText('4.5\u00a0L');
  const putBack = page.getByRole('button', { name: 'Put it back' });
  await expect(putBack).toBeVisible();
  // One comes back from the stove to it.
  await page.clock.fastForward('00:15');
  await putBack.click();
  await expect(pots).toContainText('4.5\u00a0L');
  await page.reload();
  await expect(pots).toContainText('4.5\u00a0L');
});

test('in inches and gallons a mould is what it is in centimetres', async ({ page }) => {
  await open(page, '/kitchen');
  await page.getByRole('radio', { name: 'US gallons, cups' }).click();
  await page.getByRole('button', { name: 'A mould or basket' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Name').fill('hoop');
  await sheet.getByLabel('Across').fill('6');
  await sheet.getByLabel('High').fill('5');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('radio', { name: 'litres' }).click();
  await page.getByRole('button', { name: 'change hoop' }).click();
  await expect(sheet.getByLabel('Across')).toHaveValue('15.24');
  await expect(sheet.getByLabel('High')).toHaveValue('12.7');
});

test('a night colder than the day makes a long set longer; a small make of the day stays as it is', async ({
  page,
}) => {
  await openPlan(page, 'Goat’s lactic log');
  const ready = page.getByText(/^Start now, ready/);
  const before = await ready.textContent();
  await page.goto('/kitchen');
  await page.getByRole('textbox', { name: 'Room by night' }).fill('12');
  await toPlan(page);
  await expect(ready).not.toHaveText(before ?? '');
});

test('two makes that want the same hands are told so, and a second pair of hands ends it', async ({
  page,
}) => {
  await open(page, '/plan');
  await toThePot(page);
  await action(page).waitFor();
  await toPlan(page);
  const twice = page.getByRole('list', { name: 'Both hands wanted twice' });
  await expect(twice).toContainText('wants you for');
  await expect(twice).toContainText('°C');
  await page.goto('/kitchen');
  await page.getByText('°F', { exact: true }).click();
  await toPlan(page);
  await expect(twice).toContainText('°F');
  await expect(twice).not.toContainText('°C');
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Pairs of hands: more' }).click();
  await toPlan(page);
  await expect(page.getByRole('heading', { name: 'To weigh out' })).toBeVisible();
  await expect(twice).toHaveCount(0);
});

test('a kitchen without thermometer and meter is told by finger and taste, and only then', async ({
  page,
}) => {
  await open(page, '/methods/goat-lactic');
  const stages = page.getByRole('list', { name: 'Stages' });
  await expect(stages).toContainText('Without a meter');
  await expect(stages).not.toContainText('Without a thermometer');
  await page.goto('/kitchen');
  await page.getByRole('checkbox', { name: 'A thermometer' }).uncheck();
  await page.getByRole('checkbox', { name: 'A pH meter or strips' }).uncheck();
  await page.goto('/methods/goat-lactic');
  await expect(stages).toContainText('Without a thermometer: cool to a clean finger');
  await expect(stages).toContainText('plainly sour, like yogurt');
  await expect(stages).not.toContainText('Without a meter');
});
